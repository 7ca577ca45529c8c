package org.vatwright.core.effect;

import java.util.concurrent.atomic.AtomicBoolean;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** Tells a coat in one ink, more or less of which covers each of its pixels: most marks are of this sort. */
final class OneInk {

    /** No coat in one ink has it, for that is opaque somewhere. */
    static final int NONE = 0;
    private static final int AT_ONCE = 1 << 15;
    private static final int OPAQUE = 255;

    private OneInk() {}

    /** @return the ink, opaque, or {@link #NONE}, also of a coat that is opaque nowhere */
    static int of(int[] argb, Work work) {
        int ink = opaque(argb, 0);
        if (ink == NONE) {
            return NONE;
        }
        int[] shades = shades(ink);
        AtomicBoolean other = new AtomicBoolean();
        Rows.each(argb.length, AT_ONCE, work, (from, to) -> {
            if (!other.get() && !isIn(argb, from, to, shades)) {
                other.set(true);
            }
        });
        return other.get() ? NONE : ink;
    }

    /** @return the first opaque pixel from {@code from} on, or else before it, that is none of those; or {@link #NONE} */
    static int opaque(int[] argb, int from, int... but) {
        int found = opaque(argb, from, argb.length, but);
        return found == NONE ? opaque(argb, 0, from, but) : found;
    }

    private static int opaque(int[] argb, int from, int to, int[] but) {
        for (int i = from; i < to; i++) {
            if (argb[i] >>> 24 == OPAQUE && !isOneOf(but, argb[i])) {
                return argb[i];
            }
        }
        return NONE;
    }

    private static boolean isOneOf(int[] some, int pixel) {
        for (int one : some) {
            if (one == pixel) {
                return true;
            }
        }
        return false;
    }

    private static boolean isIn(int[] argb, int from, int to, int[] shades) {
        for (int i = from; i < to; i++) {
            if (!near(argb[i], shades[argb[i] >>> 24])) {
                return false;
            }
        }
        return true;
    }

    /** Values that were rounded twice are off by one. */
    static boolean near(int pixel, int shade) {
        return pixel == shade || Math.abs((pixel >> 16 & 255) - (shade >> 16 & 255)) <= 1
                && Math.abs((pixel >> 8 & 255) - (shade >> 8 & 255)) <= 1
                && Math.abs((pixel & 255) - (shade & 255)) <= 1 && pixel >>> 24 != OPAQUE;
    }

    /** @return the ink by how much of it covers, 0 to 255, premultiplied */
    static int[] shades(int ink) {
        int[] shades = new int[OPAQUE + 1];
        for (int i = 0; i <= OPAQUE; i++) {
            shades[i] = Packed.times255(ink, i);
        }
        return shades;
    }

    /** How much of each pixel is covered, to be blurred. */
    static final class Covers implements Quarters.Values {

        private static final int HALF_BITS = 32;
        private static final int BYTES = 257;
        private static final long LOW = 0xFFFF_FFFFL;

        private final int[] in;
        private final int[] shades;
        private final int[] out;

        Covers(int[] in, int ink, int[] out) {
            this.in = in;
            shades = shades(ink);
            this.out = out;
        }

        @Override
        public void read(int low, int high, int n, long[] to, int at) {
            for (int i = 0; i < n; i++) {
                to[at + i] = (long) (in[high + i] >>> 24) * BYTES << HALF_BITS | (in[low + i] >>> 24) * BYTES;
            }
        }

        @Override
        public void write(long[] from, int n, int shift, float back, int at) {
            float levels = back * OPAQUE;
            for (int i = 0; i < n; i++) {
                out[at + i] = shades[(int) ((from[i] >>> shift & LOW) * levels + 0.5f)];
            }
        }
    }
}
