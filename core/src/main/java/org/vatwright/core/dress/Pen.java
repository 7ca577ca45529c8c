package org.vatwright.core.dress;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Require;

/** A drawn line: its colour, and its breadth in mm. */
public record Pen(Rgb colour, double widthMm) {

    public Pen {
        Require.within("outline", widthMm, 0.01, 200, "mm");
    }
}
