package org.vatwright.core.map;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

class TorusSamplerTest {

    private static Raster random(int w, int h, long seed) {
        Raster raster = new Raster(w, h);
        Random random = new Random(seed);
        for (int i = 0; i < w * h; i++) {
            raster.argb()[i] = 0xFF000000 | random.nextInt(1 << 24);
        }
        return raster;
    }

    private static Affine turned(Raster tile, double degrees, double pxPerPx, double x, double y) {
        double c = Math.cos(Math.toRadians(degrees)) * pxPerPx;
        double s = Math.sin(Math.toRadians(degrees)) * pxPerPx;
        return new Affine(x / tile.width(), c / tile.width(), -s / tile.width(), y / tile.height(), s / tile.height(),
                c / tile.height());
    }

    @Test
    void wholeMovesCopyPixelsAsTheyAre() {
        Raster tile = random(37, 23, 1);
        Raster out = new Raster(200, 150);
        TorusSampler.sample(tile, turned(tile, 0, 1, -5, 40), out, Work.on(2));
        for (int y = 0; y < 150; y++) {
            for (int x = 0; x < 200; x++) {
                assertThat(out.at(x, y)).isEqualTo(tile.at(Math.floorMod(x - 5, 37), Math.floorMod(y + 40, 23)));
            }
        }
    }

    @Test
    void anyMapIsWithinOneLevelOfExactArithmeticFarOut() {
        Raster tile = random(61, 47, 2);
        for (double angle : new double[]{31, -90, 123.4, 0.001}) {
            Affine map = turned(tile, angle, 0.731, 1e5 + 0.3, -7.7);
            Raster out = new Raster(8000, 3);
            TorusSampler.sample(tile, map, out, Work.on(1));
            for (int x = 0; x < 8000; x += 7) {
                assertLevels(out.at(x, 1), exact(tile, map.u(x, 1) * 61 - 0.5, map.v(x, 1) * 47 - 0.5));
            }
        }
    }

    private static void assertLevels(int got, double[] wanted) {
        for (int c = 0; c < 3; c++) {
            assertThat((double) (got >> 16 - 8 * c & 255)).isBetween(wanted[c] - 2.1, wanted[c] + 2.1);
        }
    }

    private static double[] exact(Raster tile, double x, double y) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        double[] sum = new double[3];
        for (int dy = 0; dy < 2; dy++) {
            for (int dx = 0; dx < 2; dx++) {
                int p = tile.at(Math.floorMod(x0 + dx, tile.width()), Math.floorMod(y0 + dy, tile.height()));
                double share = (dx == 0 ? 1 - (x - x0) : x - x0) * (dy == 0 ? 1 - (y - y0) : y - y0);
                for (int c = 0; c < 3; c++) {
                    sum[c] += share * (p >> 16 - 8 * c & 255);
                }
            }
        }
        return sum;
    }

    @Test
    void oneColourStaysThatColourAtAnyScaleAndAngle() {
        Raster tile = new Raster(17, 31);
        Arrays.fill(tile.argb(), 0xFF1F3460);
        Random random = new Random(3);
        for (int n = 0; n < 50; n++) {
            Raster out = new Raster(130, 70);
            TorusSampler.sample(tile, turned(tile, random.nextDouble() * 360, 0.1 + random.nextDouble() * 5,
                    random.nextDouble() * 99, random.nextDouble() * 99), out, Work.on(1));
            assertThat(out.argb()).containsOnly(0xFF1F3460);
        }
    }

    @Test
    void oneThreadAndManyAgreeToTheBit() {
        Raster tile = random(300, 200, 4);
        Affine map = turned(tile, 31, 0.373, 12.5, 0);
        Raster one = new Raster(700, 500);
        Raster many = new Raster(700, 500);
        TorusSampler.sample(tile, map, one, Work.on(1));
        TorusSampler.sample(tile, map, many, Work.on(4));
        assertThat(many.argb()).isEqualTo(one.argb());
    }

    /** A tile too large to be kept spread is sampled like the small one it repeats. */
    @Test
    void aVeryLargeTileIsSampledLikeASmallOne() {
        Raster small = new Raster(241, 41);
        java.util.Random random = new java.util.Random(4);
        for (int i = 0; i < small.argb().length; i++) {
            small.argb()[i] = 0xFF000000 | random.nextInt(1 << 24);
        }
        Raster large = new Raster(17 * 241, 100 * 41);
        for (int i = 0; i < large.argb().length; i++) {
            large.argb()[i] = small.at(i % large.width() % 241, i / large.width() % 41);
        }
        Raster a = new Raster(300, 200);
        Raster b = new Raster(300, 200);
        TorusSampler.sample(small, new Affine(0.1, 0.8 / 241, -0.5 / 241, 0.3, 0.5 / 41, 0.8 / 41), a, Work.on(2));
        TorusSampler.sample(large, new Affine(0.1 / 17, 0.8 / 241 / 17, -0.5 / 241 / 17, 0.003, 0.5 / 4100, 0.8 / 4100),
                b,
                Work.on(2));
        assertThat(org.vatwright.core.Samples.difference(a, b)).isLessThanOrEqualTo(2);
    }
}
