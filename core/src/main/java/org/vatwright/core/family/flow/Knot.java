package org.vatwright.core.family.flow;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Require;

/**
 * A point a flow line goes through, smoothly.
 *
 * @param x,y in mm from the upper left corner of the line's unit
 * @param handleX,handleY where the line is drawn towards after it, in mm from it; before it, the other way
 * @param back how many times as long the handle before it is, above 0 to 100
 * @param swell how many times as thick the line is here, 0 to 10
 */
@RecordBuilder
public record Knot(double x, double y, double handleX, double handleY, double back,
        double swell) implements KnotBuilder.With {

    public Knot {
        for (double place : new double[]{x, y, handleX, handleY}) {
            Require.within("place of a point", place, -20_000, 20_000, "mm");
        }
        Require.within("handle before the point", back, 1e-3, 1000, "times");
        Require.within("swell", swell * 100, 0, 1000, "%");
    }

    public Knot(double x, double y, double handleX, double handleY, double swell) {
        this(x, y, handleX, handleY, 1, swell);
    }

    public Knot at(double newX, double newY) {
        return with().x(newX).y(newY).build();
    }

    public Knot withHandle(double dx, double dy) {
        return with().handleX(dx).handleY(dy).build();
    }

    Knot stretched(double across, double down) {
        return new Knot(x * across, y * down, handleX * across, handleY * down, back, swell);
    }
}
