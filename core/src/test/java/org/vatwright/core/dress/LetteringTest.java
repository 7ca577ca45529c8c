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
}
