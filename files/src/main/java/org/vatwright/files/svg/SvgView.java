package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;

/**
 * Where an element stands.
 *
 * @param toMm from user units
 * @param wide,high of the viewport
 * @param depth of elements within each other
 * @param uses how many uses lead here
 */
record SvgView(AffineTransform toMm, double wide, double high, int depth, int uses) {

    SvgView moved(AffineTransform by) {
        AffineTransform all = new AffineTransform(toMm);
        all.concatenate(by);
        return new SvgView(all, wide, high, depth + 1, uses);
    }

    SvgView sized(double newWide, double newHigh) {
        return new SvgView(toMm, newWide, newHigh, depth, uses);
    }

    SvgView used() {
        return new SvgView(toMm, wide, high, depth + 1, uses + 1);
    }
}
