package org.vatwright.core.effect;

import java.util.Arrays;
import java.util.Objects;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;

import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Many lines of the torus blurred side by side: three running means whose ends take a share, so that their spread is the
 * wanted one exactly (extended box filter, Gwosdek 2011); a narrow spread by its true weights. Place after place, each with
 * its lanes beside each other, so that the lanes become vectors. Values are whole numbers in floats, so that running sums are
 * exact and a rolled line gives the very same.
 */
final class BoxLines {

    /** Lines that are blurred at once. */
    static final int LANES = 256;
    private static final double NARROW_PX = 6;
    /** Weights beyond so many standard deviations are below a hundred-thousandth. */
    private static final double REACH = 4.5;
    /** A spread of more periods than this leaves the mean: the first wave keeps exp(-2 pi^2 s^2), here 1e-9. */
    private static final double ALL = 1.05;
    private static final int PASSES = 3;
    /** Levels that no eye tells apart, in linear light. */
    private static final double FINE = 4096;
    /** Below it floats hold every whole number. */
    private static final double EXACT = 1 << 24;
    /** As {@link #ROUND} rounds no larger ones. */
    private static final double MOST = 1 << 21;
    /** Added and taken away again it rounds to a whole number. */
    private static final float ROUND = 1.5f * (1 << 23);

    private final int n;
    private final double spread;
    private final float scale;
    private final float back;
    private final float[] weights;
    /** By place, each an array of its own: only arrays that begin at the same place become vectors together. */
    private float[][] values;
    private float[][] other;
    private final float[] sum = new float[LANES];

    /** @param n places of a line @param spread standard deviation in places, above 0 */
    BoxLines(int n, double spread) {
        this.n = n;
        this.spread = spread;
        weights = spread < NARROW_PX ? weights(spread) : new float[0];
        double window = spread > ALL * n ? n : 2 * Math.sqrt(1 + 12 * spread * spread / PASSES) + 2;
        scale = weights.length > 0 ? 1 : (float) Math.min(MOST, Math.floor(EXACT / window));
        back = 1 / scale;
        values = new float[n][LANES];
        other = new float[n][LANES];
    }

    /** What is done to some lines of a raster. */
    interface Strip {
        void run(int from, int to, BoxLines lines);
    }

    /** Shares out {@code count} things, so many at once; lines are made once for each thread. */
    static void each(int count, int atOnce, int n, double spread, Work work, Strip strip) {
        Queue<BoxLines> free = new ConcurrentLinkedQueue<>();
        Rows.each(count, atOnce, work, (from, to) -> {
            BoxLines lines = Objects.requireNonNullElseGet(free.poll(), () -> new BoxLines(n, spread));
            strip.run(from, to, lines);
            free.add(lines);
        });
    }

    /** @return whether sums of so wide a spread are exact and fine enough */
    static boolean fits(int n, double spread) {
        return Math.min(n, 4 * spread + 4) <= EXACT / FINE;
    }

    private static float[] weights(double spread) {
        int reach = (int) Math.ceil(REACH * spread);
        double[] w = new double[reach + 1];
        double sum = 0;
        for (int i = 0; i <= reach; i++) {
            w[i] = Math.exp(-0.5 * i * i / (spread * spread));
            sum += i == 0 ? w[i] : 2 * w[i];
        }
        float[] weights = new float[reach + 1];
        for (int i = 0; i <= reach; i++) {
            weights[i] = (float) (w[i] / sum);
        }
        return weights;
    }

    /** @return what the lines hold at a place, 0 to 1, to be read and written; another one after {@link #blur} */
    float[] place(int at) {
        return values[at];
    }

    /** Blurs what was put in. */
    void blur() {
        if (weights.length > 0) {
            weigh();
            return;
        }
        for (float[] place : values) {
            for (int l = 0; l < LANES; l++) {
                place[l] = place[l] * scale + ROUND - ROUND;
            }
        }
        means();
        for (float[] place : values) {
            for (int l = 0; l < LANES; l++) {
                place[l] *= back;
            }
        }
    }

    private void means() {
        if (spread > ALL * n) {
            level();
        } else {
            double variance = spread * spread / PASSES;
            int r = (int) Math.floor((Math.sqrt(1 + 12 * variance) - 1) / 2);
            double inner = r * (r + 1.0) * (2 * r + 1) / 3;
            float share = (float) (((2 * r + 1) * variance - inner) / (2 * ((r + 1.0) * (r + 1) - variance)));
            float by = (float) (1 / (2 * r + 1 + 2.0 * share));
            for (int pass = 0; pass < PASSES; pass++) {
                run(r, share, by);
            }
        }
    }

    private void swap() {
        float[][] kept = values;
        values = other;
        other = kept;
    }

    private void level() {
        double[] sums = new double[LANES];
        for (float[] place : values) {
            for (int l = 0; l < LANES; l++) {
                sums[l] += place[l];
            }
        }
        for (float[] place : values) {
            for (int l = 0; l < LANES; l++) {
                place[l] = (float) Math.rint(sums[l] / n);
            }
        }
    }

    private void weigh() {
        int reach = weights.length - 1;
        for (int i = 0; i < n; i++) {
            float[] to = other[i];
            Arrays.fill(to, 0);
            for (int k = 0; k <= reach; k++) {
                float weight = k == 0 ? weights[0] / 2 : weights[k];
                pair(values[Math.floorMod(i - k, n)], values[Math.floorMod(i + k, n)], weight, to);
            }
        }
        swap();
    }

    private static void pair(float[] left, float[] right, float weight, float[] to) {
        for (int l = 0; l < LANES; l++) {
            to[l] += weight * (left[l] + right[l]);
        }
    }

    /** A mean of 2 r + 1 whole values and a share of the next one at both ends. */
    private void run(int r, float share, float by) {
        Arrays.fill(sum, 0);
        for (int k = -r; k <= r; k++) {
            float[] place = values[Math.floorMod(k, n)];
            for (int l = 0; l < LANES; l++) {
                sum[l] += place[l];
            }
        }
        int left = Math.floorMod(-r - 1, n);
        int right = Math.floorMod(r + 1, n);
        for (int i = 0; i < n; i++) {
            int leaves = left + 1 == n ? 0 : left + 1;
            step(values[left], values[right], values[leaves], other[i], sum, share, by);
            left = leaves;
            right = right + 1 == n ? 0 : right + 1;
        }
        swap();
    }

    private static void step(float[] left, float[] comes, float[] leaves, float[] out, float[] sum, float share,
            float by) {
        for (int l = 0; l < LANES; l++) {
            out[l] = (sum[l] + share * (left[l] + comes[l])) * by + ROUND - ROUND;
        }
        for (int l = 0; l < LANES; l++) {
            sum[l] = sum[l] + comes[l] - leaves[l];
        }
    }
}
