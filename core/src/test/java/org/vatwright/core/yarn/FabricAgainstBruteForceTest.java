package org.vatwright.core.yarn;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Light;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** The fast painters, held against sums over every crossing a pixel sees. */
class FabricAgainstBruteForceTest {

    private static final InkColours INKS = new InkColours(Samples.PALETTE, Samples.morning());
    private static final Ink[] ALL = {Samples.NAVY, Samples.LINEN, Samples.MADDER};

    private static Fabric any(Random random) {
        Weave[] weaves = {Weave.plain(), Weave.parse("twill 2/2"), Weave.parse("twill 2/1 left"),
                Weave.parse("basket 2/3"), Weave.parse("twill 3/1/1/3"),
                Weave.of("odd", List.of("x..x.", ".xx.x", "..x.."))};
        Look look = random.nextInt(3) == 0 ? new Look.Blended(random.nextDouble()) : Look.WOVEN;
        return new Fabric(run(random), random.nextBoolean() ? Optional.empty() : Optional.of(run(random)),
                weaves[random.nextInt(weaves.length)], look, 8 + random.nextInt(20), 8 + random.nextInt(20));
    }

    private static BandRun run(Random random) {
        List<Band> bands = new ArrayList<>();
        int most = random.nextBoolean() ? 6 : 40;
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            bands.add(new Band(ALL[random.nextInt(3)], 1 + random.nextInt(most)));
        }
        return new BandRun(bands, random.nextBoolean());
    }

    /** How much of a pixel is behind a place, through one box or three, in pixels from its middle. */
    private static double behind(double place, boolean crisp) {
        if (crisp) {
            return Math.max(0, Math.min(1, place + 0.5));
        }
        // The cumulative of the quadratic B-spline, written out piece by piece.
        double x = Math.max(-1.5, Math.min(1.5, place));
        if (x <= -0.5) {
            return Math.pow(x + 1.5, 3) / 6;
        }
        return x <= 0.5 ? 0.5 + 0.75 * x - x * x * x / 3 : 1 - Math.pow(1.5 - x, 3) / 6;
    }

    private static double[][] shares(int px, int threads, int periods) {
        double[][] shares = new double[px][threads];
        double width = (double) px / threads / periods;
        boolean crisp = width >= 3 || width == Math.rint(width);
        for (int x = 0; x < px; x++) {
            for (int thread = (int) Math.floor((x - 2) / width) - 1; thread * width < x + 3; thread++) {
                double share = behind((thread + 1) * width - x - 0.5, crisp) - behind(thread * width - x - 0.5, crisp);
                shares[x][Math.floorMod(thread, threads)] += share;
            }
        }
        return shares;
    }

    @Test
    void everyPixelIsTheSumOfWhatItSees() {
        Random random = new Random(77);
        for (int n = 0; n < 120; n++) {
            Fabric fabric = any(random);
            int across = 1 + random.nextInt(2);
            int down = 1 + random.nextInt(2);
            Repeat repeat = new Repeat(across * fabric.periodWidthMm(), down * fabric.periodHeightMm(),
                    Arrangement.STRAIGHT);
            double fineness = random.nextBoolean() ? 0.3 + 2.6 * random.nextDouble() : 3 + 5 * random.nextDouble();
            int w = (int) Math.max(2, Math.min(180, fabric.endsInPeriod() * across * fineness));
            int h = (int) Math.max(2, Math.min(180, fabric.picksInPeriod() * down * fineness));
            int[] painted = new int[w * h];
            FabricPainter.of(fabric, FabricFit.of(fabric, 0, repeat.tile()),
                    Samples.asked(repeat, new TileGrid(w, h, repeat.widthMm(), repeat.heightMm()), INKS))
                    .paint(painted, 0, 0, h);
            Threads threads = new Threads(fabric, INKS::argb);
            double[][] ends = shares(w, threads.warp.length, across);
            double[][] picks = shares(h, threads.weft.length, down);
            for (int probe = 0; probe < 60; probe++) {
                int x = random.nextInt(w);
                int y = random.nextInt(h);
                for (int shift = 0; shift <= 16; shift += 8) {
                    double light = light(fabric, threads, ends[x], picks[y], shift);
                    double off = Math.abs(255 * Light.encode(light) - (painted[y * w + x] >> shift & 255));
                    // A sixteen-bit light is coarse near black; elsewhere a pixel is right to its last step.
                    assertThat(off).as("%s at %d, %d of %d x %d", fabric, x, y, w, h)
                            .isLessThan(light < 0.01 ? 3 : 1.6);
                }
            }
        }
    }

    private static double light(Fabric fabric, Threads threads, double[] ends, double[] picks, int shift) {
        double sum = 0;
        for (int end = 0; end < ends.length; end++) {
            for (int pick = 0; pick < picks.length; pick++) {
                if (ends[end] > 0 && picks[pick] > 0) {
                    double top = threads.warpShare(end, pick);
                    sum += ends[end] * picks[pick] * (top * Light.linear(threads.warp[end] >> shift & 255)
                            + (1 - top) * Light.linear(threads.weft[pick] >> shift & 255));
                }
            }
        }
        return sum;
    }

    /** Turned, a pixel is near the mean of many places in it, each looked up in the cloth. */
    @Test
    void aTurnedClothShowsWhatLiesThere() {
        Random random = new Random(5);
        for (int n = 0; n < 12; n++) {
            Fabric fabric = any(random);
            Repeat repeat = new Repeat(30 + random.nextInt(30), 30 + random.nextInt(30), Arrangement.STRAIGHT);
            FabricFit fit = FabricFit.of(fabric, random.nextInt(360) - 179, repeat.tile());
            double px = 10 * 8.0 * Math.max(fit.endsPerCm(fabric), fit.picksPerCm(fabric)) / 100;
            int w = (int) Math.min(700, repeat.widthMm() * px);
            int h = (int) Math.min(700, repeat.heightMm() * px);
            Raster tile = new Raster(w, h);
            Threads threads = new Threads(fabric, INKS::argb);
            FabricPainter.of(fabric, fit,
                    Samples.asked(repeat, new TileGrid(w, h, repeat.widthMm(), repeat.heightMm()), INKS)).paint(
                            tile.argb(), 0,
                            0, h);
            double off = 0;
            int probes = 1500;
            for (int probe = 0; probe < probes; probe++) {
                int x = random.nextInt(w);
                int y = random.nextInt(h);
                double light = 0;
                for (int s = 0; s < 64; s++) {
                    double mmX = (x + (s % 8 + 0.5) / 8) * repeat.widthMm() / w;
                    double mmY = (y + (s / 8 + 0.5) / 8) * repeat.heightMm() / h;
                    int end = fit.end(fabric, mmX, mmY) - 1;
                    int pick = fit.pick(fabric, mmX, mmY) - 1;
                    double top = threads.warpShare(end, pick);
                    light += (top * Light.linear(threads.warp[end] >> 8 & 255)
                            + (1 - top) * Light.linear(threads.weft[pick] >> 8 & 255)) / 64;
                }
                off += Math.abs(Light.linear(tile.at(x, y) >> 8 & 255) - light);
            }
            assertThat(off / probes).as("%s on %s", fabric, fit).isLessThan(0.05);
        }
    }
}
