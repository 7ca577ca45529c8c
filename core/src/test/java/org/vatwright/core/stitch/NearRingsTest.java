package org.vatwright.core.stitch;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

class NearRingsTest {

    private static List<double[][]> rings(Random random) {
        List<double[][]> rings = new ArrayList<>();
        for (int r = 0; r < 6; r++) {
            int points = 2 + random.nextInt(40);
            double[][] ring = new double[2][points];
            double step = r % 2 == 0 ? 3 : 80;
            for (int i = 0; i < points; i++) {
                ring[0][i] = i == 0 ? 200 * random.nextDouble() : ring[0][i - 1] + step * random.nextGaussian();
                ring[1][i] = i == 0 ? 200 * random.nextDouble() : ring[1][i - 1] + step * random.nextGaussian();
            }
            rings.add(ring);
        }
        return rings;
    }

    private static double nearest(double x, double y, List<double[][]> rings) {
        double best = Double.MAX_VALUE;
        for (double[][] ring : rings) {
            for (int i = 0; i + 1 < ring[0].length; i++) {
                best = Math.min(best, Line2D.ptSegDist(ring[0][i], ring[1][i], ring[0][i + 1], ring[1][i + 1], x, y));
            }
        }
        return best;
    }

    /** Held against the distance to each stretch of all, which is worked out to a few millionths. */
    @Test
    void aPlaceIsFarFromAllStretchesOrNearToOne() {
        Random random = new Random(7);
        int near = 0;
        for (int round = 0; round < 30; round++) {
            List<double[][]> rings = rings(random);
            NearRings tree = new NearRings(rings);
            for (int k = 0; k < 300; k++) {
                double x = -50 + 300 * random.nextDouble();
                double y = -50 + 300 * random.nextDouble();
                double true1 = nearest(x, y, rings);
                assertThat(tree.far(x, y, true1 - 1e-4)).as("just nearer than the nearest").isTrue();
                assertThat(tree.far(x, y, true1 + 1e-4)).as("just farther").isFalse();
                near += tree.far(x, y, 10) ? 0 : 1;
            }
        }
        assertThat(near).isBetween(1000, 8000);
        assertThat(new NearRings(List.of()).far(0, 0, 1e6)).isTrue();
        assertThat(new NearRings(rings(random)).far(0, 0, -0.004)).as("nothing is asked for").isTrue();
    }
}
