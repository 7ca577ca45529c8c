package org.vatwright.core.yarn;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.loom.FabricPeriod;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.woven.ThreadMask;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Light;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

class FabricTest {

    private static final InkColours INKS = new InkColours(Samples.PALETTE, Samples.morning());
    private static final Weave TWILL = Weave.twill(List.of(2, 2), false);

    private static BandRun run(boolean pivot, Object... inksAndThreads) {
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < inksAndThreads.length; i += 2) {
            bands.add(new Band((Ink) inksAndThreads[i], (int) inksAndThreads[i + 1]));
        }
        return new BandRun(bands, pivot);
    }

    private static Fabric fabric(BandRun run, Weave weave) {
        return new Fabric(run, Optional.empty(), weave, Look.WOVEN, 10, 10);
    }

    /** Paints one period of a cloth. */
    private static Raster paint(Fabric fabric, int widthPx, int heightPx) {
        Repeat repeat = new Repeat(fabric.periodWidthMm(), fabric.periodHeightMm(), Arrangement.STRAIGHT);
        return paint(fabric, 0, repeat, widthPx, heightPx);
    }

    private static Raster paint(Fabric fabric, double angle, Repeat repeat, int widthPx, int heightPx) {
        TileGrid grid = new TileGrid(widthPx, heightPx, repeat.tile().widthMm(), repeat.tile().heightMm());
        Raster out = new Raster(widthPx, heightPx);
        FabricPainter.of(fabric, FabricFit.of(fabric, angle, repeat.tile()), Samples.asked(repeat, grid, INKS)).paint(
                out.argb(), 0, 0,
                heightPx);
        return out;
    }

    /** One sign a crossing: the first letter of the ink on top. */
    private static List<String> crossings(Fabric fabric) {
        Raster tile = paint(fabric, fabric.endsInPeriod(), fabric.picksInPeriod());
        List<String> rows = new ArrayList<>();
        for (int y = 0; y < tile.height(); y++) {
            StringBuilder row = new StringBuilder();
            for (int x = 0; x < tile.width(); x++) {
                int argb = tile.at(x, y);
                row.append(argb == INKS.argb(Samples.NAVY) ? 'N' : argb == INKS.argb(Samples.LINEN) ? 'L' : '?');
            }
            rows.add(row.toString());
        }
        return rows;
    }

    @Test
    void houndstoothComesOutOfFourAndFourOverTheTwill() {
        // Worked out by hand: warp on top where (end + pick) mod 4 is 0 or 1; ends and picks 0-3 navy, 4-7 linen.
        assertThat(crossings(fabric(run(false, Samples.NAVY, 4, Samples.LINEN, 4), TWILL))).containsExactly(
                "NNNNLLNN",
                "NNNNLNNL",
                "NNNNNNLL",
                "NNNNNLLN",
                "NNLLLLLL",
                "NLLNLLLL",
                "LLNNLLLL",
                "LNNLLLLL");
    }

    @Test
    void shepherdsCheckComesOutOfSixAndSix() {
        List<String> rows = crossings(fabric(run(false, Samples.NAVY, 6, Samples.LINEN, 6), TWILL));
        assertThat(rows).hasSize(12);
        assertThat(rows.subList(0, 6)).allMatch(r -> r.startsWith("NNNNNN"));
        assertThat(rows.subList(6, 12)).allMatch(r -> r.endsWith("LLLLLL"));
        assertThat(rows.get(0)).isEqualTo("NNNNNNNNLLNN");
        assertThat(rows.get(6)).isEqualTo("LLNNLLLLLLLL");
    }

    @Test
    void ginghamIsTwoInksAndTheirMixtureInLinearLight() {
        Fabric gingham = new Fabric(run(false, Samples.NAVY, 3, Samples.LINEN, 3), Optional.empty(), TWILL, Look.HALF,
                10,
                10);
        assertThat(gingham.endsInPeriod()).isEqualTo(6);
        Raster tile = paint(gingham, 60, 60);
        assertThat(tile.at(10, 10)).isEqualTo(INKS.argb(Samples.NAVY));
        assertThat(tile.at(40, 40)).isEqualTo(INKS.argb(Samples.LINEN));
        assertThat(tile.at(40, 10)).isEqualTo(tile.at(10, 40));
        int navy = INKS.argb(Samples.NAVY) >> 8 & 255;
        int linen = INKS.argb(Samples.LINEN) >> 8 & 255;
        assertThat((double) Light.linear(tile.at(40, 10) >> 8 & 255))
                .isEqualTo((Light.linear(navy) + Light.linear(linen)) / 2.0, within(0.004));
    }

    @Test
    void aPivotIsNotDoubledAndRecursWhereTheTradeSaysItDoes() {
        BandRun pivot = SettText.parse("N/4 L24 M24 L/4").run(l -> l.equals("N")
                ? Samples.NAVY
                : l.equals("L") ? Samples.LINEN : Samples.MADDER);
        assertThat(pivot.length()).isEqualTo(104);
        assertThat(pivot.withPivot(false).length()).isEqualTo(56);
        List<Ink> threads = Fabric.threads(pivot);
        for (int i = 0; i < 104; i++) {
            // Mirrored about the middle of the first pivot: threads 0 to 3.
            assertThat(threads.get(i)).isEqualTo(threads.get(Math.floorMod(3 - i, 104)));
        }
        assertThat(fabric(pivot, TWILL).endsInPeriod()).isEqualTo(104);
        assertThat(fabric(pivot.withPivot(false), Weave.twill(List.of(3, 3), false)).endsInPeriod()).isEqualTo(168);
    }

    /** Over a few hundred setts and weaves: the period recurs, nothing smaller does both ways. */
    @Test
    void nothingSmallerThanThePeriodRecurs() {
        Random random = new Random(41);
        Ink[] inks = {Samples.NAVY, Samples.LINEN, Samples.MADDER};
        Weave[] weaves = {Weave.plain(), TWILL, Weave.twill(List.of(2, 1), true), Weave.basket(2, 3),
                Weave.twill(List.of(3, 1, 1, 3), false)};
        for (int n = 0; n < 300; n++) {
            List<Band> bands = new ArrayList<>();
            int count = 2 + random.nextInt(4);
            for (int i = 0; i < count; i++) {
                bands.add(new Band(inks[i % 3], 1 + random.nextInt(7)));
            }
            bands.add(new Band(inks[(count + 1) % 3], 8 + random.nextInt(5)));
            BandRun run = new BandRun(bands, random.nextBoolean());
            Fabric fabric = fabric(run, weaves[n % weaves.length]);
            Threads threads = new Threads(fabric, INKS::argb);
            int ends = threads.warp.length;
            assertThat(ends % fabric.weave().ends()).isZero();
            for (int shift = 1; shift < ends; shift++) {
                if (ends % shift == 0) {
                    assertThat(recurs(threads, fabric.weave(), shift)).as("%d of %d ends", shift, ends).isFalse();
                }
            }
            assertThat(recurs(threads, fabric.weave(), ends)).isTrue();
        }
    }

    /** Colour order and weave together; what shows may recur sooner only where both threads have one colour. */
    private static boolean recurs(Threads threads, Weave weave, int shift) {
        for (int end = 0; end < threads.warp.length; end++) {
            if (threads.warp[end] != threads.warp[(end + shift) % threads.warp.length]) {
                return false;
            }
            for (int pick = 0; pick < weave.picks(); pick++) {
                if (weave.warpOnTop(end, pick) != weave.warpOnTop(end + shift, pick)) {
                    return false;
                }
            }
        }
        return true;
    }

    @Test
    void theThreadThatMakesThePeriodSmallIsFound() {
        Fabric fabric = fabric(run(false, Samples.NAVY, 5, Samples.LINEN, 20, Samples.MADDER, 8), TWILL);
        FabricPeriod period = FabricPeriod.of(fabric, true);
        assertThat(period.threads()).isEqualTo(132);
        assertThat(period.words("ends")).isEqualTo("132 ends: sett 33, weave 4, together again after 4 setts");
        FabricPeriod.Offer offer = period.smaller(fabric.warp()).orElseThrow();
        assertThat(offer.band()).isEqualTo(1);
        assertThat(offer.by()).isEqualTo(-1);
        assertThat(offer.threads()).isEqualTo(32);
        assertThat(FabricPeriod.of(fabric.withWarp(offer.run()), true).smaller(offer.run())).isEmpty();
    }

    /** The mean of a tile, in linear light, is that of thread shares, whatever the density. */
    @ParameterizedTest
    @ValueSource(doubles = {0.2, 0.37, 0.7, 1, 1.9, 2.9, 3, 3.3, 5.37, 9, 40})
    void theMeanIsThatOfTheThreads(double pxPerThread) {
        Fabric fabric = new Fabric(run(true, Samples.NAVY, 4, Samples.LINEN, 14, Samples.MADDER, 9),
                Optional.of(run(false, Samples.LINEN, 10, Samples.NAVY, 6)), Weave.twill(List.of(3, 1), false),
                Look.WOVEN,
                10, 12);
        int w = (int) Math.rint(fabric.endsInPeriod() * pxPerThread);
        int h = (int) Math.rint(fabric.picksInPeriod() * pxPerThread);
        Raster tile = paint(fabric, w, h);
        Threads threads = new Threads(fabric, INKS::argb);
        for (int shift = 0; shift <= 16; shift += 8) {
            double true1 = 0;
            for (int end = 0; end < threads.warp.length; end++) {
                for (int pick = 0; pick < threads.weft.length; pick++) {
                    int top = fabric.weave().warpOnTop(end, pick) ? threads.warp[end] : threads.weft[pick];
                    true1 += Light.linear(top >> shift & 255);
                }
            }
            true1 /= (double) threads.warp.length * threads.weft.length;
            double seen = 0;
            for (int p : tile.argb()) {
                seen += Light.linear(p >> shift & 255);
            }
            seen /= tile.argb().length;
            assertThat(255 * Light.encode(seen)).isEqualTo(255 * Light.encode(true1), within(1.0));
        }
    }

    /** Below three pixels a thread the picture has no slow waves that the cloth has not. */
    @ParameterizedTest
    @ValueSource(doubles = {0.23, 0.52, 0.7, 0.97, 1.04, 1.31, 1.9, 2.1, 2.7})
    void threadsFinerThanPixelsMakeNoMoire(double pxPerThread) {
        // One colour each way: the true cloth has nothing but its weave, all of it fast.
        Fabric fabric = new Fabric(run(false, Samples.NAVY, 96), Optional.of(run(false, Samples.LINEN, 96)),
                Weave.plain(),
                Look.WOVEN, 10, 10);
        int side = (int) Math.rint(96 * pxPerThread);
        Raster tile = paint(fabric, side, side);
        double[] light = new double[side * side];
        double contrast = Light.linear(INKS.argb(Samples.LINEN) >> 8 & 255)
                - Light.linear(INKS.argb(Samples.NAVY) >> 8 & 255);
        for (int i = 0; i < light.length; i++) {
            light[i] = Light.linear(tile.argb()[i] >> 8 & 255) / contrast;
        }
        // The weave itself is wave 48 both ways. Amplitude of every wave slower than that and than a fifth of a cycle a pixel in both directions, by the plain transform.
        int slow = Math.min(side / 5, 47);
        for (int u = -slow; u <= slow; u++) {
            double[][] rows = new double[side][];
            for (int y = 0; y < side; y++) {
                rows[y] = wave(u, side, light, y * side);
            }
            double[] re = java.util.Arrays.stream(rows).mapToDouble(r -> r[0]).toArray();
            double[] im = java.util.Arrays.stream(rows).mapToDouble(r -> r[1]).toArray();
            for (int v = 0; v <= slow; v++) {
                double[] a = wave(v, side, re, 0);
                double[] b = wave(v, side, im, 0);
                double amplitude = 2 * Math.hypot(a[0] - b[1], a[1] + b[0]) / light.length;
                assertThat(u == 0 && v == 0 || amplitude < 0.012).as("wave %d, %d of %d px: %s", u, v, side, amplitude)
                        .isTrue();
            }
        }
    }

    /** @return real and imaginary part of one term of the transform */
    private static double[] wave(int n, int count, double[] values, int from) {
        double re = 0;
        double im = 0;
        for (int i = 0; i < count; i++) {
            double turn = -2 * Math.PI * n * i / count;
            re += values[from + i] * Math.cos(turn);
            im += values[from + i] * Math.sin(turn);
        }
        return new double[]{re, im};
    }

    @Test
    void bandEdgesAreWhereTheyBelongAtEverySize() {
        Fabric fabric = new Fabric(run(false, Samples.NAVY, 30, Samples.LINEN, 50), Optional.empty(), TWILL, Look.HALF,
                10,
                10);
        for (double px : new double[]{0.33, 1.37, 2.5, 4.21}) {
            int w = (int) Math.rint(80 * px);
            Raster tile = paint(fabric, w, w);
            double navy = Light.linear(tile.at(w / 5, w / 5) >> 8 & 255);
            double mixed = Light.linear(tile.at(7 * w / 10, w / 5) >> 8 & 255);
            double edge = 0;
            for (int x = w / 5; x < 7 * w / 10; x++) {
                edge += (Light.linear(tile.at(x, w / 5) >> 8 & 255) - mixed) / (navy - mixed);
            }
            assertThat(w / 5 + edge).isEqualTo(30.0 * w / 80, within(0.1));
        }
    }

    @Test
    void rowsPaintedApartAreTheSameAsTogether() {
        Fabric woven = fabric(run(true, Samples.NAVY, 4, Samples.LINEN, 9, Samples.MADDER, 3), TWILL);
        Repeat repeat = new Repeat(60, 40, Arrangement.STRAIGHT);
        for (double angle : new double[]{0, 90, 45, -28}) {
            for (int px : new int[]{40, 90, 300}) {
                TileGrid grid = new TileGrid(px, px, 60, 40);
                var painter = FabricPainter.of(woven, FabricFit.of(woven, angle, repeat.tile()),
                        Samples.asked(repeat, grid, INKS));
                int[] whole = new int[px * px];
                painter.paint(whole, 0, 0, px);
                int[] parts = new int[px * px];
                for (int y = 0; y < px; y += 7) {
                    painter.paint(parts, y * px, y, Math.min(px, y + 7));
                }
                // A turn is worked out anew for each part, so a weight may differ by its last of 256 steps.
                assertThat(Samples.difference(new Raster(px, px, parts), new Raster(px, px, whole)))
                        .as("%s degrees, %d px", angle, px).isLessThanOrEqualTo(angle == 0 ? 0 : 2);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"0, 0, -1", "90, 1, 0", "45, 1, -1"})
    void aPositiveAngleTurnsTheWarpCounterClockwise(double angle, int dx, int dy) {
        Fabric fabric = new Fabric(run(false, Samples.NAVY, 20, Samples.LINEN, 20),
                Optional.of(run(false, Samples.MADDER, 8)),
                Weave.twill(List.of(7, 1), false), Look.WOVEN, 10, 10);
        double side = angle == 45 ? 40 * Math.sqrt(2) : 40;
        FabricFit fit = FabricFit.of(fabric, angle, new Repeat(side, side, Arrangement.STRAIGHT).tile());
        assertThat(fit.exact(fabric, angle)).isTrue();
        assertThat(fit.angleDeg()).isEqualTo(angle, within(1e-9));
        Raster tile = paint(fabric, angle, new Repeat(side, side, Arrangement.STRAIGHT), 400, 400);
        // Along an end one warp ink shows; upright ends turned counter-clockwise run to the upper left, (-dx, dy).
        assertThat(warpInks(tile, -dx, dy)).hasSize(1);
        assertThat(warpInks(tile, dy, dx)).hasSize(2);
    }

    private static Set<Integer> warpInks(Raster tile, int dx, int dy) {
        Set<Integer> seen = new TreeSet<>();
        for (int step = 0; step < 400; step++) {
            seen.add(tile.at(Math.floorMod(37 + dx * step, 400), Math.floorMod(11 + dy * step, 400)));
        }
        seen.retainAll(Set.of(INKS.argb(Samples.NAVY), INKS.argb(Samples.LINEN)));
        return seen;
    }

    @Test
    void aTurnedClothThatClosesShowsItsOwnInksOnly() {
        Fabric fabric = new Fabric(run(false, Samples.NAVY, 20, Samples.LINEN, 20), Optional.empty(), TWILL, Look.HALF,
                10,
                10);
        double side = 40 * Math.sqrt(2);
        Raster tile = paint(fabric, 45, new Repeat(side, side, Arrangement.STRAIGHT), 333, 333);
        int least = 255;
        int most = 0;
        for (int p : tile.argb()) {
            assertThat(p >>> 24).isEqualTo(255);
            least = Math.min(least, p >> 8 & 255);
            most = Math.max(most, p >> 8 & 255);
        }
        assertThat(least).isEqualTo(INKS.argb(Samples.NAVY) >> 8 & 255);
        assertThat(most).isEqualTo(INKS.argb(Samples.LINEN) >> 8 & 255);
    }

    @Test
    void aMaskShowsWarpOrWeftAndBothMakeAWhole() {
        Repeat repeat = new Repeat(20, 20, Arrangement.STRAIGHT);
        TileGrid grid = new TileGrid(200, 200, 20, 20);
        int[] warp = new int[200 * 200];
        int[] weft = new int[200 * 200];
        new ThreadMask(TWILL, true, 10, 10).painter(Samples.asked(repeat, grid)).paint(warp, 0, 0, 200);
        new ThreadMask(TWILL, false, 10, 10).painter(Samples.asked(repeat, grid)).paint(weft, 0, 0, 200);
        int shown = 0;
        for (int i = 0; i < warp.length; i++) {
            assertThat((warp[i] >>> 24) + (weft[i] >>> 24)).isEqualTo(255);
            shown += warp[i] >>> 24 == 255 ? 1 : 0;
        }
        assertThat(shown).isEqualTo(200 * 200 / 2);
        assertThat(new ThreadMask(TWILL, true, 10, 10).outline(repeat).contains(0.5, 0.5)).isTrue();
        assertThat(new ThreadMask(TWILL, true, 10, 10).outline(repeat).contains(2.5, 0.5)).isFalse();
    }

    @Test
    void weavesAreReadWrittenAndRefusedWithTheReason() {
        for (String name : List.of("plain", "twill 2/2", "twill 3/1/1/3 left", "basket 2/3")) {
            Weave weave = Weave.parse(name);
            assertThat(weave.name()).isEqualTo(name);
            assertThat(weave.named()).isTrue();
            assertThat(Weave.of("mine", weave.rows()).rows()).isEqualTo(weave.rows());
        }
        assertThat(Weave.parse("twill-2-2")).isEqualTo(TWILL);
        assertThat(TWILL.rows()).containsExactly("xx..", "x..x", "..xx", ".xx.");
        assertThat(Weave.of("mine", List.of("x.", "..")).named()).isFalse();
        assertThat(TWILL.warpShare()).isEqualTo(0.5);
        assertThatThrownBy(() -> Weave.parse("twill 2/2/1")).hasMessageContaining("odd count");
        assertThatThrownBy(() -> Weave.parse("knit")).hasMessageContaining("no weave we know");
        assertThatThrownBy(() -> Weave.parse("twill 99999/1")).hasMessageContaining("from 1 to 32");
    }
}
