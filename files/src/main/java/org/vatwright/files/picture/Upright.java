package org.vatwright.files.picture;

import org.vatwright.core.raster.Raster;

/** Turns pictures that a camera stored lying down or mirrored the way they are meant to be seen. */
final class Upright {

    private Upright() {}

    /** @param orientation 1 to 8 as EXIF and TIFF number it; 1 leaves the picture as it is */
    static Raster of(Raster stored, int orientation) {
        if (orientation == 1) {
            return stored;
        }
        boolean lying = orientation >= 5;
        boolean fromRight = orientation == 2 || orientation == 3 || orientation == 7 || orientation == 8;
        boolean fromBelow = orientation == 3 || orientation == 4 || orientation == 6 || orientation == 7;
        int w = stored.width();
        int h = stored.height();
        Raster seen = new Raster(lying ? h : w, lying ? w : h);
        int i = 0;
        for (int y = 0; y < seen.height(); y++) {
            for (int x = 0; x < seen.width(); x++) {
                int column = lying ? y : x;
                int row = lying ? x : y;
                seen.argb()[i++] = stored.at(fromRight ? w - 1 - column : column, fromBelow ? h - 1 - row : row);
            }
        }
        return seen;
    }
}
