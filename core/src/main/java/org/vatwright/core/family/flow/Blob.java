package org.vatwright.core.family.flow;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * A closed round shape beside the lines.
 *
 * @param x,y its middle, in mm from the upper left corner of the unit
 * @param widthMm,heightMm before it is turned
 * @param turnDeg counter-clockwise as seen
 * @param uneven how far its outline wanders, as a share of its size, 0 to 0.5
 */
public record Blob(double x, double y, double widthMm, double heightMm, double turnDeg, double uneven, Ink ink) {

    public Blob {
        Require.within("place of a blob", x, -1e5, 1e5, "mm");
        Require.within("place of a blob", y, -1e5, 1e5, "mm");
        Require.within("blob width", widthMm, 0.1, 5000, "mm");
        Require.within("blob height", heightMm, 0.1, 5000, "mm");
        Require.within("turn", turnDeg, -360, 360, "degrees");
        Require.within("unevenness", uneven * 100, 0, 50, "%");
    }

    public Blob at(double newX, double newY) {
        return new Blob(newX, newY, widthMm, heightMm, turnDeg, uneven, ink);
    }

    public Blob withInk(Ink other) {
        return new Blob(x, y, widthMm, heightMm, turnDeg, uneven, other);
    }

    public Blob withSize(double wide, double high) {
        return new Blob(x, y, wide, high, turnDeg, uneven, ink);
    }

    public Blob withTurn(double degrees) {
        return new Blob(x, y, widthMm, heightMm, degrees, uneven, ink);
    }

    public Blob withUneven(double share) {
        return new Blob(x, y, widthMm, heightMm, turnDeg, share, ink);
    }

    Blob stretched(double across, double down) {
        double by = Math.sqrt(across * down);
        return new Blob(x * across, y * down, widthMm * by, heightMm * by, turnDeg, uneven, ink);
    }
}
