package org.vatwright.core.stitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.Arrays;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching.Kind;
import org.vatwright.core.stitch.Stitching.Stitch;

class StitchingTest {

    private static final Rgb RED = new Rgb(200, 30, 30);
    private static final Outline SQUARE = Outline.parse("M 10 10 L 110 10 L 110 90 L 10 90 Z");
    private static final Outline ROUND = Outline.of(new Ellipse2D.Double(0, 0, 200, 200));

    private static Stitching running(double inset, double length, double gap) {
        return Stitching.fresh(Kind.RUNNING, RED).with().insetMm(inset).lengthMm(length).gapMm(gap).build();
    }

    private static double far(Stitch a, Stitch b) {
        return Math.hypot(b.x1() - a.x2(), b.y1() - a.y2());
    }

    /** Sides of 88 and 68 mm inside; with 5 and 2.5 there are twelve and nine on a side, first and last at the corners. */
    @Test
    void eachSideHasAWholeNumberOfEqualStitchesAndThreadEndsAtItsCorners() {
        List<Stitch> all = running(6, 5, 2.5).along(SQUARE);
        assertThat(all).hasSize(2 * 12 + 2 * 9);
        double wide = 88 / (12 * 5 + 11 * 2.5);
        double high = 68 / (9 * 5 + 8 * 2.5);
        int corners = 0;
        for (int i = 0; i < all.size(); i++) {
            Stitch s = all.get(i);
            boolean level = Math.abs(s.y1() - s.y2()) < 1e-9;
            assertThat(s.length()).isEqualTo(5 * (level ? wide : high), within(1e-6));
            double gap = far(s, all.get((i + 1) % all.size()));
            if (gap < 1e-6) {
                corners++;
                assertThat(List.of(16.0, 104.0)).anySatisfy(x -> assertThat(s.x2()).isEqualTo(x, within(1e-6)));
                assertThat(List.of(16.0, 84.0)).anySatisfy(y -> assertThat(s.y2()).isEqualTo(y, within(1e-6)));
            } else {
                assertThat(gap).isEqualTo(2.5 * (level ? wide : high), within(1e-6));
            }
        }
        assertThat(corners).as("none crosses a corner").isEqualTo(4);
    }

    /** A circle closes without a seam: stitches and gaps all alike, all as far from its middle. */
    @ParameterizedTest
    @ValueSource(doubles = {6, 0, -4, 60})
    void aRoundLineClosesEvenly(double inset) {
        List<Stitch> all = running(inset, 5, 2.5).along(ROUND);
        double radius = 100 - inset;
        assertThat(all).hasSize((int) Math.rint(2 * Math.PI * radius / 7.5));
        double first = all.getFirst().length();
        for (int i = 0; i < all.size(); i++) {
            Stitch s = all.get(i);
            assertThat(s.length()).isEqualTo(first, within(0.01 * first));
            assertThat(far(s, all.get((i + 1) % all.size()))).isEqualTo(first / 2, within(0.01 * first));
            // The outline is drawn of four cubics, which are off a true circle by 0.03 mm.
            assertThat(Math.hypot(s.x1() - 100, s.y1() - 100)).isEqualTo(radius, within(0.04));
        }
    }

    /** Each place of the inset line of an ellipse is as far from the nearest place of the true ellipse. */
    @ParameterizedTest
    @ValueSource(doubles = {3, 9, -5})
    void theInsetIsTheOffsetCurve(double inset) {
        Outline outline = Outline.of(new Ellipse2D.Double(-70, -40, 140, 80));
        double[][] ring = Inset.rings(outline).getFirst();
        List<Stitch> all = running(inset, 0.5, 0).along(outline);
        assertThat(all).hasSizeGreaterThan(500);
        for (Stitch s : all) {
            double nearest = Double.MAX_VALUE;
            for (int i = 0; i + 1 < ring[0].length; i++) {
                double dx = ring[0][i + 1] - ring[0][i];
                double dy = ring[1][i + 1] - ring[1][i];
                double t = Math.max(0, Math.min(1, ((s.x1() - ring[0][i]) * dx + (s.y1() - ring[1][i]) * dy)
                        / (dx * dx + dy * dy)));
                nearest = Math.min(nearest, Math.hypot(ring[0][i] + t * dx - s.x1(), ring[1][i] + t * dy - s.y1()));
            }
            assertThat(nearest).isEqualTo(Math.abs(inset), within(0.01));
            assertThat(outline.contains(s.x1(), s.y1())).isEqualTo(inset > 0);
        }
    }

    /** A notch is turned with corners inside and outside; where a neck is too narrow nothing is sewn. */
    @Test
    void notchesAreTurnedAndNarrowPartsLeftOut() {
        Outline notched = Outline.parse("M 0 0 L 100 0 L 100 60 L 60 60 L 60 30 L 40 30 L 40 60 L 0 60 Z");
        List<Stitch> all = running(5, 4, 2).along(notched);
        assertThat(all).allSatisfy(s -> assertThat(notched.contains(s.x1(), s.y1())).isTrue());
        // Around the notch it goes at x 35 and 65, y 25.
        assertThat(all).anySatisfy(s -> {
            assertThat(s.x2()).isEqualTo(35, within(1e-6));
            assertThat(s.y2()).isEqualTo(25, within(1e-6));
        });
        Outline necked = Outline
                .parse("M 0 0 L 40 0 L 40 18 L 60 18 L 60 0 L 100 0 L 100 40 L 60 40 L 60 22 L 40 22 L 40 40 L 0 40 Z");
        List<Stitch> both = running(5, 4, 2).along(necked);
        assertThat(both).noneSatisfy(s -> assertThat((s.x1() + s.x2()) / 2).isBetween(41.0, 59.0));
        assertThat(both).anySatisfy(s -> assertThat(s.x1()).isLessThan(30)).anySatisfy(s -> assertThat(s.x1())
                .isGreaterThan(70));
    }

    @Test
    void aHoleIsSewnAroundOnTheClothsSide() {
        Path2D ring = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        ring.append(SQUARE.path(), false);
        ring.append(new java.awt.geom.Rectangle2D.Double(40, 30, 40, 40), false);
        List<Stitch> all = running(5, 4, 2).along(Outline.of(ring));
        assertThat(all).filteredOn(s -> s.y1() > 20 && s.y1() < 80 && s.x1() > 20 && s.x1() < 100)
                .isNotEmpty().allSatisfy(s -> assertThat(Math.max(Math.abs(s.x1() - 60), Math.abs(s.y1() - 50)))
                        .isEqualTo(25, within(1e-6)));
    }

    @Test
    void slantRowsZigzagAndEdging() {
        Stitch level = running(6, 5, 2.5).along(SQUARE).getFirst();
        assertThat(level.x2() - level.x1()).as("the first side is the upper one").isEqualTo(level.length());
        Stitch leaning = running(6, 5, 2.5).withSlantDeg(30).along(SQUARE).getFirst();
        assertThat(Math.toDegrees(Math.atan2(leaning.y1() - leaning.y2(), leaning.x2() - leaning.x1())))
                .as("counter-clockwise from its line, which runs to the right").isEqualTo(30, within(1e-6));
        List<Stitch> two = running(6, 5, 2.5).with().rows(2).apartMm(3).build().along(SQUARE);
        assertThat(two).filteredOn(s -> s.y1() == s.y2()).extracting(Stitch::y1).contains(16.0, 19.0);

        List<Stitch> zigzag = Stitching.fresh(Kind.ZIGZAG, RED).along(SQUARE);
        for (int i = 0; i + 1 < zigzag.size(); i++) {
            assertThat(far(zigzag.get(i), zigzag.get(i + 1))).as("one thread").isLessThan(1e-6);
        }
        double[] steps = zigzag.stream().filter(s -> Math.max(s.y1(), s.y2()) < 20 && s.x1() > 25 && s.x1() < 95)
                .mapToDouble(s -> s.x2() - s.x1()).toArray();
        assertThat(steps).hasSizeGreaterThan(10);
        assertThat(Arrays.stream(steps).min().orElseThrow()).isEqualTo(4, within(0.3));
        assertThat(Arrays.stream(steps).max().orElseThrow()).isEqualTo(4, within(0.3));

        List<Stitch> edging = Stitching.fresh(Kind.BLANKET, RED).along(SQUARE);
        assertThat(edging).filteredOn(s -> Math.abs(s.length() - 9) < 1e-6).hasSizeGreaterThan(30)
                .allSatisfy(s -> assertThat(SQUARE.contains(s.x2(), s.y2())).isTrue());
    }

    @Test
    void atASharpTipNoThreadOfAnEdgingReachesBeyondTheCloth() {
        Outline tip = Outline.parse("M 0 0 L 120 0 L 0 25 Z");
        List<Stitch> edging = Stitching.fresh(Kind.BLANKET, RED).along(tip);
        assertThat(edging).filteredOn(s -> s.length() > 8.5).isNotEmpty()
                .allSatisfy(s -> assertThat(tip.contains(s.x2(), s.y2())).isTrue());
    }

    @Test
    void whatCannotBeSewnIsRefused() {
        assertThatThrownBy(() -> running(6, 0.1, 1)).isInstanceOf(Refusal.class)
                .hasMessageContaining("length of a stitch");
        assertThatThrownBy(() -> Kind.parse("chain")).isInstanceOf(Refusal.class)
                .hasMessageContaining("running, zigzag or blanket");
        assertThat(running(60, 5, 2).along(SQUARE)).as("no room for it").isEmpty();
    }
}
