package org.vatwright.core.effect;

/**
 * Many columns side by side, blurred by {@link Spread.Sums} while their rows come in from above: every step is the same for all
 * places of a row, so that it takes a processor's whole width. Each place is a long of four numbers below 2^16.
 */
final class DownSums {

    private static final int QUARTER_BITS = 16;

    private final Stage first;
    private final Stage second;
    private final Stage third;
    private final Pairs between;

    /** @param sums {@link Spread.Sums#packed packed} @param m places of a row */
    DownSums(Spread.Sums sums, int m) {
        first = new Stage(sums.first(), m);
        second = new Stage(sums.second(), m);
        third = new Stage(sums.third(), m);
        between = new Pairs(m);
    }

    /** Numbers of 32 bits, two in each long: of each place the first and third of its four, then the others. */
    record Pairs(long[] one, long[] other) {
        Pairs(int m) {
            this(new long[m], new long[m]);
        }
    }

    /** @return where the next row is to be written */
    long[] next() {
        return first.next();
    }

    /**
     * Takes the row that was written last.
     *
     * @param to the blurred row as far up as the spread reaches
     * @return whether there is one yet
     */
    boolean take(Pairs to) {
        if (!first.take(between)) {
            return false;
        }
        pack(between.one, between.other, first.sum, second.next());
        if (!second.take(between)) {
            return false;
        }
        pack(between.one, between.other, second.sum, third.next());
        return third.take(to);
    }

    private static void pack(long[] one, long[] other, Spread.Sum sum, long[] to) {
        int over = sum.over();
        long half = sum.half();
        for (int i = 0; i < to.length; i++) {
            to[i] = (one[i] + half >>> over & FourLines.BOTH) << QUARTER_BITS
                    | other[i] + half >>> over & FourLines.BOTH;
        }
    }

    /** One running sum; the rows that it covers are kept in a ring. */
    private static final class Stage {

        private final Spread.Sum sum;
        private final long[][] ring;
        private final Pairs whole;
        private int at;
        private int taken;

        Stage(Spread.Sum sum, int m) {
            this.sum = sum;
            ring = new long[sum.span() + 1][m];
            whole = new Pairs(m);
        }

        long[] next() {
            return ring[at];
        }

        boolean take(Pairs to) {
            long[] in = ring[at];
            at = at + 1 == ring.length ? 0 : at + 1;
            boolean full = ++taken >= ring.length;
            if (full && sum.share() > 0) {
                long[] then = ring[at + 1 == ring.length ? 0 : at + 1];
                shared(in, ring[at], then, QUARTER_BITS, whole.one, to.one, sum.share());
                shared(in, ring[at], then, 0, whole.other, to.other, sum.share());
            } else if (full) {
                plain(in, ring[at], QUARTER_BITS, whole.one, to.one);
                plain(in, ring[at], 0, whole.other, to.other);
            } else if (taken > 1 || sum.share() == 0) {
                add(in, QUARTER_BITS, whole.one);
                add(in, 0, whole.other);
            }
            return full;
        }

        private static void add(long[] in, int shift, long[] whole) {
            for (int i = 0; i < whole.length; i++) {
                whole[i] += in[i] >>> shift & FourLines.BOTH;
            }
        }

        private static void plain(long[] in, long[] old, int shift, long[] whole, long[] to) {
            for (int i = 0; i < whole.length; i++) {
                long all = whole[i] + (in[i] >>> shift & FourLines.BOTH);
                whole[i] = all - (old[i] >>> shift & FourLines.BOTH);
                to[i] = all;
            }
        }

        /** @param then the row after the oldest: it leaves the whole and is the next to count a share only */
        private static void shared(long[] in, long[] old, long[] then, int shift, long[] whole, long[] to, long share) {
            for (int i = 0; i < whole.length; i++) {
                long now = in[i] >>> shift & FourLines.BOTH;
                to[i] = (whole[i] << Spread.Sum.SHARE_BITS) + share * ((old[i] >>> shift & FourLines.BOTH) + now);
                whole[i] += now - (then[i] >>> shift & FourLines.BOTH);
            }
        }
    }
}
