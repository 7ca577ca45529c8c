package org.vatwright.core.map;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.raster.Raster;

/**
 * A tile, or one of its halves, that is read at any place, between the middles of its pixels.
 *
 * @param stride one wrapped column more than it is wide; there is one wrapped row as well
 * @param shiftX,shiftY what is added to a place, in turns times 2^32
 * @param spread its pixels with the channels apart; none for one too large for that
 * @param packed its pixels as they are, else
 */
record TileLevel(int width, int height, int stride, long[] spread, int[] packed, double shiftX,
        double shiftY) {

    private static final int MOST_SPREAD = 1 << 24;

    static final long TURN = 1L << 32;

    static TileLevel of(Raster tile) {
        int w = tile.width();
        int h = tile.height();
        int stride = w + 1;
        boolean small = (long) stride * (h + 1) <= MOST_SPREAD;
        long[] spread = small ? new long[stride * (h + 1)] : null;
        int[] packed = small ? null : new int[stride * (h + 1)];
        for (int y = 0; y <= h; y++) {
            int row = (y == h ? 0 : y) * w;
            for (int x = 0; x <= w; x++) {
                int argb = tile.argb()[row + (x == w ? 0 : x)];
                if (small) {
                    spread[y * stride + x] = Packed.spread(argb);
                } else {
                    packed[y * stride + x] = argb;
                }
            }
        }
        return new TileLevel(w, h, stride, spread, packed, shift(w), shift(h));
    }

    /** @return half a pixel back, to where the middle of the first is 0, and on to the nearest place */
    private static double shift(int size) {
        return TURN * (-0.5 + 0.5 / 256) / size;
    }

    /** @return a place across in turns times 2^32, as {@link #at(long, long)} takes it */
    long across(double u) {
        return (long) (u * TURN + shiftX);
    }

    long down(double v) {
        return (long) (v * TURN + shiftY);
    }

    /** @param u,v from {@link #across} and {@link #down} @return bilinear */
    int at(long u, long v) {
        // Whole turns fall off above, so that nothing has to be asked.
        int x = (int) ((u & TURN - 1) * (width << 8) >>> 32);
        int y = (int) ((v & TURN - 1) * (height << 8) >>> 32);
        int i = (y >> 8) * stride + (x >> 8);
        return spread != null
                ? Packed.mix(spread[i], spread[i + 1], spread[i + stride], spread[i + stride + 1], x & 255, y & 255)
                : Packed.mix(Packed.spread(packed[i]), Packed.spread(packed[i + 1]),
                        Packed.spread(packed[i + stride]), Packed.spread(packed[i + stride + 1]), x & 255, y & 255);
    }

    /** @param u,v in tiles @return bilinear, to 1/256 of a pixel, so that a pixel's middle gives just that pixel */
    int at(double u, double v) {
        return at(across(u), down(v));
    }
}
