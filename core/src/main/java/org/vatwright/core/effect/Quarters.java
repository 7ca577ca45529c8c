package org.vatwright.core.effect;

import org.vatwright.core.raster.Work;

/** Rows of single numbers for {@link Falling}: four of them are blurred at once; of each the four quarters lie in those of longs. */
final class Quarters implements Falling.Ends<DownSums.Pairs> {

    private static final int COUNT = 4;
    private static final int HALF_BITS = 32;
    private static final int QUARTER_BITS = 16;

    private final int w;
    private final int quarter;
    private final Values values;
    private final FourLines lines;
    private final int over;
    private final float back;
    private final long[] beside;
    private final long[] laid;

    /** Where the numbers are. */
    interface Values {
        /** Reads two rows, which begin at {@code low} and {@code high}, into the halves of longs, each number below 2^16. */
        void read(int low, int high, int n, long[] to, int at);

        /** Writes a part of a row. @param shift where the numbers lie in their longs @param back what makes them 0 to 1 */
        void write(long[] from, int n, int shift, float back, int at);
    }

    private Quarters(int w, double across, Spread.Sums sums, Values values) {
        this.w = w;
        this.values = values;
        quarter = (w + COUNT - 1) / COUNT;
        beside = new long[quarter];
        laid = new long[quarter];
        lines = new FourLines(w, across);
        over = lines.over();
        back = 1f / sums.packed().full(lines.full(FourLines.MOST) >>> over);
    }

    /** @param across standard deviation along the rows, in places */
    static void run(int w, int h, double across, Spread.Sums down, Work work, Values values) {
        Falling.run((w + COUNT - 1) / COUNT, h, down, work, () -> new Quarters(w, across, down, values));
    }

    @Override
    public void rows(int from, int count, Falling.Taker to) {
        for (int k = 0; k < count; k += COUNT) {
            int last = count - 1;
            values.read(row(from + k), row(from + Math.min(k + 1, last)), w, lines.one(), lines.in());
            values.read(row(from + Math.min(k + 2, last)), row(from + Math.min(k + 3, last)), w, lines.other(),
                    lines.in());
            lines.blur();
            for (int i = 0; i < Math.min(COUNT, count - k); i++) {
                lay(i < 2 ? lines.one() : lines.other(), i % 2 * HALF_BITS + over, laid);
                to.take(k + i, laid);
            }
        }
    }

    private int row(int y) {
        return y * w;
    }

    /** Each quarter is brought beside the first: only what has the same index in all arrays becomes vectors. */
    private void lay(long[] line, int shift, long[] to) {
        first(line, shift, to);
        for (int k = 1; k < COUNT; k++) {
            int n = Math.min(quarter, w - k * quarter);
            if (n > 0) {
                System.arraycopy(line, k * quarter, beside, 0, n);
                add(beside, shift, k * QUARTER_BITS, n, to);
            }
        }
    }

    private static void first(long[] line, int shift, long[] to) {
        for (int i = 0; i < to.length; i++) {
            to[i] = line[i] >>> shift & FourLines.MOST;
        }
    }

    private static void add(long[] line, int shift, int place, int n, long[] to) {
        for (int i = 0; i < n; i++) {
            to[i] |= (line[i] >>> shift & FourLines.MOST) << place;
        }
    }

    /** The lowest quarter and the third lie in the other of a pair, the second and the uppermost in its one. */
    @Override
    public void take(int y, int from, int n, DownSums.Pairs row) {
        for (int k = 0; k < COUNT; k++) {
            int at = k * quarter + from;
            values.write(k % 2 == 0 ? row.other() : row.one(), Math.min(n, w - at), k / 2 * HALF_BITS, back,
                    y * w + at);
        }
    }
}
