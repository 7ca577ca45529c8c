package org.vatwright.core.map;

/**
 * How a cloth is read besides where.
 *
 * @param shade how much it is shaded by how it turns to the light, 0 to 1; flat cloth is not
 * @param mostU,mostV of the tile that is shown once, from its upper left corner, in tiles; without end for cloth that repeats
 */
public record Reading(double shade, double mostU, double mostV) {

    public static final Reading PLAIN = shaded(0);

    /** Of cloth that repeats without end. */
    public static Reading shaded(double shade) {
        return new Reading(shade, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    boolean once() {
        return mostU < Double.POSITIVE_INFINITY;
    }
}
