package org.vatwright.core.colour;

/**
 * Premultiplied ARGB pixels of 8 bits a channel as whole numbers: every sum, share and mean of them that is taken on the
 * values as they are. (Mixtures of light are {@link LightMix}.)
 */
public final class Packed {

    private Packed() {}

    /** @return the four channels 16 bits apart, so that one multiplication takes all */
    public static long spread(int argb) {
        return argb & 0xFF00FFL | (argb & 0xFF00FF00L) << 24;
    }

    /** @param sum of spread pixels times shares of 256 that make 256 together @return the pixel, rounded */
    private static int gathered(long sum) {
        long rounded = sum + 0x0080_0080_0080_0080L >>> 8 & 0x00FF_00FF_00FF_00FFL;
        return (int) (rounded | rounded >>> 24);
    }

    /** Bilinear: four weights that sum to 256, so that equal pixels give just that pixel. @param fx,fy 0 to 255 */
    public static int mix(long c00, long c10, long c01, long c11, int fx, int fy) {
        int w11 = fx * fy + 128 >> 8;
        int w10 = fx - w11;
        int w01 = fy - w11;
        int w00 = 256 - fx - fy + w11;
        return gathered(c00 * w00 + c10 * w10 + c01 * w01 + c11 * w11);
    }

    /** @param share of the second, 0 to 256 */
    public static int between(int first, int second, int share) {
        return share == 0 || first == second ? first : gathered(spread(first) * (256 - share) + spread(second) * share);
    }

    /** @return the pixel times share/256, rounded */
    public static int scaled(int argb, int share) {
        int rb = (argb & 0xFF00FF) * share + 0x800080;
        int ag = (argb >>> 8 & 0xFF00FF) * share + 0x800080;
        return rb >>> 8 & 0xFF00FF | ag & 0xFF00FF00;
    }

    /** The first so many pixels times share/256, in place. */
    public static void scale(int[] argb, int count, int share) {
        for (int i = 0; i < count; i++) {
            argb[i] = scaled(argb[i], share);
        }
    }

    /** @return the pixel times share/255, rounded; 255 leaves it as it is */
    public static int times255(int argb, int share) {
        int rb = (argb & 0xFF00FF) * share + 0x800080;
        int ag = (argb >>> 8 & 0xFF00FF) * share + 0x800080;
        rb = rb + (rb >>> 8 & 0xFF00FF) >>> 8 & 0xFF00FF;
        ag = ag + (ag >>> 8 & 0xFF00FF) & 0xFF00FF00;
        return rb | ag;
    }

    /** @return the light of both, as bright as the coverage of the first allows; its coverage stays */
    public static int lightened(int argb, int light) {
        int alpha = argb >>> 24;
        return alpha << 24 | Math.min(alpha, (argb >> 16 & 255) + (light >> 16 & 255)) << 16
                | Math.min(alpha, (argb >> 8 & 255) + (light >> 8 & 255)) << 8
                | Math.min(alpha, (argb & 255) + (light & 255));
    }

    /** @return the pixel not premultiplied, rounded; clear is 0 */
    public static int straight(int argb) {
        int a = argb >>> 24;
        return a == 255 || a == 0
                ? a == 0 ? 0 : argb
                : a << 24 | straight(argb >> 16 & 255, a) << 16 | straight(argb >> 8 & 255, a) << 8
                        | straight(argb & 255, a);
    }

    private static int straight(int channel, int alpha) {
        return Math.min(255, (channel * 255 + alpha / 2) / alpha);
    }

    /** @return whether every pixel is opaque */
    public static boolean opaque(int[] argb) {
        for (int pixel : argb) {
            if (pixel >>> 24 != 255) {
                return false;
            }
        }
        return true;
    }
}
