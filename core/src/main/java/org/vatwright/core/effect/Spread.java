package org.vatwright.core.effect;

/** How a line of the torus is blurred in whole numbers of 32 bits by a normal spread. */
sealed interface Spread {

    /** @return places that are looked at on either side */
    int reach();

    /** @return what a line that holds {@code value} everywhere becomes, below 2^32 for 2^16 */
    long full(long value);

    /** @param n places of the line @param spread standard deviation in places */
    static Spread of(int n, double spread) {
        if (spread == 0 || n == 1) {
            return new Weights(new int[]{1});
        }
        if (spread > Level.ALL * n) {
            return new Level();
        }
        return spread < Sums.FEWEST ? Weights.of(spread) : Sums.of(spread);
    }

    /** So wide that the mean is left. */
    record Level() implements Spread {
        /** Periods; the first wave keeps exp(-2 pi^2 s^2), here 1e-9. */
        private static final double ALL = 1.05;

        @Override
        public int reach() {
            return 0;
        }

        @Override
        public long full(long value) {
            return value;
        }
    }

    /** @param weights of the place itself and of those beside it, 2^15 together */
    record Weights(int[] weights) implements Spread {
        private static final int ONE = 1 << 15;
        /** Weights beyond so many standard deviations are below a hundred-thousandth. */
        private static final double REACH = 4.5;

        static Weights of(double spread) {
            int[] weights = new int[(int) Math.ceil(REACH * spread) + 1];
            double sum = 1;
            for (int i = 1; i < weights.length; i++) {
                sum += 2 * normal(i, spread);
            }
            weights[0] = ONE;
            for (int i = 1; i < weights.length; i++) {
                weights[i] = (int) Math.round(normal(i, spread) / sum * ONE);
                weights[0] -= 2 * weights[i];
            }
            return new Weights(weights);
        }

        private static double normal(int at, double spread) {
            return Math.exp(-0.5 * at * at / (spread * spread));
        }

        @Override
        public int reach() {
            return weights.length - 1;
        }

        @Override
        public long full(long value) {
            long sum = weights[0];
            for (int i = 1; i < weights.length; i++) {
                sum += 2L * weights[i];
            }
            return value * sum;
        }
    }

    /**
     * Three running sums, which together are near the normal spread; of narrow ones the first takes a share of the places at its
     * ends, so that the spread is the wanted one (extended box filter, Gwosdek 2011).
     */
    record Sums(Sum first, Sum second, Sum third) implements Spread {
        /** Narrower ones are not round enough. */
        private static final double FEWEST = 1.5;
        /** Of wider ones whole places come near enough: where one is too wide, another is less so. */
        private static final double WIDE = 12;
        private static final int NEAR = 4;
        /** Share of the variance that may be missed: the spread within five thousandths. */
        private static final double OFF = 0.01;
        private static final int HALF_BITS = 32;
        private static final int NUMBER_BITS = 16;

        static Sums of(double spread) {
            double variance = spread * spread;
            int width = (int) Math.sqrt(1 + 4 * variance);
            if (spread < WIDE) {
                return fitted(Sum.of(variance - 2 * variance(width)), Sum.plain(width), Sum.plain(width));
            }
            Sums best = null;
            double least = Double.MAX_VALUE;
            for (int i = 0; i <= 2 * NEAR && least > OFF * variance; i++) {
                int w = width + (i % 2 == 0 ? -i / 2 : (i + 1) / 2);
                // Odd, so that together they have a middle.
                int first = (int) Math.round((Math.sqrt(1 + 12 * (variance - 2 * variance(w))) - 1) / 2) * 2 + 1;
                double off = Math.abs(variance(first) + 2 * variance(w) - variance);
                if (off < least) {
                    least = off;
                    best = fitted(Sum.plain(first), Sum.plain(w), Sum.plain(w));
                }
            }
            return best;
        }

        /** @return the same, but that what each of the first two gives has no more than 16 bits */
        Sums packed() {
            Sum one = first.leaving(0);
            one = one.leaving(more(one.full(FourLines.MOST)));
            Sum two = second.leaving(0);
            two = two.leaving(more(two.full(one.full(FourLines.MOST))));
            return new Sums(one, two, third);
        }

        private static int more(long most) {
            int bits = Math.max(0, Long.SIZE - Long.numberOfLeadingZeros(most) - NUMBER_BITS);
            // Rounded up it may need a bit more.
            return most + (1L << bits >> 1) >>> bits > FourLines.MOST ? bits + 1 : bits;
        }

        private static double variance(int width) {
            return ((double) width * width - 1) / 12;
        }

        private static Sums fitted(Sum first, Sum second, Sum third) {
            Sum one = first.leaving(over(first.full(FourLines.MOST), second));
            return new Sums(one, second.leaving(over(second.full(one.full(FourLines.MOST)), third)), third);
        }

        /** @return bits that must go so that the next sum fits into half a long */
        private static int over(long most, Sum next) {
            int bits = 0;
            while (next.full(most >>> bits) >>> HALF_BITS != 0) {
                bits++;
            }
            return bits;
        }

        @Override
        public int reach() {
            return (first.span + second.span + third.span) / 2;
        }

        @Override
        public long full(long value) {
            return third.full(second.full(first.full(value)));
        }
    }

    /**
     * @param span from the first place to the last, even
     * @param share 256ths that the places at both ends count; 0: as the others
     * @param over bits that are left out afterwards, for the next sum has no room for them
     */
    record Sum(int span, int share, int over) {
        static final int SHARE_BITS = 8;
        private static final int SHARES = 1 << SHARE_BITS;
        private static final int HALF_BITS = 32;
        private static final long HALF = 0xFFFF_FFFFL;

        static Sum plain(int width) {
            return new Sum(width - 1, 0, 0);
        }

        static Sum of(double variance) {
            int r = (int) Math.floor((Math.sqrt(1 + 12 * variance) - 1) / 2);
            double inner = r * (r + 1.0) * (2 * r + 1) / 3;
            double share = ((2 * r + 1) * variance - inner) / (2 * ((r + 1.0) * (r + 1) - variance));
            int part = (int) Math.round(share * SHARES);
            return part == 0 ? plain(2 * r + 1) : new Sum(2 * r + 2, part, 0);
        }

        Sum leaving(int bits) {
            return new Sum(span, share, bits);
        }

        /** @return for both halves of a long what is added before bits are left out, so that what stays is rounded */
        long half() {
            long half = 1L << over >> 1;
            return half << HALF_BITS | half;
        }

        /** @return both halves of a long but for the bits that come from the upper one */
        long keep() {
            return HALF >>> over << HALF_BITS | HALF >>> over;
        }

        /** @return what so many everywhere become */
        long full(long value) {
            long all = share == 0 ? value * (span + 1) : value * ((span - 1L) * SHARES + 2L * share);
            return all + (half() & HALF) >>> over;
        }
    }
}
