package org.vatwright.core.picture;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Takes away what is uneven over the whole of a picture, as light from one side, so that its repeat does not show: what is
 * slower than an eighth of its shorter side is brought to the mean.
 */
final class EvenOut {

    /** Standard deviation of what counts as slow, of the shorter side. */
    private static final double SLOW = 1.0 / 8;
    private static final int COARSE_PX = 96;
    private static final double REACH = 3;
    private static final int STRIP_ROWS = 32;

    private EvenOut() {}

    /** @param amount 0 to 1; 0 changes nothing */
    static Raster of(Raster picture, double amount, Work work) {
        if (amount == 0) {
            return picture;
        }
        Planes planes = Planes.of(picture);
        int w = picture.width();
        int h = picture.height();
        double by = Math.min(1, (double) COARSE_PX / Math.max(w, h));
        int cw = (int) Math.max(1, Math.rint(w * by));
        int ch = (int) Math.max(1, Math.rint(h * by));
        double spread = SLOW * Math.min(cw, ch);
        float[] cover = planes.opaque() ? null : soft(coarse(planes.values()[3], w, h, cw, ch), cw, ch, spread);
        for (int plane = 0; plane < 3; plane++) {
            float[] values = planes.values()[plane];
            float[] slow = soft(coarse(values, w, h, cw, ch), cw, ch, spread);
            double mean = mean(values) / (cover == null ? 1 : Math.max(1e-6, mean(planes.values()[3])));
            Rows.each(h, STRIP_ROWS, work.telling(share -> {}), (from, to) -> {
                for (int y = from; y < to; y++) {
                    for (int x = 0; x < w; x++) {
                        double u = (x + 0.5) * cw / w - 0.5;
                        double v = (y + 0.5) * ch / h - 0.5;
                        double all = cover == null ? 1 : Math.max(1e-6, at(cover, cw, ch, u, v));
                        double of = cover == null ? 1 : planes.values()[3][y * w + x];
                        values[y * w + x] += (float) (amount * of * (mean - at(slow, cw, ch, u, v) / all));
                    }
                }
            });
        }
        return planes.raster();
    }

    private static double mean(float[] values) {
        double sum = 0;
        for (float value : values) {
            sum += value;
        }
        return sum / values.length;
    }

    /** @return means of blocks, whole pixels each */
    private static float[] coarse(float[] values, int w, int h, int cw, int ch) {
        float[] out = new float[cw * ch];
        for (int y = 0; y < ch; y++) {
            for (int x = 0; x < cw; x++) {
                int left = (int) ((long) x * w / cw);
                int right = (int) Math.max(left + 1, (long) (x + 1) * w / cw);
                int top = (int) ((long) y * h / ch);
                int low = (int) Math.max(top + 1, (long) (y + 1) * h / ch);
                double sum = 0;
                for (int yy = top; yy < low; yy++) {
                    for (int xx = left; xx < right; xx++) {
                        sum += values[yy * w + xx];
                    }
                }
                out[y * cw + x] = (float) (sum / (right - left) / (low - top));
            }
        }
        return out;
    }

    /** By the normal spread; beyond its edges the picture is its mirror image. */
    private static float[] soft(float[] in, int w, int h, double spread) {
        float[] across = new float[in.length];
        float[] out = new float[in.length];
        int reach = (int) Math.ceil(REACH * spread);
        double[] weights = new double[2 * reach + 1];
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            weights[i] = Math.exp(-0.5 * (i - reach) * (i - reach) / (spread * spread));
            sum += weights[i];
        }
        for (int i = 0; i < in.length; i++) {
            double all = 0;
            for (int k = 0; k < weights.length; k++) {
                all += weights[k] * in[i / w * w + mirrored(i % w + k - reach, w)];
            }
            across[i] = (float) (all / sum);
        }
        for (int i = 0; i < in.length; i++) {
            double all = 0;
            for (int k = 0; k < weights.length; k++) {
                all += weights[k] * across[mirrored(i / w + k - reach, h) * w + i % w];
            }
            out[i] = (float) (all / sum);
        }
        return out;
    }

    private static int mirrored(int at, int n) {
        int turn = Math.floorMod(at, 2 * n);
        return turn < n ? turn : 2 * n - 1 - turn;
    }

    private static double at(float[] plane, int w, int h, double u, double v) {
        double x = Math.max(0, Math.min(w - 1.0, u));
        double y = Math.max(0, Math.min(h - 1.0, v));
        int left = Math.min((int) x, Math.max(0, w - 2));
        int top = Math.min((int) y, Math.max(0, h - 2));
        int right = Math.min(left + 1, w - 1);
        int low = Math.min(top + 1, h - 1);
        double fx = x - left;
        double fy = y - top;
        return (plane[top * w + left] * (1 - fx) + plane[top * w + right] * fx) * (1 - fy)
                + (plane[low * w + left] * (1 - fx) + plane[low * w + right] * fx) * fy;
    }
}
