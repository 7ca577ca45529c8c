package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.OutlineEffect;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Fade;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.project.Project;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;

/** Teeth and effects in a design that is written by hand. */
class SurfaceFileTest {

    private static final String TOOTH = "\"family\": \"tooth\", \"tooth\": \"felt\", \"sizeMm\": 3, \"inks\": [\"A\"]";

    @TempDir
    private Path folder;

    private Layer read(String structure, String effects) throws IOException {
        Path file = folder.resolve("hand.json");
        Files.writeString(file, """
                {"name": "Plain", "cell": {"widthMm": 30, "heightMm": 20},
                 "layers": [{"structure": {%s}, "effects": [%s]}],
                 "palette": {"slots": ["A"], "colourways": [{"name": "One", "colours": {"A": "#102030"}}]}}
                """.formatted(structure, effects));
        return ProjectFile.read(file).designs().getFirst().layers().getFirst();
    }

    @Test
    void whatIsLeftOutIsAsTheKindBegins() throws IOException {
        Tooth tooth = (Tooth) read(TOOTH, "").structure();
        assertThat(tooth).isEqualTo(new Tooth(ToothForm.of(ToothKind.FELT, 3), tooth.inks(), false));
        Layer layer = read(TOOTH, """
                {"kind": "cast-shadow", "lengthMm": 2}, {"kind": "relief", "heightMm": 1},
                {"kind": "outline", "widthMm": 0.4, "ink": "A"}, {"kind": "tooth", "tooth": "slub", "sizeMm": 9}""");
        assertThat(layer.effects()).containsExactly(
                new OutlineEffect(0.4, OutlineEffect.Side.MIDDLE, Ink.slot("A")), Relief.fresh().withHeightMm(1),
                new ToothWear(ToothForm.of(ToothKind.SLUB, 9)), new CastShadow(2, 135, 0, 0.5, Ink.CLEAR));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"felt\"|\"grain\"|is no kind of tooth", "3,|0,|size of a tooth 0 mm",
            "3,|3, \"amount\": 1.5,|amount of a tooth 150 %", "[\"A\"]|[]|inks of a tooth",
            "[\"A\"]|[\"B\"]|B", "3,|3, \"sise\": 4,|has \"sise\"", "3,|\"much\",|should be a number",
            "3,|3, \"seed\": 1.5,|seed"})
    void aFaultOfAToothIsToldWithItsPlaceAndValue(String from, String to, String told) {
        assertThat(TOOTH).contains(from);
        assertThatThrownBy(() -> read(TOOTH.replace(from, to), "")).isInstanceOf(Refusal.class)
                .hasMessageContaining(told).hasMessageStartingWith("hand.json");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"{\"kind\": \"bevel\"}|\"bevel\", an effect this version does not know",
            "{\"kind\": \"outline\", \"widthMm\": 1, \"side\": \"left\"}|inside, middle and outside are",
            "{\"kind\": \"outline\", \"widthMm\": -1}|width of an outline -1 mm",
            "{\"kind\": \"relief\", \"heightMm\": 1, \"elevationDeg\": 1}|elevation of the light 1",
            "{\"kind\": \"tooth\", \"tooth\": \"glitter\", \"sizeMm\": 1}|glitter does not wear marks",
            "{\"kind\": \"blur\", \"spreadMm\": 1, \"x\": 2}|has \"x\"",
            "{\"kind\": \"break-up\", \"shiftMm\": 1}|heightMm",
            "{\"kind\": \"cast-shadow\", \"lengthMm\": 1, \"ink\": \"B\"}|B",
            "{\"kind\": \"blur\", \"spreadMm\": 1}, {\"kind\": \"blur\", \"spreadMm\": 2}|two effects are of the kind blur"})
    void aFaultOfAnEffectIsToldWithItsPlaceAndValue(String effects, String told) {
        assertThatThrownBy(() -> read(TOOTH, effects)).isInstanceOf(Refusal.class).hasMessageContaining(told)
                .hasMessageStartingWith("hand.json");
    }

    private static final String GRADIENT = """
            {"name": "Dusk", "gradient": {"across": "line", "kind": "round", "from": [0.5, 0.25], "to": [1, 0],
             "back": true, "stops": [{"place": 1, "ink": "A", "opacity": 0.5}, {"place": 0.2, "ink": null}]}}""";

    private Project withFills(String fills) throws IOException {
        Path file = folder.resolve("hand.json");
        Files.writeString(file, """
                {"name": "Plain", "cell": {"widthMm": 30, "heightMm": 20}, "ground": {"fill": "Dusk"}, "fills": [%s],
                 "palette": {"slots": ["A"], "colourways": [{"name": "One", "colours": {"A": "#102030"}}]}}
                """.formatted(fills));
        return ProjectFile.read(file);
    }

    @Test
    void aGradientComesBackAsItWasWrittenAndSaved() throws IOException {
        Project read = withFills(GRADIENT);
        Fill.OfGradient gradient = read.designs().getFirst().fills().getFirst().gradient().orElseThrow();
        assertThat(gradient).isEqualTo(new Fill.OfGradient(new Course(Course.Kind.ROUND, 0.5, 0.25, 1, 0, true),
                Fill.Across.LINE,
                List.of(new Gradient.Stop(0.2, Ink.CLEAR, 1), new Gradient.Stop(1, Ink.slot("A"), 0.5))));
        Path saved = folder.resolve("saved.vatwright");
        ProjectFile.write(read, saved);
        assertThat(ProjectFile.read(saved)).isEqualTo(read);
    }

    @Test
    void aShippedTextureIsCalledByItsName() throws IOException {
        Fill fill = withFills("{\"name\": \"Dusk\", \"texture\": \"worn paint\"}").designs().getFirst().fills()
                .getFirst();
        assertThat(fill.source()).isInstanceOfSatisfying(Fill.OfPicture.class, of -> {
            assertThat(of.widthMm()).isBetween(59.9, 60.1);
            assertThat(of.picture().provenance().terms()).isEqualTo("free to use");
        });
        assertThatThrownBy(() -> withFills("{\"name\": \"Dusk\", \"texture\": \"velvet\"}"))
                .isInstanceOf(Refusal.class).hasMessageContaining("foil, worn paint, stone are");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"line\"|\"hem\"|hem", "\"round\"|\"square\"|square",
            "[0.5, 0.25]|[0.5]|two numbers", "[1, 0]|[0.5, 0.25]|same place", "[1, 0]|[90, 0]|9000 %",
            "\"A\"|\"B\"|there is no slot B", "\"A\"|{\"fill\": \"Dusk\"}|Dusk is a fill",
            "\"place\": 1|\"place\": 1.2|120 %", "\"back\"|\"forth\"|has \"forth\"",
            ", {\"place\": 0.2, \"ink\": null}| |inks of a gradient"})
    void aFaultOfAGradientIsToldWithItsPlaceAndValue(String from, String to, String told) {
        assertThat(GRADIENT).contains(from);
        assertThatThrownBy(() -> withFills(GRADIENT.replace(from, to == null ? "" : to))).isInstanceOf(Refusal.class)
                .hasMessageContaining(told).hasMessageStartingWith("hand.json");
    }

    private static final String LAYERS = """
            {"id": 4, "structure": {"family": "tooth", "tooth": "felt", "sizeMm": 3, "inks": ["A"]}},
            {"shows": "outside-below", "of": 4, "fade": {"kind": "radial", "from": [0.5, 0.5], "to": [1, 0.5], "shows": [1, 0.2]},
             "structure": {"family": "together", "layers": [
               {"opacity": 0.5, "structure": {"family": "tooth", "tooth": "slub", "sizeMm": 5, "inks": ["A"]}},
               {"shows": "marks-below", "structure": {"family": "tooth", "tooth": "fine", "sizeMm": 1, "inks": [null]}}]}}""";

    private Project withLayers(String layers) throws IOException {
        Path file = folder.resolve("hand.json");
        Files.writeString(file, """
                {"name": "Plain", "cell": {"widthMm": 30, "heightMm": 20}, "layers": [%s],
                 "palette": {"slots": ["A"], "colourways": [{"name": "One", "colours": {"A": "#102030"}}]}}
                """.formatted(layers));
        return ProjectFile.read(file);
    }

    @Test
    void fadesAndLayersTakenTogetherComeBackAsTheyWereWrittenAndSaved() throws IOException {
        Project read = withLayers(LAYERS);
        Layer layer = read.designs().getFirst().layers().getLast();
        assertThat(layer.shows()).isEqualTo(new Shows.InMarks(4, true));
        assertThat(layer.fade())
                .contains(new Fade(new Course(Course.Kind.RADIAL, 0.5, 0.5, 1, 0.5), 1, 0.2));
        assertThat(layer.structure()).isInstanceOfSatisfying(Together.class, t -> {
            assertThat(t.layers()).extracting(Layer::id).containsExactly(1, 2);
            assertThat(t.layers().getFirst().opacity()).isEqualTo(0.5);
            assertThat(t.layers().getLast().shows()).isEqualTo(Shows.IN_MARKS_BELOW);
            assertThat(t.inks()).containsExactly(Ink.slot("A"), Ink.CLEAR);
        });
        Path saved = folder.resolve("saved.vatwright");
        ProjectFile.write(read, saved);
        assertThat(ProjectFile.read(saved)).isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "\"outside-below\"|\"beside\"|\"everywhere\", \"marks-below\" or \"outside-below\"",
            "\"of\": 4|\"of\": -4|numbers begin at 1", "\"of\": 4|\"of\": 4.5|of", "[1, 0.2]|[1]|two numbers",
            "[1, 0.2]|[1, 2]|200 %", "\"radial\"|\"oval\"|oval", "\"layers\"|\"leaves\"|has \"leaves\"",
            "\"sizeMm\": 5|\"sizeMm\": 0|size of a tooth 0 mm"})
    void aFaultOfAFadeOrOfLayersTogetherIsToldWithItsPlaceAndValue(String from, String to, String told) {
        assertThat(LAYERS).contains(from);
        assertThatThrownBy(() -> withLayers(LAYERS.replace(from, to))).isInstanceOf(Refusal.class)
                .hasMessageContaining(told).hasMessageStartingWith("hand.json");
    }
}
