package org.vatwright.core.effect;

import java.util.Arrays;

import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Blurs a plane of numbers on the torus by a normal spread: by its true weights while it is narrow, else by three running
 * means whose ends take a share, so that their spread is the wanted one exactly (extended box filter, Gwosdek 2011).
 * Downwards it goes by blocks of columns, turned into rows.
 */
final class SoftPlane {

    private static final double NARROW_PX = 6;
    /** Weights beyond so many standard deviations are below a hundred-thousandth. */
    private static final double REACH = 4.5;
    /** A spread of more periods than this leaves the mean: the first wave keeps exp(-2 pi^2 s^2), here 1e-9. */
    private static final double ALL = 1.05;
    private static final int PASSES = 3;
    /** Sums run in whole numbers of this part, so that they are exact and a rolled line gives the very same. */
    private static final double WHOLE = 1L << 32;
    private static final int STRIP = 32;

    private SoftPlane() {}

    /** @param plane rows of {@code w}; changed in place. @param across,down standard deviation in pixels */
    static void blur(float[] plane, int w, double across, double down, Work work) {
        int h = plane.length / w;
        if (across > 0) {
            Rows.each(h, STRIP, work, (from, to) -> {
                Line line = new Line(w, across);
                for (int y = from; y < to; y++) {
                    System.arraycopy(plane, y * w, line.values, 0, w);
                    line.blur();
                    System.arraycopy(line.values, 0, plane, y * w, w);
                }
            });
        }
        if (down > 0) {
            Rows.each(w, STRIP, work, (from, to) -> columns(plane, w, h, from, to, down));
        }
    }

    private static void columns(float[] plane, int w, int h, int from, int to, double down) {
        float[][] turned = new float[to - from][h];
        for (int y = 0; y < h; y++) {
            for (int x = from; x < to; x++) {
                turned[x - from][y] = plane[y * w + x];
            }
        }
        Line line = new Line(h, down);
        for (float[] column : turned) {
            System.arraycopy(column, 0, line.values, 0, h);
            line.blur();
            System.arraycopy(line.values, 0, column, 0, h);
        }
        for (int y = 0; y < h; y++) {
            for (int x = from; x < to; x++) {
                plane[y * w + x] = turned[x - from][y];
            }
        }
    }

    /** One line of the torus. */
    private static final class Line {
        private final double spread;
        private float[] values;
        private float[] other;
        private final float[] weights;
        /** The line with what comes in again before its start and after its end. */
        private final float[] padded;
        private final long[] whole;

        Line(int length, double spread) {
            this.spread = spread;
            values = new float[length];
            other = new float[length];
            weights = spread < NARROW_PX ? weights(spread) : new float[0];
            whole = new long[weights.length > 0 ? 0 : length];
            padded = new float[length + 2 * Math.max(0, weights.length - 1)];
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

        void blur() {
            if (spread > ALL * values.length) {
                long sum = 0;
                for (float value : values) {
                    sum += (long) (value * WHOLE);
                }
                Arrays.fill(values, (float) (sum / (values.length * WHOLE)));
            } else if (weights.length > 0) {
                weigh();
            } else {
                for (int pass = 0; pass < PASSES; pass++) {
                    run();
                }
            }
        }

        private void weigh() {
            int n = values.length;
            int reach = weights.length - 1;
            for (int i = 0; i < padded.length; i++) {
                padded[i] = values[Math.floorMod(i - reach, n)];
            }
            Arrays.fill(other, 0);
            for (int k = 0; k <= reach; k++) {
                float weight = k == 0 ? weights[0] / 2 : weights[k];
                for (int i = 0; i < n; i++) {
                    other[i] += weight * (padded[i + reach - k] + padded[i + reach + k]);
                }
            }
            swap();
        }

        /** A mean of 2 r + 1 whole values and a share of the next one at both ends. */
        private void run() {
            int n = values.length;
            double variance = spread * spread / PASSES;
            int r = (int) Math.floor((Math.sqrt(1 + 12 * variance) - 1) / 2);
            double inner = r * (r + 1.0) * (2 * r + 1) / 3;
            double share = ((2 * r + 1) * variance - inner) / (2 * ((r + 1.0) * (r + 1) - variance));
            double by = 1 / ((2 * r + 1 + 2 * share) * WHOLE);
            for (int i = 0; i < n; i++) {
                whole[i] = (long) (values[i] * WHOLE);
            }
            long sum = 0;
            for (int k = -r; k <= r; k++) {
                sum += whole[Math.floorMod(k, n)];
            }
            int left = Math.floorMod(-r - 1, n);
            int right = Math.floorMod(r + 1, n);
            for (int i = 0; i < n; i++) {
                other[i] = (float) ((sum + share * (whole[left] + whole[right])) * by);
                int leaves = left + 1 == n ? 0 : left + 1;
                sum += whole[right] - whole[leaves];
                left = leaves;
                right = right + 1 == n ? 0 : right + 1;
            }
            swap();
        }

        private void swap() {
            float[] kept = values;
            values = other;
            other = kept;
        }
    }
}
