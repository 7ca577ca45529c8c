package org.vatwright.core.brush;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Arrays;

import org.vatwright.core.measure.Noise;

/**
 * Where a tip leaves ink and where its tooth keeps it away, as a field that recurs. Its gaps are cut first and averaged to
 * pixels after, so that it is as full at every density. It is there at several degrees, from all ink to none.
 */
final class Breaks {

    private static final int DEGREES = 17;
    private static final int MASTER = 384;
    private static final int MOST = 768;
    private static final double SOFT = 0.16;
    private static final double HALF = 0.5;
    private static final float HALF_PX = 0.5f;
    private static final long SEED = 4711;

    private record Key(boolean hairs, int across, int down) {}

    private static final Cache<Key, Breaks> KEPT = Caffeine.newBuilder().maximumSize(24).softValues().build();

    /** What one kind is like, in sizes of the brush. */
    private record Kind(double periodX, double periodY, int knotsX, int knotsY) {}

    /** Grains as of rough paper. */
    private static final Kind GRAINS = new Kind(2, 2, 36, 36);
    /** Hairs: long along the way, narrow across. */
    private static final Kind HAIRS = new Kind(7, 1.25, 9, 34);

    private final double perX;
    private final double perY;
    private final int width;
    private final int height;
    private final float[][] fields;

    /** @param pxPerSize pixels in one size of the brush */
    static Breaks of(Brush brush, double pxPerSize) {
        boolean hairs = brush.tip() == Tip.BRISTLE;
        Kind kind = hairs ? HAIRS : GRAINS;
        // Along a hair nothing is fine.
        int across = side(kind.periodX * pxPerSize / (hairs ? 3 : 1));
        int down = side(kind.periodY * pxPerSize);
        return KEPT.get(new Key(hairs, across, down), k -> new Breaks(kind, across, down));
    }

    private static int side(double px) {
        return (int) Math.max(4, Math.min(MOST, Math.rint(px)));
    }

    private Breaks(Kind kind, int width, int height) {
        perX = 1 / kind.periodX;
        perY = 1 / kind.periodY;
        this.width = width;
        this.height = height;
        int w = Math.max(MASTER, width);
        int h = Math.max(MASTER, height);
        float[] ranks = ranks(kind, w, h);
        fields = new float[DEGREES][];
        for (int i = 0; i < DEGREES; i++) {
            fields[i] = averaged(cut(ranks, (double) i / (DEGREES - 1)), w, h, width, height);
        }
    }

    /** @return of each place which share of all places lies lower */
    private static float[] ranks(Kind kind, int w, int h) {
        float[] field = new float[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double u = (x + 0.5) / w;
                double v = (y + 0.5) / h;
                field[y * w + x] = (float) (Noise.torus(SEED, u, v, kind.knotsX, kind.knotsY)
                        + 0.55 * Noise.torus(SEED + 1, u, v, 2 * kind.knotsX, 2 * kind.knotsY)
                        + 0.5 * Noise.torus(SEED + 2, u, v, kind.knotsX / 4 + 1, kind.knotsY / 4 + 1));
            }
        }
        float[] sorted = field.clone();
        Arrays.sort(sorted);
        for (int i = 0; i < field.length; i++) {
            int at = Arrays.binarySearch(sorted, field[i]);
            field[i] = (float) at / (field.length - 1);
        }
        return field;
    }

    private static float[] cut(float[] ranks, double away) {
        float[] field = new float[ranks.length];
        double middle = away * (1 + SOFT) - SOFT / 2;
        for (int i = 0; i < ranks.length; i++) {
            field[i] = (float) Math.max(0, Math.min(1, (ranks[i] - middle) / SOFT + 0.5));
        }
        return field;
    }

    /** Means over the area of each place. */
    private static float[] averaged(float[] from, int w, int h, int width, int height) {
        if (w == width && h == height) {
            return from;
        }
        float[] across = new float[width * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < width; x++) {
                across[y * width + x] = mean(from, y * w, 1, w, x, width);
            }
        }
        float[] out = new float[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                out[y * width + x] = mean(across, x, width, h, y, height);
            }
        }
        return out;
    }

    private static float mean(float[] all, int at, int step, int count, int k, int of) {
        double from = (double) k * count / of;
        double to = (double) (k + 1) * count / of;
        double sum = 0;
        for (int i = (int) from; i < to; i++) {
            sum += (Math.min(i + 1, to) - Math.max(i, from)) * all[at + step * i];
        }
        return (float) (sum / (to - from));
    }

    /**
     * How much ink stays.
     *
     * @param away which share of all places keeps it away, 0 to 1
     * @param x,y in sizes of the brush
     */
    float at(double away, double x, double y) {
        int degree = (int) (away * (DEGREES - 1) + HALF);
        double u = x * perX;
        double v = y * perY;
        float px = (float) ((u - floor(u)) * width) - HALF_PX;
        float py = (float) ((v - floor(v)) * height) - HALF_PX;
        int x0 = floor(px);
        int y0 = floor(py);
        float fx = px - x0;
        float fy = py - y0;
        int x1 = x0 + 1 >= width ? 0 : x0 + 1;
        int y1 = y0 + 1 >= height ? 0 : y0 + 1;
        x0 = x0 < 0 ? width - 1 : Math.min(x0, width - 1);
        y0 = y0 < 0 ? height - 1 : Math.min(y0, height - 1);
        float[] f = fields[degree];
        float top = f[y0 * width + x0] + fx * (f[y0 * width + x1] - f[y0 * width + x0]);
        float low = f[y1 * width + x0] + fx * (f[y1 * width + x1] - f[y1 * width + x0]);
        return top + fy * (low - top);
    }

    private static int floor(double value) {
        int whole = (int) value;
        return value < whole ? whole - 1 : whole;
    }
}
