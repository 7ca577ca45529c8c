package org.vatwright.core.effect;

import java.util.Arrays;

/**
 * Many columns side by side, blurred downwards by {@link Lanes} while their rows come in: every step is the same for all places of a
 * row, so that it takes a processor's whole width.
 */
final class LaneColumns implements Falling.Columns<long[]> {

    private final Stage first;
    private final Stage second;
    private final Stage third;
    private final long[] blurred;

    /** @param m places of a row @param ahead rows that may be written before they are taken */
    LaneColumns(Lanes lanes, int m, int ahead) {
        first = new Stage(lanes.first(), m, ahead);
        second = new Stage(lanes.second(), m, 1);
        third = new Stage(lanes.third(), m, 1);
        blurred = new long[m];
    }

    static Falling.Way<long[]> by(Lanes lanes) {
        return new Falling.Way<>(lanes.reach(), (m, ahead) -> new LaneColumns(lanes, m, ahead));
    }

    @Override
    public long[] ahead(int k) {
        return first.ahead(k);
    }

    @Override
    public boolean take() {
        return first.take(second.ahead(0)) && second.take(third.ahead(0)) && third.take(blurred);
    }

    @Override
    public long[] blurred() {
        return blurred;
    }

    /** One running sum; the rows that it covers, and the one that left it last, are kept in a ring. */
    private static final class Stage {

        private final Lanes.Sum sum;
        private final long[][] ring;
        private final long[] whole;
        private int at;
        private int taken;

        Stage(Lanes.Sum sum, int m, int ahead) {
            this.sum = sum;
            ring = new long[sum.width() + ahead][m];
            whole = new long[m];
            Arrays.fill(whole, sum.half());
        }

        long[] ahead(int k) {
            int place = at + k;
            return ring[place < ring.length ? place : place - ring.length];
        }

        /** @return whether so many rows were taken that there is a sum */
        boolean take(long[] to) {
            long[] in = ring[at];
            if (++taken > sum.width()) {
                slide(in, ahead(ring.length - sum.width()), whole);
            } else {
                add(in, whole);
            }
            boolean full = taken >= sum.width();
            if (full) {
                round(whole, sum.over(), sum.keep(), to);
            }
            at = at + 1 == ring.length ? 0 : at + 1;
            return full;
        }

        private static void add(long[] in, long[] whole) {
            for (int i = 0; i < whole.length; i++) {
                whole[i] += in[i];
            }
        }

        private static void slide(long[] in, long[] old, long[] whole) {
            for (int i = 0; i < whole.length; i++) {
                whole[i] += in[i] - old[i];
            }
        }

        private static void round(long[] whole, int over, long keep, long[] to) {
            for (int i = 0; i < whole.length; i++) {
                to[i] = whole[i] >>> over & keep;
            }
        }
    }
}
