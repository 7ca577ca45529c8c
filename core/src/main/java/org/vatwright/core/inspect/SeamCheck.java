package org.vatwright.core.inspect;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Finding.Severity;
import org.vatwright.core.raster.Raster;

/** Holds the step in colour across the tile's edges against the steps inside it. */
public final class SeamCheck {

    /** Steps below one level in 255 are no steps. */
    private static final double FLOOR = 1;

    private SeamCheck() {}

    static Finding of(Raster tile) {
        double ratio = ratio(tile);
        return Finding.measured("Seam steps", Numbers.plain(ratio, 2) + " x inside", new Finding.Measured(
                CheckLimit.SEAM_STEP, ratio, Severity.WRONG, "The tile's edges show; look at it in the seams sight."));
    }

    /** @return mean step across the worse edge over the largest mean step between neighbouring lines inside */
    public static double ratio(Raster tile) {
        return Math.max(across(tile), down(tile));
    }

    private static double across(Raster tile) {
        double most = FLOOR;
        for (int x = 1; x < tile.width(); x++) {
            most = Math.max(most, columnStep(tile, x - 1, x));
        }
        return columnStep(tile, tile.width() - 1, 0) / most;
    }

    private static double down(Raster tile) {
        double most = FLOOR;
        for (int y = 1; y < tile.height(); y++) {
            most = Math.max(most, rowStep(tile, y - 1, y));
        }
        return rowStep(tile, tile.height() - 1, 0) / most;
    }

    private static double columnStep(Raster tile, int a, int b) {
        double sum = 0;
        for (int y = 0; y < tile.height(); y++) {
            sum += step(tile.at(a, y), tile.at(b, y));
        }
        return sum / tile.height();
    }

    private static double rowStep(Raster tile, int a, int b) {
        double sum = 0;
        for (int x = 0; x < tile.width(); x++) {
            sum += step(tile.at(x, a), tile.at(x, b));
        }
        return sum / tile.width();
    }

    private static int step(int a, int b) {
        return Math.max(Math.max(Math.abs((a >>> 24) - (b >>> 24)), Math.abs((a >> 16 & 255) - (b >> 16 & 255))),
                Math.max(Math.abs((a >> 8 & 255) - (b >> 8 & 255)), Math.abs((a & 255) - (b & 255))));
    }
}
