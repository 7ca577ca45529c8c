package org.vatwright.core.effect;

import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * A coat blurred in linear light: the four lines blurred at once are its coverage and its colours times coverage, first along
 * the rows, then down. Between the two a pixel is one long of four numbers, by columns, each one after the other.
 */
final class SoftCoat {

    /** As many as fill what memory moves at once. */
    private static final int LINES = 16;
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
        long[] columns = new long[w * h];
        long most = new FourLines(w, across).full(FourLines.MOST);
        int over = Math.max(0, HALF_BITS - Long.numberOfLeadingZeros(most) + NUMBER_BITS);
        FourLines.each(h, LINES, w, across, quiet, (from, to, lines) -> {
            long[][] kept = new long[to - from][w];
            for (int y = from; y < to; y++) {
                read(coat.argb(), y * w, w, lines);
                lines.blur();
                pack(lines, over, kept[y - from]);
            }
            for (int x = 0; x < w; x++) {
                for (int y = from, at = x * h + from; y < to; y++, at++) {
                    columns[at] = kept[y - from][x];
                }
            }
        });
        FourLines.each(w, LINES, h, down, quiet, (from, to, lines) -> {
            int[][] kept = new int[to - from][h];
            for (int x = from; x < to; x++) {
                unpack(columns, x * h, h, lines);
                lines.blur();
                write(lines, lines.full(most >>> over), kept[x - from]);
            }
            for (int y = 0; y < h; y++) {
                for (int x = from, at = y * w + from; x < to; x++, at++) {
                    out.argb()[at] = kept[x - from][y];
                }
            }
        });
        return out;
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
    private static void pack(FourLines lines, int over, long[] to) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int i = 0; i < to.length; i++) {
            to[i] = (one[i] >>> over & FourLines.BOTH) << NUMBER_BITS | other[i] >>> over & FourLines.BOTH;
        }
    }

    private static void unpack(long[] columns, int from, int count, FourLines lines) {
        long[] one = lines.one();
        long[] other = lines.other();
        for (int i = from, at = lines.in(); i < from + count; i++, at++) {
            long all = columns[i];
            one[at] = all >>> NUMBER_BITS & FourLines.BOTH;
            other[at] = all & FourLines.BOTH;
        }
    }

    private static void write(FourLines lines, long full, int[] to) {
        long[] one = lines.one();
        long[] other = lines.other();
        long levels = (255L << PART_BITS) / full;
        long steps = ((long) STEPS << PART_BITS) / full;
        for (int i = 0; i < to.length; i++) {
            long first = one[i];
            long second = other[i];
            int a = (int) ((first >>> HALF_BITS) * levels + HALF >>> PART_BITS);
            int by = a << STEP_BITS;
            int r = PUT[by | step(first & LOW, steps)] & 255;
            int g = PUT[by | step(second >>> HALF_BITS, steps)] & 255;
            int b = PUT[by | step(second & LOW, steps)] & 255;
            to[i] = a << 24 | r << 16 | g << 8 | b;
        }
    }

    private static int step(long light, long steps) {
        return (int) (light * steps + HALF >>> PART_BITS);
    }
}
