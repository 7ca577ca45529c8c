package org.vatwright.core.effect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

class BlurTest {

    private static final int W = 61;
    private static final int H = 47;

    private static final int MADDER = 0xFFAB3B2C;
    private static final int NAVY = 0xFF102030;
    private static final int LINEN = 0xFFE0D8C0;

    /** A few opaque and half clear dots in two inks. */
    private static Raster marks(long seed) {
        return marks(seed, MADDER, 0x80102030);
    }

    private static Raster marks(long seed, int... inks) {
        Raster raster = new Raster(W, H);
        Random random = new Random(seed);
        for (int i = 0; i < 90; i++) {
            int at = random.nextInt(W * H);
            raster.argb()[at] = inks[random.nextInt(inks.length)];
        }
        return raster;
    }

    private static Raster rolled(Raster raster, int dx, int dy) {
        Raster rolled = new Raster(W, H);
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                rolled.argb()[(y + dy) % H * W + (x + dx) % W] = raster.at(x, y);
            }
        }
        return rolled;
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.4, 1.4, 1.6, 5.9, 11.9, 12.1, 30, 300})
    void noPlaceOfTheTorusIsAnyOther(double spread) {
        Raster marks = marks(3);
        Raster first = rolled(soft(marks, spread), 17, 40);
        Raster second = soft(rolled(marks, 17, 40), spread);
        assertThat(first.argb()).isEqualTo(second.argb());
    }

    /** Which of two inks is met first is another one wherever the tile begins. */
    @ParameterizedTest
    @ValueSource(doubles = {1.6, 5.9, 12.1})
    void noPlaceOfTheTorusIsAnyOtherInTwoInks(double spread) {
        Raster marks = marks(3, MADDER, NAVY, Packed.times255(NAVY, 90));
        assertThat(inks(marks)).isEqualTo(2);
        for (int dx = 1; dx < W; dx += 13) {
            Raster first = rolled(soft(marks, spread), dx, 40);
            Raster second = soft(rolled(marks, dx, 40), spread);
            assertThat(first.argb()).isEqualTo(second.argb());
        }
    }

    /** One opaque pixel: the coverage is the normal curve, summed over all its copies on the torus. */
    @ParameterizedTest
    @ValueSource(doubles = {0.8, 1.4, 1.6, 3, 5.5, 7, 12, 25})
    void onePixelBecomesANormalSpread(double spread) {
        float[] plane = new float[W * H];
        plane[5 * W + 3] = 1;
        plane = SoftPlane.blurred(plane, W, spread, spread, Work.on(2));
        double sum = 0;
        double most = 0;
        double peak = normal(0, spread, W) * normal(0, spread, H);
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                double wanted = normal(x - 3, spread, W) * normal(y - 5, spread, H);
                most = Math.max(most, Math.abs(plane[y * W + x] - wanted) / peak);
                sum += plane[y * W + x];
            }
        }
        // Places hold whole steps of 2^-16, of which the widest spread leaves each about twenty.
        assertThat(sum).isEqualTo(1, within(spread < 20 ? 0.006 : 0.5 / 12));
        // The peak of a single pixel is where three running sums are worst; true weights come nearly all the way.
        assertThat(most).isLessThan(spread < 1.5 ? 0.005 : 0.13);
    }

    /** An edge becomes the integral of the normal curve; held against its series, by the torus' two edges. */
    @ParameterizedTest
    @ValueSource(doubles = {1.6, 2, 5.9, 11.9, 12.1, 17.3, 20})
    void anEdgeBecomesTheIntegralOfTheNormalSpread(double spread) {
        int n = 400;
        float[] line = new float[n];
        java.util.Arrays.fill(line, 0, 200, 1);
        line = SoftPlane.blurred(line, n, spread, 0, Work.on(1));
        for (int x = 100; x < 300; x++) {
            double wanted = 0;
            for (double t = -8; t < (199.5 - x) / spread; t += 0.002) {
                wanted += 0.002 * Math.exp(-0.5 * t * t) / Math.sqrt(2 * Math.PI);
            }
            assertThat((double) line[x]).isEqualTo(wanted, within(0.012));
        }
    }

    private static double normal(int at, double spread, int period) {
        double sum = 0;
        for (int turn = -6; turn <= 6; turn++) {
            double d = (at + turn * period) / spread;
            sum += Math.exp(-0.5 * d * d);
        }
        return sum / (spread * Math.sqrt(2 * Math.PI));
    }

    /** Of few inks only what they cover is blurred: they must look as where more of them lie out of reach. */
    @ParameterizedTest
    @ValueSource(doubles = {1.6, 3, 6, 12.5})
    void inksAreBlurredAsTheyAreBesideOthers(double spread) {
        Raster one = new Raster(301, 41);
        Random random = new Random(4);
        for (int y = 0; y < 41; y++) {
            for (int x = 60; x < 110; x++) {
                one.argb()[y * 301 + x] = Packed.times255(MADDER, random.nextInt(3) * 127 + random.nextInt(2));
            }
        }
        Raster two = with(NAVY, 140, one);
        Raster three = with(LINEN, 250, two);
        assertThat(OneInk.of(one.argb(), Work.on(2))).isEqualTo(MADDER);
        assertThat(OneInk.of(two.argb(), Work.on(2))).isEqualTo(OneInk.NONE);
        assertThat(inks(two)).isEqualTo(2);
        assertThat(inks(three)).isEqualTo(3);
        near(soft(one, spread), soft(two, spread), 5, 100);
        near(soft(two, spread), soft(three, spread), 5, 200);
    }

    /** @return the same and hard bars of another ink from {@code x} on, some of which touch what is there */
    private static Raster with(int ink, int x, Raster raster) {
        Raster more = new Raster(raster.width(), raster.height());
        System.arraycopy(raster.argb(), 0, more.argb(), 0, raster.argb().length);
        for (int y = 12; y < 31; y++) {
            for (int bar = 0; bar < 12; bar += 3) {
                more.argb()[y * raster.width() + x + bar] = ink;
                more.argb()[y * raster.width() + x + bar + 1] = Packed.times255(ink, 10 * y % 256);
            }
        }
        return more;
    }

    /** @return how few they are, 0 for one, for many and where some of them mix */
    private static int inks(Raster coat) {
        return FewInks.of(coat.argb(), Work.on(2)).map(FewInks::count).orElse(0);
    }

    private static Raster soft(Raster raster, double spread) {
        int w = raster.width();
        int h = raster.height();
        return new Blur(spread).on(raster, Coats.asked(new TileGrid(w, h, w, h), 2));
    }

    private static void near(Raster some, Raster others, int from, int to) {
        for (int y = 0; y < some.height(); y++) {
            for (int x = from; x < to; x++) {
                for (int shift = 0; shift < 32; shift += 8) {
                    assertThat(some.at(x, y) >>> shift & 255).as("%d, %d", x, y)
                            .isCloseTo(others.at(x, y) >>> shift & 255, within(1));
                }
            }
        }
    }

    /** Marks of two inks beside each other, hard and with soft edges; a third one is far away, then not there. */
    @ParameterizedTest
    @ValueSource(doubles = {1.6, 4, 8, 12.5})
    void twoInksThatMeetMixAsAnyDo(double spread) {
        Raster two = new Raster(300, 64);
        for (int i = 0; i < two.argb().length; i++) {
            int x = i % 300;
            int ink = (x / 9 + i / 300 / 7) % 2 == 0 ? 0xFF000000 : 0xFFFFFFFF;
            two.argb()[i] = x < 40 || x > 140 ? 0 : Packed.times255(ink, x % 9 == 0 ? i % 256 : 255);
        }
        Raster three = with(MADDER, 250, two);
        assertThat(inks(two)).isEqualTo(2);
        assertThat(inks(three)).isEqualTo(3);
        near(soft(two, spread), soft(three, spread), 0, 190);
    }

    /** Rows of an odd number of pixels whose halves take several strips, the last of them one place. */
    @ParameterizedTest
    @ValueSource(ints = {1025, 1027, 1030})
    void wideCoatsInTwoInksAreBlurredAlongAllTheirRows(int w) {
        Raster two = new Raster(w, 32);
        Random random = new Random(8);
        for (int i = 0; i < two.argb().length; i++) {
            two.argb()[i] = Packed.times255(random.nextBoolean() ? MADDER : NAVY, random.nextInt(2) * 255);
        }
        Raster three = new Raster(w, 32);
        System.arraycopy(two.argb(), 0, three.argb(), 0, two.argb().length);
        three.argb()[w / 2] = LINEN;
        assertThat(inks(two)).isEqualTo(2);
        Raster soft = soft(two, 2);
        Raster other = soft(three, 2);
        near(soft, other, 0, w / 2 - 8);
        near(soft, other, w / 2 + 9, w);
    }

    @Test
    void pixelsInWhichTwoInksMixAreNoneOfEither() {
        Raster marks = marks(5, MADDER, NAVY);
        assertThat(inks(marks)).isEqualTo(2);
        marks.argb()[W] = Packed.times255(MADDER, 100) + Packed.times255(NAVY, 155);
        assertThat(inks(marks)).as("covered wholly, it may be an ink of its own").isEqualTo(3);
        marks.argb()[W + 1] = Packed.times255(MADDER, 60) + Packed.times255(NAVY, 195);
        assertThat(inks(marks)).isZero();
        marks.argb()[W + 1] = NAVY;
        marks.argb()[W] = Packed.times255(MADDER, 100) + Packed.times255(NAVY, 50);
        assertThat(inks(marks)).isZero();
        marks.argb()[W] = Packed.times255(NAVY, 150);
        assertThat(inks(marks)).isEqualTo(2);
    }

    @Test
    void anInkKeepsItsColourAndOnlyItsEdgeGetsSoft() {
        Raster disc = new Raster(W, H);
        for (int y = 10; y < 30; y++) {
            for (int x = 20; x < 45; x++) {
                disc.argb()[y * W + x] = 0xFFAB3B2C;
            }
        }
        Raster soft = soft(disc, 3);
        for (int argb : soft.argb()) {
            int alpha = argb >>> 24;
            if (alpha > 40) {
                assertThat((argb >> 16 & 255) * 255.0 / alpha).isEqualTo(0xAB, within(4.0));
                assertThat((argb & 255) * 255.0 / alpha).isEqualTo(0x2C, within(4.0));
            }
        }
        assertThat(soft.at(32, 20) >>> 24).isEqualTo(255);
        assertThat(soft.at(20, 20) >>> 24).isBetween(140, 160);
    }

    @Test
    void halfBlackHalfWhiteIsTheirMeanInLightNotInNumbers() {
        Raster halves = new Raster(W, H);
        for (int i = 0; i < W * H; i++) {
            halves.argb()[i] = i % 2 == 0 ? 0xFF000000 : 0xFFFFFFFF;
        }
        assertThat(soft(halves, 200).at(9, 9) & 255).isBetween(187, 189);
        assertThat(inks(halves)).isEqualTo(2);
        for (int argb : soft(halves, 12.1).argb()) {
            assertThat(argb & 255).isBetween(187, 189);
        }
    }

    @Test
    void theSameLengthIsTheSameAtTwiceTheDensityAndWithAnyThreads() {
        Raster coarse = new Raster(40, 40);
        Raster fine = new Raster(80, 80);
        for (int y = 0; y < 80; y++) {
            for (int x = 0; x < 80; x++) {
                int argb = x / 2 >= 10 && x / 2 < 25 && y / 2 < 20 ? 0xFF000000 : 0;
                fine.argb()[y * 80 + x] = argb;
                coarse.argb()[y / 2 * 40 + x / 2] = argb;
            }
        }
        Blur blur = new Blur(2);
        Raster one = blur.on(coarse, Coats.asked(new TileGrid(40, 40, 40, 40), 1));
        Raster two = blur.on(fine, Coats.asked(new TileGrid(80, 80, 40, 40), 2));
        for (int y = 0; y < 40; y++) {
            for (int x = 0; x < 40; x++) {
                double mean = ((two.at(2 * x, 2 * y) >>> 24) + (two.at(2 * x + 1, 2 * y) >>> 24)
                        + (two.at(2 * x, 2 * y + 1) >>> 24) + (two.at(2 * x + 1, 2 * y + 1) >>> 24)) / 4.0;
                assertThat((double) (one.at(x, y) >>> 24)).isEqualTo(mean, within(4.5));
            }
        }
        assertThat(blur.on(fine, Coats.asked(new TileGrid(80, 80, 40, 40), 1)).argb()).isEqualTo(two.argb());
    }

    @Test
    void noSpreadChangesNothingAndTooMuchIsRefusedWithItsLimit() {
        Raster marks = marks(1);
        assertThat(soft(marks, 0)).isSameAs(marks);
        assertThatThrownBy(() -> new Blur(1001)).hasMessage("spread of a blur 1001 mm must be from 0 to 1000 mm");
    }

    /** Tiles narrower and wider than what is blurred side by side, down to one pixel; held against sums in double. */
    @ParameterizedTest
    @CsvSource({"1, 1, 2", "1, 40, 3", "70, 1, 3", "65, 3, 7", "130, 9, 12", "64, 64, 0.7"})
    void tilesOfAnySizeTakeTheMeanByTheNormalSpread(int w, int h, double spread) {
        Raster marks = new Raster(w, h);
        for (int i = 0; i < marks.argb().length; i++) {
            marks.argb()[i] = i * 7 % 5 < 2 ? 0xFFFFFFFF : 0;
        }
        Raster soft = new Blur(spread).on(marks, Coats.asked(new TileGrid(w, h, w, h), 2));
        double[] across = weights(spread, w);
        double[] down = weights(spread, h);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x += 5) {
                double wanted = 0;
                for (int dy = 0; dy < h; dy++) {
                    for (int dx = 0; dx < w; dx++) {
                        wanted += across[dx] * down[dy] * (marks.at((x + dx) % w, (y + dy) % h) >>> 24);
                    }
                }
                // Three running means are within a fiftieth of the normal spread.
                assertThat((double) (soft.at(x, y) >>> 24)).as("%d, %d", x, y).isCloseTo(wanted, within(6.0));
            }
        }
    }

    /** @return how much each place of the torus counts, by its distance */
    private static double[] weights(double spread, int n) {
        double[] weights = new double[n];
        double sum = 0;
        for (int i = 0; i < n; i++) {
            for (int turn = -40; turn <= 40; turn++) {
                double d = (i + turn * n) / spread;
                weights[i] += Math.exp(-0.5 * d * d);
            }
            sum += weights[i];
        }
        for (int i = 0; i < n; i++) {
            weights[i] /= sum;
        }
        return weights;
    }

    /** So wide that sums of floats are not exact any more: an edge of a long tile is half way at the edge. */
    @Test
    void aVeryWideSpreadIsBlurredAsWell() {
        int n = 24_000;
        Raster marks = new Raster(n, 1);
        java.util.Arrays.fill(marks.argb(), 0, n / 2, 0xFFC08040);
        Raster soft = new Blur(750).on(marks, Coats.asked(new TileGrid(n, 1, n / 2.0, 0.5), 2));
        assertThat(soft.at(n / 4, 0)).isEqualTo(0xFFC08040);
        assertThat(soft.at(3 * n / 4, 0) >>> 24).isZero();
        assertThat(soft.at(n / 2, 0) >>> 24).isBetween(126, 129);
        // One standard deviation inside, 0.841 of it.
        assertThat(soft.at(n / 2 - 1500, 0) >>> 24).isBetween(211, 218);
    }
}
