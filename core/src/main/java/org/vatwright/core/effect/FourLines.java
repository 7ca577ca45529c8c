package org.vatwright.core.effect;

import java.util.Arrays;
import java.util.Objects;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;

import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Four lines of the torus blurred at once by a normal spread, in whole numbers: two of them lie in the halves of each long, so
 * that one addition serves both. Sums of whole numbers are exact: a rolled line gives the very same.
 */
final class FourLines {

    /** What a line holds at most. */
    static final int MOST = 0xFFFF;
    /** A wider spread must be taken in several goes. */
    static final double WIDEST = 30_000;
    /** Both halves of a long, 16 bits each. */
    static final long BOTH = 0x0000_FFFF_0000_FFFFL;
    private static final int HALF_BITS = 32;
    private static final int NUMBER_BITS = 16;

    private final int n;
    private final Spread spread;
    private final int reach;
    private long[] one;
    private long[] other;
    private long[] spare;

    /** @param n places of a line @param spread standard deviation in places, 0 to {@link #WIDEST}; 0 changes nothing */
    FourLines(int n, double spread) {
        this.n = n;
        this.spread = Spread.of(n, spread);
        reach = this.spread.reach();
        one = new long[n + 2 * reach];
        other = new long[one.length];
        spare = new long[one.length];
    }

    /** What is done to some lines of a raster. */
    interface Strip {
        void run(int from, int to, FourLines lines);
    }

    /** Shares out {@code count} things, so many at once; lines are made once for each thread. */
    static void each(int count, int atOnce, int n, double spread, Work work, Strip strip) {
        Queue<FourLines> free = new ConcurrentLinkedQueue<>();
        Rows.each(count, atOnce, work, (from, to) -> {
            FourLines lines = Objects.requireNonNullElseGet(free.poll(), () -> new FourLines(n, spread));
            strip.run(from, to, lines);
            free.add(lines);
        });
    }

    /**
     * @return two of the lines, to be filled from {@link #in} on with two numbers up to {@link #MOST} a place; after
     *         {@link #blur} another one, whose first place is the line's
     */
    long[] one() {
        return one;
    }

    long[] other() {
        return other;
    }

    /** @return where the lines begin that are to be blurred */
    int in() {
        return reach;
    }

    /** @return what a line that held {@code value} everywhere holds afterwards, below 2^32; all others in its measure */
    long full(long value) {
        return spread.full(value);
    }

    /** @return bits that must go of a blurred line so that it may be blurred once more, as a line of numbers up to {@link #MOST} */
    int over() {
        return Math.max(0, Long.SIZE - Long.numberOfLeadingZeros(full(MOST)) - NUMBER_BITS);
    }

    void blur() {
        long[] first = blurred(one, spare);
        spare = first == one ? spare : one;
        one = first;
        long[] second = blurred(other, spare);
        spare = second == other ? spare : other;
        other = second;
    }

    private long[] blurred(long[] line, long[] with) {
        wrap(line);
        return switch (spread) {
            case Spread.Level _ -> level(line);
            case Spread.Weights weights -> weigh(line, weights.weights(), with);
            case Spread.Sums sums -> {
                int left = line.length - sums.first().span();
                run(line, with, left, sums.first());
                left -= sums.second().span();
                run(with, line, left, sums.second());
                run(line, with, left - sums.third().span(), sums.third());
                yield with;
            }
        };
    }

    /** Puts what lies beyond both ends there: a line of the torus goes on as it began. */
    private void wrap(long[] line) {
        for (int i = reach - 1; i >= 0; i--) {
            line[i] = line[i + n];
        }
        for (int i = reach + n; i < line.length; i++) {
            line[i] = line[i - n];
        }
    }

    private long[] level(long[] line) {
        long high = 0;
        long low = 0;
        for (long both : line) {
            high += both >>> HALF_BITS;
            low += both & MOST;
        }
        Arrays.fill(line, (high + n / 2) / n << HALF_BITS | (low + n / 2) / n);
        return line;
    }

    private long[] weigh(long[] line, int[] weights, long[] to) {
        for (int i = 0, at = reach; i < n; i++, at++) {
            to[i] = weights[0] * line[at];
        }
        for (int k = 1; k < weights.length; k++) {
            pair(line, reach - k, reach + k, weights[k], to, n);
        }
        return to;
    }

    private static void pair(long[] line, int left, int right, long weight, long[] to, int n) {
        for (int i = 0; i < n; i++) {
            to[i] += weight * (line[left + i] + line[right + i]);
        }
    }

    private static void run(long[] from, long[] to, int count, Spread.Sum sum) {
        long first = 0;
        if (sum.share() > 0) {
            for (int i = 1; i < sum.span(); i++) {
                first += from[i];
            }
            shared(from, to, count, first, sum);
        } else {
            for (int i = 0; i <= sum.span(); i++) {
                first += from[i];
            }
            plain(from, to, count, first, sum);
        }
    }

    private static void shared(long[] from, long[] to, int count, long first, Spread.Sum sum) {
        int span = sum.span();
        long share = sum.share();
        int over = sum.over();
        long half = sum.half();
        long keep = sum.keep();
        long whole = first;
        long left = from[0];
        for (int i = 0; i < count; i++) {
            long right = from[i + span];
            to[i] = (whole << Spread.Sum.SHARE_BITS) + share * (left + right) + half >>> over & keep;
            left = from[i + 1];
            whole += right - left;
        }
    }

    private static void plain(long[] from, long[] to, int count, long first, Spread.Sum sum) {
        int span = sum.span();
        int over = sum.over();
        long half = sum.half();
        long keep = sum.keep();
        long whole = first;
        to[0] = whole + half >>> over & keep;
        // What comes and what goes first: a sum waits for the one before it by one addition only.
        if (over == 0) {
            for (int i = 1; i < count; i++) {
                whole += from[i + span] - from[i - 1];
                to[i] = whole;
            }
        } else {
            for (int i = 1; i < count; i++) {
                whole += from[i + span] - from[i - 1];
                to[i] = whole + half >>> over & keep;
            }
        }
    }
}
