package org.vatwright.core.drape;

import org.vatwright.core.measure.Require;

/** A place of an article, in mm from its upper left corner, y down; at most {@value #FARTHEST_MM} away. */
public record Place(double x, double y) {

    public static final double FARTHEST_MM = 1e5;

    public Place {
        Require.within("place", x, -FARTHEST_MM, FARTHEST_MM, "mm");
        Require.within("place", y, -FARTHEST_MM, FARTHEST_MM, "mm");
    }

    public Place moved(double dx, double dy) {
        return new Place(x + dx, y + dy);
    }

    public double far(Place other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
