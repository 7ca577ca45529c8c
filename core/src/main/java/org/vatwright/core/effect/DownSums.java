package org.vatwright.core.effect;

/**
 * Many columns side by side, blurred by {@link Spread.Sums} while their rows come in from above: every step is the same for all
 * places of a row, so that it takes a processor's whole width. Bit for bit what {@link FourLines} makes of each column by itself.
 */
final class DownSums {

    private final Stage first;
    private final Stage second;
    private final Stage third;

    /** @param m longs of a row, each two numbers in its halves as those of {@link FourLines} */
    DownSums(Spread.Sums sums, int m) {
        first = new Stage(sums.first(), m);
        second = new Stage(sums.second(), m);
        third = new Stage(sums.third(), m);
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
    boolean take(long[] to) {
        return first.take(second.next()) && second.take(third.next()) && third.take(to);
    }

    /** One running sum; the rows that it covers are kept in a ring. */
    private static final class Stage {

        private final Spread.Sum sum;
        private final long[][] ring;
        private final long[] whole;
        private int at;
        private int taken;

        Stage(Spread.Sum sum, int m) {
            this.sum = sum;
            ring = new long[sum.span() + 1][m];
            whole = new long[m];
        }

        long[] next() {
            return ring[at];
        }

        boolean take(long[] to) {
            long[] in = ring[at];
            at = at + 1 == ring.length ? 0 : at + 1;
            boolean full = ++taken >= ring.length;
            if (full && sum.share() > 0) {
                long[] then = ring[at + 1 == ring.length ? 0 : at + 1];
                shared(in, ring[at], then, whole, to, sum.share(), sum.over(), sum.keep());
            } else if (full) {
                plain(in, ring[at], whole, to, sum.over(), sum.keep());
            } else if (taken > 1 || sum.share() == 0) {
                add(in, whole);
            }
            return full;
        }

        private static void add(long[] in, long[] whole) {
            for (int i = 0; i < whole.length; i++) {
                whole[i] += in[i];
            }
        }

        private static void plain(long[] in, long[] old, long[] whole, long[] to, int over, long keep) {
            for (int i = 0; i < whole.length; i++) {
                long all = whole[i] + in[i];
                whole[i] = all - old[i];
                to[i] = all >>> over & keep;
            }
        }

        /** @param then the row after the oldest: it leaves the whole and is the next to count a share only */
        private static void shared(long[] in, long[] old, long[] then, long[] whole, long[] to, long share, int over,
                long keep) {
            for (int i = 0; i < whole.length; i++) {
                to[i] = (whole[i] << Spread.Sum.SHARE_BITS) + share * (old[i] + in[i]) >>> over & keep;
                whole[i] += in[i] - then[i];
            }
        }
    }
}
