package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.drape.Along;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.Round;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Callout;
import org.vatwright.core.dress.Fade;
import org.vatwright.core.dress.Finishes;
import org.vatwright.core.dress.Ground;
import org.vatwright.core.dress.Trim;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.core.dress.Backing;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Pair;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.files.demo.DemoCommission;

/** All that a piece wears, and all that a flat is, written and read again. */
class DressingFileTest {

    @TempDir
    private Path folder;

    private static Place place(Random random) {
        return new Place(random.nextDouble() * 300 - 20, random.nextDouble() * 300 - 20);
    }

    private static Drape drape(Random random, int kind) {
        Box box = new Box(random.nextDouble() * 10, 5, 100 + random.nextDouble(), 80);
        return switch (kind) {
            case 0 -> Mesh.of(box, 1 + random.nextInt(6), 1 + random.nextInt(6));
            case 1 -> {
                Mesh mesh = Mesh.of(box, 2, 3);
                List<Place> points = new ArrayList<>();
                mesh.points().forEach(p -> points.add(p.moved(random.nextDouble(), random.nextGaussian())));
                yield mesh.withPoints(points).withPins(Set.of(0, 5, 11));
            }
            case 2 -> new Panel(box, List.of(new Place(10, 12 + random.nextDouble()), new Place(90, 20),
                    new Place(95, 80), new Place(5, 70)));
            case 3 -> new Round(place(random), place(random), 10 + random.nextDouble(), 20, 150, -3.5);
            default -> new Along(List.of(place(random), place(random), place(random)), 40 + random.nextDouble());
        };
    }

    private static Dressing dressing(Random random, int kind) {
        Lay lay = new Lay(new Id("gangway"), "Morning").with().scale(0.1 + random.nextDouble()).grainDeg(-33.25)
                .startX(random.nextGaussian()).shearDeg(kind * 4).flipped(kind % 2 == 0).opacity(0.75)
                .mode(BlendMode.MULTIPLY).together(kind == 1)
                .fade(kind == 0
                        ? Optional.empty()
                        : Optional.of(new Fade(Fade.Way.values()[kind % 2], place(random), place(random))))
                .build();
        List<Print> prints = kind < 3
                ? List.of()
                : List.of(new Print(new Id("terns"), "Fog", 2, 3, true, random.nextDouble(), 7, 0.3, -12.5, 0.9),
                        Print.whole(DemoCommission.load().designs().getFirst(), "Morning", 5, 6));
        return new Dressing(kind == 4 ? Optional.empty() : Optional.of(lay), Optional.of(drape(random, kind)),
                kind * 0.2, kind * 0.1, prints, kind % 2 == 0
                        ? List.of()
                        : List.of(Stitching.fresh(Stitching.Kind.BLANKET, new Rgb(kind, 2, 3)),
                                new Stitching(Stitching.Kind.ZIGZAG, -random.nextDouble(), 3, 1.5, -20, 2, 4.5,
                                        new Rgb(200, 10, kind), 0.7, 0.25,
                                        Optional.of(Outline.parse("M 1 2 L 30 4.5")))),
                kind == 0 ? List.of() : effects(random));
    }

    private static List<Effect> effects(Random random) {
        return List.of(new Blur(random.nextDouble()), Relief.fresh().withHeightMm(random.nextDouble()),
                new ToothWear(ToothForm.of(ToothKind.PAPER, 2).withAmount(random.nextDouble())),
                new CastShadow(3, 120, random.nextDouble(), 0.5, Finishes.ink(new Rgb(1, 2, 3))),
                new Halo(false, 2, random.nextDouble(), true, Finishes.ink(new Rgb(250, 2, 3))));
    }

    private static Whole whole(Random random, int round) {
        Lay lay = new Lay(new Id("gangway"), "Morning").withGrainDeg(random.nextDouble());
        List<ShadeStroke> shades = new ArrayList<>();
        List<Confine> limits = List.of(Confine.FREE, new Confine.OfPiece(new Id("piece-1"), true),
                new Confine.OfPiece(new Id("piece-2"), false),
                new Confine.OfPath(Outline.of(new Rectangle2D.Double(1, 2, 30, random.nextDouble())), true));
        for (ShadeStroke.Kind kind : ShadeStroke.Kind.values()) {
            shades.add(new ShadeStroke(kind, List.of(place(random), place(random)), 5 + random.nextDouble(),
                    random.nextDouble(), random.nextDouble(), limits.get(kind.ordinal() % 4), kind.ordinal() == 2));
        }
        Pen border = new Pen(new Rgb(9, 9, round), 0.5);
        return new Whole(
                round == 0 ? Ground.CLEAR : round == 1 ? new Ground.OneInk(new Rgb(1, 2, 3)) : new Ground.OfDesign(lay),
                round == 2 ? List.of() : effects(random), shades, 0.5 + random.nextDouble(),
                List.of(new Callout(Callout.Form.ROUND, place(random), place(random), 40 + random.nextDouble(), 2.5,
                        border, true, "the hem", false),
                        new Callout(Callout.Form.SQUARE, place(random), place(random), 40, 0.5, border, false, "",
                                true)),
                List.of(trim(random, true), trim(random, false)));
    }

    private static Trim trim(Random random, boolean onPiece) {
        Print figure = Print.whole(DemoCommission.load().designs().getFirst(), "Morning", 5, 6);
        return new Trim(onPiece ? Optional.of(new Id("piece-2")) : Optional.empty(),
                onPiece ? Optional.empty() : Optional.of(Outline.parse("M 1 2 L 30 4 L 5 50")), figure,
                onPiece ? Optional.of(figure.withScale(random.nextDouble() + 0.5)) : Optional.empty(),
                new TrimForm(random.nextDouble(), 12.5, TrimForm.Corner.values()[random.nextInt(3)], onPiece, 3, 0.2,
                        random.nextDouble() * 0.9, 77, 2, 0.25, !onPiece,
                        Map.of(3, new TrimForm.Touch(1.5, 0.5, false), 7, new TrimForm.Touch(0, 1, true))));
    }

    @Test
    void everyDressingComesBackToTheLastBit() {
        Random random = new Random(6);
        for (int round = 0; round < 6; round++) {
            List<Piece> pieces = new ArrayList<>();
            Map<Id, Dressing> worn = new TreeMap<>();
            for (int kind = 0; kind < 5; kind++) {
                Id id = new Id("piece-" + kind);
                pieces.add(new Piece(id, "piece " + kind,
                        Outline.of(new Rectangle2D.Double(random.nextDouble(), 3, 50, 40)),
                        kind < 2
                                ? Optional.empty()
                                : Optional.of(new Pen(new Rgb(9, 8, kind), 0.5 + random.nextDouble(),
                                        kind == 2 ? List.of() : List.of(2.5, random.nextDouble() + 0.1),
                                        Pen.Side.values()[kind - 2])),
                        kind == 0 ? Optional.of(new Rgb(1, 200, 3)) : Optional.empty(), kind == 1,
                        kind == 2, kind == 3 ? random.nextGaussian() : 0, kind * 1.5));
                worn.put(id, dressing(random, kind));
            }
            Raster photo = new Raster(6, 4);
            photo.argb()[5] = 0xFF123456;
            Article.Flat flat = new Article.Flat(new Id("flat"), "Flat", 300, 200, pieces, List.of(),
                    Optional.of(new Backing(new Picture(photo, 20), round % 2 == 0, 0.4)),
                    List.of(new Pair(pieces.get(0).id(), pieces.get(1).id(), round % 2 == 1)),
                    List.of(new Seam(new Seam.Edge(pieces.get(0).id(), 0.1, 0.35, true),
                            new Seam.Edge(pieces.get(2).id(), 0.9, 0.2, false), List.of(new Seam.Notch(0.25, 0.5)),
                            false,
                            Seam.Meets.LEVEL), Seam.laidOn(pieces.get(3).id(), pieces.get(4).id())),
                    new Dressings(worn, whole(random, round)));
            Project project = DemoCommission.load().withArticles(List.of(flat));
            project = project.withJobs(List.of());
            Path file = folder.resolve("round-" + round + ".vatwright");
            ProjectFile.write(project, file);
            assertThat(ProjectFile.read(file)).isEqualTo(project);
        }
    }

    private static final String DRAPE = "\"kind\": \"mesh\", \"cloth\": [0, 0, 10, 10], \"columns\": 1, \"rows\": 1, "
            + "\"points\": [[0, 0], [10, 0], [0, 10], [10, 10]]";

    private Project read(String worn, String more) throws IOException {
        Path file = folder.resolve("hand.json");
        Files.writeString(file, """
                {"format": "vatwright-project", "version": 2, "name": "Hand", "designs": [], "articles": [
                 {"id": "a", "kind": "flat", "name": "A", "widthMm": 90, "heightMm": 90, "pieces": [
                  {"id": "p", "name": "P", "outline": "M 0 0 L 9 0 L 9 9 Z"},
                  {"id": "q", "name": "Q", "outline": "M 9 0 L 18 0 L 9 9 Z"}], "lines": [],%s
                  "dressings": {"p": {%s}}}]}
                """.formatted(more, worn));
        return ProjectFile.read(file);
    }

    @Test
    void whatIsLeftOutIsNeutral() throws IOException {
        Dressing worn = read("\"drape\": {%s}".formatted(DRAPE), "").articles().getFirst().dressing(new Id("p"));
        assertThat(worn).isEqualTo(Dressing.BARE.withDrape(Optional.of(Mesh.of(new Box(0, 0, 10, 10), 1, 1))));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"mesh\"|\"net\"|should be \"mesh\", \"panel\", \"round\" or \"along\"",
            "[10, 10]]|[10, 10, 3]]|should be two numbers", ", [10, 10]]|]|1 x 1 patches has 4 points; there are 3",
            "[0, 0, 10, 10]|[0, 0, 10]|lacks \"cloth\"", "\"rows\": 1|\"rows\": 99|patches down 99",
            "[10, 0]|[1e9, 0]|place", "\"mesh\"|\"panel\"|has \"columns\""})
    void aFaultOfADrapeIsToldWithItsPlaceAndValue(String from, String to, String told) {
        assertThat(DRAPE).contains(from);
        assertThatThrownBy(() -> read("\"drape\": {%s}".formatted(DRAPE.replace(from, to)), ""))
                .isInstanceOf(Refusal.class).hasMessageContaining(told).hasMessageContaining("drape");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "\"prints\": [{\"design\": \"d\"}]||lacks \"middle\"",
            "\"shade\": 2||shade of the drape 200 %", "\"light\": -1||light of the picture",
            "\"lay\": {\"design\": \"d\", \"shearDeg\": 80}||shear 80 degrees",
            "|\"pairs\": [{\"pieces\": [\"p\"]}],|two \"pieces\"",
            "|\"pairs\": [{\"pieces\": [\"p\", \"p\"]}],|no partner of its own",
            "|\"seams\": [{\"first\": {\"piece\": \"p\", \"from\": 0, \"to\": 0}, \"second\": {\"piece\": \"q\", \"from\": 0, \"to\": 1}}],|no length",
            "|\"seams\": [{\"first\": {\"piece\": \"p\", \"from\": 0, \"to\": 1}, \"second\": {\"piece\": \"q\", \"from\": 0, \"to\": 1}, \"meets\": \"all\"}],|both, level or upright",
            "|\"seams\": [{\"first\": {\"piece\": \"p\", \"from\": 0, \"to\": 1}, \"second\": {\"piece\": \"q\", \"from\": 0, \"to\": 1}, \"notches\": [[0.5, 0.5], [0.4, 0.6]]}],|notch 2 does not come after",
            "|\"over\": {\"png\": \"xx\"},|picture"})
    void faultsOfDressingsAndSeamsAreTold(String worn, String more, String told) {
        assertThatThrownBy(() -> read(worn == null ? "" : worn, more == null ? "" : more)).isInstanceOf(Refusal.class)
                .hasMessageContaining(told).hasMessageStartingWith("hand.json");
    }
}
