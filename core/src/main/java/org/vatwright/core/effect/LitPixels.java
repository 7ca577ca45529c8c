package org.vatwright.core.effect;

import org.vatwright.core.colour.Light;

/**
 * Writes pixels of a coat that was blurred or lit in linear light. What is the same for all of them is done in loops of its own, which
 * take a processor's whole width; only the looking up of values is done one by one. One a thread.
 */
final class LitPixels {

    /** Light is written by so many steps: the darkest levels are still apart. */
    static final int STEPS = 4095;
    /** By steps of light the value of each channel, where it stands in a pixel. */
    private static final int[] RED = new int[STEPS + 1];
    private static final int[] GREEN = new int[STEPS + 1];
    private static final int[] BLUE = new int[STEPS + 1];
    /** Two products with an alpha lie in the halves of an int. */
    private static final int PAIR = 0x00FF_00FF;
    private static final int PAIR_HALF = 0x0080_0080;
    private static final int PRODUCT_HALF = 0x80;
    private static final int HALF_BITS = 32;
    private static final int OPAQUE = 0xFF00_0000;
    private static final float HALF = 0.5f;

    static {
        for (int i = 0; i <= STEPS; i++) {
            int value = Light.channel(i / (float) STEPS);
            RED[i] = value << 16;
            GREEN[i] = value << 8;
            BLUE[i] = value;
        }
    }

    /** Bits that must go of half a long, so that it is no negative int. */
    private final int over;
    private final float full;
    private final float levels;
    private final int[] alpha;
    private final int[] red;
    private final int[] green;
    private final int[] blue;
    private final int[] pixels;
    private final int[] high;
    private final int[] low;
    private final float[] by;
    private final float[] one;
    private final float[] two;

    /** @param full alpha of a line that is covered everywhere @param most pixels at once */
    LitPixels(long full, int most) {
        over = full > Integer.MAX_VALUE ? 1 : 0;
        this.full = full >>> over;
        levels = 255f / this.full;
        alpha = new int[most];
        red = new int[most];
        green = new int[most];
        blue = new int[most];
        pixels = new int[most];
        high = new int[most];
        low = new int[most];
        by = new float[most];
        one = new float[most];
        two = new float[most];
    }

    /**
     * @param one of each pixel alpha and red light times alpha, in the halves of a long
     * @param other green and blue
     * @param out takes the pixels, premultiplied, from {@code at} on
     */
    void write(long[] one, long[] other, int n, int[] out, int at) {
        halves(one, over, high, low, n);
        alphas(high, levels, alpha, by, n);
        steps(low, by, red, n);
        halves(other, over, high, low, n);
        steps(high, by, green, n);
        steps(low, by, blue, n);
        look(red, green, blue, n, pixels);
        times(pixels, alpha, n);
        System.arraycopy(pixels, 0, out, at, n);
    }

    /** @param colours red, green and blue light of each pixel, in {@link Lanes}; opaque everywhere */
    void writeOpaque(long[] colours, int n, int[] out, int at) {
        lanes(colours, n);
        float by = STEPS / full;
        steps(red, by, n);
        steps(green, by, n);
        steps(blue, by, n);
        look(red, green, blue, n, pixels);
        opaque(pixels, n);
        System.arraycopy(pixels, 0, out, at, n);
    }

    /** @param covers what of each of three inks covers each pixel, in {@link Lanes} @param r,g,b light that the inks give */
    void writeMixed(long[] covers, CoatLanes.InkLight r, CoatLanes.InkLight g, CoatLanes.InkLight b, int n, int[] out,
            int at) {
        lanes(covers, n);
        sum(red, green, blue, n);
        alphas(blue, levels, alpha, by, n);
        shares(red, by, one, n);
        shares(green, by, two, n);
        mix(one, two, r, red, n);
        mix(one, two, g, green, n);
        mix(one, two, b, blue, n);
        look(red, green, blue, n, pixels);
        times(pixels, alpha, n);
        System.arraycopy(pixels, 0, out, at, n);
    }

    private static void sum(int[] one, int[] two, int[] three, int n) {
        for (int i = 0; i < n; i++) {
            three[i] += one[i] + two[i];
        }
    }

    private static void shares(int[] cover, float[] by, float[] shares, int n) {
        for (int i = 0; i < n; i++) {
            shares[i] = cover[i] * by[i];
        }
    }

    /** @param one,two shares of the first two inks, {@link #STEPS} together with that of the third */
    private static void mix(float[] one, float[] two, CoatLanes.InkLight light, int[] steps, int n) {
        float rest = light.three() * STEPS + HALF;
        float first = light.one() - light.three();
        float second = light.two() - light.three();
        for (int i = 0; i < n; i++) {
            steps[i] = Math.min(STEPS, (int) (rest + one[i] * first + two[i] * second));
        }
    }

    private static void steps(int[] light, float by, int n) {
        for (int i = 0; i < n; i++) {
            light[i] = Math.min(STEPS, (int) (light[i] * by + HALF));
        }
    }

    private static void opaque(int[] pixels, int n) {
        for (int i = 0; i < n; i++) {
            pixels[i] |= OPAQUE;
        }
    }

    private void lanes(long[] colours, int n) {
        lane(colours, 2 * Lanes.LANE_BITS, red, n);
        lane(colours, Lanes.LANE_BITS, green, n);
        lane(colours, 0, blue, n);
    }

    static void lane(long[] three, int shift, int[] one, int n) {
        for (int i = 0; i < n; i++) {
            one[i] = (int) (three[i] >>> shift) & Lanes.LANE;
        }
    }

    /** Steps of light that falls on a colour. @param gloss light that is added */
    static void steps(float[] colour, float[] light, float[] gloss, int[] steps) {
        for (int i = 0; i < steps.length; i++) {
            steps[i] = Math.max(0, Math.min(STEPS, (int) ((colour[i] * light[i] + gloss[i]) * STEPS + HALF)));
        }
    }

    /** Pixels by their steps of light, premultiplied. */
    static void put(int[] red, int[] green, int[] blue, int[] alpha, int n, int[] pixels) {
        look(red, green, blue, n, pixels);
        times(pixels, alpha, n);
    }

    private static void look(int[] red, int[] green, int[] blue, int n, int[] pixels) {
        for (int i = 0; i < n; i++) {
            // The mask changes nothing but tells the compiler that no table ends before.
            pixels[i] = RED[red[i] & STEPS] | GREEN[green[i] & STEPS] | BLUE[blue[i] & STEPS];
        }
    }

    private static void halves(long[] both, int over, int[] high, int[] low, int n) {
        for (int i = 0; i < n; i++) {
            high[i] = (int) (both[i] >>> HALF_BITS + over);
            low[i] = (int) both[i] >>> over;
        }
    }

    /** @param by what light times alpha is times to be steps of light */
    static void alphas(int[] covered, float levels, int[] alpha, float[] by, int n) {
        for (int i = 0; i < n; i++) {
            float all = covered[i];
            alpha[i] = (int) (all * levels + HALF);
            by[i] = STEPS / all;
        }
    }

    static void steps(int[] light, float[] by, int[] steps, int n) {
        for (int i = 0; i < n; i++) {
            steps[i] = Math.min(STEPS, (int) (light[i] * by[i] + HALF));
        }
    }

    /**
     * Takes of opaque pixels what {@code alpha} covers. In place: a store to where another array might lie, by another index, keeps
     * the loop from becoming vectors.
     */
    static void times(int[] pixels, int[] alpha, int n) {
        for (int i = 0; i < n; i++) {
            int a = alpha[i];
            int pair = (pixels[i] & PAIR) * a + PAIR_HALF;
            int middle = (pixels[i] >>> 8 & 255) * a + PRODUCT_HALF;
            pixels[i] = a << 24 | (pair + (pair >>> 8 & PAIR) >>> 8 & PAIR) | (middle + (middle >>> 8) & 0xFF00);
        }
    }
}
