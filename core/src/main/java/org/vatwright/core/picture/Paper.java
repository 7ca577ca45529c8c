package org.vatwright.core.picture;

import java.util.ArrayDeque;

import org.vatwright.core.colour.Lab;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * The paper of a scanned drawing made clear. Where ink fades into it the edge stays as soft as it was: what is left, laid over
 * that paper, is the scan again.
 *
 * @param amount how far from the paper's colour is still paper, 0 to 1
 * @param dustMm specks smaller across than that go as well, 0 to 50 mm
 */
public record Paper(double amount, double dustMm) {

    public static final Paper USUAL = new Paper(0.2, 0.3);

    private static final double MOST_DUST_MM = 50;
    /** Colour difference (CIE 1976) that is still paper at whole amount, and how much more is ink. */
    private static final double STILL = 40;
    private static final double FADES = 30;
    private static final int BINS = 16;
    private static final int STRIP = 32;
    private static final int OPAQUE = 255;
    /** Fainter than this is no part of a speck. */
    private static final int SEEN = 16;

    public Paper {
        Require.within("paper", 100 * amount, 0, 100, "%");
        Require.within("dust", dustMm, 0, MOST_DUST_MM, "mm");
    }

    /** @return with the paper clear. @param pxPerMm of the scan, by which dust is measured */
    public Raster cleared(Raster scan, double pxPerMm, Work work) {
        Rgb paper = colour(scan);
        Lab white = Lab.of(paper);
        int width = scan.width();
        Raster clear = new Raster(width, scan.height());
        double still = amount * STILL;
        Rows.each(scan.height(), STRIP, work.telling(s -> {}), (from, to) -> {
            for (int i = from * width; i < to * width; i++) {
                clear.argb()[i] = cleared(scan.argb()[i], paper, white, still);
            }
        });
        if (dustMm > 0) {
            dust(clear, Math.PI / 4 * dustMm * dustMm * pxPerMm * pxPerMm);
        }
        return clear;
    }

    /** @return the colour of which there is most */
    static Rgb colour(Raster scan) {
        int[] count = new int[BINS * BINS * BINS];
        long[][] sums = new long[3][count.length];
        for (int argb : scan.argb()) {
            if (argb >>> 24 == OPAQUE) {
                int bin = (argb >> 20 & 15) * BINS * BINS + (argb >> 12 & 15) * BINS + (argb >> 4 & 15);
                count[bin]++;
                sums[0][bin] += argb >> 16 & 255;
                sums[1][bin] += argb >> 8 & 255;
                sums[2][bin] += argb & 255;
            }
        }
        int best = 0;
        for (int i = 1; i < count.length; i++) {
            best = count[i] > count[best] ? i : best;
        }
        int n = Math.max(1, count[best]);
        return count[best] == 0
                ? new Rgb(OPAQUE, OPAQUE, OPAQUE)
                : new Rgb((int) (sums[0][best] / n), (int) (sums[1][best] / n), (int) (sums[2][best] / n));
    }

    private static int cleared(int argb, Rgb paper, Lab white, double still) {
        int alpha = argb >>> 24;
        if (alpha < OPAQUE) {
            return argb;
        }
        Lab lab = Lab.of(Rgb.ofArgb(argb));
        double off = Math.sqrt(square(lab.lightness() - white.lightness()) + square(lab.a() - white.a())
                + square(lab.b() - white.b()));
        double share = Math.max(0, Math.min(1, (off - still) / FADES));
        int a = (int) Math.round(OPAQUE * share);
        if (a == 0) {
            return 0;
        }
        // Without the part of the paper in it; where that would be less than nothing it is darker than the ink can be.
        double rest = 1 - a / (double) OPAQUE;
        return a << 24 | without(argb >> 16 & 255, paper.red() * rest, a) << 16
                | without(argb >> 8 & 255, paper.green() * rest, a) << 8 | without(argb & 255, paper.blue() * rest, a);
    }

    private static int without(int channel, double part, int alpha) {
        return (int) Math.max(0, Math.min(alpha, Math.round(channel - part)));
    }

    private static double square(double value) {
        return value * value;
    }

    /** Whatever hangs together and has less area than that goes. */
    private static void dust(Raster clear, double area) {
        int width = clear.width();
        int[] argb = clear.argb();
        boolean[] seen = new boolean[argb.length];
        ArrayDeque<Integer> open = new ArrayDeque<>();
        int[] speck = new int[(int) Math.min(argb.length, Math.ceil(area) + 1)];
        for (int start = 0; start < argb.length; start++) {
            if (seen[start] || argb[start] >>> 24 < SEEN) {
                continue;
            }
            int count = 0;
            seen[start] = true;
            open.add(start);
            while (!open.isEmpty()) {
                int i = open.poll();
                if (count < speck.length) {
                    speck[count] = i;
                }
                count++;
                int x = i % width;
                for (int k = 0; k < 9; k++) {
                    int dx = k % 3 - 1;
                    int to = i + (k / 3 - 1) * width + dx;
                    if (x + dx >= 0 && x + dx < width && to >= 0 && to < argb.length && !seen[to]
                            && argb[to] >>> 24 >= SEEN) {
                        seen[to] = true;
                        open.add(to);
                    }
                }
            }
            if (count < area) {
                for (int k = 0; k < count; k++) {
                    wipe(argb, speck[k], width);
                }
            }
        }
    }

    /** A speck goes with the faint edge around it. */
    private static void wipe(int[] argb, int i, int width) {
        argb[i] = 0;
        for (int to : new int[]{i - 1, i + 1, i - width, i + width}) {
            if (to >= 0 && to < argb.length && argb[to] >>> 24 < SEEN) {
                argb[to] = 0;
            }
        }
    }
}
