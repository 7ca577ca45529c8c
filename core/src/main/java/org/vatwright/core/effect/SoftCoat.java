package org.vatwright.core.effect;

import java.util.Optional;

import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * A coat blurred in linear light: the four lines blurred at once are its coverage and its colours times coverage, first along
 * the rows, then down. Between the two a pixel is one long of four numbers.
 */
final class SoftCoat {

    /** As many as fill what memory moves at once. */
    private static final int LINES = 16;
    private static final int HALF_BITS = 32;
    private static final long LOW = 0xFFFF_FFFFL;
    private static final int NUMBER_BITS = 16;
    /** By alpha and premultiplied value the light that it gives. */
    private static final char[] LIT = lit(FourLines.MOST);

    private SoftCoat() {}

    /** @param full of an opaque white @return by alpha and premultiplied value the light that it gives */
    static char[] lit(int full) {
        char[] lit = new char[256 * 256];
        for (int a = 1; a < 256; a++) {
            float alpha = a / 255f;
            for (int c = 0; c < 256; c++) {
                float light = Light.linear(Math.min(255, (c * 255 + a / 2) / a));
                lit[a << 8 | c] = (char) (alpha * light * full + 0.5f);
            }
        }
        return lit;
    }

    /** @param across,down standard deviation in pixels */
    static Raster of(Raster coat, double across, double down, Work work) {
        if (Math.max(across, down) > FourLines.WIDEST) {
            // Twice a spread is one whose square is twice as large.
            Raster once = of(coat, across / Math.sqrt(2), down / Math.sqrt(2), work);
            return of(once, across / Math.sqrt(2), down / Math.sqrt(2), work);
        }
        int w = coat.width();
        int h = coat.height();
        Work quiet = work.telling(share -> {});
        Raster out = new Raster(w, h);
        FourLines first = new FourLines(w, across);
        int over = first.over();
        long most = first.full(FourLines.MOST) >>> over;
        if (Spread.of(h, down) instanceof Spread.Sums sums) {
            int ink = OneInk.of(coat.argb(), quiet);
            if (ink != OneInk.NONE) {
                // Only how much it covers need be blurred.
                Quarters.run(w, h, across, sums, quiet, new OneInk.Covers(coat.argb(), ink, out.argb()));
                return out;
            }
            if (inFewNumbers(coat, out, across, sums, quiet)) {
                return out;
            }
            long full = sums.packed().full(most);
            Falling.run(w, h, sums, quiet, () -> new Ends(coat, out, across, over, full));
        } else {
            turned(coat, out, across, down, over, most, quiet);
        }
        return out;
    }

    /** @return whether it was done: of an opaque coat or one in few inks */
    private static boolean inFewNumbers(Raster coat, Raster out, double across, Spread.Sums down, Work work) {
        try {
            return inFewNumbers(coat, out, across, down, FewInks.likely(coat.argb(), work), work);
        } catch (FewInks.Other e) {
            // Seldom; to look at all pixels before each time would take a fifth of the whole.
            return inFewNumbers(coat, out, across, down, FewInks.of(coat.argb(), work), work);
        }
    }

    private static boolean inFewNumbers(Raster coat, Raster out, double across, Spread.Sums down,
            Optional<FewInks> inks, Work work) {
        if (inks.isPresent() && inks.get().count() == 2) {
            TwoLines.run(coat, out, across, down, work, inks.get());
            return true;
        }
        return CoatLanes.blurred(coat, out, Spread.of(coat.width(), across), down, inks, work);
    }

    private static void turned(Raster coat, Raster out, double across, double down, int over, long most, Work quiet) {
        int w = coat.width();
        int h = coat.height();
        long[] between = new long[w * h];
        FourLines.each(h, LINES, w, across, quiet, (from, to, lines) -> {
            long[] row = new long[w];
            for (int y = from; y < to; y++) {
                read(coat.argb(), y * w, w, lines);
                lines.blur();
                pack(lines, over, row);
                System.arraycopy(row, 0, between, y * w, w);
            }
        });
        FourLines.each(w, LINES, h, down, quiet, (from, end, lines) -> {
            LitPixels lit = new LitPixels(lines.full(most), h);
            int[] pixels = new int[h];
            for (int x = from; x < end; x++) {
                unpack(between, x, w, h, lines);
                lines.blur();
                lit.write(lines.one(), lines.other(), h, pixels, 0);
                for (int y = 0, to = x; y < h; y++, to += w) {
                    out.argb()[to] = pixels[y];
                }
            }
        });
    }

    private static void read(int[] in, int from, int count, FourLines lines) {
        long[] one = lines.one();
        long[] other = lines.other();
        int last = 0;
        long first = 0;
        long second = 0;
        for (int i = from, at = lines.in(); i < from + count; i++, at++) {
            int argb = in[i];
            // Most of a coat is like what is beside it.
            if (argb != last) {
                first = one(argb);
                second = other(argb);
                last = argb;
            }
            one[at] = first;
            other[at] = second;
        }
    }

    /** @return alpha and the light of red, in the halves of a long */
    private static long one(int argb) {
        int a = argb >>> 24;
        return (long) (a * 257) << HALF_BITS | LIT[a << 8 | argb >> 16 & 255];
    }

    /** @return the light of green and blue */
    private static long other(int argb) {
        int lit = argb >>> 24 << 8;
        return (long) LIT[lit | argb >> 8 & 255] << HALF_BITS | LIT[lit | argb & 255];
    }

    /** Alpha, green, red and blue, each so many bits fewer. */
    private static void pack(FourLines lines, int over, long[] to) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int i = 0; i < to.length; i++) {
            to[i] = (one[i] >>> over & FourLines.BOTH) << NUMBER_BITS | other[i] >>> over & FourLines.BOTH;
        }
    }

    private static void unpack(long[] between, int x, int w, int h, FourLines lines) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int y = 0, from = x, at = lines.in(); y < h; y++, from += w, at++) {
            long all = between[from];
            one[at] = all >>> NUMBER_BITS & FourLines.BOTH;
            other[at] = all & FourLines.BOTH;
        }
    }

    /** Reads and writes rows of a coat that is blurred downwards. */
    private static final class Ends implements Falling.Ends<DownSums.Pairs> {

        private final Raster coat;
        private final Raster out;
        private final int over;
        private final FourLines lines;
        private final LitPixels lit;
        private final long[] row;

        Ends(Raster coat, Raster out, double across, int over, long full) {
            this.coat = coat;
            this.out = out;
            this.over = over;
            lines = new FourLines(coat.width(), across);
            lit = new LitPixels(full, Falling.STRIP);
            row = new long[coat.width()];
        }

        @Override
        public void rows(int from, int count, Falling.Taker to) {
            int w = coat.width();
            for (int k = 0; k < count; k++) {
                read(coat.argb(), (from + k) * w, w, lines);
                lines.blur();
                pack(lines, over, row);
                to.take(k, row);
            }
        }

        @Override
        public void take(int y, int from, int n, DownSums.Pairs row) {
            lit.write(row.one(), row.other(), n, out.argb(), y * out.width() + from);
        }
    }
}
