package org.vatwright.core.repeat;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Require;

/**
 * A tile laid out in whole pixels.
 *
 * @param widthPx,heightPx at least 1, together at most {@link #MOST_PX}
 * @param widthMm,heightMm the true size of the tile
 */
public record TileGrid(int widthPx, int heightPx, double widthMm, double heightMm) {

    public static final long MOST_PX = 400_000_000L;

    public TileGrid {
        checkPixels("the tile", widthPx, heightPx);
    }

    /** @return the grid of the nearest whole pixels at that density */
    public static TileGrid at(Tile tile, Density density) {
        return new TileGrid(density.wholePx(tile.widthMm()), density.wholePx(tile.heightMm()), tile.widthMm(),
                tile.heightMm());
    }

    /** @return the grid of that width; the height is the nearest whole number of pixels */
    public static TileGrid ofWidth(Tile tile, int widthPx) {
        Require.within("width in px", widthPx, 1, 100_000);
        return new TileGrid(widthPx, Math.max(1, (int) Math.rint(widthPx * tile.heightMm() / tile.widthMm())),
                tile.widthMm(), tile.heightMm());
    }

    public static void checkPixels(String what, long widthPx, long heightPx) {
        Require.that(widthPx >= 1 && heightPx >= 1 && widthPx * heightPx <= MOST_PX,
                "%s would have %,d x %,d pixels; %,d in all is the most: lower the density or the size".formatted(what,
                        widthPx, heightPx, MOST_PX));
    }

    public double mmPerPxX() {
        return widthMm / widthPx;
    }

    public double mmPerPxY() {
        return heightMm / heightPx;
    }
}
