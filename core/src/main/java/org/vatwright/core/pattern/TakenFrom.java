package org.vatwright.core.pattern;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;

/** What a picture was taken from, so that it can be taken again. What it was taken from knows nothing of it. */
public sealed interface TakenFrom {

    Area area();

    Density density();

    /** @param x,y of its upper left corner, in mm @param widthMm,heightMm 1 to 20,000 mm */
    record Area(double x, double y, double widthMm, double heightMm) {

        public static final double LEAST_MM = 1;
        public static final double MOST_MM = 20_000;

        public Area {
            Require.within("place of an area", x, -1e6, 1e6, "mm");
            Require.within("place of an area", y, -1e6, 1e6, "mm");
            Require.within("width of an area", widthMm, LEAST_MM, MOST_MM, "mm");
            Require.within("height of an area", heightMm, LEAST_MM, MOST_MM, "mm");
        }
    }

    /**
     * The cloth of a design.
     *
     * @param layer number of the one layer that was taken, on clear ground; 0 for all on the ground
     * @param area in mm from the upper left corner of a cell
     */
    record OfDesign(Id design, String colourway, int layer, Area area, Density density) implements TakenFrom {}

    /** An article as it is dressed. @param area in mm from the article's upper left corner */
    record OfArticle(Id article, Area area, Density density) implements TakenFrom {}
}
