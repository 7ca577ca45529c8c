package org.vatwright.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;

/** The middle of a line, and where the ends of a gradient lie. */
class SpineTest {

    private static final Tile TILE = new Repeat(80, 50, Arrangement.STRAIGHT).tile();

    private static double[][] wave(int points) {
        double[][] at = new double[2][points];
        for (int i = 0; i < points; i++) {
            at[0][i] = 40.0 * i / (points - 1);
            at[1][i] = 9 * Math.sin(5.0 * i / (points - 1));
        }
        return at;
    }

    /** Held against the distance to every stretch. */
    @Test
    void aPlaceIsToldByItsNearestStretch() {
        double[][] w = wave(300);
        Spine spine = new Spine(w[0], w[1], 3);
        Random random = new Random(4);
        for (int n = 0; n < 500; n++) {
            double x = 44 * random.nextDouble() - 2;
            double y = 24 * random.nextDouble() - 12;
            double least = Double.MAX_VALUE;
            double way = 0;
            double along = 0;
            for (int i = 1; i < w[0].length; i++) {
                double length = Math.hypot(w[0][i] - w[0][i - 1], w[1][i] - w[1][i - 1]);
                double d = Line2D.ptSegDist(w[0][i - 1], w[1][i - 1], w[0][i], w[1][i], x, y);
                if (d < least - 1e-12) {
                    least = d;
                    double on = ((x - w[0][i - 1]) * (w[0][i] - w[0][i - 1])
                            + (y - w[1][i - 1]) * (w[1][i] - w[1][i - 1])) / length;
                    along = way + Math.max(0, Math.min(length, on));
                }
                way += length;
            }
            assertThat(Math.abs(spine.across(x, y) - 0.5) * 6).as("distance at %s, %s", x, y).isCloseTo(least,
                    within(1e-9));
            assertThat(spine.along(x, y) * way).isCloseTo(along, within(1e-6));
        }
        assertThat(spine.lengthMm()).isGreaterThan(40);
    }

    @Test
    void movedItTellsTheSameOfMovedPlaces() {
        double[][] w = wave(40);
        Spine spine = new Spine(w[0], w[1], 3);
        AffineTransform by = AffineTransform.getRotateInstance(0.7);
        by.translate(12, -5);
        by.scale(2, 2);
        Spine moved = spine.moved(by).moved(AffineTransform.getTranslateInstance(100, 0));
        for (double along = 0.05; along < 1; along += 0.09) {
            for (double across : new double[]{0.2, 0.5, 0.9}) {
                double[] at = spine.point(along, across);
                double[] to = new double[2];
                by.transform(at, 0, to, 0, 1);
                assertThat(moved.along(to[0] + 100, to[1])).isCloseTo(spine.along(at[0], at[1]), within(1e-9));
                assertThat(moved.across(to[0] + 100, to[1])).isCloseTo(spine.across(at[0], at[1]), within(1e-9));
                assertThat(moved.point(along, across)).containsExactly(new double[]{to[0] + 100, to[1]}, within(1e-9));
            }
        }
        assertThatThrownBy(() -> spine.moved(AffineTransform.getScaleInstance(0, 1))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Spine(new double[]{1}, new double[]{1}, 1))
                .hasMessageContaining("points of a line");
    }

    private static Fill.OfGradient gradient(Fill.Across across) {
        return new Fill.OfGradient(new Course(Course.Kind.LINEAR, 0, 0, 1, 1), across,
                List.of(new Gradient.Stop(0, Ink.slot("A"), 1), new Gradient.Stop(1, Ink.slot("B"), 1)));
    }

    /** What a hand lays down it finds again. */
    @ParameterizedTest
    @EnumSource(Fill.Across.class)
    void endsLieWhereTheyArePulledTo(Fill.Across across) {
        AffineTransform frame = AffineTransform.getTranslateInstance(30, 20);
        frame.rotate(0.4);
        frame.scale(1.5, 1.5);
        VectorMark disc = new VectorMark(frame.createTransformedShape(new Ellipse2D.Double(-6, -4, 12, 8)),
                Ink.slot("A")).withFrame(frame);
        CoursePlace place = CoursePlace.of(gradient(across), Optional.of(disc), TILE);
        for (double u = -0.5; u < 1.6; u += 0.25) {
            double[] mm = place.mm(u, 1 - u);
            assertThat(place.share(mm[0], mm[1])).containsExactly(new double[]{u, 1 - u}, within(1e-9));
        }
        boolean inMark = across == Fill.Across.MARK || across == Fill.Across.LINE;
        assertThat(place.mm(0.5, 0.5)).containsExactly(
                inMark ? new double[]{30, 20} : new double[]{40, 25}, within(1e-9));
    }

    @Test
    void onALineTheyLieAlongItOrAcrossIt() {
        VectorMark line = new VectorMark(new Rectangle2D.Double(0, 8, 80, 4), Ink.slot("A"))
                .along(new Spine(new double[]{0, 80}, new double[]{10, 10}, 2));
        CoursePlace along = CoursePlace.of(gradient(Fill.Across.LINE), Optional.of(line), TILE);
        assertThat(along.mm(0.25, 0.9)).containsExactly(20, 10);
        assertThat(along.share(60, 11.5)).containsExactly(0.75, 0.5);
        CoursePlace across = CoursePlace.of(gradient(Fill.Across.MARK), Optional.of(line), TILE);
        assertThat(across.mm(0.9, 0)[1]).isCloseTo(8, within(1e-9));
        assertThat(across.share(7, 12)).containsExactly(new double[]{0.5, 1}, within(1e-9));
    }

    @Test
    void aMarkThatRunsOnFromTileToTileHasNoBoxOfItsOwn() {
        VectorMark band = new VectorMark(new Rectangle2D.Double(0, 8, 80, 4), Ink.slot("A"));
        assertThat(CoursePlace.of(gradient(Fill.Across.MARK), Optional.of(band), TILE).mm(1, 1)).containsExactly(80,
                50);
        VectorMark blob = new VectorMark(new Rectangle2D.Double(10, 8, 20, 4), Ink.slot("A"));
        assertThat(CoursePlace.of(gradient(Fill.Across.MARK), Optional.of(blob), TILE).mm(1, 1)).containsExactly(30,
                12);
    }
}
