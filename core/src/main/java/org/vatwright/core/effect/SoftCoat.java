package org.vatwright.core.effect;

import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * A coat blurred in linear light: coverage and colours of a few pixels side by side, first along the rows, then down. Between
 * the two each number is kept in 16 bits, by columns of that many pixels, each column's rows one after the other.
 */
final class SoftCoat {

    /** Coverage, red, green and blue of each are lanes. */
    private static final int PIXELS = BoxLines.LANES / 4;
    private static final float FINE = 65_535;
    private static final float HALF = 0.5f;
    /** Less coverage than this is none. */
    private static final float LEAST = 1e-6f;
    /** By alpha and premultiplied value the light that it gives. */
    private static final float[] LIT = new float[256 * 256];

    static {
        for (int a = 1; a < 256; a++) {
            for (int c = 0; c < 256; c++) {
                LIT[a << 8 | c] = a / 255f * Light.linear(Math.min(255, (c * 255 + a / 2) / a));
            }
        }
    }

    private SoftCoat() {}

    /** @param across,down standard deviation in pixels */
    static Raster of(Raster coat, double across, double down, Work work) {
        int w = coat.width();
        int h = coat.height();
        Work quiet = work.telling(share -> {});
        if (!BoxLines.fits(w, across) || !BoxLines.fits(h, down)) {
            return WideCoat.of(coat, across, down, quiet);
        }
        Raster out = new Raster(w, h);
        int columns = (w + PIXELS - 1) / PIXELS;
        int[] first = new int[columns * PIXELS * h];
        int[] second = new int[columns * PIXELS * h];
        BoxLines.each(h, PIXELS, w, across, quiet, (from, to, lines) -> {
            read(coat.argb(), w, from, to, lines);
            lines.blur();
            keep(lines, w, h, from, to, first, second);
        });
        BoxLines.each(w, PIXELS, h, down, quiet, (from, to, lines) -> {
            take(first, second, h, from, lines);
            lines.blur();
            write(lines, w, h, from, to, out.argb());
        });
        return out;
    }

    private static void read(int[] in, int w, int from, int to, BoxLines lines) {
        for (int x = 0; x < w; x++) {
            float[] place = lines.place(x);
            for (int y = from, lane = 0; y < to; y++, lane += 4) {
                int argb = in[y * w + x];
                int a = argb >>> 24;
                place[lane] = a / 255f;
                place[lane + 1] = LIT[a << 8 | argb >> 16 & 255];
                place[lane + 2] = LIT[a << 8 | argb >> 8 & 255];
                place[lane + 3] = LIT[a << 8 | argb & 255];
            }
        }
    }

    private static int both(float high, float low) {
        return (int) (high * FINE + HALF) << 16 | (int) (low * FINE + HALF);
    }

    private static void keep(BoxLines lines, int w, int h, int from, int to, int[] first, int[] second) {
        for (int x = 0; x < w; x++) {
            float[] place = lines.place(x);
            int at = (x / PIXELS * h + from) * PIXELS + x % PIXELS;
            for (int lane = 0; lane < 4 * (to - from); lane += 4, at += PIXELS) {
                first[at] = both(place[lane], place[lane + 1]);
                second[at] = both(place[lane + 2], place[lane + 3]);
            }
        }
    }

    private static void take(int[] first, int[] second, int h, int from, BoxLines lines) {
        int at = from * h;
        for (int y = 0; y < h; y++) {
            float[] place = lines.place(y);
            for (int lane = 0; lane < BoxLines.LANES; lane += 4, at++) {
                int one = first[at];
                int other = second[at];
                place[lane] = (one >>> 16) * (1 / FINE);
                place[lane + 1] = (one & 0xFFFF) * (1 / FINE);
                place[lane + 2] = (other >>> 16) * (1 / FINE);
                place[lane + 3] = (other & 0xFFFF) * (1 / FINE);
            }
        }
    }

    private static void write(BoxLines lines, int w, int h, int from, int to, int[] out) {
        float[] by = new float[BoxLines.LANES];
        int[] levels = new int[BoxLines.LANES];
        for (int y = 0; y < h; y++) {
            float[] place = lines.place(y);
            for (int lane = 0; lane < by.length; lane += 4) {
                float share = 1 / Math.max(LEAST, place[lane]);
                by[lane] = 1;
                by[lane + 1] = share;
                by[lane + 2] = share;
                by[lane + 3] = share;
            }
            Light.places(place, by, levels);
            for (int x = from, lane = 0; x < to; x++, lane += 4) {
                int a = (int) (place[lane] * 255 + HALF);
                int r = Light.at(levels[lane + 1]);
                int g = Light.at(levels[lane + 2]);
                int b = Light.at(levels[lane + 3]);
                out[y * w + x] = a << 24 | times(r, a) << 16 | times(g, a) << 8 | times(b, a);
            }
        }
    }

    /** By 255, rounded. */
    private static int times(int value, int alpha) {
        int product = value * alpha + 128;
        return product + (product >> 8) >> 8;
    }
}
