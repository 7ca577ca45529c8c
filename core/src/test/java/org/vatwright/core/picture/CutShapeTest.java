package org.vatwright.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.colour.Lab;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.picture.CutShape.Form;
import org.vatwright.core.picture.CutShape.How;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** Cut-outs by more than a frame, on a picture of 100 x 80 px that has 2 px a mm. */
class CutShapeTest {

    private static final int W = 100;
    private static final int H = 80;
    private static final Raster PICTURE = patches();
    private static final Form BOX = new Form.Rectangle(0.2, 0.25, 0.7, 0.75);
    private static final Form DISC = new Form.Ellipse(0.5, 0.25, 0.9, 0.75);

    /** Sand with two patches of kelp that do not touch, one of them a little lighter. */
    private static Raster patches() {
        Raster raster = new Raster(W, H);
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                boolean left = x >= 10 && x < 30 && y >= 10 && y < 30;
                boolean right = x >= 60 && x < 90 && y >= 40 && y < 70;
                raster.argb()[y * W + x] = left ? 0xFF245B57 : right ? 0xFF285F5B : 0xFFE8DCC0;
            }
        }
        return raster;
    }

    private static Raster taken(CutOut cut) {
        return cut.of(PICTURE, 2, Work.on(2));
    }

    private static CutOut of(How how, Form form) {
        return CutOut.WHOLE.and(new CutShape(how, form));
    }

    private static double area(Raster raster) {
        double sum = 0;
        for (int argb : raster.argb()) {
            sum += (argb >>> 24) / 255.0;
        }
        return sum;
    }

    private static int alpha(Raster raster, int x, int y) {
        return raster.at(x, y) >>> 24;
    }

    @Test
    void anEllipseHasItsAreaAndWhatIsTakenKeepsItsColour() {
        Raster disc = taken(of(How.ADD, DISC));
        assertThat(area(disc)).isCloseTo(Math.PI * 20 * 20, within(2.0));
        assertThat(disc.at(70, 40)).isEqualTo(PICTURE.at(70, 40));
        assertThat(disc.at(52, 22)).isZero();
    }

    @Test
    void stepsAreAddedSubtractedIntersectedAndInverted() {
        double box = 50 * 40;
        double disc = Math.PI * 400;
        double both = area(taken(of(How.ADD, BOX).and(new CutShape(How.INTERSECT, DISC))));
        assertThat(both).isBetween(0.4 * disc, 0.6 * disc);
        assertThat(area(taken(of(How.ADD, BOX).and(new CutShape(How.ADD, DISC)))))
                .isCloseTo(box + disc - both, within(8.0));
        assertThat(area(taken(of(How.ADD, BOX).and(new CutShape(How.SUBTRACT, DISC))))).isCloseTo(box - both,
                within(8.0));
        assertThat(area(taken(of(How.SUBTRACT, BOX)))).as("from all").isCloseTo(W * H - box, within(1.0));
        assertThat(area(taken(of(How.ADD, BOX).withInverted(true)))).isCloseTo(W * H - box, within(1.0));
    }

    @Test
    void anOutlineDrawnByHandIsFilledEvenWhereItCrossesItself() {
        Form bow = new Form.Outline(List.of(0.1, 0.1, 0.9, 0.9, 0.9, 0.1, 0.1, 0.9));
        Raster taken = taken(of(How.ADD, bow));
        assertThat(area(taken)).isCloseTo(80 * 64 / 2.0, within(3.0));
        assertThat(alpha(taken, 20, 40)).isEqualTo(255);
        assertThat(alpha(taken, 50, 12)).isZero();
    }

    @Test
    void likeColoursAreTakenAndJoinedOnesAlone() {
        Form like = new Form.Like(0.2, 0.25, 5, false);
        assertThat(area(taken(of(How.ADD, like)))).isEqualTo(20 * 20 + 30 * 30);
        Form joined = new Form.Like(0.2, 0.25, 5, true);
        assertThat(area(taken(of(How.ADD, joined)))).isEqualTo(20 * 20);
        double off = Lab.of(org.vatwright.core.colour.Rgb.ofArgb(0xFF245B57))
                .difference(Lab.of(org.vatwright.core.colour.Rgb.ofArgb(0xFF285F5B)));
        assertThat(off).isBetween(0.5, 3.0);
        // Nearer than that it is not like any more: a soft step of 1.5.
        assertThat(area(taken(of(How.ADD, new Form.Like(0.2, 0.25, 0, false))))).isBetween(400.0, 400 + 0.7 * 900);
    }

    @Test
    void edgesAreDrawnOutAndInByMillimetres() {
        Form right = new Form.Like(0.7, 0.7, 5, true);
        // 3 px on each side of 30 x 30, round at its corners.
        assertThat(area(taken(of(How.ADD, right).withGrowMm(1.5)))).isCloseTo(900 + 4 * 30 * 3 + Math.PI * 9,
                within(6.0));
        assertThat(area(taken(of(How.ADD, right).withGrowMm(-1.5)))).isCloseTo(24 * 24, within(2.0));
        assertThat(area(taken(of(How.ADD, right).withGrowMm(-30)))).isZero();
    }

    @Test
    void aFeatherFadesAcrossTheEdgeAndKeepsTheArea() {
        CutOut cut = of(How.ADD, BOX).withFeatherMm(4);
        Raster soft = taken(cut);
        assertThat(area(soft)).isCloseTo(2000, within(20.0));
        int edge = alpha(soft, 20, 40);
        assertThat(edge).isBetween(100, 160);
        assertThat(alpha(soft, 20 + 9, 40)).isGreaterThan(250);
        assertThat(alpha(soft, 20 - 10, 40)).isLessThan(5);
        for (int x = 8; x < 32; x++) {
            assertThat(alpha(soft, x + 1, 40)).isGreaterThanOrEqualTo(alpha(soft, x, 40));
        }
    }

    @Test
    void theFrameMovesOverShapesThatStayOnThePicture() {
        CutOut cut = of(How.ADD, DISC).framed(0.5, 0, 1, 1);
        Raster half = taken(cut);
        assertThat(half.width()).isEqualTo(50);
        assertThat(area(half)).isCloseTo(Math.PI * 400, within(2.0));
        assertThat(alpha(taken(cut.framed(0.2, 0, 0.7, 1)), 49, 40)).isEqualTo(255);
    }

    @Test
    void whatIsNoPartIsRefused() {
        assertThatThrownBy(() -> new Form.Ellipse(0.5, 0, 0.5, 1)).isInstanceOf(Refusal.class)
                .hasMessageContaining("two different sides");
        assertThatThrownBy(() -> new Form.Outline(List.of(0.0, 0.0, 1.0, 1.0))).hasMessageContaining("from 3 to");
        assertThatThrownBy(() -> new Form.Like(0, 0, 101, true)).hasMessageContaining("likeness 101");
        assertThatThrownBy(() -> CutOut.WHOLE.withFeatherMm(-1)).hasMessageContaining("feather -1 mm");
    }

    /** Pairs of the table by which CIEDE2000 is tried (Sharma, Wu, Dalal 2005). */
    @ParameterizedTest
    @CsvSource({"50,2.6772,-79.7751,50,0,-82.7485,2.0425", "50,3.1571,-77.2803,50,0,-82.7485,2.8615",
            "50,-1.3802,-84.2814,50,0,-82.7485,1.0000", "50,0,0,50,-1,2,2.3669", "50,2.5,0,50,0,-2.5,4.3065",
            "50,2.5,0,73,25,-18,27.1492", "60.2574,-34.0099,36.2677,60.4626,-34.1751,39.4387,1.2644",
            "22.7233,20.0904,-46.6940,23.0331,14.9730,-42.5619,2.0373",
            "90.8027,-2.0831,1.4410,91.1528,-1.6435,0.0447,1.4441"})
    void theDifferenceOfColoursIsThatOfTheStandard(double l1, double a1, double b1, double l2, double a2, double b2,
            double difference) {
        Lab one = new Lab(l1, a1, b1);
        Lab two = new Lab(l2, a2, b2);
        assertThat(one.difference(two)).isCloseTo(difference, within(5e-5));
        assertThat(two.difference(one)).isCloseTo(difference, within(5e-5));
    }
}
