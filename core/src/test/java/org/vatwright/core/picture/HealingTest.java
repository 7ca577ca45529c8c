package org.vatwright.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;

import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.vatwright.core.inspect.SeamCheck;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

class HealingTest {

    private static final int W = HardPictures.W;
    private static final int H = HardPictures.H;

    static Stream<String> pictures() {
        return HardPictures.all().keySet().stream();
    }

    private static boolean mayChange(int x, int y, int margin) {
        return x < margin || y < margin || x >= W - margin || y >= H - margin;
    }

    /** The step that is wanted from a pixel to the next one, on its own: the middle one of three over an edge. */
    private static double wanted(float[] plane, int x, int y, int dx, int dy) {
        int nx = Math.floorMod(x + dx, W);
        int ny = Math.floorMod(y + dy, H);
        double step = (double) plane[ny * W + nx] - plane[y * W + x];
        if (nx == x + dx && ny == y + dy) {
            return step;
        }
        double here = (double) plane[y * W + x] - plane[(y - dy) * W + x - dx];
        double there = (double) plane[(ny + dy) * W + nx + dx] - plane[ny * W + nx];
        double[] three = {step, here, there};
        java.util.Arrays.sort(three);
        return three[1];
    }

    @ParameterizedTest
    @MethodSource("pictures")
    void everyPixelOfTheMarginSolvesItsEquation(String name) {
        Raster picture = HardPictures.all().get(name);
        for (int margin : new int[]{1, 9, 26, 60}) {
            Planes before = Planes.of(picture);
            Planes after = Planes.of(picture);
            Healing.heal(after, margin, Work.on(2));
            for (int p = 0; p < before.values().length; p++) {
                float[] old = before.values()[p];
                float[] now = after.values()[p];
                for (int y = 0; y < H; y++) {
                    for (int x = 0; x < W; x++) {
                        if (!mayChange(x, y, margin)) {
                            assertThat(now[y * W + x]).isEqualTo(old[y * W + x]);
                        } else if (x > 0 && y > 0 && x < W - 1 && y < H - 1) {
                            assertThat(off(old, now, x, y)).as("%d, %d with a margin of %d", x, y, margin)
                                    .isEqualTo(0, within(1e-6));
                        }
                    }
                }
                for (int y = 1; y < H - 1; y++) {
                    assertThat(step(now, W - 1, y, 1, 0)).isEqualTo(wanted(old, W - 1, y, 1, 0), within(1e-6));
                }
                for (int x = 1; x < W - 1; x++) {
                    assertThat(step(now, x, H - 1, 0, 1)).isEqualTo(wanted(old, x, H - 1, 0, 1), within(1e-6));
                }
            }
        }
    }

    private static double step(float[] plane, int x, int y, int dx, int dy) {
        return (double) plane[Math.floorMod(y + dy, H) * W + Math.floorMod(x + dx, W)] - plane[y * W + x];
    }

    /** @return the sum over the neighbours of how far the step to each is from what it was */
    private static double off(float[] old, float[] now, int x, int y) {
        double off = 0;
        for (int k = 0; k < 4; k++) {
            int dx = k == 0 ? 1 : k == 1 ? -1 : 0;
            int dy = k == 2 ? 1 : k == 3 ? -1 : 0;
            off += step(now, x, y, dx, dy) - step(old, x, y, dx, dy);
        }
        return off;
    }

    @ParameterizedTest
    @MethodSource("pictures")
    void noStepOverTheEdgeShows(String name) {
        Raster picture = HardPictures.all().get(name);
        for (Making.Way way : Making.Way.values()) {
            Raster tile = new Making(way, 0.2, 0).of(picture, Work.on(2));
            assertThat(SeamCheck.ratio(tile)).as(way.word()).isLessThanOrEqualTo(CheckLimit.SEAM_STEP.usual());
        }
    }

    @Test
    void theseAreHard() {
        assertThat(HardPictures.all().values().stream().filter(p -> SeamCheck.ratio(p) > 1.5).count())
                .as("of ten, before").isGreaterThanOrEqualTo(7);
    }

    @Test
    void whatMeetsAlreadyHardlyChangesAndOneColourNotAtAll() {
        Raster meets = HardPictures.each((x, y) -> HardPictures.grey((int) Math.round(128
                + 60 * Math.sin(2 * Math.PI * (x + 0.3) / W) + 50 * Math.cos(2 * Math.PI * 2 * y / H))));
        Raster healed = Making.HEAL.of(meets, Work.on(2));
        for (int i = 0; i < meets.argb().length; i++) {
            assertThat((double) (healed.argb()[i] & 255)).isEqualTo(meets.argb()[i] & 255, within(2.0));
        }
        Raster one = HardPictures.each((x, y) -> 0xFF8A3C21);
        assertThat(Making.HEAL.of(one, Work.on(1)).argb()).isEqualTo(one.argb());
    }

    @Test
    void theNumberOfThreadsChangesNothing() {
        Raster picture = HardPictures.all().get("grit");
        assertThat(Making.HEAL.of(picture, Work.on(1)).argb()).isEqualTo(Making.HEAL.of(picture, Work.on(3)).argb());
    }

    @Test
    void itTellsHowFarItIsAndCanBeStopped() {
        Raster picture = HardPictures.all().get("a sphere");
        double[] last = {0};
        Making.HEAL.of(picture, Work.on(1).telling(share -> {
            assertThat(share).isBetween(last[0], 1.0);
            last[0] = share;
        }));
        assertThat(last[0]).isEqualTo(1, within(0.001));
        AtomicInteger asked = new AtomicInteger();
        assertThatThrownBy(() -> Making.HEAL.of(picture, Work.on(1).stoppedBy(() -> asked.incrementAndGet() > 4)))
                .isInstanceOf(CancellationException.class);
        assertThat(asked).hasValueLessThan(20);
    }
}
