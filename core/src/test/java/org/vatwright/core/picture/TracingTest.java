package org.vatwright.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.raster.Work;

/** Outlines of labels drawn here, 80 x 60 px. */
class TracingTest {

    private static final int W = 80;
    private static final int H = 60;

    /** Which label a place has. */
    @FunctionalInterface
    private interface Label {
        int at(double x, double y);
    }

    private static List<Path2D> traced(int inks, Label label) {
        int[] labels = new int[W * H];
        for (int i = 0; i < labels.length; i++) {
            labels[i] = label.at(i % W + 0.5, i / W + 0.5);
        }
        return Tracing.of(labels, W, inks, 4, Work.on(1));
    }

    private static double area(Path2D path) {
        double sum = 0;
        double[] c = new double[6];
        double x0 = 0;
        double y0 = 0;
        double x = 0;
        double y = 0;
        for (PathIterator it = path.getPathIterator(null, 0.01); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            double nx = kind == PathIterator.SEG_CLOSE ? x0 : c[0];
            double ny = kind == PathIterator.SEG_CLOSE ? y0 : c[1];
            if (kind == PathIterator.SEG_MOVETO) {
                x0 = nx;
                y0 = ny;
            } else {
                sum += x * ny - nx * y;
            }
            x = nx;
            y = ny;
        }
        return sum / 2;
    }

    private static int points(Path2D path) {
        int count = 0;
        for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
            count++;
        }
        return count;
    }

    @Test
    void aDiscComesOutRoundAndAsLargeAsItIs() {
        Path2D disc = traced(2, (x, y) -> Math.hypot(x - 40, y - 30) < 20 ? 1 : 0).get(1);
        assertThat(Math.abs(area(disc))).isCloseTo(Math.PI * 400, within(20.0));
        double[] c = new double[6];
        for (PathIterator it = disc.getPathIterator(null, 0.01); !it.isDone(); it.next()) {
            if (it.currentSegment(c) != PathIterator.SEG_CLOSE) {
                assertThat(Math.hypot(c[0] - 40, c[1] - 30)).isCloseTo(20, within(0.8));
            }
        }
        assertThat(points(disc)).as("not a point a pixel").isLessThan(70);
    }

    @Test
    void squareCornersStaySquareAndHolesStayOpen() {
        Path2D frame = traced(2,
                (x, y) -> x > 20 && x < 60 && y > 10 && y < 50 && !(x > 30 && x < 50 && y > 20 && y < 40)
                        ? 1
                        : 0)
                .get(1);
        assertThat(Math.abs(area(frame))).isCloseTo(40 * 40 - 20 * 20, within(8.0));
        assertThat(frame.contains(40, 30)).as("the hole").isFalse();
        assertThat(frame.contains(20.6, 10.6)).as("the corner").isTrue();
        assertThat(frame.contains(59.4, 49.4)).isTrue();
        assertThat(frame.contains(19.6, 9.6)).isFalse();
    }

    @Test
    void anAreaReachesUnderThoseAfterItAndNoGapOpens() {
        List<Path2D> all = traced(3, (x, y) -> x + 0.3 * y < 30 ? 0 : x - 0.2 * y < 55 ? 1 : 2);
        Area ground = new Area(all.get(0));
        assertThat(ground.contains(0.1, 0.1, W - 0.2, H - 0.2)).as("the first is everywhere").isTrue();
        Area later = new Area(all.get(2));
        later.subtract(new Area(all.get(1)));
        assertThat(later.isEmpty() || later.getBounds2D().getWidth() < 1 || later.getBounds2D().getHeight() < 1)
                .isTrue();
    }

    @Test
    void whatCrossesAnEdgeMeetsItselfOnTheOtherSide() {
        // A band aslant that closes on the torus, and an eye over the corner.
        Label label = (x, y) -> {
            double band = (x / W + y / H) % 1;
            double dx = Math.min(x, W - x);
            double dy = Math.min(y, H - y);
            return Math.hypot(dx, dy) < 9 ? 2 : band < 0.3 ? 1 : 0;
        };
        List<Path2D> all = traced(3, label);
        int apart = 0;
        for (int ink = 1; ink < 3; ink++) {
            for (int i = 0; i < 240; i++) {
                double y = i * H / 240.0 + 0.01;
                double x = i * W / 240.0 + 0.01;
                apart += all.get(ink).contains(0.001, y) == all.get(ink).contains(W + 0.001, y) ? 0 : 1;
                apart += all.get(ink).contains(x, 0.001) == all.get(ink).contains(x, H + 0.001) ? 0 : 1;
            }
        }
        // Of 960 places, a third of a pixel apart, at eight crossings of an edge.
        assertThat(apart).isLessThanOrEqualTo(10);
        assertThat(all.get(2).contains(-4, -4)).as("it goes on beyond the edge").isTrue();
    }

    @Test
    void specksAreLeftOutAndClearPlacesToo() {
        List<Path2D> all = traced(2, (x, y) -> x < 1.5 && y > 30 && y < 31.2 ? 1 : x > 40 ? -1 : 0);
        assertThat(all.get(1).getCurrentPoint()).as("a single pixel").isNull();
        assertThat(all.get(0).contains(60, 30)).isFalse();
        assertThat(Math.abs(area(all.get(0)))).isGreaterThan(40 * 60 - 10);
    }
}
