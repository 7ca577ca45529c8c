package org.vatwright.core.raster;

import org.vatwright.core.repeat.TileGrid;

/**
 * Pixels in rows from the top, sRGB, 8 bits a channel, premultiplied ARGB. Not copied: whoever makes one may write into
 * it until it is handed on; afterwards it is only read.
 */
public final class Raster {

    private final int width;
    private final int height;
    private final int[] argb;

    public Raster(int width, int height) {
        this(width, height, new int[checked(width, height)]);
    }

    public Raster(int width, int height, int[] argb) {
        this.width = width;
        this.height = height;
        this.argb = argb;
    }

    private static int checked(int width, int height) {
        TileGrid.checkPixels("the picture", width, height);
        return width * height;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** @return the pixels themselves, not a copy */
    public int[] argb() {
        return argb;
    }

    public int at(int x, int y) {
        return argb[y * width + x];
    }
}
