package org.vatwright.core.dress;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Check;

/** A drawn line: its colour, and its breadth in mm. */
public record Stroke(Rgb colour, double widthMm) {

    public Stroke {
        Check.within("outline", widthMm, 0.01, 200, "mm");
    }
}
