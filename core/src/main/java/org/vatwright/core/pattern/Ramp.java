package org.vatwright.core.pattern;

/** The colours of a gradient from its beginning to its end, premultiplied ARGB. */
final class Ramp {

    /** Enough that neighbours differ by no more than a level between any two inks. */
    private static final int COLOURS = 1024;

    private final int[] argb = new int[COLOURS];
    private final int mean;
    private final boolean opaque;

    Ramp(Fill.OfGradient gradient, InkColours inks) {
        int[] there = inks.ramp(gradient.stops(), COLOURS, 1);
        long[] sums = new long[4];
        boolean all = true;
        for (int i = 0; i < COLOURS; i++) {
            int back = Math.min(COLOURS - 1, 2 * Math.min(i, COLOURS - 1 - i));
            argb[i] = gradient.course().back() ? there[back] : there[i];
            all &= argb[i] >>> 24 == 255;
            for (int c = 0; c < 4; c++) {
                sums[c] += argb[i] >>> 8 * c & 255;
            }
        }
        opaque = all;
        int each = 0;
        for (int c = 0; c < 4; c++) {
            each |= (int) ((sums[c] + COLOURS / 2) / COLOURS) << 8 * c;
        }
        mean = each;
    }

    boolean opaque() {
        return opaque;
    }

    int mean() {
        return mean;
    }

    /** @param place is held at both ends */
    int held(double place) {
        return argb[(int) (Math.max(0, Math.min(1, place)) * (COLOURS - 1) + 0.5)];
    }

    /**
     * Round and round.
     *
     * @param breadth of a pixel in shares of the ramp: where the end meets the beginning both are mixed by area
     */
    int round(double place, double breadth) {
        double at = place - Math.floor(place);
        if (breadth >= 1) {
            return mean;
        }
        if (argb[0] == argb[COLOURS - 1] || at >= breadth / 2 && at <= 1 - breadth / 2) {
            return argb[(int) (at * (COLOURS - 1) + 0.5)];
        }
        double begun = (at < 0.5 ? at : at - 1) / breadth + 0.5;
        return mixed(argb[COLOURS - 1], argb[0], begun);
    }

    private static int mixed(int a, int b, double share) {
        int out = 0;
        for (int shift = 0; shift < 32; shift += 8) {
            double from = a >>> shift & 255;
            out |= (int) Math.round(from + share * ((b >>> shift & 255) - from)) << shift;
        }
        return out;
    }
}
