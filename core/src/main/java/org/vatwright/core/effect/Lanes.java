package org.vatwright.core.effect;

import java.util.Optional;

/**
 * Three running sums, one after the other, over three numbers that lie side by side in a long, in lanes of 21 bits: one addition serves
 * them all.
 * What each sum gives is rounded to {@link #BITS} bits, so that the next has room. Whole numbers: a rolled line gives the very same.
 */
record Lanes(Sum first, Sum second, Sum third) {

    static final int LANE_BITS = 21;
    static final int LANE = (1 << LANE_BITS) - 1;
    /** What a number may be at most, and what it is after each sum. */
    static final int BITS = 15;
    static final int MOST = (1 << BITS) - 1;
    /** So many of them fit into a lane. */
    private static final int WIDEST = 1 << LANE_BITS - BITS;

    /** @param width places that are added up @param over bits that are left out afterwards */
    record Sum(int width, int over) {

        private static Sum of(Spread.Sum sum, int most) {
            int width = sum.span() + 1;
            int over = 0;
            while (rounded(most * width, over) > MOST) {
                over++;
            }
            return new Sum(width, over);
        }

        private static int rounded(int all, int over) {
            return all + (1 << over >> 1) >>> over;
        }

        int full(int most) {
            return rounded(most * width, over);
        }

        /** @return in each lane what is added before bits are left out, so that what stays is rounded */
        long half() {
            return inAll(1 << over >> 1);
        }

        /** @return all lanes but for the bits that come from the one above */
        long keep() {
            return inAll(LANE >>> over);
        }
    }

    /** @return nothing where lanes are too narrow for these sums, or one of them takes a share of places */
    static Optional<Lanes> of(Spread spread) {
        return spread instanceof Spread.Sums sums && fits(sums.first()) && fits(sums.second()) && fits(sums.third())
                ? Optional.of(of(sums, MOST))
                : Optional.empty();
    }

    private static boolean fits(Spread.Sum sum) {
        return sum.share() == 0 && sum.span() < WIDEST;
    }

    private static Lanes of(Spread.Sums sums, int most) {
        Sum first = Sum.of(sums.first(), most);
        Sum second = Sum.of(sums.second(), first.full(most));
        return new Lanes(first, second, Sum.of(sums.third(), second.full(first.full(most))));
    }

    /** @return three numbers side by side, the first uppermost */
    static long of(int one, int two, int three) {
        return (long) one << 2 * LANE_BITS | (long) two << LANE_BITS | three;
    }

    /** @return the same number in all three */
    static long inAll(long number) {
        return number << 2 * LANE_BITS | number << LANE_BITS | number;
    }

    int reach() {
        return (first.width + second.width + third.width - 3) / 2;
    }

    /** @return what a line becomes that holds {@code most} everywhere; no number becomes more */
    int full(int most) {
        return third.full(second.full(first.full(most)));
    }
}
