package org.vatwright.core.effect;

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
    private static final int COLUMNS = Falling.STRIP / 2;
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
        FourLines first = new FourLines(w, across);
        int over = first.over();
        long most = first.full(FourLines.MOST) >>> over;
        if (Spread.of(h, down) instanceof Spread.Sums sums) {
            long full = sums.full(most);
            // In each strip of a row first alpha and red, then green and blue.
            Falling.run(2 * w, h, sums, quiet, () -> {
                FourLines lines = new FourLines(w, across);
                return (from, count, to) -> {
                    for (int k = 0; k < count; k++) {
                        read(coat.argb(), (from + k) * w, w, lines);
                        lines.blur();
                        lay(lines, over, to[k], w);
                    }
                };
            }, (y, from, n, row) -> write(row, row, n / 2, n / 2, full, out.argb(), y * w + from / 2, 1));
        } else {
            turned(coat, out, across, down, over, most, quiet);
        }
        return out;
    }

    private static void turned(Raster coat, Raster out, double across, double down, int over, long most, Work quiet) {
        int w = coat.width();
        int h = coat.height();
        long[] between = new long[w * h];
        FourLines.each(h, LINES, w, across, quiet, (from, to, lines) -> {
            for (int y = from; y < to; y++) {
                read(coat.argb(), y * w, w, lines);
                lines.blur();
                pack(lines, over, between, y * w, w);
            }
        });
        FourLines.each(w, LINES, h, down, quiet, (from, to, lines) -> {
            for (int x = from; x < to; x++) {
                unpack(between, x, w, h, lines);
                lines.blur();
                write(lines.one(), lines.other(), 0, h, lines.full(most), out.argb(), x, w);
            }
        });
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

    private static void unpack(long[] between, int x, int w, int h, FourLines lines) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int y = 0, from = x, at = lines.in(); y < h; y++, from += w, at++) {
            long all = between[from];
            one[at] = all >>> NUMBER_BITS & FourLines.BOTH;
            other[at] = all & FourLines.BOTH;
        }
    }

    /** As a row of {@link Falling}, each number so many bits fewer. */
    private static void lay(FourLines lines, int over, long[] to, int w) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int x = 0; x < w; x += COLUMNS) {
            int n = Math.min(COLUMNS, w - x);
            less(one, x, over, to, 2 * x, n);
            less(other, x, over, to, 2 * x + n, n);
        }
    }

    private static void less(long[] in, int from, int over, long[] to, int at, int n) {
        for (int i = 0; i < n; i++) {
            to[at + i] = in[from + i] >>> over & FourLines.BOTH;
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
