package org.vatwright.core.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.colour.Packed;

class CompositorTest {

    /** Worked out by hand from the formulas of the recommendation, backdrop 0.25, source 0.6 and so on. */
    @ParameterizedTest
    @CsvSource({"multiply, .25, .6, .15", "screen, .25, .6, .7", "overlay, .25, .6, .3", "darken, .25, .6, .25",
            "lighten, .25, .6, .6", "color-dodge, .25, .6, .625", "color-burn, .75, .5, .5", "hard-light, .25, .6, .4",
            "soft-light, .25, 1, .5", "soft-light, .25, .5, .25", "soft-light, .25, .25, .15625",
            "difference, .25, .6, .35",
            "exclusion, .25, .6, .55", "linear-burn, .75, .6, .35", "linear-burn, .25, .6, 0",
            "linear-light, .25, .6, .45", "linear-light, .25, .2, 0", "linear-light, .75, .9, 1", "add, .25, .6, .85",
            "add, .75, .6, 1", "color-dodge, 0, 1, 0", "color-burn, 1, 0, 1"})
    void separableModesFollowTheRecommendation(String mode, float backdrop, float source, float wanted) {
        assertThat(BlendFunctions.channel(BlendMode.parse(mode), backdrop, source)).isEqualTo(wanted, within(1e-6f));
    }

    @Test
    void wholeColourModesKeepWhatTheyPromise() {
        float[] c = {0.9f, 0.2f, 0.1f, 0.3f, 0.5f, 0.4f};
        float under = 0.3f * 0.3f + 0.59f * 0.5f + 0.11f * 0.4f;
        float over = 0.3f * 0.9f + 0.59f * 0.2f + 0.11f * 0.1f;
        for (BlendMode mode : new BlendMode[]{BlendMode.HUE, BlendMode.SATURATION, BlendMode.COLOR,
                BlendMode.LUMINOSITY}) {
            float[] blend = c.clone();
            BlendFunctions.whole(mode, blend);
            float lum = 0.3f * blend[0] + 0.59f * blend[1] + 0.11f * blend[2];
            assertThat(lum).as(mode.keyword()).isEqualTo(mode == BlendMode.LUMINOSITY ? over : under, within(1e-5f));
        }
    }

    @ParameterizedTest
    @EnumSource(BlendMode.class)
    void nothingLaidOverLeavesAllAsItWas(BlendMode mode) {
        int[] under = {0xFF1F3460, 0x80402010, 0};
        int[] before = under.clone();
        Compositor.lay(under, 0, new int[]{0, 0, 0}, 0, 3, 1, mode);
        assertThat(under).isEqualTo(before);
        Compositor.lay(under, 0, new int[]{0xFFAABBCC, 0xFFAABBCC, 0xFFAABBCC}, 0, 3, 0, mode);
        assertThat(under).isEqualTo(before);
    }

    @ParameterizedTest
    @EnumSource(BlendMode.class)
    void overNothingEveryModeShowsTheSource(BlendMode mode) {
        int[] under = {0};
        Compositor.lay(under, 0, new int[]{0xFF3C78B4}, 0, 1, 1, mode);
        assertThat(under[0]).isEqualTo(0xFF3C78B4);
        assertThat(BlendMode.parse(mode.keyword())).isEqualTo(mode);
    }

    /**
     * All modes, opaque and partly covered on both sides, beside the formulas in double:
     * co = cs as (1 - ab) + cb ab (1 - as) + as ab B(cb, cs).
     */
    @ParameterizedTest
    @EnumSource(BlendMode.class)
    void everyModeIsWithinALevelOfItsFormulaInDouble(BlendMode mode) {
        Random random = new Random(mode.ordinal());
        for (int n = 0; n < 20_000; n++) {
            int under = Packed.times255(random.nextInt() | 0xFF000000, n % 3 == 0 ? 255 : random.nextInt(256));
            int over = Packed.times255(random.nextInt() | 0xFF000000, n % 5 == 0 ? 255 : random.nextInt(256));
            double opacity = n % 7 == 0 ? 1 : random.nextInt(257) / 256.0;
            int got = Compositor.blended(under, over, opacity, mode);
            double ab = (under >>> 24) / 255.0;
            double as = (over >>> 24) / 255.0 * opacity;
            double[] b = DoubleBlends.straight(under);
            double[] s = DoubleBlends.straight(over);
            double[] blend = DoubleBlends.blend(mode, b, s);
            assertThat((double) (got >>> 24)).isCloseTo(Math.rint(255 * (as + ab * (1 - as))), within(1.0));
            for (int c = 0; c < 3; c++) {
                double wanted = 255 * (s[c] * as * (1 - ab) + b[c] * ab * (1 - as) + as * ab * blend[c]);
                assertThat((double) (got >>> 16 - 8 * c & 255)).as("%s of %08x on %08x at %s", mode, over, under,
                        opacity).isCloseTo(Math.rint(Math.max(0, Math.min(255, wanted))), within(1.0));
            }
        }
    }

    @Test
    void manyPixelsAreLaidAsTheFormulaHasItForEach() {
        Random random = new Random(31);
        for (int n = 0; n < 40; n++) {
            int count = 1 + random.nextInt(1500);
            int at = random.nextInt(5);
            int from = random.nextInt(5);
            int share = n % 4 == 0 ? 256 : random.nextInt(257);
            int[] under = pixels(random, at + count + 3);
            int[] over = pixels(random, from + count + 3);
            int[] before = under.clone();
            Compositor.lay(under, at, over, from, count, share / 256.0, BlendMode.NORMAL);
            for (int i = 0; i < under.length; i++) {
                boolean laid = i >= at && i < at + count;
                for (int shift = 0; shift < 32; shift += 8) {
                    double b = before[i] >>> shift & 255;
                    double whole = share / 256.0;
                    double wanted = laid
                            ? (over[from + i - at] >>> shift & 255) * whole
                                    + b * (1 - (over[from + i - at] >>> 24) / 255.0 * whole)
                            : b;
                    assertThat((double) (under[i] >>> shift & 255)).as("pixel %d of %d", i, count)
                            .isCloseTo(wanted, within(laid ? 1.51 : 0));
                }
                assertThat(!laid || under[i] == Compositor.normal(before[i], over[from + i - at], share)).isTrue();
            }
        }
    }

    /** Long runs of clear ones among others of any opacity. */
    private static int[] pixels(Random random, int count) {
        int[] pixels = new int[count];
        for (int i = 0; i < count; i++) {
            pixels[i] = i / 300 % 2 == 0 ? 0 : Packed.times255(random.nextInt() | 0xFF000000, random.nextInt(256));
        }
        return pixels;
    }

    @Test
    void halfOpacityIsHalfWay() {
        int[] under = {0xFF000000};
        Compositor.lay(under, 0, new int[]{0xFFFFFFFF}, 0, 1, 0.5, BlendMode.NORMAL);
        assertThat(under[0] & 255).isBetween(127, 129);
        assertThat(under[0] >>> 24).isEqualTo(255);
    }

    @Test
    void workThatIsStoppedEnds() {
        AtomicInteger strips = new AtomicInteger();
        Work work = Work.on(2).stoppedBy(() -> strips.get() >= 3);
        assertThatThrownBy(() -> Rows.each(10_000, 1, work, (from, to) -> strips.incrementAndGet()))
                .isInstanceOf(CancellationException.class);
        assertThat(strips.get()).isLessThan(10);
    }

    /** Rows of every length, from any place: what is done by blocks is what is done by the pixel, and nothing beside it. */
    @ParameterizedTest
    @EnumSource(BlendMode.class)
    void rowsAreLaidAsTheirPixelsAre(BlendMode mode) {
        Random random = new Random(5);
        for (int count : new int[]{1, 7, 255, 256, 257, 700}) {
            for (double opacity : new double[]{1, 0.25, 0.5}) {
                int at = random.nextInt(9);
                int from = random.nextInt(9);
                int[] under = new int[count + 20];
                int[] over = new int[count + 20];
                for (int i = 0; i < under.length; i++) {
                    under[i] = Packed.times255(random.nextInt() | 0xFF000000, i % 3 == 0 ? 255 : random.nextInt(256));
                    // A stretch of nothing, longer than a block.
                    over[i] = i > 100 && i < 460
                            ? 0
                            : Packed.times255(random.nextInt() | 0xFF000000, i % 4 == 0 ? 255 : random.nextInt(256));
                }
                int[] before = under.clone();
                Compositor.lay(under, at, over, from, count, opacity, mode);
                for (int i = 0; i < under.length; i++) {
                    boolean within = i >= at && i < at + count;
                    assertThat(under[i]).as("%s, pixel %d of %d from %d", mode, i, count, at).isEqualTo(within
                            ? Compositor.blended(before[i], over[from + i - at], opacity, mode)
                            : before[i]);
                }
            }
        }
    }
}
