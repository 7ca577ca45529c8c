package org.vatwright.core.brush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;

class ContoursTest {

    private static final Repeat CELL = new Repeat(100, 60, Arrangement.STRAIGHT);
    private static final Ink INK = Ink.slot("A");

    private static List<double[]> dabs(Track track) {
        List<double[]> all = new ArrayList<>();
        Dabs.of(new BrushStroke(track, Brush.plain("Dot", Tip.ROUND, 1).withSpacing(1), INK))
                .each((x, y, half, angle, gone) -> all.add(new double[]{x, y}));
        return all;
    }

    @Test
    void aSquareIsGoneAroundThroughItsCornersFromWhereItWasTouched() {
        VectorMark square = new VectorMark(new Rectangle2D.Double(20, 20, 20, 20), INK);
        Track track = Contours.nearest(List.of(square), Guides.NONE, CELL, 30, 19, 3).orElseThrow();
        List<double[]> dabs = dabs(track);
        // 80 mm around, a dab each mm, at every corner as well.
        assertThat(dabs).hasSize(81);
        assertThat(dabs.getFirst()).containsExactly(30, 20);
        assertThat(dabs.getLast()).containsExactly(new double[]{30, 20}, within(1e-6));
        assertThat(dabs).allSatisfy(d -> assertThat(Math.max(Math.abs(d[0] - 30), Math.abs(d[1] - 30))).isCloseTo(10,
                within(1e-9)));
        for (double[] corner : new double[][]{{20, 20}, {40, 20}, {40, 40}, {20, 40}}) {
            assertThat(dabs).anySatisfy(d -> assertThat(d).containsExactly(corner, within(1e-6)));
        }
    }

    @Test
    void theNearestOfAllIsTakenThroughAnyEdgeAndNoneThatIsTooFar() {
        VectorMark disc = new VectorMark(new Ellipse2D.Double(90, 20, 20, 20), INK);
        VectorMark far = new VectorMark(new Rectangle2D.Double(30, 20, 20, 20), INK);
        Track track = Contours.nearest(List.of(far, disc), Guides.NONE, CELL, 11, 30, 3).orElseThrow();
        assertThat(dabs(track)).allSatisfy(d -> assertThat(Math.hypot(d[0] - 0, d[1] - 30)).isCloseTo(10,
                within(0.03)));
        assertThat(Contours.nearest(List.of(far, disc), Guides.NONE, CELL, 20, 30, 3)).isEmpty();
    }

    @Test
    void aGuideIsPulledFromItsNearerEndAcrossTheCell() {
        Track down = Contours.nearest(List.of(), Guides.parts(2), CELL, 50.4, 10, 2).orElseThrow();
        assertThat(new double[]{down.x(0), down.y(0), down.x(down.size() - 1), down.y(down.size() - 1)})
                .containsExactly(50, 0, 50, 60);
        Track up = Contours.nearest(List.of(), Guides.parts(2), CELL, 49.7, 55, 2).orElseThrow();
        assertThat(new double[]{up.y(0), up.y(up.size() - 1)}).containsExactly(60, 0);
    }

    @Test
    void anOpenLineOfCurvesIsGoneFromItsNearerEndToTheOther() {
        Path2D wave = new Path2D.Double();
        wave.moveTo(10, 30);
        wave.curveTo(20, 10, 30, 50, 40, 30);
        VectorMark line = new VectorMark(wave, Ink.CLEAR);
        Track from = Contours.nearest(List.of(line), Guides.NONE, CELL, 13, 26, 3).orElseThrow();
        assertThat(new double[]{from.x(0), from.y(0)}).containsExactly(10, 30);
        assertThat(new double[]{from.x(from.size() - 1), from.y(from.size() - 1)}).containsExactly(40, 30);
        Track back = Contours.nearest(List.of(line), Guides.NONE, CELL, 39, 31, 3).orElseThrow();
        assertThat(new double[]{back.x(0), back.y(0)}).containsExactly(40, 30);
        // All within the flatness of the curve.
        for (double[] dab : dabs(from)) {
            double t = nearest(dab);
            double x = cubic(t, 10, 20, 30, 40);
            double y = cubic(t, 30, 10, 50, 30);
            assertThat(Math.hypot(dab[0] - x, dab[1] - y)).isLessThan(0.03);
        }
    }

    private static double nearest(double[] dab) {
        double best = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i <= 3000; i++) {
            double t = i / 3000.0;
            double off = Math.hypot(cubic(t, 10, 20, 30, 40) - dab[0], cubic(t, 30, 10, 50, 30) - dab[1]);
            if (off < least) {
                least = off;
                best = t;
            }
        }
        return best;
    }

    private static double cubic(double t, double a, double b, double c, double d) {
        double u = 1 - t;
        return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
    }
}
