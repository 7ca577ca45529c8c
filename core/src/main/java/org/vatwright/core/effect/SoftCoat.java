package org.vatwright.core.effect;

import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * A coat blurred in linear light: the four lines blurred at once are its coverage and its colours times coverage, first along
 * the rows, then down. Between the two a pixel is one long of four numbers.
 */
final class SoftCoat {

    /** As many as fill what memory moves at once. */
    private static final int LINES = 16;
    /** Columns side by side: the sums of a normal spread lie in a processor's own memory. */
    private static final int COLUMNS = 64;
    private static final int HALF_BITS = 32;
    private static final long LOW = 0xFFFF_FFFFL;
    private static final int NUMBER_BITS = 16;
    /** Premultiplied light is written by so many steps: the darkest levels are still apart. */
    private static final int STEP_BITS = 12;
    private static final int STEPS = (1 << STEP_BITS) - 1;
    /** What a number is multiplied by is held in so many bits: twelve more still fit. */
    private static final int PART_BITS = 50;
    private static final long HALF = 1L << PART_BITS - 1;
    /** By alpha and premultiplied value the light that it gives. */
    private static final char[] LIT = new char[256 * 256];
    /** By alpha and premultiplied light the premultiplied value. */
    private static final byte[] PUT = new byte[256 << STEP_BITS];

    static {
        for (int a = 1; a < 256; a++) {
            float alpha = a / 255f;
            for (int c = 0; c < 256; c++) {
                float light = Light.linear(Math.min(255, (c * 255 + a / 2) / a));
                LIT[a << 8 | c] = (char) (alpha * light * FourLines.MOST + 0.5f);
            }
            for (int step = 0; step <= STEPS; step++) {
                PUT[a << STEP_BITS | step] = (byte) ((Light.channel(step / (STEPS * alpha)) * a + 127) / 255);
            }
        }
    }

    private SoftCoat() {}

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
        long[] between = new long[w * h];
        long most = new FourLines(w, across).full(FourLines.MOST);
        int over = Math.max(0, HALF_BITS - Long.numberOfLeadingZeros(most) + NUMBER_BITS);
        FourLines.each(h, LINES, w, across, quiet, (from, to, lines) -> {
            for (int y = from; y < to; y++) {
                read(coat.argb(), y * w, w, lines);
                lines.blur();
                pack(lines, over, between, y * w, w);
            }
        });
        if (Spread.of(h, down) instanceof Spread.Sums sums) {
            long full = sums.full(most >>> over);
            Rows.each(w, COLUMNS, quiet, (from, to) -> fall(between, w, h, from, to, sums, full, out.argb()));
        } else {
            FourLines.each(w, LINES, h, down, quiet, (from, to, lines) -> {
                for (int x = from; x < to; x++) {
                    unpackColumn(between, x, w, h, lines);
                    lines.blur();
                    write(lines.one(), lines.other(), 0, h, lines.full(most >>> over), out.argb(), x, w);
                }
            });
        }
        return out;
    }

    /** Columns side by side; of each row first alpha and red, then green and blue. */
    private static void fall(long[] between, int w, int h, int from, int to, Spread.Sums sums, long full, int[] out) {
        int n = to - from;
        DownSums down = new DownSums(sums, 2 * n);
        long[] blurred = new long[2 * n];
        int reach = sums.reach();
        for (int y = -reach; y < h + reach; y++) {
            long[] row = down.next();
            unpackRow(between, Math.floorMod(y, h) * w + from, n, row);
            if (down.take(blurred)) {
                write(blurred, blurred, n, n, full, out, (y - reach) * w + from, 1);
            }
        }
    }

    private static void read(int[] in, int from, int count, FourLines lines) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int i = from, at = lines.in(); i < from + count; i++, at++) {
            int argb = in[i];
            int a = argb >>> 24;
            int lit = a << 8;
            one[at] = (long) (a * 257) << HALF_BITS | LIT[lit | argb >> 16 & 255];
            other[at] = (long) LIT[lit | argb >> 8 & 255] << HALF_BITS | LIT[lit | argb & 255];
        }
    }

    /** Alpha, green, red and blue, each so many bits fewer. */
    private static void pack(FourLines lines, int over, long[] to, int from, int count) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int i = 0; i < count; i++) {
            to[from + i] = (one[i] >>> over & FourLines.BOTH) << NUMBER_BITS | other[i] >>> over & FourLines.BOTH;
        }
    }

    private static void unpackColumn(long[] between, int x, int w, int h, FourLines lines) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int y = 0, from = x, at = lines.in(); y < h; y++, from += w, at++) {
            long all = between[from];
            one[at] = all >>> NUMBER_BITS & FourLines.BOTH;
            other[at] = all & FourLines.BOTH;
        }
    }

    private static void unpackRow(long[] between, int from, int n, long[] row) {
        for (int i = 0; i < n; i++) {
            row[i] = between[from + i] >>> NUMBER_BITS & FourLines.BOTH;
        }
        for (int i = 0; i < n; i++) {
            row[n + i] = between[from + i] & FourLines.BOTH;
        }
    }

    private static void write(long[] one, long[] other, int otherFrom, int n, long full, int[] to, int at, int step) {
        long levels = (255L << PART_BITS) / full;
        long steps = ((long) STEPS << PART_BITS) / full;
        for (int i = 0, put = at; i < n; i++, put += step) {
            long first = one[i];
            long second = other[otherFrom + i];
            int a = (int) ((first >>> HALF_BITS) * levels + HALF >>> PART_BITS);
            int by = a << STEP_BITS;
            int r = PUT[by | step(first & LOW, steps)] & 255;
            int g = PUT[by | step(second >>> HALF_BITS, steps)] & 255;
            int b = PUT[by | step(second & LOW, steps)] & 255;
            to[put] = a << 24 | r << 16 | g << 8 | b;
        }
    }

    private static int step(long light, long steps) {
        return (int) (light * steps + HALF >>> PART_BITS);
    }
}
