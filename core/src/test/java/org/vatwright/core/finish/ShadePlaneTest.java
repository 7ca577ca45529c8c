package org.vatwright.core.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.drape.Place;

/** A fold that bends: its light comes from the upper left wherever it leads. */
class ShadePlaneTest {

    private static final double MIDDLE = 100;
    private static final double RADIUS = 80;

    /** Around a quarter of a circle that leads along the light in its middle, from straight right to straight down. */
    private static ShadePlane arc(double degreesEach) {
        List<Place> points = new ArrayList<>();
        for (double a = -90; a <= 1e-9; a += degreesEach) {
            points.add(new Place(MIDDLE + RADIUS * Math.cos(Math.toRadians(a)),
                    MIDDLE + RADIUS * Math.sin(Math.toRadians(a))));
        }
        return ShadePlane.of(new ShadeStroke(ShadeStroke.Kind.FOLD, points, 40, 0.8, 1, Confine.FREE, false), 2,
                new ShadePlane.Area(0, 0, 440, 440));
    }

    private static double at(ShadePlane plane, double radius, double degrees) {
        return plane.at((int) Math.round(2 * (MIDDLE + radius * Math.cos(Math.toRadians(degrees)))),
                (int) Math.round(2 * (MIDDLE + radius * Math.sin(Math.toRadians(degrees)))));
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 15, 30})
    void whereItLeadsAlongTheLightItsFlanksChangeSidesWithoutAStep(double degreesEach) {
        ShadePlane fold = arc(degreesEach);
        assertThat(at(fold, RADIUS + 5, -70)).as("above a fold that leads right").isGreaterThan(0.3);
        assertThat(at(fold, RADIUS - 5, -70)).as("below it").isLessThan(-0.3);
        assertThat(at(fold, RADIUS + 5, -20)).as("right of a fold that leads down").isLessThan(-0.3);
        assertThat(at(fold, RADIUS - 5, -20)).as("left of it").isGreaterThan(0.3);
        double before = at(fold, RADIUS + 5, -70);
        for (double a = -69.5; a <= -20; a += 0.5) {
            double now = at(fold, RADIUS + 5, a);
            assertThat(Math.abs(now - before)).as("%s degrees", a).isLessThan(0.12);
            before = now;
        }
    }
}
