package org.vatwright.files.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Locale;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.disk.Limits;

/** Drawings of many rules and many crossings: read in about the time that their size asks for, or told as too much. */
class LargeDrawingsTest {

    private static MotifReader.Reading read(String inside) {
        return MotifReader.read(("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' "
                + "viewBox='0 0 100 100'>" + inside + "</svg>").getBytes(StandardCharsets.UTF_8), "trial",
                Limits.STANDARD);
    }

    /** @return corners of a star whose lines go to and fro across it; the more corners, the more each line crosses */
    private static String star(int corners) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < corners; i++) {
            d.append(String.format(Locale.ROOT, "%s %.4f %.4f ", i == 0 ? "M" : "L", 50 + 49 * Math.cos(i * 2.4),
                    50 + 49 * Math.sin(i * 2.4)));
        }
        return d + "Z";
    }

    private static String clipped(String by, String shape) {
        return "<clipPath id='c'><path d='%s'/></clipPath><g clip-path='url(#c)'>%s</g>".formatted(by, shape);
    }

    @Test
    @Timeout(60)
    void aClipThatCrossesItselfTooOftenIsLeftOutAndTold() {
        MotifReader.Reading reading = read(clipped(star(3000), "<rect x='10' y='20' width='30' height='40'/>"));
        assertThat(reading.findings()).containsExactly("outlines that cross too often are drawn without their clip");
        assertThat(reading.marks()).singleElement().extracting(m -> m.shape().getBounds2D().getWidth())
                .isEqualTo(30.0);
        MotifReader.Reading few = read(clipped(star(90), "<rect x='-60' y='-60' width='110' height='220'/>"));
        assertThat(few.findings()).isEmpty();
        assertThat(few.marks()).singleElement().extracting(m -> m.shape().getBounds2D().getMinX())
                .satisfies(x -> assertThat((double) x).as("no farther than the star").isBetween(0.9, 2.0));
    }

    /** Each of the shapes meets hundreds of the clip's own, which would be united anew for each. */
    @Test
    @Timeout(60)
    void aClipOfThousandsThatLieOverEachOtherIsLeftOutAsAWhole() {
        StringBuilder many = new StringBuilder();
        StringBuilder large = new StringBuilder();
        for (int i = 0; i < 4000; i++) {
            many.append("<circle cx='%d' cy='%d' r='3'/>".formatted(i % 97, i * 31 % 101));
            large.append("<circle cx='%d' cy='%d' r='20'/>".formatted(i % 89, i * 37 % 103));
        }
        MotifReader.Reading reading = read(
                "<clipPath id='c'>" + many + "</clipPath><g clip-path='url(#c)'>" + large + "</g>");
        assertThat(reading.findings()).contains("outlines that cross too often are drawn without their clip");
        assertThat(reading.marks()).hasSize(4000).allSatisfy(
                m -> assertThat(m.shape().getBounds2D().getWidth()).isCloseTo(40, within(0.01)));
    }

    /** Each alone would do; all of them together would take minutes. */
    @Test
    @Timeout(60)
    void allOfADrawingTogetherMayTakeNoLonger() {
        MotifReader.Reading reading = read(("<path d='" + star(450) + "'/>").repeat(120));
        assertThat(reading.marks()).hasSize(120);
        assertThat(VectorMark.points(reading.marks().getFirst().shape())).as("parted at its crossings")
                .isGreaterThan(1000);
        assertThat(VectorMark.points(reading.marks().getLast().shape())).as("as it was drawn").isLessThan(460);
        assertThat(reading.marks().getLast().shape().getBounds2D().getWidth()).isCloseTo(
                reading.marks().getFirst().shape().getBounds2D().getWidth(), within(1e-3));
    }

    @Test
    @Timeout(60)
    void theAreaOfAStarOfThousandsOfCrossingsIsToldAtOnce() {
        double disc = Math.PI * 49 * 49;
        assertThat(Outline.parse(star(60)).area()).as("parted: every place once").isLessThan(disc);
        assertThat(Outline.parse(star(3000)).area()).isPositive();
    }

    @Test
    @Timeout(60)
    void ofManyRulesEachElementTakesItsOwn() {
        StringBuilder css = new StringBuilder();
        StringBuilder shapes = new StringBuilder();
        for (int i = 0; i < 12_000; i++) {
            css.append(".c%d{fill:#%06x}".formatted(i, i % 150));
            shapes.append("<rect class='c%d' x='1' y='1' width='9' height='9'/>".formatted(i));
        }
        MotifReader.Reading reading = read("<style>" + css + "</style>" + shapes);
        for (int i : new int[]{0, 4999, 5000, 11_999}) {
            assertThat(colour(reading, i)).as("shape %d", i).isEqualTo(new Rgb(0, 0, i % 150));
        }
    }

    /** The weightiest counts; of equal ones the last in the style sheet, whatever the order of the element's classes. */
    @Test
    void theOrderOfRulesDecidesBetweenEqualOnes() {
        String css = "<style>rect{fill:#000001} .b{fill:#000002} .a{fill:#000003} * {fill:#000004}"
                + " g .b{fill:#000005} #d{fill:#000006} .a.b{fill:#000007}</style>";
        String[] shapes = {"<rect class='a b'", "<rect class='b a'", "<rect class='b'", "<rect", "<circle r='9'",
                "<rect id='d' class='a b'"};
        int[] wanted = {7, 7, 2, 1, 4, 6};
        for (int i = 0; i < shapes.length; i++) {
            assertThat(colour(read(css + shapes[i] + " width='9' height='9'/>"), 0)).as(shapes[i])
                    .isEqualTo(new Rgb(0, 0, wanted[i]));
        }
        String inGroup = "<g><rect class='b' width='9' height='9'/></g><rect class='b' width='9' height='9'/>";
        assertThat(colour(read(css + inGroup), 0)).isEqualTo(new Rgb(0, 0, 5));
        assertThat(colour(read(css + inGroup), 1)).as("called alike, elsewhere").isEqualTo(new Rgb(0, 0, 2));
    }

    private static Rgb colour(MotifReader.Reading reading, int mark) {
        VectorMark drawn = reading.marks().get(mark);
        return reading.palette().get(((Ink.Slot) drawn.from()).name());
    }

    @Test
    void asManyShapesAreReadAsAreToldAndNothingIsToldOfWhatIsWhole() {
        String one = "<rect width='9' height='9'/>";
        MotifReader.Reading whole = read(one.repeat(20_000));
        assertThat(whole.marks()).hasSize(20_000);
        assertThat(whole.findings()).isEmpty();
        MotifReader.Reading more = read(one.repeat(19_999) + "<rect width='9' height='9' stroke='red'/>" + one);
        assertThat(more.marks()).hasSize(20_000);
        assertThat(more.findings()).containsExactly("only the first 20,000 shapes are read");
    }
}
