package org.vatwright.core.effect;

import java.util.Arrays;

import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Blurs a plane of numbers, 0 to 1, on the torus by a normal spread: many lines at once ({@link BoxLines}); line by line where
 * it is so wide that sums of floats would not be exact.
 */
final class SoftPlane {

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
        boolean rows = across > 0 && BoxLines.fits(w, across);
        if (rows) {
            BoxLines.each(h, BoxLines.LANES, w, across, work, (from, to, lines) -> rows(plane, w, from, to, lines));
        }
        boolean columns = down > 0 && BoxLines.fits(h, down);
        if (!rows && across > 0) {
            Rows.each(h, STRIP, work, (from, to) -> {
                Line line = new Line(w, across);
                for (int y = from; y < to; y++) {
                    System.arraycopy(plane, y * w, line.values, 0, w);
                    line.blur();
                    System.arraycopy(line.values, 0, plane, y * w, w);
                }
            });
        }
        if (columns) {
            BoxLines.each(w, BoxLines.LANES, h, down, work, (from, to, lines) -> columns(plane, w, from, to, lines));
        } else if (down > 0) {
            Rows.each(w, STRIP, work, (from, to) -> columns(plane, w, h, from, to, down));
        }
    }

    /** Some rows side by side. */
    private static void rows(float[] plane, int w, int from, int to, BoxLines lines) {
        for (int x = 0; x < w; x++) {
            float[] place = lines.place(x);
            for (int y = from, at = from * w + x; y < to; y++, at += w) {
                place[y - from] = plane[at];
            }
        }
        lines.blur();
        for (int x = 0; x < w; x++) {
            float[] place = lines.place(x);
            for (int y = from, at = from * w + x; y < to; y++, at += w) {
                plane[at] = place[y - from];
            }
        }
    }

    private static void columns(float[] plane, int w, int from, int to, BoxLines lines) {
        int h = plane.length / w;
        for (int y = 0; y < h; y++) {
            System.arraycopy(plane, y * w + from, lines.place(y), 0, to - from);
        }
        lines.blur();
        for (int y = 0; y < h; y++) {
            System.arraycopy(lines.place(y), 0, plane, y * w + from, to - from);
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

    /** One line of the torus, with sums that are exact however long it is. */
    private static final class Line {
        private final double spread;
        private float[] values;
        private float[] other;
        private final long[] whole;

        Line(int length, double spread) {
            this.spread = spread;
            values = new float[length];
            other = new float[length];
            whole = new long[length];
        }

        void blur() {
            if (spread > ALL * values.length) {
                long sum = 0;
                for (float value : values) {
                    sum += (long) (value * WHOLE);
                }
                Arrays.fill(values, (float) (sum / (values.length * WHOLE)));
            } else {
                for (int pass = 0; pass < PASSES; pass++) {
                    run();
                }
            }
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
