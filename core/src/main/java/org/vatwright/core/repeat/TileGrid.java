package org.vatwright.core.repeat;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Require;

/**
 * A tile laid out in whole pixels.
 *
 * @param widthPx,heightPx 1 to {@link #MOST_SIDE}; a tile need not fit into memory, for it can be painted by parts
 * @param widthMm,heightMm the true size of the tile
 */
public record TileGrid(int widthPx, int heightPx, double widthMm, double heightMm) {

    public static final int MOST_SIDE = 20_000_000;

    public TileGrid {
        Require.that(widthPx >= 1 && heightPx >= 1 && widthPx <= MOST_SIDE && heightPx <= MOST_SIDE,
                "the tile would have %,d x %,d pixels; %,d a side is the most: lower the density".formatted(widthPx,
                        heightPx, MOST_SIDE));
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

    public double mmPerPxX() {
        return widthMm / widthPx;
    }

    public double mmPerPxY() {
        return heightMm / heightPx;
    }
}
