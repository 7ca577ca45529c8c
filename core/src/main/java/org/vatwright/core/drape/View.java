package org.vatwright.core.drape;

import java.awt.geom.Rectangle2D;

import org.vatwright.core.map.Affine;

/**
 * A picture of draped cloth.
 *
 * @param pxPerMm its pixels, the first at the article's upper left corner
 * @param toTile from the flat cloth, in pixels, to the tile
 * @param seen what is looked at, in pixels
 * @param tolerancePx how far off a place may be
 */
public record View(double pxPerMm, Affine toTile, Rectangle2D seen, double tolerancePx) {

    double px(double mm) {
        return mm * pxPerMm;
    }
}
