package org.vatwright.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** Nets of bends whose way back is known by a formula. */
class NetTest {

    private static final int SIDE = 240;

    /** A wave across: x is seen where x + 9 sin(2 pi y / 160) lies, which leads back by taking it off again. */
    private static final NetBuilder.Bend WAVE = (s, t, out) -> {
        double x = -40 + s * 320;
        double y = -40 + t * 320;
        out[0] = x + 9 * Math.sin(2 * Math.PI * y / 160);
        out[1] = y;
        out[2] = x;
        out[3] = y;
    };

    private static Net net(NetBuilder.Bend bend, Affine next) {
        NetBuilder builder = new NetBuilder(next, new Rectangle2D.Double(0, 0, SIDE, SIDE), 0.015);
        builder.add(List.of(new NetBuilder.Part(bend, new Rectangle2D.Double(-60, -60, 400, 400), 320, 320)), true);
        return builder.net();
    }

    private static Raster noise(int side, boolean clear) {
        Random random = new Random(3);
        Raster tile = new Raster(side, side);
        for (int i = 0; i < side * side; i++) {
            int x = i % side / 8;
            int y = i / side / 8;
            int grey = new Random(x * 31L + y).nextInt(256);
            int alpha = clear && (x + y) % 3 == 0 ? 0 : 255;
            tile.argb()[i] = alpha == 0 ? 0 : 0xFF000000 | grey << 16 | 255 - grey << 8 | random.nextInt(20);
        }
        return tile;
    }

    @Test
    void theWayBackIsThatOfTheFormula() {
        Net net = net(WAVE, new Affine(0, 1, 0, 0, 0, 1));
        double[] uv = new double[2];
        double worst = 0;
        for (double y = 3; y < SIDE; y += 7.3) {
            for (double x = 12; x < SIDE - 12; x += 6.1) {
                net.at(x, y, uv);
                worst = Math.max(worst, Math.hypot(uv[0] - (x - 9 * Math.sin(2 * Math.PI * y / 160)), uv[1] - y));
            }
        }
        assertThat(worst).isLessThan(0.02);
    }

    /** Read straight into the picture, and by way of places that are written down first, as shaded cloth is: one picture. */
    @ParameterizedTest
    @ValueSource(doubles = {2.1, 1.0, 0.6, 0.31, 0.07})
    void bothWaysOfReadingMakeOnePicture(double scale) {
        for (boolean clear : new boolean[]{false, true}) {
            Raster tile = noise(96, clear);
            Net net = net(WAVE, new Affine(0.3, 1 / 96.0 / scale, 0, 0.1, 0, 1 / 96.0 / scale));
            Raster straight = new Raster(SIDE, SIDE);
            new TorusSampler(tile).sample(net, straight, Work.on(2));
            Raster written = new Raster(SIDE, SIDE);
            // So little shade that no level changes.
            new TorusSampler(tile).sample(net, Reading.shaded(1e-9), written, Work.on(1));
            int off = 0;
            int most = 0;
            for (int i = 0; i < straight.argb().length; i++) {
                for (int shift = 0; shift < 32; shift += 8) {
                    int d = Math.abs((straight.argb()[i] >>> shift & 255) - (written.argb()[i] >>> shift & 255));
                    most = Math.max(most, d);
                    off += d > 1 ? 1 : 0;
                }
            }
            assertThat(most).as("scale %s, clear %s", scale, clear).isLessThanOrEqualTo(4);
            assertThat(off).isLessThan(SIDE * SIDE / 200);
        }
    }

    /** However it is bent and however small: as much light as the cloth has, and as much of it clear. */
    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.25, 0.06})
    void whatIsShrunkKeepsItsLightAndItsCover(double scale) {
        Raster tile = noise(96, true);
        Net net = net(WAVE, new Affine(0, 1 / 96.0 / scale, 0, 0, 0, 1 / 96.0 / scale));
        Raster seen = new Raster(SIDE, SIDE);
        new TorusSampler(tile).sample(net, seen, Work.on(1));
        assertThat(light(seen)).isEqualTo(light(tile), within(0.03));
        assertThat(cover(seen)).isEqualTo(cover(tile), within(0.03));
    }

    private static double cover(Raster r) {
        double sum = 0;
        for (int argb : r.argb()) {
            sum += (argb >>> 24) / 255.0;
        }
        return sum / r.argb().length;
    }

    /** Of the light that covers: premultiplied by its share. */
    private static double light(Raster r) {
        double sum = 0;
        for (int argb : r.argb()) {
            int alpha = argb >>> 24;
            if (alpha > 0) {
                sum += alpha / 255.0 * Light.linear(Math.min(255, (argb >> 8 & 255) * 255 / alpha));
            }
        }
        return sum / r.argb().length;
    }

    @Test
    void aPartOfThePictureIsAPartOfTheWhole() {
        Raster tile = noise(96, false);
        Net net = net(WAVE, new Affine(0, 1 / 96.0, 0, 0, 0, 1 / 96.0));
        Raster whole = new Raster(SIDE, SIDE);
        new TorusSampler(tile).sample(net, whole, Work.on(1));
        Raster part = new Raster(70, 50);
        new TorusSampler(tile).sample(net.from(31, 57), part, Work.on(1));
        for (int y = 0; y < 50; y++) {
            for (int x = 0; x < 70; x++) {
                for (int shift = 0; shift < 24; shift += 8) {
                    assertThat((double) (part.at(x, y) >> shift & 255)).as("%d, %d", x, y)
                            .isEqualTo(whole.at(31 + x, 57 + y) >> shift & 255, within(2.0));
                }
            }
        }
    }

    @Test
    void fourCornersGoOnThroughAnyAffineMap() {
        FourCorners seen = FourCorners.of(new double[]{10, 90, 120, 5}, new double[]{8, 20, 110, 95}, 0, 0, 50, 40);
        Affine next = new Affine(0.25, 0.02, -0.01, -0.5, 0.007, 0.03);
        Random random = new Random(1);
        double[] flat = new double[2];
        double[] wanted = new double[2];
        double[] got = new double[2];
        for (int n = 0; n < 200; n++) {
            double x = 20 + random.nextDouble() * 60;
            double y = 25 + random.nextDouble() * 60;
            seen.at(x, y, flat);
            next.at(flat[0], flat[1], wanted);
            seen.then(next).at(x, y, got);
            assertThat(got).containsExactly(wanted, within(1e-9));
            seen.then(next).from(4, 9).at(x - 4, y - 9, got);
            assertThat(got).containsExactly(wanted, within(1e-9));
        }
        // The horizon lies far to the upper left; beyond it there is no cloth.
        FourCorners steep = FourCorners.of(new double[]{40, 60, 100, 0}, new double[]{50, 50, 100, 100}, 0, 0, 1, 1);
        steep.at(50, -200, got);
        assertThat(got[0]).isNaN();
    }

    @Test
    void cellsTakeAsManySamplesAsTheyAreLongerThanBroad() {
        Footing footing = new Footing(1, 1, 100, 100, false);
        // A pixel's shadow is one texel broad and so many long; one is enough up to a quarter more.
        int[] wanted = {1, 2, 4, 8, 8};
        double[] longer = {1.2, 2.4, 4.9, 9.9, 40};
        for (int k = 0; k < wanted.length; k++) {
            Footing.Shadow shadow = footing.shadow(longer[k] / 100, 0, 0, 0.01);
            assertThat(footing.taps(shadow.level(), shadow.u(), shadow.v())).as("%s texels", longer[k])
                    .isEqualTo((byte) wanted[k]);
        }
        assertThat(footing.shadow(0.08, 0, 0, 0.08).level()).isEqualTo(3, within(1e-6f));
        assertThat(footing.shadow(0.005, 0, 0, 0.005).level()).isZero();
    }
}
