package org.vatwright.core.raster;

import java.util.Arrays;

import org.vatwright.core.measure.Require;

/**
 * Pixels in rows from the top, sRGB, 8 bits a channel, premultiplied ARGB. Not copied: whoever makes one may write into
 * it until it is handed on; afterwards it is only read.
 */
public final class Raster {

    /** That can be held at once. */
    public static final long MOST_PX = 400_000_000L;

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
        boolean fits = width >= 1 && height >= 1 && (long) width * height <= MOST_PX;
        // Many small ones are made: words are put together only when they are said.
        Require.that(fits, fits
                ? ""
                : "%,d x %,d pixels would have to be held at once; %,d in all is the most: lower the density or the size"
                        .formatted(width, height, MOST_PX));
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

    /** @return whether the other has the same pixels */
    public boolean same(Raster other) {
        return this == other || width == other.width && Arrays.equals(argb, other.argb);
    }

    /** @return the same for rasters of the same pixels; a few hundred of them tell pictures apart well enough for a table */
    public int pixelHash() {
        int hash = width;
        int step = Math.max(1, argb.length / 256);
        for (int i = 0; i < argb.length; i += step) {
            hash = 31 * hash + argb[i];
        }
        return hash;
    }
}
