package org.vatwright.core.picture;

import java.util.Arrays;

/** A mask drawn out, drawn in, or softened at its edges. */
final class Reach {

    private static final float HALF = 0.5f;
    private static final double FAR = 1e12;
    private static final int TIMES = 3;

    private Reach() {}

    /** Its edge goes out by so many pixels, or in. */
    static void grow(float[] mask, int width, int height, double px) {
        double[] outside = squares(mask, width, height, true);
        double[] inside = squares(mask, width, height, false);
        for (int i = 0; i < mask.length; i++) {
            // From the middle of a pixel to the edge between it and the next: half a pixel less than to its middle.
            double off = mask[i] > HALF ? -(Math.sqrt(inside[i]) - HALF) : Math.sqrt(outside[i]) - HALF;
            mask[i] = (float) Math.max(0, Math.min(1, px - off + HALF));
        }
    }

    /** The squared distance of each pixel to the nearest that is in the mask, or out of it (Felzenszwalb, Huttenlocher 2012). */
    private static double[] squares(float[] mask, int width, int height, boolean toInside) {
        double[] d = new double[mask.length];
        for (int i = 0; i < mask.length; i++) {
            d[i] = mask[i] > HALF == toInside ? 0 : FAR;
        }
        int most = Math.max(width, height);
        double[] f = new double[most];
        int[] v = new int[most];
        double[] z = new double[most + 1];
        for (int x = 0; x < width; x++) {
            line(d, x, width, height, f, v, z);
        }
        for (int y = 0; y < height; y++) {
            line(d, y * width, 1, width, f, v, z);
        }
        return d;
    }

    private static void line(double[] d, int at, int step, int n, double[] f, int[] v, double[] z) {
        for (int i = 0; i < n; i++) {
            f[i] = d[at + i * step];
        }
        int k = 0;
        v[0] = 0;
        z[0] = -FAR;
        z[1] = FAR;
        for (int q = 1; q < n; q++) {
            double s = meets(f, q, v[k]);
            while (k > 0 && s <= z[k]) {
                k--;
                s = meets(f, q, v[k]);
            }
            k++;
            v[k] = q;
            z[k] = s;
            z[k + 1] = FAR;
        }
        k = 0;
        for (int q = 0; q < n; q++) {
            while (z[k + 1] < q) {
                k++;
            }
            double off = q - v[k];
            d[at + q * step] = Math.min(FAR, off * off + f[v[k]]);
        }
    }

    private static double meets(double[] f, int q, int p) {
        return (f[q] + (double) q * q - f[p] - (double) p * p) / (2.0 * (q - p));
    }

    /** Three means one after the other, nearly a bell; beyond the picture it goes on as at its edge. */
    static void feather(float[] mask, int width, int height, double px) {
        int half = (int) Math.max(1, Math.round(px / 2 / TIMES * 1.7));
        float[] line = new float[Math.max(width, height)];
        for (int t = 0; t < TIMES; t++) {
            for (int y = 0; y < height; y++) {
                mean(mask, y * width, 1, width, half, line);
            }
            for (int x = 0; x < width; x++) {
                mean(mask, x, width, height, half, line);
            }
        }
    }

    private static void mean(float[] mask, int at, int step, int n, int half, float[] line) {
        double sum = 0;
        for (int i = -half; i <= half; i++) {
            sum += mask[at + Math.max(0, Math.min(n - 1, i)) * step];
        }
        for (int i = 0; i < n; i++) {
            line[i] = (float) (sum / (2 * half + 1));
            sum += mask[at + Math.min(n - 1, i + half + 1) * step] - mask[at + Math.max(0, i - half) * step];
        }
        for (int i = 0; i < n; i++) {
            mask[at + i * step] = line[i];
        }
        Arrays.fill(line, 0);
    }
}
