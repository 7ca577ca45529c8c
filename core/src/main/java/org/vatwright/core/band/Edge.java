package org.vatwright.core.band;

import org.vatwright.core.measure.Require;

/**
 * How a band ends at its sides. Where two bands meet, the softer and the more irregular of the two decides.
 *
 * @param featherMm breadth over which one ink passes into the other; 0 is a hard edge
 * @param wobbleMm how far a hand-cut edge strays to either side; 0 is a straight edge
 * @param wobbleLengthMm about how long one stray is
 */
public record Edge(double featherMm, double wobbleMm, double wobbleLengthMm) {

    public static final Edge HARD = new Edge(0, 0, 20);

    public Edge {
        Require.within("feather", featherMm, 0, 2000, "mm");
        Require.within("irregular edge", wobbleMm, 0, 500, "mm");
        Require.within("length of the irregular edge", wobbleLengthMm, 0.5, 5000, "mm");
    }

    Edge with(Edge other) {
        return new Edge(Math.max(featherMm, other.featherMm), Math.max(wobbleMm, other.wobbleMm),
                wobbleMm >= other.wobbleMm ? wobbleLengthMm : other.wobbleLengthMm);
    }
}
