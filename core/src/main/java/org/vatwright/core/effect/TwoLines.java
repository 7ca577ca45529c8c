package org.vatwright.core.effect;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * Rows of a coat in {@link FewInks} for {@link Falling}: what covers each pixel and what of it is the other ink. Two rows are blurred
 * at once; of each the two halves lie in the halves of longs.
 */
final class TwoLines implements Falling.Ends<DownSums.Pairs> {

    private static final int HALF_BITS = 32;
    private static final int NUMBER_BITS = 16;
    private static final long HIGH = 0xFFFF_FFFF_0000_0000L;

    private final Raster coat;
    private final Raster out;
    private final FewInks inks;
    private final int half;
    private final FourLines lines;
    private final int over;
    private final MixedPixels mixed;
    private final long[] one;
    private final long[] other;
    private final long[] far;
    private final long[] row;

    private TwoLines(Raster coat, Raster out, double across, Spread.Sums down, FewInks inks) {
        this.coat = coat;
        this.out = out;
        this.inks = inks;
        half = half(coat.width());
        lines = new FourLines(coat.width(), across);
        over = lines.over();
        one = new long[half];
        other = new long[half];
        far = new long[half];
        row = new long[half];
        mixed = new MixedPixels(inks, down.packed().full(lines.full(FourLines.MOST) >>> over), Falling.STRIP);
    }

    private static int half(int w) {
        return (w + 1) / 2;
    }

    /** @param across standard deviation along the rows, in pixels */
    static void run(Raster coat, Raster out, double across, Spread.Sums down, Work work, FewInks inks) {
        Falling.run(half(coat.width()), coat.height(), down, work, () -> new TwoLines(coat, out, across, down, inks));
    }

    @Override
    public void rows(int from, int count, Falling.Taker to) {
        int w = coat.width();
        for (int k = 0; k < count; k += 2) {
            read((from + k) * w, (from + Math.min(k + 1, count - 1)) * w);
            lines.blur();
            lay(over);
            to.take(k, row);
            if (k + 1 < count) {
                lay(over + HALF_BITS);
                to.take(k + 1, row);
            }
        }
    }

    private void read(int low, int high) {
        int[] in = coat.argb();
        long[] one = lines.one();
        long[] other = lines.other();
        int lastLow = 0;
        int lastHigh = 0;
        long lowCovers = 0;
        long highCovers = 0;
        for (int i = 0, at = lines.in(); i < coat.width(); i++, at++) {
            // Most of a coat is like what is beside it.
            if (in[low + i] != lastLow) {
                lastLow = in[low + i];
                lowCovers = inks.covers(lastLow);
            }
            if (in[high + i] != lastHigh) {
                lastHigh = in[high + i];
                highCovers = inks.covers(lastHigh);
            }
            one[at] = highCovers << HALF_BITS | lowCovers & FourLines.MOST;
            other[at] = highCovers & HIGH | lowCovers >>> HALF_BITS;
        }
    }

    /** The second half is brought beside the first: only what has the same index in all arrays becomes vectors. */
    private void lay(int shift) {
        int both = coat.width() - half;
        pairs(lines.one(), lines.other(), shift, half, row);
        System.arraycopy(lines.one(), half, one, 0, both);
        System.arraycopy(lines.other(), half, other, 0, both);
        pairs(one, other, shift, both, far);
        join(row, far, both);
    }

    private static void pairs(long[] one, long[] other, int shift, int n, long[] to) {
        for (int i = 0; i < n; i++) {
            to[i] = one[i] >>> shift & FourLines.MOST | (other[i] >>> shift & FourLines.MOST) << NUMBER_BITS;
        }
    }

    private static void join(long[] to, long[] far, int n) {
        for (int i = 0; i < n; i++) {
            to[i] |= far[i] << HALF_BITS;
        }
    }

    /** What covers lies in the other of a pair, what of it is the other ink in its one. */
    @Override
    public void take(int y, int from, int n, DownSums.Pairs row) {
        int at = y * coat.width() + from;
        mixed.write(row.other(), row.one(), 0, n, out.argb(), at);
        mixed.write(row.other(), row.one(), HALF_BITS, Math.min(n, coat.width() - half - from), out.argb(), at + half);
    }
}
