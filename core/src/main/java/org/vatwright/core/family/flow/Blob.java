package org.vatwright.core.family.flow;

import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
public record Blob(double x, double y, double widthMm, double heightMm, double turnDeg, double uneven,
        Ink ink) implements BlobBuilder.With {

    public Blob {
        Require.within("place of a blob", x, -1e5, 1e5, "mm");
        Require.within("place of a blob", y, -1e5, 1e5, "mm");
        Require.within("blob width", widthMm, 0.1, 5000, "mm");
        Require.within("blob height", heightMm, 0.1, 5000, "mm");
        Require.within("turn", turnDeg, -360, 360, "degrees");
        Require.within("unevenness", uneven * 100, 0, 50, "%");
    }

    public Blob at(double newX, double newY) {
        return with().x(newX).y(newY).build();
    }

    public Blob withSize(double wide, double high) {
        return with().widthMm(wide).heightMm(high).build();
    }

    Blob stretched(double across, double down) {
        double by = Math.sqrt(across * down);
        return with().x(x * across).y(y * down).widthMm(widthMm * by).heightMm(heightMm * by).build();
    }
}
