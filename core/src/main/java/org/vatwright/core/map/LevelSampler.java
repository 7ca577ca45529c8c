package org.vatwright.core.map;

import java.util.Arrays;

import org.vatwright.core.colour.LightMix;
import org.vatwright.core.raster.Bilinear;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Samples a tile through any map. How much is shrunk at a place follows from how far its neighbours lie apart on the tile; it
 * is worked out at the corners of small blocks and goes over evenly between them, so that no block shows. Where one way is
 * shrunk more than the other, several samples are taken along that way.
 */
final class LevelSampler {

    private static final int BLOCK = 16;
    private static final int STRIP_ROWS = 64;
    /** Samples along the way that is shrunk more. */
    private static final int MOST_TAPS = 8;

    private final Raster[] levels;
    private final ClothMap map;
    private final int width;
    private final int height;

    LevelSampler(Raster[] levels, ClothMap map) {
        this.levels = levels;
        this.map = map;
        width = levels[0].width();
        height = levels[0].height();
    }

    /** How the neighbourhood of a place lies on the tile. @param u,v along the longer side of a pixel's shadow, in tiles */
    private record Shadow(double level, double u, double v) {}

    void sample(Raster out, Work work) {
        Rows.each(out.height(), STRIP_ROWS, work, (from, to) -> {
            for (int top = from; top < to; top += BLOCK) {
                Shadow left = null;
                Shadow leftBelow = null;
                for (int x = 0; x < out.width(); x += BLOCK) {
                    Shadow a = left == null ? shadow(x, top) : left;
                    Shadow c = leftBelow == null ? shadow(x, top + BLOCK) : leftBelow;
                    left = shadow(x + BLOCK, top);
                    leftBelow = shadow(x + BLOCK, top + BLOCK);
                    block(out, x, top, Math.min(to, top + BLOCK), new Shadow[]{a, left, c, leftBelow});
                }
            }
        });
    }

    private Shadow shadow(double x, double y) {
        double[] middle = new double[2];
        double[] right = new double[2];
        double[] below = new double[2];
        map.at(x - 0.5, y - 0.5, middle);
        map.at(x + 0.5, y - 0.5, right);
        map.at(x - 0.5, y + 0.5, below);
        double au = right[0] - middle[0];
        double av = right[1] - middle[1];
        double bu = below[0] - middle[0];
        double bv = below[1] - middle[1];
        double a = Math.hypot(au * width, av * height);
        double b = Math.hypot(bu * width, bv * height);
        double longer = Math.max(a, b);
        double area = Math.abs(au * bv - av * bu) * width * height;
        double shorter = Math.max(longer == 0 ? 0 : area / longer, longer / MOST_TAPS);
        double level = Math.log(Math.max(1, shorter)) / Math.log(2);
        return a > b ? new Shadow(level, au, av) : new Shadow(level, bu, bv);
    }

    private void block(Raster out, int left, int top, int bottom, Shadow[] corners) {
        double[] uv = new double[2];
        float[] sum = new float[4];
        int right = Math.min(out.width(), left + BLOCK);
        for (int y = top; y < bottom; y++) {
            double t = (y + 0.5 - top) / BLOCK;
            for (int x = left; x < right; x++) {
                double s = (x + 0.5 - left) / BLOCK;
                double level = mix(s, t, corners[0].level, corners[1].level, corners[2].level, corners[3].level);
                double du = mix(s, t, corners[0].u, corners[1].u, corners[2].u, corners[3].u);
                double dv = mix(s, t, corners[0].v, corners[1].v, corners[2].v, corners[3].v);
                map.at(x + 0.5, y + 0.5, uv);
                out.argb()[y * out.width() + x] = argb(uv, level, du, dv, sum);
            }
        }
    }

    private static double mix(double s, double t, double a, double b, double c, double d) {
        return (1 - t) * ((1 - s) * a + s * b) + t * ((1 - s) * c + s * d);
    }

    private int argb(double[] uv, double level, double du, double dv, float[] sum) {
        if (!Double.isFinite(uv[0] + uv[1])) {
            return 0;
        }
        double longer = Math.hypot(du * width, dv * height);
        int taps = (int) Math.max(1, Math.min(MOST_TAPS, Math.ceil(longer / Math.pow(2, level) - 0.01)));
        int low = (int) level;
        float share = (float) (level - low);
        if (taps == 1 && share == 0) {
            return Bilinear.argb(level(low), uv[0], uv[1]);
        }
        Arrays.fill(sum, 0);
        for (int tap = 0; tap < taps; tap++) {
            double along = (tap + 0.5) / taps - 0.5;
            double u = uv[0] + along * du;
            double v = uv[1] + along * dv;
            add(Bilinear.argb(level(low), u, v), (1 - share) / taps, sum);
            if (share > 0) {
                add(Bilinear.argb(level(low + 1), u, v), share / taps, sum);
            }
        }
        return LightMix.encode(sum);
    }

    private Raster level(int level) {
        return levels[Math.min(level, levels.length - 1)];
    }

    private static void add(int argb, float share, float[] sum) {
        float[] light = LightMix.linear(argb);
        for (int k = 0; k < 4; k++) {
            sum[k] += share * light[k];
        }
    }
}
