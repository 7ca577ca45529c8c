package org.vatwright.core.effect;

/** A line of the torus of three numbers a place, blurred along by {@link Lanes}. */
final class LaneLine {

    private final int n;
    private final Lanes lanes;
    private final int reach;
    private long[] line;
    private long[] spare;

    /** @param n places of the line */
    LaneLine(int n, Lanes lanes) {
        this.n = n;
        this.lanes = lanes;
        reach = lanes.reach();
        line = new long[n + 2 * reach];
        spare = new long[line.length];
    }

    /** @return to be filled from {@link #in} on; after {@link #blur} another one, whose first place is the line's */
    long[] places() {
        return line;
    }

    int in() {
        return reach;
    }

    void blur() {
        wrap();
        int left = line.length - lanes.first().width() + 1;
        run(line, spare, left, lanes.first());
        left -= lanes.second().width() - 1;
        run(spare, line, left, lanes.second());
        run(line, spare, left - lanes.third().width() + 1, lanes.third());
        long[] blurred = spare;
        spare = line;
        line = blurred;
    }

    /** Puts what lies beyond both ends there: a line of the torus goes on as it began. */
    private void wrap() {
        for (int i = reach - 1; i >= 0; i--) {
            line[i] = line[i + n];
        }
        for (int i = reach + n; i < line.length; i++) {
            line[i] = line[i - n];
        }
    }

    private static void run(long[] from, long[] to, int count, Lanes.Sum sum) {
        int last = sum.width() - 1;
        long all = sum.half();
        for (int i = 0; i <= last; i++) {
            all += from[i];
        }
        to[0] = all;
        for (int i = 1; i < count; i++) {
            // What comes and what goes first: a sum waits for the one before it by one addition only.
            all += from[i + last] - from[i - 1];
            to[i] = all;
        }
        round(to, count, sum.over(), sum.keep());
    }

    /** By itself, for then it takes a processor's whole width. */
    private static void round(long[] sums, int count, int over, long keep) {
        for (int i = 0; i < count; i++) {
            sums[i] = sums[i] >>> over & keep;
        }
    }
}
