package org.vatwright.core.family.dot;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/** A round mark; its middle is in mm from the upper left corner of the small cell, y down. */
@RecordBuilder
public record Dot(double x, double y, double diameterMm, Ink ink) implements DotBuilder.With {

    public Dot {
        Require.within("dot", diameterMm, 0.05, 5000, "mm");
        Require.within("place of a dot", x, -1e6, 1e6, "mm");
        Require.within("place of a dot", y, -1e6, 1e6, "mm");
    }

    public Dot at(double newX, double newY) {
        return new Dot(newX, newY, diameterMm, ink);
    }
}
