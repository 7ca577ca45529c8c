package org.vatwright.core.band;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * One stretch of one ink.
 *
 * @param width in mm or threads, as the {@link BandMeasure} beside it says
 */
public record Band(Ink ink, double width, Edge edge) {

    public static final double LEAST = 0.01;

    public Band {
        Require.within("band", width, LEAST, 20_000, "");
    }

    public Band(Ink ink, double width) {
        this(ink, width, Edge.HARD);
    }

    public Band withWidth(double other) {
        return new Band(ink, other, edge);
    }

    public Band withInk(Ink other) {
        return new Band(other, width, edge);
    }

    public Band withEdge(Edge other) {
        return new Band(ink, width, other);
    }
}
