package org.vatwright.core.brush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.WallpaperGroup;

class DabsTest {

    private static final Brush PLAIN = Brush.plain("Plain", Tip.ROUND, 4).withSpacing(0.25);

    private static List<double[]> dabs(Track track, Brush brush) {
        List<double[]> all = new ArrayList<>();
        Dabs.of(new BrushStroke(track, brush, Ink.slot("A"))).each((x, y, half, angle, gone) -> all.add(
                new double[]{x, y, half, angle, gone}));
        return all;
    }

    @Test
    void alongAStraightPullTheyStandAtTheSpacing() {
        List<double[]> dabs = dabs(Track.of(3, 5, 33, 45), PLAIN);
        // 50 mm long, a millimetre from each to the next, one at its start.
        assertThat(dabs).hasSize(51);
        for (int i = 0; i < dabs.size(); i++) {
            assertThat(dabs.get(i)[0]).isCloseTo(3 + 0.6 * i, within(1e-9));
            assertThat(dabs.get(i)[1]).isCloseTo(5 + 0.8 * i, within(1e-9));
        }
    }

    /** The length of y = x^2 / 2p from its vertex is known: p/2 (t root(1+t^2) + asinh t) with t = x/p. */
    @Test
    void alongAParabolaTheyStandAtTheSpacingOfItsLength() {
        // Between three points runs one parabola from the first to the last: x = 40 t, y = 60 t^2.
        List<double[]> dabs = dabs(Track.of(0, 0, 20, 0, 40, 60), PLAIN.withSpacing(0.31));
        double p = 1600.0 / 120;
        assertThat(dabs).hasSizeGreaterThan(50);
        for (int i = 0; i < dabs.size(); i++) {
            double t = dabs.get(i)[0] / p;
            double length = p / 2 * (t * Math.sqrt(1 + t * t) + Math.log(t + Math.sqrt(1 + t * t)));
            assertThat(length).isCloseTo(1.24 * i, within(1e-9));
            assertThat(dabs.get(i)[1]).isCloseTo(dabs.get(i)[0] * dabs.get(i)[0] / (2 * p), within(1e-9));
        }
    }

    @Test
    void aPullThatTurnsBackOnItselfIsGoneBothWays() {
        // Out to its farthest place, where a parabola through 0, 40 and 0 turns, and back: 20 mm each way.
        List<double[]> dabs = dabs(Track.of(0, 0, 40, 0, 0, 0), PLAIN);
        assertThat(dabs).hasSize(41);
        assertThat(dabs.get(20)[0]).isCloseTo(20, within(1e-6));
        for (int i = 0; i <= 20; i++) {
            assertThat(dabs.get(i)[0]).isCloseTo(i, within(1e-9));
            assertThat(dabs.get(40 - i)[0]).isCloseTo(i, within(1e-9));
        }
    }

    @Test
    void throughManyPointsTheLengthsBetweenThemAddUpAcrossEveryJoint() {
        double[] at = new double[80];
        for (int i = 0; i < 40; i++) {
            at[2 * i] = 50 + (20 + i) * Math.cos(i * 0.4);
            at[2 * i + 1] = 50 + (20 + i) * Math.sin(i * 0.4);
        }
        List<double[]> dabs = dabs(Track.of(at), PLAIN.withSpacing(0.05));
        for (int i = 1; i < dabs.size(); i++) {
            double chord = Math.hypot(dabs.get(i)[0] - dabs.get(i - 1)[0], dabs.get(i)[1] - dabs.get(i - 1)[1]);
            // An arc of 0.2 mm on a bend of 10 mm radius or more is at most this much longer than its chord.
            assertThat(chord).isBetween(0.2 * (1 - 1e-4), 0.2 + 1e-9);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 7, 8, 11, 16})
    void mirrorsLieEvenlyAndEachMapsAllOntoAll(int axes) {
        Repeat repeat = new Repeat(100, 80, Arrangement.STRAIGHT);
        double first = 12.5;
        List<AffineTransform> copies = new Symmetry.Axes(axes, 37, 21, first).copies(repeat);
        assertThat(copies).hasSize(2 * axes);
        List<Point2D> there = new ArrayList<>();
        for (AffineTransform copy : copies) {
            there.add(copy.transform(new Point2D.Double(60, 33), null));
        }
        for (int k = 0; k < axes; k++) {
            double a = Math.toRadians(first + 180.0 * k / axes);
            for (Point2D p : there) {
                // Reflected by hand: along the line it stays, across it turns round. Angles count upwards, y downwards.
                double along = (p.getX() - 37) * Math.cos(a) - (p.getY() - 21) * Math.sin(a);
                double across = (p.getX() - 37) * Math.sin(a) + (p.getY() - 21) * Math.cos(a);
                Point2D mirrored = new Point2D.Double(37 + along * Math.cos(a) - across * Math.sin(a),
                        21 - along * Math.sin(a) - across * Math.cos(a));
                assertThat(there.stream().mapToDouble(q -> q.distance(mirrored)).min().orElseThrow())
                        .isLessThan(1e-9);
            }
        }
        assertThat(there.stream().distinct()).hasSize(2 * axes);
    }

    @Test
    void turningCopiesGoAllAround() {
        List<AffineTransform> copies = new Symmetry.Turns(5, 10, 10).copies(new Repeat(50, 50, Arrangement.STRAIGHT));
        List<Double> angles = copies.stream().map(c -> c.transform(new Point2D.Double(20, 10), null))
                .map(p -> (Math.toDegrees(Math.atan2(p.getY() - 10, p.getX() - 10)) + 360) % 360).sorted().toList();
        for (int i = 0; i < 5; i++) {
            assertThat(angles.get(i)).isCloseTo(72.0 * i, within(1e-9));
        }
    }

    @Test
    void aGroupAsksForItsCellAndSaysWhich() {
        Symmetry group = new Symmetry.Group(WallpaperGroup.P4);
        assertThatThrownBy(() -> group.check(new Repeat(100, 80, Arrangement.STRAIGHT))).isInstanceOf(Refusal.class)
                .hasMessageContaining("100 x 100 mm would be right");
        group.check(new Repeat(100, 100, Arrangement.STRAIGHT));
    }

    @Test
    void aTaperThinsBothEndsAndNothingBetween() {
        List<double[]> dabs = dabs(Track.of(0, 0, 100, 0), PLAIN.withTaper(3));
        assertThat(dabs.getFirst()[2]).isZero();
        assertThat(dabs.getLast()[2]).isLessThan(1);
        assertThat(dabs).filteredOn(d -> d[4] > 12.5 && d[4] < 87.5).isNotEmpty()
                .allSatisfy(d -> assertThat(d[2]).isEqualTo(2));
        assertThat(dabs).filteredOn(d -> d[4] < 11.5).isSortedAccordingTo((a, b) -> Double.compare(a[2], b[2]));
    }

    @Test
    void aLightHandIsThinner() {
        Track track = Track.of(new double[]{0, 50, 100}, new double[]{0, 0, 0}, new float[]{1, 0, 1});
        List<double[]> dabs = dabs(track, PLAIN.withThins(0.5));
        assertThat(dabs.getFirst()[2]).isEqualTo(2);
        assertThat(dabs.stream().mapToDouble(d -> d[2]).min().orElseThrow()).isBetween(1.4, 1.6);
    }

    @Test
    void jitterStaysWithinItsShareAndTheSameSeedGivesTheSame() {
        Brush wild = PLAIN.withJitter(new Brush.Jitter(0.5, 0, 0.4, 0)).withSpacing(1);
        Track track = Track.of(0, 0, 400, 0);
        List<double[]> dabs = dabs(track, wild);
        assertThat(dabs).allSatisfy(d -> {
            assertThat(d[2]).isBetween(1.0, 2.0);
            assertThat(Math.abs(d[1])).isLessThanOrEqualTo(1.6);
        });
        assertThat(dabs.stream().mapToDouble(d -> d[2]).max().orElseThrow()).isGreaterThan(1.8);
        assertThat(dabs.stream().mapToDouble(d -> d[1]).min().orElseThrow()).isLessThan(-1);
        List<double[]> again = dabs(track, wild);
        List<double[]> other = new ArrayList<>();
        Dabs.of(new BrushStroke(track, wild, Ink.slot("A")).withSeed(2))
                .each((x, y, half, angle, gone) -> other.add(new double[]{x, y, half}));
        assertThat(again.get(7)[1]).isEqualTo(dabs.get(7)[1]);
        assertThat(other.get(7)[1]).isNotEqualTo(dabs.get(7)[1]);
    }

    @Test
    void aBrushThatTurnsWithTheWayPointsAlongIt() {
        List<double[]> dabs = dabs(Track.of(0, 0, 0, 40), PLAIN.withAlong(true).withAngleDeg(90));
        // Down the cloth, and a quarter turn from there counter-clockwise as seen: to the right.
        assertThat(dabs).allSatisfy(d -> assertThat(Math.cos(d[3])).isCloseTo(1, within(1e-6)));
    }

    @Test
    void aVeryLongPullOfAVerySmallBrushStaysBounded() {
        List<double[]> dabs = dabs(Track.of(0, 0, 1e6, 0), Brush.plain("Hair", Tip.ROUND, 0.05).withSpacing(0.01));
        assertThat(dabs).hasSizeLessThanOrEqualTo(Dabs.MOST + 1);
    }

    @Test
    void simplerTracksStayAsNearAsTheyMay() {
        double[] at = new double[400];
        for (int i = 0; i < 200; i++) {
            at[2 * i] = i;
            at[2 * i + 1] = 20 * Math.sin(i / 20.0);
        }
        Track track = Track.of(at);
        Track simple = track.simplified(0.2);
        assertThat(simple.size()).isLessThan(60);
        for (int i = 0; i < track.size(); i++) {
            double nearest = Double.MAX_VALUE;
            for (int k = 1; k < simple.size(); k++) {
                nearest = Math.min(nearest, java.awt.geom.Line2D.ptSegDist(simple.x(k - 1), simple.y(k - 1),
                        simple.x(k), simple.y(k), track.x(i), track.y(i)));
            }
            assertThat(nearest).isLessThanOrEqualTo(0.2);
        }
    }
}
