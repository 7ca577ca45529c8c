package org.vatwright.core.effect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.colour.Light;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/** Coats of which three numbers tell a pixel, opaque or in three inks, are blurred as all others are. */
class ThreeNumbersTest {

    private static final int[] INKS = {0xFFAB3B2C, 0xFF102030, 0xFFE0D8C0, 0xFF3F7D5A};
    /** In one place it makes the whole another kind of coat. */
    private static final int ODD = 0x40102020;

    private static Raster soft(Raster raster, double spread, int threads) {
        int w = raster.width();
        int h = raster.height();
        return new Blur(spread).on(raster, Coats.asked(new TileGrid(w, h, w, h), threads));
    }

    /** @return blocks of so many inks, covered as told */
    private static Raster blocks(int w, int h, int inks, boolean opaque) {
        Random chance = new Random(3);
        int[] cover = new int[w];
        Raster raster = new Raster(w, h);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                cover[x] = y % 4 == 0 ? Math.min(255, chance.nextInt(3) * 130) : cover[x];
                int ink = INKS[(x / 11 + y / 7 + x * y / 300) % inks];
                raster.argb()[y * w + x] = opaque ? ink : Packed.times255(ink, cover[x]);
            }
        }
        return raster;
    }

    private static Raster with(int pixel, int at, Raster raster) {
        Raster other = new Raster(raster.width(), raster.height());
        System.arraycopy(raster.argb(), 0, other.argb(), 0, raster.argb().length);
        other.argb()[at] = pixel;
        return other;
    }

    private static int count(Raster coat) {
        return FewInks.of(coat.argb(), Work.on(2)).map(FewInks::count).orElse(0);
    }

    /** The wide coat takes several strips, the last of them of one place; the place of the odd pixel is out of reach of the rest. */
    @ParameterizedTest
    @CsvSource({"12.1, 3, false", "20, 3, false", "30, 3, false", "12.1, 4, true", "20, 4, true", "30, 4, true",
            "16, 3, true"})
    void theyLookAsWhereAPixelFarAwayIsOfAnotherSort(double spread, int inks, boolean opaque) {
        int w = 513;
        int h = 190;
        Raster three = blocks(w, h, inks, opaque);
        Raster any = with(ODD, h / 2 * w, three);
        assertThat(count(three)).isEqualTo(inks == 3 ? 3 : 0);
        assertThat(count(any)).isZero();
        int[] some = soft(three, spread, 2).argb();
        int[] others = soft(any, spread, 2).argb();
        int reach = (int) (3 * spread) + 2;
        long near = 0;
        for (int y = 0; y < h; y++) {
            for (int x = reach; x < w - reach; x++) {
                int one = some[y * w + x];
                int other = others[y * w + x];
                for (int shift = 0; shift < 32; shift += 8) {
                    int off = Math.abs((one >>> shift & 255) - (other >>> shift & 255));
                    assertThat(off).as("%d, %d", x, y).isLessThanOrEqualTo(1);
                    near += off;
                }
            }
        }
        assertThat(near / 4.0 / h / (w - 2 * reach)).as("and seldom even by one").isLessThan(0.03);
    }

    @ParameterizedTest
    @CsvSource({"12.1, 3, false", "20, 3, false", "30, 4, true", "20, 4, true"})
    void noPlaceOfTheTorusIsAnyOtherWithAnyThreads(double spread, int inks, boolean opaque) {
        Raster coat = blocks(270, 223, inks, opaque);
        Raster soft = soft(coat, spread, 1);
        assertThat(soft(coat, spread, 3).argb()).isEqualTo(soft.argb());
        for (int go = 1; go < 4; go++) {
            Raster rolled = soft(Coats.rolled(coat, 67 * go, 31 * go), spread, 2);
            assertThat(rolled.argb()).isEqualTo(Coats.rolled(soft, 67 * go, 31 * go).argb());
        }
    }

    /** What a part of the pixels makes likely is not so: it must be as where that is seen at once. */
    @ParameterizedTest
    @CsvSource({"2, 3", "2, 4", "3, 4"})
    void inksThatAreMetLateCountAsMuch(int likely, int inks) {
        int w = 270;
        int h = 223;
        Raster few = blocks(w, h, likely, false);
        Raster more = blocks(w, h, inks, false);
        System.arraycopy(few.argb(), 0, more.argb(), 0, w * 60);
        assertThat(FewInks.likely(more.argb(), Work.on(2)).map(FewInks::count)).hasValue(likely);
        assertThat(count(more)).isEqualTo(inks == 3 ? 3 : 0);
        Raster rolled = Coats.rolled(more, 9, h - 100);
        assertThat(FewInks.likely(rolled.argb(), Work.on(2)).map(FewInks::count).orElse(0)).isNotEqualTo(likely);
        for (double spread : new double[]{5, 12.1, 20}) {
            assertThat(soft(rolled, spread, 2).argb())
                    .isEqualTo(Coats.rolled(soft(more, spread, 2), 9, h - 100).argb());
        }
    }

    /** Also the darkest: between two of them there is little light. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 5, 9, 10, 11, 40, 127, 200, 254, 255})
    void whatIsAllOneColourStaysIt(int level) {
        int side = 260;
        int grey = 0xFF000000 | level << 16 | level << 8 | Math.min(255, level + 3);
        Raster coat = new Raster(side, side);
        java.util.Arrays.fill(coat.argb(), grey);
        for (int i = 0; i < 4; i++) {
            coat.argb()[i] = INKS[i];
        }
        assertThat(count(coat)).isZero();
        Raster soft = soft(coat, 20, 2);
        for (int y = 70; y < side - 70; y++) {
            assertThat(soft.at(130, y)).isEqualTo(grey);
        }
    }

    /** A quarter of each by turns and a quarter clear: their mean in light, three quarters covered. */
    @Test
    void threeInksMixInLight() {
        Raster coat = new Raster(240, 240);
        for (int i = 0; i < coat.argb().length; i++) {
            int place = (i % 240 + i / 240) % 4;
            coat.argb()[i] = place == 3 ? 0 : INKS[place];
        }
        assertThat(count(coat)).isEqualTo(3);
        for (int argb : soft(coat, 24, 2).argb()) {
            assertThat(argb >>> 24).isBetween(190, 192);
            for (int shift = 0; shift < 24; shift += 8) {
                double light = 0;
                for (int ink = 0; ink < 3; ink++) {
                    light += Light.linear(INKS[ink] >> shift & 255) / 3;
                }
                int meant = Math.round(Light.channel((float) light) * (argb >>> 24) / 255f);
                assertThat(Math.abs((argb >>> shift & 255) - meant)).isLessThanOrEqualTo(1);
            }
        }
    }

    @Test
    void threeInksAreToldFromMoreAndFromMixtures() {
        Raster coat = blocks(60, 40, 3, false);
        assertThat(count(coat)).isEqualTo(3);
        assertThat(count(with(INKS[3], 1234, coat))).as("a fourth").isZero();
        assertThat(count(with(Packed.times255(INKS[3], 99), 3, coat))).as("a bit of a fourth").isZero();
        int mixed = Packed.times255(INKS[0], 100) + Packed.times255(INKS[1], 105);
        assertThat(count(with(mixed, 77, coat))).as("two mix").isZero();
        assertThat(count(with(Packed.times255(INKS[2], 31), 77, coat))).as("more of the same").isEqualTo(3);
        FewInks inks = FewInks.of(coat.argb(), Work.on(2)).orElseThrow();
        for (int rolled = 1; rolled < 2400; rolled += 797) {
            FewInks other = FewInks.of(Coats.rolled(coat, rolled % 60, rolled / 60).argb(), Work.on(1)).orElseThrow();
            for (int argb : coat.argb()) {
                assertThat(other.which(argb)).isEqualTo(inks.which(argb));
            }
        }
    }
}
