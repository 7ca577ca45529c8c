package org.vatwright.core.effect;

import org.vatwright.core.colour.Light;

/** Lights rows of a coat by its heights: some pixels at a time, for short loops over arrays of the same beginning become vectors. */
final class LitRow {

    private static final int BLOCK = 256;
    /** By coverage and premultiplied value the light of the colour without its coverage. */
    private static final float[] STRAIGHT = new float[256 * 256];

    static {
        for (int a = 1; a < 256; a++) {
            for (int c = 0; c < 256; c++) {
                STRAIGHT[a << 8 | c] = Light.linear(Math.min(255, (c * 255 + a / 2) / a));
            }
        }
    }

    private final Shade shade;
    private final float across;
    private final float along;
    private final float[] one = new float[BLOCK];
    private final float[] other = new float[BLOCK];
    private final float[] sx = new float[BLOCK];
    private final float[] sy = new float[BLOCK];
    private final float[] upright = new float[BLOCK];
    private final float[] light = new float[BLOCK];
    private final float[] gloss = new float[BLOCK];
    private final float[] red = new float[BLOCK];
    private final float[] green = new float[BLOCK];
    private final float[] blue = new float[BLOCK];
    private final int[] alpha = new int[BLOCK];
    private final int[] reds = new int[BLOCK];
    private final int[] greens = new int[BLOCK];
    private final int[] blues = new int[BLOCK];
    private final int[] pixels = new int[BLOCK];
    private final int[] plain = new int[BLOCK];

    /** @param across,along what a difference of heights over two pixels is times to be a slope */
    LitRow(Shade shade, float across, float along) {
        this.shade = shade;
        this.across = across;
        this.along = along;
    }

    /** @param row,up,down where this row, the one above and the one below begin */
    void light(int[] coat, float[] height, int row, int up, int down, int w, int[] out) {
        for (int from = 0; from < w; from += BLOCK) {
            int some = Math.min(BLOCK, w - from);
            System.arraycopy(height, up + from, one, 0, some);
            System.arraycopy(height, down + from, other, 0, some);
            slopes(one, other, along, sy);
            int inner = Math.min(some, w - 1 - from);
            System.arraycopy(height, row + from + 1, other, 0, inner);
            if (inner < some) {
                other[inner] = height[row];
            }
            one[0] = height[row + (from == 0 ? w : from) - 1];
            System.arraycopy(height, row + from, one, 1, some - 1);
            slopes(one, other, across, sx);
            shade.upright(sx, sy, upright);
            shade.light(sx, sy, upright, light);
            shade.gloss(sx, sy, upright, gloss);
            put(coat, row + from, some, out);
        }
    }

    private static void slopes(float[] one, float[] other, float by, float[] slopes) {
        for (int i = 0; i < slopes.length; i++) {
            slopes[i] = by * (other[i] - one[i]);
        }
    }

    private void put(int[] coat, int at, int some, int[] out) {
        straight(coat, at, some);
        LitPixels.steps(red, light, gloss, reds);
        LitPixels.steps(green, light, gloss, greens);
        LitPixels.steps(blue, light, gloss, blues);
        LitPixels.put(reds, greens, blues, alpha, some, pixels);
        System.arraycopy(coat, at, plain, 0, some);
        unlit(sx, sy, plain, some, pixels);
        System.arraycopy(pixels, 0, out, at, some);
    }

    /** A level place stays what it is. */
    private static void unlit(float[] sx, float[] sy, int[] plain, int some, int[] pixels) {
        for (int i = 0; i < some; i++) {
            pixels[i] = plain[i] >>> 24 == 0 || sx[i] == 0 && sy[i] == 0 ? plain[i] : pixels[i];
        }
    }

    /** The light of each pixel's colour without its coverage; most are like the one beside them. */
    private void straight(int[] coat, int at, int some) {
        int last = 0;
        int by = 0;
        float r = 0;
        float g = 0;
        float b = 0;
        for (int i = 0; i < some; i++) {
            int argb = coat[at + i];
            if (argb != last) {
                last = argb;
                by = argb >>> 24 << 8;
                r = STRAIGHT[by | argb >> 16 & 255];
                g = STRAIGHT[by | argb >> 8 & 255];
                b = STRAIGHT[by | argb & 255];
            }
            alpha[i] = by >>> 8;
            red[i] = r;
            green[i] = g;
            blue[i] = b;
        }
    }
}
