package org.vatwright.core.shape;

import java.awt.geom.AffineTransform;

import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.TileGrid;

/** The colours of a mark with a gradient, by pixel. */
final class Shade {

    private static final int COLOURS = 1024;

    private final Gradient gradient;
    private final int[] ramp;
    private final double[] map = new double[6];

    Shade(Gradient gradient, VectorMark mark, TileGrid grid, InkColours inks) {
        this.gradient = gradient;
        ramp = inks.ramp(gradient, COLOURS, mark.opacity());
        AffineTransform toUnit = gradient.toUnit();
        toUnit.scale(grid.mmPerPxX(), grid.mmPerPxY());
        toUnit.getMatrix(map);
    }

    /** @param x,y a pixel, as the mark is drawn, before it comes in again at the other side */
    int argb(int x, int y) {
        double px = x + 0.5;
        double py = y + 0.5;
        double place = gradient.place(map[0] * px + map[2] * py + map[4], map[1] * px + map[3] * py + map[5]);
        return ramp[(int) (place * (COLOURS - 1) + 0.5)];
    }

    boolean opaque() {
        for (int argb : ramp) {
            if (argb >>> 24 != 255) {
                return false;
            }
        }
        return true;
    }
}
