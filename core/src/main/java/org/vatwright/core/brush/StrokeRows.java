package org.vatwright.core.brush;

import java.util.Arrays;

import org.vatwright.core.colour.Packed;

/**
 * Rows of a tile while a stroke is laid on them: how far each pixel is covered by it. Within a stroke a place is as covered
 * as by the dab that covers it most, so that it does not grow with the number of dabs; with less flow it comes to that little
 * by little. Copies of a stroke that lie over each other are one stroke.
 */
final class StrokeRows {

    private static final float HALF = 0.5f;
    /** Where ink gathers most: near the edge, not at it. */
    private static final float POOL = 0.16f;
    private static final float THIN = 0.42f;

    /** How much ink stays on the i-th pixel, which the dab covers so far. */
    @FunctionalInterface
    interface Stay {
        float at(int i, float covered);
    }

    final int from;
    final int to;
    private final int width;
    private final int[] left;
    private final int[] right;
    private final float[] most;
    private float[] built;
    private float[] shade;
    private float[] line = new float[256];

    /** @param from,to rows of the tile, {@code to} excluded */
    StrokeRows(int width, int from, int to) {
        this(width, from, to, new float[(to - from) * width]);
    }

    private StrokeRows(int width, int from, int to, float[] most) {
        this.width = width;
        this.from = from;
        this.to = to;
        left = new int[to - from];
        right = new int[to - from];
        Arrays.fill(left, width);
        this.most = most;
    }

    float[] line(int count) {
        if (line.length < count) {
            line = new float[Math.max(count, 2 * line.length)];
        }
        return line;
    }

    /** @return where pixels of that row are kept, once it is noted that they are touched */
    int touch(int row, int column, int count) {
        left[row] = Math.min(left[row], column);
        right[row] = Math.max(right[row], column + count);
        return row * width + column;
    }

    void add(int at, int count, float[] covered, float amount, float tone, float flow) {
        add(at, count, covered, amount, tone, flow, null);
    }

    /** @param stay null when all of it does */
    void add(int at, int count, float[] covered, float amount, float tone, float flow, Stay stay) {
        if (flow < 1 && built == null) {
            built = new float[most.length];
        }
        if (tone != 0 && shade == null) {
            shade = new float[most.length];
        }
        for (int i = 0; i < count; i++) {
            float a = covered[i] * amount;
            int k = at + i;
            if (a <= 0 || stay != null && most[k] >= 1 && shade == null && built == null) {
                continue;
            }
            if (stay != null) {
                a = stay.at(i, a);
            }
            if (a > most[k]) {
                most[k] = a;
            }
            if (built != null) {
                built[k] += (1 - built[k]) * flow * a;
            }
            if (shade != null) {
                shade[k] += (tone - shade[k]) * a;
            }
        }
    }

    /** @return the same, to go on with by itself */
    StrokeRows copy() {
        StrokeRows copy = new StrokeRows(width, from, to, most.clone());
        System.arraycopy(left, 0, copy.left, 0, left.length);
        System.arraycopy(right, 0, copy.right, 0, right.length);
        copy.built = built == null ? null : built.clone();
        copy.shade = shade == null ? null : shade.clone();
        return copy;
    }

    /**
     * Lays what there is of the stroke on pixels.
     *
     * @param at where in {@code out} the first row begins
     * @param colours one, or from the farthest shade to the other
     */
    void lay(int[] out, int at, BrushStroke stroke, int[] colours) {
        for (int row = 0; row < to - from; row++) {
            int last = row * width + right[row];
            for (int k = row * width + left[row]; k < last; k++) {
                out[at + k] = over(out[at + k], k, stroke, colours);
            }
        }
    }

    /** @return what a pixel becomes when what there is of the stroke is laid on it */
    int over(int under, int k, BrushStroke stroke, int[] colours) {
        float a = built == null ? most[k] : Math.min(most[k], built[k]);
        if (a <= 0) {
            return under;
        }
        float wet = (float) stroke.brush().wet();
        int share = (int) ((float) stroke.brush().opacity() * 255 * (wet > 0 ? gathered(a, wet) : a) + HALF);
        int colour = colours.length == 1
                ? colours[0]
                : colours[(int) ((shade == null ? 1 : 1 + shade[k]) * (colours.length - 1) / 2 + HALF)];
        return laid(under, colour, share, stroke.erases());
    }

    /** Becomes what another one is in some columns of some rows. @param last,bottom excluded */
    void take(StrokeRows other, int first, int top, int last, int bottom) {
        if (other.built != null && built == null) {
            built = new float[most.length];
        }
        if (other.shade != null && shade == null) {
            shade = new float[most.length];
        }
        for (int row = top; row < bottom; row++) {
            int k = row * width + first;
            System.arraycopy(other.most, k, most, k, last - first);
            take(other.built, built, k, last - first);
            take(other.shade, shade, k, last - first);
        }
    }

    private static void take(float[] other, float[] own, int k, int count) {
        if (other != null) {
            System.arraycopy(other, k, own, k, count);
        } else if (own != null) {
            Arrays.fill(own, k, k + count, 0);
        }
    }

    void clear() {
        for (int row = 0; row < to - from; row++) {
            if (left[row] < right[row]) {
                int first = row * width + left[row];
                int last = row * width + right[row];
                Arrays.fill(most, first, last, 0);
                if (built != null) {
                    Arrays.fill(built, first, last, 0);
                }
                if (shade != null) {
                    Arrays.fill(shade, first, last, 0);
                }
                left[row] = width;
                right[row] = 0;
            }
        }
    }

    private static int laid(int under, int colour, int share, boolean erases) {
        if (erases) {
            return Packed.times255(under, 255 - share);
        }
        int over = Packed.times255(colour, share);
        return over + Packed.times255(under, 255 - (over >>> 24));
    }

    /** Ink that dries gathers at the edge: most a little inside it, less in the middle. */
    private static float gathered(float a, float wet) {
        float pool = a < POOL ? a / POOL : 1 - (1 - THIN) * (a - POOL) / (1 - POOL);
        return a + wet * (pool - a);
    }
}
