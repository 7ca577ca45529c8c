package org.vatwright.core.map;

/** How much lighter or darker cloth is for how it turns to the light. */
final class Tone {

    private static final float DARKEST = 0.7f;
    private static final float LIGHTEST = 0.3f;

    private Tone() {}

    /** @param tone -1 away from the light to 1 towards it; 0 leaves the pixel as it is */
    static int shaded(int argb, float tone) {
        if (tone < 0) {
            int keep = Math.round(256 * (1 + DARKEST * tone));
            return argb & 0xFF000000 | scaled(argb, 16, keep) | scaled(argb, 8, keep) | scaled(argb, 0, keep);
        }
        int add = Math.round(256 * LIGHTEST * tone);
        int alpha = argb >>> 24;
        return argb & 0xFF000000 | lifted(argb, 16, alpha, add) | lifted(argb, 8, alpha, add)
                | lifted(argb, 0, alpha, add);
    }

    private static int scaled(int argb, int shift, int keep) {
        return (argb >> shift & 255) * keep + 128 >> 8 << shift;
    }

    private static int lifted(int argb, int shift, int alpha, int add) {
        int channel = argb >> shift & 255;
        return channel + ((alpha - channel) * add + 128 >> 8) << shift;
    }
}
