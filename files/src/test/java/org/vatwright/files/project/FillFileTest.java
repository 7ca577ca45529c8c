package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.Making;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.Demos;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.picture.Pictures;

/** Designs within designs and pictures, in project files. */
class FillFileTest {

    private static final Raster LEAF = new Raster(2, 2, new int[]{0xFF102030, 0, 0x80402010, 0xFFFFFFFF});

    @TempDir
    private Path folder;

    private static Project nested() {
        Project demo = Demos.withoutPictures();
        Design wake = demo.design(new Id("wake")).orElseThrow();
        return demo.edit(new Id("buoys"), d -> d.withRepeat(d.repeat().withCells(3, 2)).addFill(Fill.of("Sea", wake)
                .withScale(0.5, 0.75).withTurnDeg(30).withStart(3, -4).withFollows(false))
                .addFill(new Fill("Foil", new Fill.OfPicture(new Picture(LEAF, 150))).withAnew(true))
                .addFill(new Fill("Night", new Fill.OfDesign(wake, Optional.of(wake.palette().first().name())))));
    }

    @Test
    void howAPictureIsMadeAndItsInksStandInTheFile() {
        Raster sail = new Raster(8, 6);
        java.util.Arrays.fill(sail.argb(), 0xFFC8A060);
        Project project = nested().edit(new Id("buoys"), d -> d.addFill(new Fill("Sail", new Fill.OfPicture(
                new Picture(sail, 150), new CutOut(0.125, 0, 1, 0.9),
                Optional.of(new Making(Making.Way.FADE, 0.07, 0.3)),
                List.of(new Fill.Reduced(Rgb.parse("#c8a060"), Ink.slot(d.palette().slots().getFirst())),
                        new Fill.Reduced(Rgb.parse("#102030"), Ink.CLEAR))))));
        Path file = folder.resolve("made.vatwright");
        ProjectFile.write(project, file);
        assertThat(ProjectFile.read(file)).isEqualTo(project);
        Design alone = project.design(new Id("buoys")).orElseThrow();
        String slot = alone.palette().slots().getFirst();
        assertThat(alone.renameSlot(slot, "Sailcloth").fills().getLast().inks())
                .containsExactly(Ink.slot("Sailcloth"), Ink.CLEAR);
        assertThat(new String(ProjectFile.designJson(alone), StandardCharsets.UTF_8)).contains("\"way\" : \"fade\"");
    }

    /** Each design is filled by two of the one before: as many ways down as two to the power of the depth. */
    private static Project twoByTwo(int depth) {
        Project project = Project.empty("Decks");
        Design below = DemoCommission.load().design(new Id("wake")).orElseThrow();
        project = project.addDesign(below);
        for (int i = 0; i < depth; i++) {
            Design next = below.with().id(new Id("deck-" + i)).name("Deck " + i).fills(java.util.List.of()).build()
                    .addFill(Fill.of("Port", below)).addFill(Fill.of("Starboard", below));
            project = project.addDesign(next);
            below = project.design(new Id("deck-" + i)).orElseThrow();
        }
        return project;
    }

    @Test
    void designsNestedTwoByTwoAreComparedInNoTime() {
        Project project = twoByTwo(40);
        Path file = folder.resolve("decks.vatwright");
        ProjectFile.write(project, file);
        Project read = ProjectFile.read(file);
        assertThat(read).isEqualTo(project);
        assertThat(read.hashCode()).isEqualTo(project.hashCode());
        Project other = read.edit(new Id("wake"), d -> d.withName("Another wake"));
        assertThat(other.design(new Id("deck-39"))).isNotEqualTo(project.design(new Id("deck-39")));
    }

    @Test
    void picturesAreLimitedTogether() throws IOException {
        Raster raster = new Raster(300, 200);
        Project project = Demos.withoutPictures();
        for (String id : new String[]{"wake", "buoys", "terns"}) {
            Raster own = new Raster(300, 200);
            own.argb()[0] = 0xFF000000 | id.hashCode();
            project = project.edit(new Id(id),
                    d -> d.addFill(new Fill("Foil", new Fill.OfPicture(new Picture(own, 150)))));
        }
        assertThat(project.picturePixels()).isEqualTo(3 * 60_000);
        Path file = folder.resolve("pictures.vatwright");
        ProjectFile.write(project, file);
        Limits wide = Limits.STANDARD;
        assertThat(ProjectFile.read(file, limited(wide, 60_000, 180_000))).isEqualTo(project);
        assertThatThrownBy(() -> ProjectFile.read(file, limited(wide, 60_000, 179_999))).isInstanceOf(Refusal.class)
                .hasMessageContaining("179,999 pixels together");
        assertThatThrownBy(() -> ProjectFile.read(file, limited(wide, 59_999, 500_000))).isInstanceOf(Refusal.class)
                .hasMessageContaining("claims 300 x 200 pixels").hasMessageContaining("59,999");
        assertThat(Limits.with(512L << 20).picturesPx()).as("of half a gigabyte").isBetween(30_000_000L, 60_000_000L);
    }

    private static Limits limited(Limits limits, long picturePx, long picturesPx) {
        return new Limits(limits.fileBytes(), limits.entries(), limits.depth(), limits.elements(), picturePx,
                picturesPx,
                limits.pictureBytes());
    }

    @Test
    void whatIsWrittenByHandWithoutIdsGetsTheSameEachTime() throws IOException {
        String json = new String(ProjectFile.designJson(nested().design(new Id("buoys")).orElseThrow()),
                StandardCharsets.UTF_8).replaceAll("\"id\" ?: ?\"[^\"]*\",", "");
        Path file = Files.writeString(folder.resolve("by-hand.json"), json);
        Project once = ProjectFile.read(file);
        assertThat(ProjectFile.read(file)).isEqualTo(once);
        Path other = Files.writeString(folder.resolve("other.json"), json.replace("Buoys", "Bells"));
        assertThat(ProjectFile.read(other).designs().getFirst().id())
                .isNotEqualTo(once.designs().getFirst().id());
    }

    @Test
    void whatRestsInAStructureIsKept() {
        Project demo = Demos.withoutPictures();
        Project project = demo.edit(new Id("quay"), d -> d.withLayers(d.layers().stream()
                .map(l -> l.structure() instanceof Blocks blocks
                        ? l.withStructure(blocks.withInking(new Inking(Inking.Way.BY_TURN, blocks.inking().inks(),
                                blocks.inking().inks().stream().map(i -> 6.0).toList())))
                        : l)
                .toList()));
        assertThat(project).isNotEqualTo(demo);
        Path file = folder.resolve("quay.vatwright");
        ProjectFile.write(project, file);
        assertThat(ProjectFile.read(file)).isEqualTo(project);
    }

    @Test
    void comeBackEqualAndLinkedWhateverTheirOrder() {
        Project project = nested();
        Project turned = project.withDesigns(project.designs().reversed());
        for (Project each : new Project[]{project, turned}) {
            Path file = folder.resolve("nested.vatwright");
            ProjectFile.write(each, file);
            Project read = ProjectFile.read(file);
            assertThat(read).isEqualTo(each);
            assertThat(read.design(new Id("buoys")).orElseThrow().fills().getFirst().design().orElseThrow())
                    .isSameAs(read.design(new Id("wake")).orElseThrow());
        }
        // A design that stands alone carries what lies in it.
        Design buoys = project.design(new Id("buoys")).orElseThrow();
        assertThat(ProjectFile.readDesign(ProjectFile.designJson(buoys), "b.json", name -> null)).isEqualTo(buoys);
    }

    @Test
    void circlesAndNamesOfNothingAreToldAtTheirPlace() throws Exception {
        String one = """
                {"name": "%s", "cell": {"widthMm": 10, "heightMm": 10}, "ground": "A",
                 "palette": {"slots": ["A"], "colourways": [{"name": "One", "colours": {"A": "#112233"}}]},
                 "fills": [{"name": "F", "design": "%s"}]}""";
        String text = "{\"format\": \"vatwright-project\", \"version\": 1, \"name\": \"P\", \"designs\": [%s, %s, %s]}";
        Path file = folder.resolve("circle.json");
        Files.writeString(file, text.formatted(one.formatted("Rope", "Sail"), one.formatted("Sail", "Mast"),
                one.formatted("Mast", "Rope")), StandardCharsets.UTF_8);
        assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("Rope in Mast in Sail in Rope");
        Files.writeString(file, text.formatted(one.formatted("Rope", "Sail"), one.formatted("Sail", "Gone"),
                one.formatted("Mast", "Rope")), StandardCharsets.UTF_8);
        assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("fills[0].design is \"Gone\"");
        Files.writeString(file, text.formatted(one.formatted("Rope", "Sail").replace("\"design\": \"Sail\"",
                "\"picture\": {\"png\": \"iVBORw0\"}"), one.formatted("Sail", "Rope"), one.formatted("Mast", "Rope")));
        assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("fills[0].picture");
    }

    @Test
    void aPictureComesInWithItsTrueSizeAndItsOpenPartsOpen() {
        Path file = folder.resolve("leaf.png");
        PictureWriter.write(LEAF, new Density(254), Output.Format.PNG, 90, file);
        Picture read = Pictures.sized(file, Limits.STANDARD);
        assertThat(read.dpi()).isEqualTo(254);
        assertThat(read.widthMm()).isEqualTo(0.2, org.assertj.core.api.Assertions.within(1e-12));
        assertThat(read.raster().argb()).isEqualTo(LEAF.argb());
    }
}
