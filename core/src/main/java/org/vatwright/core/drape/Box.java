package org.vatwright.core.drape;

import java.awt.geom.Rectangle2D;

import org.vatwright.core.measure.Require;

/** A rectangle of flat cloth, in mm; it lies where the article would have it without a drape. */
public record Box(double x, double y, double width, double height) {

    public Box {
        new Place(x, y);
        Require.within("cloth width", width, 0.1, Place.FARTHEST_MM, "mm");
        Require.within("cloth height", height, 0.1, Place.FARTHEST_MM, "mm");
    }

    public static Box of(Rectangle2D r) {
        return new Box(r.getX(), r.getY(), Math.max(0.1, r.getWidth()), Math.max(0.1, r.getHeight()));
    }

    /** @return a place in it. @param s,t 0 to 1, to the right and down */
    public Place at(double s, double t) {
        return new Place(x + s * width, y + t * height);
    }

    /** @return the corners: upper left, upper right, lower right, lower left */
    java.util.List<Place> corners() {
        return java.util.List.of(at(0, 0), at(1, 0), at(1, 1), at(0, 1));
    }
}
