package org.vatwright.core.effect;

import org.vatwright.core.effect.Spread.Sum;

/**
 * Many columns side by side, blurred by {@link Spread.Sums} while their rows come in from above: every step is the same for all
 * places of a row, so that it takes a processor's whole width. Each place is a long of four numbers below 2^16.
 */
final class DownSums implements Falling.Columns<DownSums.Pairs> {

    private static final int QUARTER_BITS = 16;

    private final Stage first;
    private final Stage second;
    private final Stage third;

    /** @param sums {@link Spread.Sums#packed packed} @param m places of a row @param ahead rows that may be written before they are taken */
    DownSums(Spread.Sums sums, int m, int ahead) {
        first = new Stage(sums.first(), m, ahead);
        second = new Stage(sums.second(), m, 1);
        third = new Stage(sums.third(), m, 1);
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
        return new Falling.Way<>(sums.reach(), (m, ahead) -> new DownSums(packed, m, ahead));
    }

    @Override
    public long[] ahead(int k) {
        return first.ahead(k);
    }

    @Override
    public boolean take() {
        return first.take(second.ahead(0)) && second.take(third.ahead(0)) && third.take();
    }

    @Override
    public Pairs blurred() {
        return third.given;
    }

    private static void pack(long[] one, long[] other, Sum sum, long[] to) {
        int over = sum.over();
        long half = sum.half();
        for (int i = 0; i < to.length; i++) {
            to[i] = (one[i] + half >>> over & FourLines.BOTH) << QUARTER_BITS
                    | other[i] + half >>> over & FourLines.BOTH;
        }
    }

    /** One running sum; the rows that it covers, and the one that left it last, are kept in a ring. */
    private static final class Stage {

        private final Sum sum;
        private final long[][] ring;
        private final Pairs whole;
        /** What the sum gives; where it counts whole places, the sum itself: one array less to write. */
        private final Pairs given;
        private int at;
        private int taken;

        Stage(Sum sum, int m, int ahead) {
            this.sum = sum;
            ring = new long[sum.span() + 1 + ahead][m];
            whole = new Pairs(m);
            given = sum.share() > 0 ? new Pairs(m) : whole;
        }

        long[] ahead(int k) {
            int place = at + k;
            return ring[place < ring.length ? place : place - ring.length];
        }

        /** @return the row that was taken so many before the one that is taken now */
        private long[] before(int rows) {
            return ahead(ring.length - rows);
        }

        /** @param to takes what the sum gives, rounded @return whether there is something yet */
        boolean take(long[] to) {
            boolean full = take();
            if (full) {
                pack(given.one, given.other, sum, to);
            }
            return full;
        }

        boolean take() {
            taken++;
            if (sum.share() > 0) {
                takeShared();
            } else if (taken > sum.span() + 1) {
                slide(ring[at], before(sum.span() + 1), whole.one, whole.other);
            } else {
                add(ring[at], whole.one, whole.other);
            }
            at = at + 1 == ring.length ? 0 : at + 1;
            return taken > sum.span();
        }

        private void takeShared() {
            long[] in = ring[at];
            if (taken > sum.span()) {
                long[] old = before(sum.span());
                long[] then = before(sum.span() - 1);
                shared(in, old, then, QUARTER_BITS, whole.one, given.one, sum.share());
                shared(in, old, then, 0, whole.other, given.other, sum.share());
            } else if (taken > 1) {
                add(in, whole.one, whole.other);
            }
        }

        private static void add(long[] in, long[] one, long[] other) {
            for (int i = 0; i < one.length; i++) {
                one[i] += in[i] >>> QUARTER_BITS & FourLines.BOTH;
                other[i] += in[i] & FourLines.BOTH;
            }
        }

        private static void slide(long[] in, long[] old, long[] one, long[] other) {
            for (int i = 0; i < one.length; i++) {
                one[i] += (in[i] >>> QUARTER_BITS & FourLines.BOTH) - (old[i] >>> QUARTER_BITS & FourLines.BOTH);
                other[i] += (in[i] & FourLines.BOTH) - (old[i] & FourLines.BOTH);
            }
        }

        /** @param then the row after the oldest: it leaves the whole and is the next to count a share only */
        private static void shared(long[] in, long[] old, long[] then, int shift, long[] whole, long[] to, long share) {
            for (int i = 0; i < whole.length; i++) {
                long now = in[i] >>> shift & FourLines.BOTH;
                to[i] = (whole[i] << Sum.SHARE_BITS) + share * ((old[i] >>> shift & FourLines.BOTH) + now);
                whole[i] += now - (then[i] >>> shift & FourLines.BOTH);
            }
        }
    }
}
