package org.vatwright.core.pattern;

import java.awt.Shape;

/**
 * One filled shape of a tile, in mm, y down. Shapes may reach over the tile's edges; what comes in again on the other
 * side stands there as a mark of its own.
 *
 * @param from the ink at whole share
 * @param to the ink it is mixed with
 * @param share of {@code to} in the mixture, 0 to 1, in linear light
 * @param tone how much lighter (or darker, below 0) than the mixture, as a step of OKLab lightness, -1 to 1
 */
public record VectorMark(Shape shape, Ink from, Ink to, double share, double tone) {

    public VectorMark(Shape shape, Ink ink) {
        this(shape, ink, ink, 0, 0);
    }

    public VectorMark(Shape shape, Ink from, Ink to, double share) {
        this(shape, from, to, share, 0);
    }

    public VectorMark(Shape shape, Ink ink, double tone) {
        this(shape, ink, ink, 0, tone);
    }

    public VectorMark withShape(Shape other) {
        return new VectorMark(other, from, to, share, tone);
    }
}
