package org.vatwright.core.effect;

import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Rows of a torus blurred downwards by {@link Spread.Sums} as they come, so that nothing of the whole picture is kept between
 * its two directions: each thread takes a part of the rows, some more at both its ends, and strips of them side by side.
 */
final class Falling {

    /** Longs of a strip, by which rows are written and read: the sums of one lie in a processor's own memory. */
    static final int STRIP = 256;
    private static final int CHUNK = 64;

    private Falling() {}

    /** Where rows come from and go to; one for each thread. */
    interface Ends {
        /** @param to for each row from {@code from} on its longs, each of four numbers below 2^16 */
        void rows(int from, int count, long[][] to);

        /** Takes a blurred row, a strip at a time. @param from which long of the row is the first @param n how many there are */
        void take(int y, int from, int n, DownSums.Pairs row);
    }

    /** Makes them. */
    interface Maker {
        Ends ends();
    }

    /** @param m longs of a row @param h rows */
    static void run(int m, int h, Spread.Sums sums, Work work, Maker maker) {
        // Each part takes rows beyond its ends; many small ones would do little else.
        int parts = Math.max(1, Math.min(work.threads(), h / Math.max(1, 2 * sums.reach())));
        Rows.each(h, (h + parts - 1) / parts, work,
                (from, to) -> part(m, h, from, to, sums, work, maker.ends()));
    }

    private static void part(int m, int h, int from, int to, Spread.Sums sums, Work work, Ends ends) {
        int reach = sums.reach();
        Spread.Sums packed = sums.packed();
        DownSums[] downs = new DownSums[(m + STRIP - 1) / STRIP];
        for (int i = 0; i < downs.length; i++) {
            downs[i] = new DownSums(packed, Math.min(STRIP, m - i * STRIP));
        }
        long[][] chunk = new long[CHUNK][m];
        DownSums.Pairs blurred = new DownSums.Pairs(STRIP);
        for (int y = from - reach; y < to + reach;) {
            work.goOn();
            int at = Math.floorMod(y, h);
            int count = Math.min(Math.min(CHUNK, to + reach - y), h - at);
            ends.rows(at, count, chunk);
            for (int i = 0; i < downs.length; i++) {
                int n = Math.min(STRIP, m - i * STRIP);
                for (int k = 0; k < count; k++) {
                    System.arraycopy(chunk[k], i * STRIP, downs[i].next(), 0, n);
                    if (downs[i].take(blurred)) {
                        ends.take(y + k - reach, i * STRIP, n, blurred);
                    }
                }
            }
            y += count;
        }
    }
}
