package org.vatwright.core.raster;

import org.vatwright.core.colour.Packed;

/** Reads a tile that repeats without end at any place, between the centres of its pixels. */
public final class Bilinear {

    private Bilinear() {}

    /**
     * @param u,v place in tiles; whole numbers are the same place
     * @return to 1/256 of a pixel, so that a place that is a pixel's centre but for rounding gives just that pixel
     */
    public static int argb(Raster tile, double u, double v) {
        int w = tile.width();
        int h = tile.height();
        double x = (u - Math.floor(u)) * w - 0.5;
        double y = (v - Math.floor(v)) * h - 0.5;
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        int fx = (int) Math.rint((x - left) * 256);
        int fy = (int) Math.rint((y - top) * 256);
        int x0 = left < 0 ? w - 1 : left >= w ? 0 : left;
        int x1 = x0 + 1 >= w ? 0 : x0 + 1;
        int y0 = top < 0 ? h - 1 : top >= h ? 0 : top;
        int y1 = y0 + 1 >= h ? 0 : y0 + 1;
        int[] argb = tile.argb();
        int upper = Packed.between(argb[y0 * w + x0], argb[y0 * w + x1], fx);
        return fy == 0 ? upper : Packed.between(upper, Packed.between(argb[y1 * w + x0], argb[y1 * w + x1], fx), fy);
    }
}
