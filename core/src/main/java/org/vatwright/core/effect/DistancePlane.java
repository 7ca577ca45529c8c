package org.vatwright.core.effect;

import java.util.Arrays;

import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Of each pixel how far the nearest one of a set lies, on the torus and exactly (lower envelope of parabolas, Felzenszwalb
 * and Huttenlocher 2012): first down the columns, then along the rows over the tile and a copy on either side, beyond which
 * nothing can be nearer.
 */
public final class DistancePlane {

    private static final int STRIP = 16;
    private static final double FAR = 1e18;

    private DistancePlane() {}

    /**
     * @param in of each pixel whether it is in the set
     * @param wide,high size of a pixel, mm
     * @return distances in mm between middles of pixels; infinite when the set is empty
     */
    public static float[] to(boolean[] in, int w, double wide, double high, Work work) {
        int h = in.length / w;
        double[] squared = new double[in.length];
        Rows.each(w, STRIP, work, (from, to) -> {
            for (int x = from; x < to; x++) {
                column(in, squared, x, w, h, high);
            }
        });
        float[] out = new float[in.length];
        Rows.each(h, STRIP, work, (from, to) -> {
            Envelope line = new Envelope(w, wide);
            for (int y = from; y < to; y++) {
                line.row(squared, y * w, out);
            }
        });
        return out;
    }

    /** Twice round, so that what lies beyond the edge is met. */
    private static void column(boolean[] in, double[] out, int x, int w, int h, double high) {
        long far = Long.MAX_VALUE / 4;
        long steps = far;
        for (int k = 0; k < 2 * h; k++) {
            int y = k < h ? k : k - h;
            steps = in[y * w + x] ? 0 : Math.min(far, steps + 1);
            out[y * w + x] = steps;
        }
        steps = far;
        for (int k = 2 * h - 1; k >= 0; k--) {
            int y = k < h ? k : k - h;
            steps = in[y * w + x] ? 0 : Math.min(far, steps + 1);
            if (k < h) {
                double least = Math.min(out[y * w + x], steps);
                out[y * w + x] = least >= far ? FAR : least * high * (least * high);
            }
        }
    }

    /** The lowest of parabolas, one over each pixel of a row and its copies. */
    private static final class Envelope {
        private final int n;
        private final double wide;
        private final int[] at;
        private final double[] from;

        Envelope(int n, double wide) {
            this.n = n;
            this.wide = wide;
            at = new int[3 * n];
            from = new double[3 * n + 1];
        }

        void row(double[] squared, int start, float[] out) {
            int last = -1;
            for (int q = -n; q < 2 * n; q++) {
                double f = squared[start + Math.floorMod(q, n)];
                if (f >= FAR) {
                    continue;
                }
                double meets = Double.NEGATIVE_INFINITY;
                while (last >= 0) {
                    int p = at[last];
                    double g = squared[start + Math.floorMod(p, n)];
                    meets = ((f - g) / (wide * wide) + (double) q * q - (double) p * p) / (2.0 * (q - p));
                    if (meets > from[last]) {
                        break;
                    }
                    last--;
                    meets = Double.NEGATIVE_INFINITY;
                }
                last++;
                at[last] = q;
                from[last] = meets;
            }
            if (last < 0) {
                Arrays.fill(out, start, start + n, Float.POSITIVE_INFINITY);
                return;
            }
            int k = 0;
            for (int x = 0; x < n; x++) {
                while (k < last && from[k + 1] <= x) {
                    k++;
                }
                double dx = (x - at[k]) * wide;
                out[start + x] = (float) Math.sqrt(squared[start + Math.floorMod(at[k], n)] + dx * dx);
            }
        }
    }
}
