package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.measure.Refusal;

/** Words in lines and on arcs against places worked out by hand, and what letters keep when words are typed anew. */
class LetteringTest {

    /** Every letter is a bar 0.4 wide and 1 high in a room of 1; V is twice as wide, and kerned. */
    private static final Typeface BARS = new Typeface() {
        @Override
        public String name() {
            return "Bars";
        }

        @Override
        public Optional<Shape> outline(int code) {
            double room = advance(code);
            return code == ' ' || code == '?'
                    ? Optional.empty()
                    : Optional.of(new Rectangle2D.Double(room / 2 - 0.2, -1, 0.4, 1));
        }

        @Override
        public double advance(int code) {
            return code == 'V' ? 2 : 1;
        }

        @Override
        public double kerning(int left, int right) {
            return left == 'A' && right == 'V' ? -0.25 : 0;
        }
    };

    private static final Typeface.Case FACES = new Typeface.Case() {
        @Override
        public List<String> names() {
            return List.of("Bars");
        }

        @Override
        public Typeface find(String name) {
            return BARS;
        }
    };

    private static Article.Lettering words(String text, Setting setting) {
        return new Article.Lettering(new Id("w"), "Words", text, "Bars", 10, true, Optional.empty(), setting,
                Dressings.NONE);
    }

    /** @return where the middles of the letters' boxes lie from that of the first */
    private static double[][] from(String text, Setting setting) {
        List<Point2D> middles = Cut.of(words(text, setting), FACES).pieces().stream()
                .<Point2D>map(p -> new Point2D.Double(p.outline().bounds().getCenterX(),
                        p.outline().bounds().getCenterY()))
                .toList();
        return middles.stream().map(p -> new double[]{p.getX() - middles.getFirst().getX(),
                p.getY() - middles.getFirst().getY()}).toArray(double[][]::new);
    }

    private static void assertPlaces(double[][] seen, double[][] wanted) {
        assertThat(seen.length).isEqualTo(wanted.length);
        for (int i = 0; i < wanted.length; i++) {
            assertThat(seen[i][0]).as("x of letter %d", i + 1).isEqualTo(wanted[i][0], within(1e-6));
            assertThat(seen[i][1]).as("y of letter %d", i + 1).isEqualTo(wanted[i][1], within(1e-6));
        }
    }

    @Test
    void lettersAreKernedAndSetApart() {
        assertPlaces(from("AVA", Setting.PLAIN), new double[][]{{0, 0}, {12.5, 0}, {27.5, 0}});
        assertPlaces(from("A A", Setting.PLAIN.withApart(0.2)), new double[][]{{0, 0}, {24, 0}});
    }

    @ParameterizedTest
    @CsvSource({"LEFT, 0", "MIDDLE, 10", "RIGHT, 20"})
    void linesAreAligned(Setting.Align align, double second) {
        Setting setting = Setting.PLAIN.with().align(align).leading(1.5).build();
        assertPlaces(from("AAA\nA", setting), new double[][]{{0, 0}, {10, 0}, {20, 0}, {second, 15}});
    }

    @Test
    void aBoxBreaksLinesBetweenWords() {
        assertPlaces(from("A A AAAA A", Setting.PLAIN.withBoxMm(31)),
                new double[][]{{0, 0}, {20, 0}, {0, 16}, {10, 16}, {20, 16}, {30, 16}, {0, 32}});
    }

    /** Feet on a circle of 50 mm: each middle as far along it as in the straight line; a second line 15 mm nearer its middle. */
    @ParameterizedTest
    @CsvSource({"50", "-50"})
    void onAnArcLettersStandWhereTheirMiddlesLieAlongIt(double radius) {
        Setting setting = Setting.PLAIN.with().arcMm(radius).align(Setting.Align.MIDDLE).leading(1.5).build();
        List<Piece> pieces = Cut.of(words("AAA\nA", setting), FACES).pieces();
        double[][] middles = new double[4][];
        double[] alongs = {-10, 0, 10, 0};
        for (int i = 0; i < 4; i++) {
            double down = i == 3 ? 15 : 0;
            double angle = alongs[i] / (radius - down);
            // The middle of the bar lies 5 mm above its foot.
            double far = radius - down + 5;
            middles[i] = new double[]{Math.sin(angle) * far, radius - Math.cos(angle) * far};
        }
        double[][] wanted = new double[4][];
        for (int i = 0; i < 4; i++) {
            wanted[i] = new double[]{middles[i][0] - middles[0][0], middles[i][1] - middles[0][1]};
        }
        for (int i = 0; i < 4; i++) {
            Rectangle2D box = pieces.get(i).outline().bounds();
            Rectangle2D first = pieces.getFirst().outline().bounds();
            // A turned bar's box has the same middle.
            assertThat(box.getCenterX() - first.getCenterX()).isEqualTo(wanted[i][0], within(0.01));
            assertThat(box.getCenterY() - first.getCenterY()).isEqualTo(wanted[i][1], within(0.01));
        }
    }

    private static Article.Lettering worn(String text, String designs) {
        Dressings all = Dressings.NONE;
        for (int i = 0; i < designs.length(); i++) {
            all = all.with(Article.Lettering.letter(i + 1),
                    Dressing.of(new Lay(new Id(designs.substring(i, i + 1)), "Day")));
        }
        return words(text, Setting.PLAIN).withDressings(all);
    }

    /** Designs are named by one letter each, in the order of the letters that wear them. */
    @ParameterizedTest
    @CsvSource({"SPRAY, abcde, SPRAYS, abcdee", "SPRAY, abcde, SPAY, abde", "SPRAY, abcde, XSPRAY, aabcde",
            "SPRAY, abcde, S PRAY?, abcde", "BANANA, abcdef, BANNANA, abccdef", "BANANA, abcdef, BANA, abcd",
            "BANANA, abcdef, NANA, cdef", "SEA, abc, TIDE, aaab", "SEA, abc, SEA, abc"})
    void lettersThatStayKeepWhatTheyHave(String before, String designs, String after, String wanted) {
        Article.Lettering retyped = Retyped.of(worn(before, designs), after, BARS);
        assertThat(retyped.text()).isEqualTo(after);
        assertThat(IntStream.rangeClosed(1, retyped.dressings().byPiece().size())
                .mapToObj(n -> retyped.dressings().of(Article.Lettering.letter(n)).lay().orElseThrow().design().text())
                .collect(Collectors.joining())).isEqualTo(wanted);
    }

    @Test
    void aListInTurnGoesOnInTurnAndOneLayForAllStays() {
        assertThat(Retyped.of(worn("SPRAY", "ab"), "PRAY", BARS).dressings())
                .isEqualTo(worn("SPRAY", "ab").dressings());
        Article.Lettering all = worn("SPRAY", "a").withEachOwn(false);
        assertThat(Retyped.of(all, "TIDE", BARS)).isEqualTo(all.withText("TIDE"));
    }

    @Test
    void whatCannotBeSetIsRefused() {
        assertThatThrownBy(() -> Setting.PLAIN.withArcMm(0.2)).isInstanceOf(Refusal.class)
                .hasMessageContaining("arc of 0.2 mm");
        assertThatThrownBy(() -> Setting.Align.parse("centre")).isInstanceOf(Refusal.class)
                .hasMessageContaining("left, middle or right");
    }

    /** A straight line leaning 30 degrees: every letter's middle at its distance along it, to a hundredth of a mm. */
    @Test
    void alongALineLettersStandWhereTheyWouldOnAStraightOne() {
        double cos = Math.cos(Math.PI / 6);
        Setting leaning = Setting.PLAIN
                .withLine(Optional.of(Outline.parse("M 5 7 L %s %s".formatted(5 + 100 * cos, 57))));
        List<Piece> straight = Cut.of(words("ABCDE", Setting.PLAIN), FACES).pieces();
        List<Piece> along = Cut.of(words("ABCDE", leaning), FACES).pieces();
        double firstX = along.getFirst().outline().bounds().getCenterX();
        double firstY = along.getFirst().outline().bounds().getCenterY();
        for (int i = 1; i < along.size(); i++) {
            double far = straight.get(i).outline().bounds().getCenterX()
                    - straight.getFirst().outline().bounds().getCenterX();
            var box = along.get(i).outline().bounds();
            assertThat(box.getCenterX() - firstX).isCloseTo(far * cos, within(0.01));
            assertThat(box.getCenterY() - firstY).isCloseTo(far / 2, within(0.01));
        }
    }

    /** A half circle of 100 mm drawn as two curves, against the circle: lettering by its length, within 0.01 mm of where it is on a circle. */
    @Test
    void alongACurveLettersStandByItsLength() {
        double k = 100 * 4 / 3.0 * (Math.sqrt(2) - 1);
        Setting half = Setting.PLAIN
                .withLine(Optional.of(Outline.parse("M 0 100 C 0 %s %s 0 100 0 C %s 0 200 %s 200 100"
                        .formatted(100 - k, 100 - k, 100 + k, 100 - k))));
        List<Piece> along = Cut.of(words("ABCDEFGHIJKLMNOPQRSTUVW", half), FACES).pieces();
        var walk = Walk.of(half.line().orElseThrow());
        // The cubic's own length, summed in a hundred thousand steps.
        double length = 0;
        double x = 0;
        double y = 100;
        for (int i = 1; i <= 100_000; i++) {
            double t = i / 100_000.0;
            double u = 1 - t;
            double toX = 3 * u * t * t * (100 - k) + t * t * t * 100;
            double toY = u * u * u * 100 + 3 * u * u * t * (100 - k);
            length += Math.hypot(toX - x, toY - y);
            x = toX;
            y = toY;
        }
        assertThat(walk.at(length)[0]).isCloseTo(100, within(0.005));
        assertThat(walk.at(length)[1]).isCloseTo(0, within(0.005));
        double leftOff = along.getFirst().outline().bounds().getMinX();
        assertThat(along).hasSize(23);
        for (Piece letter : along) {
            var box = letter.outline().bounds();
            assertThat(box.getX()).isGreaterThanOrEqualTo(leftOff - 1e-9);
        }
        double[] second = walk.at(15);
        double[] first = walk.at(5);
        assertThat(Math.hypot(second[0] - first[0], second[1] - first[1])).isCloseTo(2 * 100 * Math.sin(0.05),
                within(0.01));
    }

    @Test
    void byWordAllLettersOfAWordWearTheSame() {
        Dressings worn = Dressings.NONE.with(Article.Lettering.letter(1), Optional.of(new Lay(new Id("a"), "M")))
                .with(Article.Lettering.letter(2), Optional.of(new Lay(new Id("b"), "M")));
        Article.Lettering words = words("AB CDE F", Setting.PLAIN.withByWord(true)).with().eachOwn(true).dressings(worn)
                .build();
        List<String> designs = Cut.of(words, FACES).pieces().stream()
                .map(p -> words.dressing(p.id()).lay().orElseThrow().design().text()).toList();
        assertThat(designs).containsExactly("a", "a", "b", "b", "b", "a");
        Article dressed = words.withLay(Article.Lettering.letter(4), Cut.of(words, FACES).ids(),
                Optional.of(new Lay(new Id("c"), "M")));
        assertThat(Cut.of(dressed, FACES).pieces())
                .extracting(p -> dressed.dressing(p.id()).lay().orElseThrow().design()
                        .text())
                .as("the whole second word").containsExactly("a", "a", "c", "c", "c", "a");
    }

    @Test
    void cuttingLinesRunOutsideWhatTouchesAsOne() {
        Cut cut = Cut.of(words("AB", Setting.PLAIN), FACES);
        var apart = CuttingLines.of(cut, 1).bounds();
        var both = cut.pieces().get(0).outline().bounds().createUnion(cut.pieces().get(1).outline().bounds());
        assertThat(apart.getWidth()).isCloseTo(both.getWidth() + 2, within(0.01));
        assertThat(apart.getHeight()).isCloseTo(both.getHeight() + 2, within(0.01));
        // Bars 4 mm broad, 6 mm apart: by 2 mm two lines, by 3.5 mm one.
        assertThat(rings(CuttingLines.of(cut, 2))).isEqualTo(2);
        assertThat(rings(CuttingLines.of(cut, 3.5))).isEqualTo(1);
    }

    private static int rings(Outline outline) {
        int rings = 0;
        for (var it = outline.path().getPathIterator(null); !it.isDone(); it.next()) {
            rings += it.currentSegment(new double[6]) == java.awt.geom.PathIterator.SEG_MOVETO ? 1 : 0;
        }
        return rings;
    }

    /** Bars and rings of known breadth in stripes, checks and dots of known breadth: forty cases with a known answer. */
    @Test
    void wordsReadWhereStrokesAreBroaderThanWhatTheyWear() {
        double[] strokes = {2, 4, 8, 16};
        double[] bands = {0.8, 1.6, 3, 6, 12};
        int right = 0;
        int cases = 0;
        for (boolean ring : new boolean[]{false, true}) {
            for (double stroke : strokes) {
                var shape = ring ? ring(stroke) : new Rectangle2D.Double(0, 0, stroke, 12 * stroke);
                Piece letter = new Piece(new Id("l"), "l", Outline.of(shape), Optional.empty());
                for (double band : bands) {
                    var design = org.vatwright.core.Samples.design(2 * band, 2 * band,
                            org.vatwright.core.repeat.Arrangement.STRAIGHT,
                            org.vatwright.core.Samples.stripes(2 * band, band, band));
                    Lay lay = new Lay(design.id(), design.palette().first().name());
                    Legibility found = Legibility.of(List.of(letter), lay, design,
                            org.vatwright.core.render.TileSource.PAINTED, org.vatwright.core.raster.Work.on(1))
                            .orElseThrow();
                    right += found.reads() == (band <= stroke) ? 1 : 0;
                    cases++;
                    assertThat(found.strokeMm()).isCloseTo(stroke, within(0.12 * stroke));
                    assertThat(found.featureMm()).isCloseTo(band, within(0.08 * band));
                    assertThat(found.largestScale()).isCloseTo(stroke / band, within(0.2 * stroke / band));
                }
            }
        }
        assertThat(cases).isEqualTo(40);
        assertThat(right).isGreaterThanOrEqualTo(38);
    }

    private static java.awt.Shape ring(double stroke) {
        var ring = new java.awt.geom.Area(new java.awt.geom.Ellipse2D.Double(0, 0, 8 * stroke, 8 * stroke));
        ring.subtract(
                new java.awt.geom.Area(new java.awt.geom.Ellipse2D.Double(stroke, stroke, 6 * stroke, 6 * stroke)));
        return ring;
    }
}
