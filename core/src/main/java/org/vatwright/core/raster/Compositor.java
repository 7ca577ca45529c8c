package org.vatwright.core.raster;

import org.vatwright.core.colour.Packed;

/**
 * Lays one picture over another: W3C Compositing and Blending, source-over with a blend function, on sRGB values as the
 * recommendation has it. Pixels are premultiplied ARGB.
 */
public final class Compositor {

    private static final int BLOCK = 256;

    private Compositor() {}

    /**
     * Lays {@code over} on {@code under}, in place.
     *
     * @param at the first pixel of {@code under}
     * @param from the first pixel of {@code over}
     * @param count pixels
     * @param opacity 0 to 1, times the source's own alpha
     */
    public static void lay(int[] under, int at, int[] over, int from, int count, double opacity, BlendMode mode) {
        if (mode == BlendMode.NORMAL) {
            lay(under, at, over, from, count, (int) Math.round(opacity * 256));
            return;
        }
        if (WholeBlends.knows(mode)) {
            WholeBlends.lay(under, at, over, from, count, (int) Math.round(opacity * 256), mode);
            return;
        }
        float[] scratch = new float[6];
        for (int i = 0; i < count; i++) {
            if (over[from + i] >>> 24 != 0) {
                under[at + i] = blended(under[at + i], over[from + i], opacity, mode, scratch);
            }
        }
    }

    /**
     * The same as {@link #normal} by pixel. Blocks that begin at the same place, in two short loops instead of one long one,
     * become vector instructions; where nothing is laid on there is nothing to do.
     */
    private static void lay(int[] under, int at, int[] over, int from, int count, int share) {
        int[] lower = new int[BLOCK];
        int[] upper = new int[BLOCK];
        for (int done = 0; done < count; done += BLOCK) {
            int some = Math.min(BLOCK, count - done);
            System.arraycopy(over, from + done, upper, 0, some);
            if (clear(upper, some)) {
                continue;
            }
            if (share != 256) {
                Packed.scale(upper, some, share);
            }
            System.arraycopy(under, at + done, lower, 0, some);
            lay(lower, upper, 0, some);
            System.arraycopy(lower, 0, under, at + done, some);
        }
    }

    static boolean clear(int[] pixels, int count) {
        int any = 0;
        for (int i = 0; i < count; i++) {
            any |= pixels[i];
        }
        return any == 0;
    }

    /** Lays pixels normally that have their opacity in them, on those at the same places. */
    public static void lay(int[] under, int[] over, int from, int to) {
        for (int i = from; i < to; i++) {
            under[i] = over[i] + Packed.times255(under[i], 255 - (over[i] >>> 24));
        }
    }

    /** Lays one pixel over another. @param share of the source, 0 to 256 */
    public static int normal(int under, int over, int share) {
        if (share == 256 && over >>> 24 == 255) {
            return over;
        }
        int source = share == 256 ? over : Packed.scaled(over, share);
        int left = 255 - (source >>> 24);
        return left == 255 ? under : source + Packed.times255(under, left);
    }

    /** Keeps of as many pixels as the mask has, from {@code at}, only the share that is its alpha. */
    public static void keep(int[] pixels, int at, int[] mask) {
        for (int i = 0; i < mask.length; i++) {
            pixels[at + i] = Packed.times255(pixels[at + i], mask[i] >>> 24);
        }
    }

    /** Keeps of pixels what lies outside a mask. @param mask whose coverage is what is left out */
    public static void keepOutside(int[] pixels, int at, int[] mask) {
        for (int i = 0; i < mask.length; i++) {
            pixels[at + i] = Packed.times255(pixels[at + i], 255 - (mask[i] >>> 24));
        }
    }

    /** One pixel with a blend mode. @param opacity 0 to 1 */
    public static int blended(int under, int over, double opacity, BlendMode mode) {
        if (mode == BlendMode.NORMAL) {
            return normal(under, over, (int) Math.round(opacity * 256));
        }
        if (WholeBlends.knows(mode)) {
            int[] pixel = {under};
            WholeBlends.lay(pixel, 0, new int[]{over}, 0, 1, (int) Math.round(opacity * 256), mode);
            return pixel[0];
        }
        return blended(under, over, opacity, mode, new float[6]);
    }

    /** co = cs as (1 - ab) + cb ab (1 - as) + as ab B(cb, cs); recommendation, section 10. */
    private static int blended(int under, int over, double opacity, BlendMode mode, float[] c) {
        float as = (float) ((over >>> 24) / 255.0 * opacity);
        float ab = (under >>> 24) / 255f;
        straight(over, c, 0);
        straight(under, c, 3);
        float sr = c[0];
        float sg = c[1];
        float sb = c[2];
        float br = c[3];
        float bg = c[4];
        float bb = c[5];
        if (mode.separable()) {
            c[0] = BlendFunctions.channel(mode, br, sr);
            c[1] = BlendFunctions.channel(mode, bg, sg);
            c[2] = BlendFunctions.channel(mode, bb, sb);
        } else {
            BlendFunctions.whole(mode, c);
        }
        float alpha = as + ab * (1 - as);
        int red = level(sr * as * (1 - ab) + br * ab * (1 - as) + as * ab * c[0]);
        int green = level(sg * as * (1 - ab) + bg * ab * (1 - as) + as * ab * c[1]);
        int blue = level(sb * as * (1 - ab) + bb * ab * (1 - as) + as * ab * c[2]);
        return level(alpha) << 24 | red << 16 | green << 8 | blue;
    }

    private static void straight(int argb, float[] c, int at) {
        int alpha = argb >>> 24;
        float by = alpha == 0 ? 0 : 1f / alpha;
        c[at] = (argb >> 16 & 255) * by;
        c[at + 1] = (argb >> 8 & 255) * by;
        c[at + 2] = (argb & 255) * by;
    }

    private static int level(float share) {
        return Math.max(0, Math.min(255, (int) (share * 255 + 0.5f)));
    }
}
