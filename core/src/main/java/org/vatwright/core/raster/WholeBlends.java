package org.vatwright.core.raster;

/**
 * Blend functions that need no division, in whole numbers. With s and b premultiplied and F the blend function times both
 * alphas, the recommendation's co = s (1 - ab) + b (1 - as) + F; in 255ths everything is a sum of products, and is rounded
 * once. The loops have no branches, so that they become vector instructions.
 */
final class WholeBlends {

    /** In blocks that begin at the same place. */
    private static final int BLOCK = 256;
    /** What the source is taken by: 256 for all of it. */
    private static final int WHOLE = 256;
    private static final int UNIT = 255 * WHOLE;

    private WholeBlends() {}

    static boolean knows(BlendMode mode) {
        return switch (mode) {
            case MULTIPLY, SCREEN, EXCLUSION, DARKEN, LIGHTEN, DIFFERENCE, ADD, LINEAR_BURN, LINEAR_LIGHT, HARD_LIGHT,
                    OVERLAY ->
                true;
            default -> false;
        };
    }

    /** @param share of the source, 0 to 256 */
    static void lay(int[] under, int at, int[] over, int from, int count, int share, BlendMode mode) {
        Block block = new Block(Math.min(BLOCK, count), share);
        for (int done = 0; done < count; done += BLOCK) {
            int some = Math.min(BLOCK, count - done);
            System.arraycopy(over, from + done, block.over, 0, some);
            System.arraycopy(under, at + done, block.under, 0, some);
            if (!Compositor.clear(block.over, some)) {
                block.lay(mode);
                System.arraycopy(block.out, 0, under, at + done, some);
            }
        }
    }

    /** Some pixels at a time, a channel after the other: only short loops become vectors. */
    private static final class Block {
        private final int[] under;
        private final int[] over;
        private final int[] out;
        private final int[] as;
        private final int[] ab;
        private final int share;

        Block(int size, int share) {
            under = new int[size];
            over = new int[size];
            out = new int[size];
            as = new int[size];
            ab = new int[size];
            this.share = share;
        }

        void lay(BlendMode mode) {
            for (int i = 0; i < out.length; i++) {
                as[i] = over[i] >>> 24;
                ab[i] = under[i] >>> 24;
            }
            if (share == WHOLE) {
                for (int i = 0; i < out.length; i++) {
                    out[i] = of255(as[i] * (255 - ab[i]) + 255 * ab[i]) << 24;
                }
            } else {
                for (int i = 0; i < out.length; i++) {
                    out[i] = rounded(share * (255 * as[i] - as[i] * ab[i]) + ab[i] * UNIT) << 24;
                }
            }
            for (int shift = 16; shift >= 0; shift -= 8) {
                channel(mode, shift);
            }
        }

        private void channel(BlendMode mode, int shift) {
            switch (mode) {
                case MULTIPLY -> multiply(shift);
                case SCREEN -> products(shift, 1, -1);
                case EXCLUSION -> products(shift, 1, -2);
                case DARKEN -> minima(shift, 0, 1);
                case LIGHTEN -> minima(shift, 1, -1);
                case DIFFERENCE -> minima(shift, 1, -2);
                case ADD -> clamped(shift, 1, 0);
                case LINEAR_BURN -> clamped(shift, 1, -1);
                case LINEAR_LIGHT -> clamped(shift, 2, -1);
                case HARD_LIGHT -> lights(shift, true);
                case OVERLAY -> lights(shift, false);
                default -> throw new IllegalArgumentException(mode.keyword());
            }
        }

        /** F = s b; all of the source, as nearly always, takes two products instead of seven. */
        private void multiply(int shift) {
            if (share != WHOLE) {
                products(shift, 0, 1);
                return;
            }
            int[] from = over;
            int[] below = under;
            int[] to = out;
            int[] a = as;
            int[] c = ab;
            for (int i = 0; i < to.length; i++) {
                int s = from[i] >> shift & 255;
                int b = below[i] >> shift & 255;
                to[i] |= of255(s * (255 - c[i] + b) + b * (255 - a[i])) << shift;
            }
        }

        /** F = p (s ab + b as) + q s b. */
        private void products(int shift, int p, int q) {
            int[] from = over;
            int[] below = under;
            int[] to = out;
            int[] a = as;
            int[] c = ab;
            for (int i = 0; i < to.length; i++) {
                int s = from[i] >> shift & 255;
                int b = below[i] >> shift & 255;
                int crossed = s * c[i] + b * a[i];
                to[i] |= rounded(share * (255 * s + (p - 1) * crossed + q * s * b) + b * UNIT) << shift;
            }
        }

        /** F = p (s ab + b as) + q min(s ab, b as). */
        private void minima(int shift, int p, int q) {
            int[] from = over;
            int[] below = under;
            int[] to = out;
            int[] a = as;
            int[] c = ab;
            for (int i = 0; i < to.length; i++) {
                int s = from[i] >> shift & 255;
                int b = below[i] >> shift & 255;
                int one = s * c[i];
                int other = b * a[i];
                int f = (p - 1) * (one + other) + q * Math.min(one, other);
                to[i] |= rounded(share * (255 * s + f) + b * UNIT) << shift;
            }
        }

        /** F = p s ab + b as + q as ab, kept to what both alphas allow. */
        private void clamped(int shift, int p, int q) {
            int[] from = over;
            int[] below = under;
            int[] to = out;
            int[] a = as;
            int[] c = ab;
            for (int i = 0; i < to.length; i++) {
                int s = from[i] >> shift & 255;
                int b = below[i] >> shift & 255;
                int one = s * c[i];
                int other = b * a[i];
                int most = a[i] * c[i];
                int f = Math.max(0, Math.min(most, p * one + other + q * most));
                to[i] |= rounded(share * (255 * s - one - other + f) + b * UNIT) << shift;
            }
        }

        /** F = 2 s b where the one that decides is dark, else as ab less twice what is missing from both. */
        private void lights(int shift, boolean bySource) {
            int[] from = over;
            int[] below = under;
            int[] to = out;
            int[] a = as;
            int[] c = ab;
            for (int i = 0; i < to.length; i++) {
                int s = from[i] >> shift & 255;
                int b = below[i] >> shift & 255;
                boolean dark = bySource ? 2 * s <= a[i] : 2 * b <= c[i];
                int crossed = s * c[i] + b * a[i];
                int both = 2 * s * b;
                int f = dark ? both : 2 * crossed - a[i] * c[i] - both;
                to[i] |= rounded(share * (255 * s - crossed + f) + b * UNIT) << shift;
            }
        }
    }

    /** @return 255ths of a product of two of them, to the nearest; exact up to 255 times 255 (Blinn 1995) */
    private static int of255(int product) {
        int half = product + 128;
        return half + (half >> 8) >> 8;
    }

    /** By 256, then by 255: exact where the whole source is taken. */
    private static int rounded(int value) {
        int some = (value + 128 >> 8) + 128;
        return some + (some >> 8) >> 8;
    }
}
