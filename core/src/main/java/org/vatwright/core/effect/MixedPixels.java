package org.vatwright.core.effect;

/**
 * Writes pixels of a blurred coat in {@link FewInks}, in short loops that take a processor's whole width; only mixtures are looked up
 * one by one. One a thread.
 */
final class MixedPixels {

    /** Bits that must go of half a long, so that it is no negative int. */
    private final int over;
    private final float levels;
    private final int[] mixtures;
    private final int[] covers;
    private final int[] others;
    private final int[] alpha;
    private final int[] pixels;
    private final float[] by;

    /** @param full what a line holds that is covered everywhere @param most pixels at once */
    MixedPixels(FewInks inks, long full, int most) {
        over = full > Integer.MAX_VALUE ? 1 : 0;
        levels = 255f / (full >>> over);
        mixtures = inks.mixtures(LitPixels.STEPS);
        covers = new int[most];
        others = new int[most];
        alpha = new int[most];
        pixels = new int[most];
        by = new float[most];
    }

    /**
     * @param cover of each pixel what covers it, {@code other} what of that is the other ink: in the halves of longs that begin at bit
     *        {@code half}
     * @param out takes the pixels, premultiplied, from {@code at} on
     */
    void write(long[] cover, long[] other, int half, int n, int[] out, int at) {
        take(cover, half + over, n, covers);
        take(other, half + over, n, others);
        LitPixels.alphas(covers, levels, alpha, by, n);
        LitPixels.steps(others, by, others, n);
        look(mixtures, others, n, pixels);
        LitPixels.times(pixels, alpha, n);
        System.arraycopy(pixels, 0, out, at, n);
    }

    private static void look(int[] mixtures, int[] steps, int n, int[] pixels) {
        for (int i = 0; i < n; i++) {
            pixels[i] = mixtures[steps[i]];
        }
    }

    private static void take(long[] both, int shift, int n, int[] to) {
        for (int i = 0; i < n; i++) {
            to[i] = (int) (both[i] >>> shift) & Integer.MAX_VALUE;
        }
    }
}
