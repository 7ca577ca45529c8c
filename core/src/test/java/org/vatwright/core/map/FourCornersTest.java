package org.vatwright.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

class FourCornersTest {

    private static double[] at(ClothMap map, double x, double y) {
        double[] uv = new double[2];
        map.at(x, y, uv);
        return uv;
    }

    @Test
    void cornersComeToLieOnCorners() {
        Random random = new Random(4);
        for (int n = 0; n < 200; n++) {
            double[] x = {random.nextDouble(), 10 + random.nextDouble(), 10 + random.nextDouble(), random.nextDouble()};
            double[] y = {random.nextDouble(), random.nextDouble(), 8 + random.nextDouble(), 8 + random.nextDouble()};
            FourCorners map = FourCorners.of(x, y, 0.25, -3, 2.5, 4);
            double[][] wanted = {{0.25, -3}, {2.75, -3}, {2.75, 1}, {0.25, 1}};
            for (int i = 0; i < 4; i++) {
                double[] uv = at(map, x[i], y[i]);
                assertThat(uv[0]).isEqualTo(wanted[i][0], within(1e-9));
                assertThat(uv[1]).isEqualTo(wanted[i][1], within(1e-9));
                double[] moved = at(map.from(3, 5), x[i] - 3, y[i] - 5);
                assertThat(moved).containsExactly(uv, within(1e-9));
            }
        }
    }

    /** The known answer of the map's comment: the middle is where the diagonals cross. */
    @Test
    void theMiddleIsSeenWhereTheDiagonalsCross() {
        FourCorners map = FourCorners.of(new double[]{1, 3, 4, 0}, new double[]{0, 0, 3, 3}, 0, 0, 1, 1);
        assertThat(at(map, 2, 1)).containsExactly(new double[]{0.5, 0.5}, within(1e-12));
    }

    @Test
    void aParallelogramIsTheAffineMapOfIt() {
        FourCorners map = FourCorners.of(new double[]{10, 50, 70, 30}, new double[]{5, 15, 45, 35}, 0, 0, 1, 1);
        for (double s = 0; s <= 1; s += 0.125) {
            for (double t = 0; t <= 1; t += 0.125) {
                double[] uv = at(map, 10 + 40 * s + 20 * t, 5 + 10 * s + 30 * t);
                assertThat(uv).containsExactly(new double[]{s, t}, within(1e-12));
            }
        }
    }

    @Test
    void shapesThatFoldInAreRefusedWithTheCornerThatDoes() {
        assertThatThrownBy(() -> FourCorners.of(new double[]{0, 10, 3, 0}, new double[]{0, 0, 3, 10}, 0, 0, 1, 1))
                .hasMessageContaining("corner at 3.0, 3.0").hasMessageContaining("bulge outwards");
        assertThatThrownBy(() -> FourCorners.of(new double[]{0, 5, 10, 0}, new double[]{0, 0, 0, 10}, 0, 0, 1, 1))
                .hasMessageContaining("corner at 5.0, 0.0");
    }

    private static Raster checker(int side, int squares) {
        Raster tile = new Raster(side, side);
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                boolean white = (x * squares / side + y * squares / side) % 2 == 0;
                tile.argb()[y * side + x] = white ? 0xFFFFFFFF : 0xFF000000;
            }
        }
        return tile;
    }

    /** Held against 256 samples a pixel of the endless cloth, averaged in light: near, far and between. */
    @Test
    void whatIsSeenAtAnAngleIsTheMeanOfWhatLiesUnderEachPixel() {
        Raster tile = checker(128, 4);
        FourCorners map = FourCorners.of(new double[]{60, 100, 160, 0}, new double[]{10, 10, 120, 120}, 0, 0, 3, 6);
        Raster seen = new Raster(160, 120);
        TorusSampler.sample(tile, map, seen, Work.on(2));
        double off = 0;
        double worst = 0;
        int count = 0;
        for (int y = 14; y < 118; y += 3) {
            for (int x = 66; x < 94; x += 2) {
                double wanted = brute(tile, map, x, y);
                double got = Light.linear(seen.at(x, y) & 255);
                off += Math.abs(got - wanted);
                worst = Math.max(worst, Math.abs(got - wanted));
                count++;
            }
        }
        assertThat(off / count).isLessThan(0.05);
        assertThat(worst).isLessThan(0.45);
    }

    private static double brute(Raster tile, ClothMap map, int x, int y) {
        double sum = 0;
        for (int i = 0; i < 256; i++) {
            double[] uv = at(map, x + (i % 16 + 0.5) / 16, y + (i / 16 + 0.5) / 16);
            int px = (int) ((uv[0] - Math.floor(uv[0])) * tile.width());
            int py = (int) ((uv[1] - Math.floor(uv[1])) * tile.height());
            sum += Light.linear(tile.at(px, py) & 255) / 256.0;
        }
        return sum;
    }

    @Test
    void farAwayACheckIsItsMeanAndNeverFlickers() {
        Raster tile = checker(64, 32);
        int mean = Light.channel(0.5f);
        for (int shift = 0; shift < 7; shift++) {
            FourCorners map = FourCorners.of(new double[]{0, 40.0 + shift, 40, 0}, new double[]{0, 0, 30, 30},
                    shift / 7.0, 0, 90, 70);
            Raster seen = new Raster(40, 30);
            TorusSampler.sample(tile, map, seen, Work.on(1));
            for (int argb : seen.argb()) {
                assertThat(argb & 255).isBetween(mean - 3, mean + 3);
            }
        }
    }

    @Test
    void levelsKeepTheMeanLightDownToOnePixel() {
        Random random = new Random(9);
        Raster tile = new Raster(64, 32);
        double sum = 0;
        for (int i = 0; i < tile.argb().length; i++) {
            int grey = random.nextInt(256);
            tile.argb()[i] = 0xFF000000 | grey * 0x010101;
            sum += Light.linear(grey) / tile.argb().length;
        }
        Raster[] levels = new Levels(tile).all(Work.on(2));
        assertThat(levels).hasSize(7);
        assertThat(levels[6].width()).isEqualTo(1);
        for (Raster level : levels) {
            double mean = 0;
            for (int argb : level.argb()) {
                mean += Light.linear(argb & 255) / level.argb().length;
            }
            assertThat(mean).isEqualTo(sum, within(0.01));
        }
    }
}
