package org.vatwright.core.effect;

/**
 * Many columns side by side, blurred by {@link Spread.Sums} while their rows come in from above: every step is the same for all
 * places of a row, so that it takes a processor's whole width. Each place is a long of four numbers below 2^16.
 */
final class DownSums implements Falling.Columns<DownSums.Pairs> {

    private static final int QUARTER_BITS = 16;

    private final Stage first;
    private final Stage second;
    private final Stage third;
    private final Pairs between;

    /** @param sums {@link Spread.Sums#packed packed} @param m places of a row @param ahead rows that may be written before they are taken */
    DownSums(Spread.Sums sums, int m, int ahead) {
        first = new Stage(sums.first(), m, ahead);
        second = new Stage(sums.second(), m, 1);
        third = new Stage(sums.third(), m, 1);
        between = new Pairs(m);
    }

    /** Numbers of 32 bits, two in each long: of each place the first and third of its four, then the others. */
    record Pairs(long[] one, long[] other) {
        Pairs(int m) {
            this(new long[m], new long[m]);
        }
    }

    /** Four numbers below 2^16 a long, by these sums. */
    static Falling.Way<Pairs> by(Spread.Sums sums) {
        Spread.Sums packed = sums.packed();
        return new Falling.Way<>(sums.reach(), (m, ahead) -> new DownSums(packed, m, ahead),
                () -> new Pairs(Falling.STRIP));
    }

    @Override
    public long[] ahead(int k) {
        return first.ahead(k);
    }

    @Override
    public boolean take(Pairs to) {
        if (!first.take(between)) {
            return false;
        }
        pack(between.one, between.other, first.sum, second.ahead(0));
        if (!second.take(between)) {
            return false;
        }
        pack(between.one, between.other, second.sum, third.ahead(0));
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

        Stage(Spread.Sum sum, int m, int ahead) {
            this.sum = sum;
            ring = new long[sum.span() + ahead][m];
            whole = new Pairs(m);
        }

        long[] ahead(int k) {
            int place = at + k;
            return ring[place < ring.length ? place : place - ring.length];
        }

        boolean take(Pairs to) {
            long[] in = ring[at];
            long[] old = ahead(ring.length - sum.span());
            boolean full = ++taken > sum.span();
            if (full && sum.share() > 0) {
                long[] then = ahead(ring.length - sum.span() + 1);
                shared(in, old, then, QUARTER_BITS, whole.one, to.one, sum.share());
                shared(in, old, then, 0, whole.other, to.other, sum.share());
            } else if (full) {
                plain(in, old, QUARTER_BITS, whole.one, to.one);
                plain(in, old, 0, whole.other, to.other);
            } else if (taken > 1 || sum.share() == 0) {
                add(in, QUARTER_BITS, whole.one);
                add(in, 0, whole.other);
            }
            at = at + 1 == ring.length ? 0 : at + 1;
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
