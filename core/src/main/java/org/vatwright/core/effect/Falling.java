package org.vatwright.core.effect;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Rows of a torus blurred downwards by running sums as they come, so that nothing of the whole picture is kept between
 * its two directions: each thread takes strips of them side by side. Two threads begin at the ends of a part and work towards
 * each other, for they are seldom equally fast; a sum is the same in either direction.
 *
 * @param <R> a strip of a blurred row
 */
final class Falling<R> {

    /** Longs of a strip, by which rows are written and read: the sums of one lie in a processor's own memory. */
    static final int STRIP = 256;
    private static final int CHUNK = 64;

    private final int m;
    private final int h;
    private final int reach;
    private final Work work;
    private final Ends<R> ends;
    private final boolean up;
    private final List<Columns<R>> downs = new ArrayList<>();
    /** The row that is read next. */
    private int next;

    private Falling(int m, int h, Way<R> way, Work work, Ends<R> ends, Part part, boolean up) {
        this.m = m;
        this.h = h;
        this.work = work;
        this.ends = ends;
        this.up = up;
        reach = way.reach();
        next = part.end(up) + (up ? reach - 1 : -reach);
        for (int from = 0; from < m; from += STRIP) {
            downs.add(way.columns().of(Math.min(STRIP, m - from), CHUNK));
        }
    }

    /**
     * How rows are blurred.
     *
     * @param reach rows that are looked at on either side
     */
    record Way<R>(int reach, ColumnMaker<R> columns) {}

    interface ColumnMaker<R> {
        /** @param m longs of a row @param ahead rows that may be written before they are taken */
        Columns<R> of(int m, int ahead);
    }

    /** Some columns side by side, blurred downwards. */
    interface Columns<R> {
        /** @return where the {@code k}th of the rows that come next is to be written, 0 first */
        long[] ahead(int k);

        /**
         * Takes the next row.
         *
         * @return whether there is a blurred one yet
         */
        boolean take();

        /** @return the blurred row as far up as the spread reaches; until the next is taken */
        R blurred();
    }

    /** Where rows come from and go to; one for each thread. */
    interface Ends<R> {
        /** Gives {@code to} each row from {@code from} on. */
        void rows(int from, int count, Taker to);

        /** Takes a blurred row, a strip at a time. @param from which long of the row is the first @param n how many there are */
        void take(int y, int from, int n, R row);
    }

    /** Takes a row, the {@code k}th of those asked for. */
    interface Taker {
        void take(int k, long[] row);
    }

    /** Makes the ends. */
    interface Maker<R> {
        Ends<R> ends();
    }

    /** Rows that nobody has taken yet. */
    private static final class Part {

        private int from;
        private int to;

        Part(int from, int to) {
            this.from = from;
            this.to = to;
        }

        synchronized boolean isLeft() {
            return from < to;
        }

        synchronized int end(boolean up) {
            return up ? to : from;
        }

        /** @return how many of at most so many rows are the caller's, at the upper end or at the lower one */
        synchronized int take(int most, boolean up) {
            int taken = Math.min(most, to - from);
            if (up) {
                to -= taken;
            } else {
                from += taken;
            }
            return taken;
        }
    }

    /** @param m longs of a row, each of four numbers below 2^16 @param h rows */
    static void run(int m, int h, Spread.Sums sums, Work work, Maker<DownSums.Pairs> maker) {
        run(m, h, DownSums.by(sums), work, maker);
    }

    /** @param m longs of a row @param h rows */
    static <R> void run(int m, int h, Way<R> way, Work work, Maker<R> maker) {
        // Each thread takes rows beyond its end; many small parts would do little else.
        int threads = Math.max(1, Math.min(work.threads(), h / Math.max(1, 2 * way.reach())));
        Part[] parts = new Part[(threads + 1) / 2];
        for (int i = 0; i < parts.length; i++) {
            parts[i] = new Part((int) ((long) h * i / parts.length), (int) ((long) h * (i + 1) / parts.length));
        }
        Rows.each(threads, 1, work, (thread, end) -> {
            Part part = parts[thread / 2];
            // Who comes late may find all done.
            if (part.isLeft()) {
                new Falling<>(m, h, way, work, maker.ends(), part, thread % 2 == 1).run(part);
            }
        });
    }

    private void run(Part part) {
        read(2 * reach);
        for (int taken = part.take(CHUNK, up); taken > 0; taken = part.take(CHUNK, up)) {
            read(taken);
        }
    }

    private void read(int rows) {
        for (int left = rows; left > 0;) {
            work.goOn();
            int at = Math.floorMod(next, h);
            int count = Math.min(Math.min(CHUNK, left), up ? at + 1 : h - at);
            ends.rows(up ? at + 1 - count : at, count, (k, row) -> put(up ? count - 1 - k : k, row));
            for (int i = 0; i < downs.size(); i++) {
                fall(i, count);
            }
            next += up ? -count : count;
            left -= count;
        }
    }

    private void put(int ahead, long[] row) {
        for (int i = 0; i < downs.size(); i++) {
            System.arraycopy(row, i * STRIP, downs.get(i).ahead(ahead), 0, Math.min(STRIP, m - i * STRIP));
        }
    }

    private void fall(int one, int count) {
        Columns<R> down = downs.get(one);
        int from = one * STRIP;
        int n = Math.min(STRIP, m - from);
        for (int k = 0; k < count; k++) {
            if (down.take()) {
                ends.take(up ? next - k + reach : next + k - reach, from, n, down.blurred());
            }
        }
    }
}
