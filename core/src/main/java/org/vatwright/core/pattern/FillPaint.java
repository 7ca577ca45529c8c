package org.vatwright.core.pattern;

import org.vatwright.core.repeat.TileGrid;

/** A fill ready to be seen. Safe to use from several threads. */
public sealed interface FillPaint permits TileFill, GradientFill {

    Fill fill();

    /** @return its mean colour, premultiplied ARGB */
    int mean();

    /** @return as it runs through the outer tile */
    Seeing through(TileGrid grid);

    /** @return as it lies in a mark of the outer tile */
    Seeing in(VectorMark mark, TileGrid grid);

    /** A fill as it lies on a grid of pixels. */
    interface Seeing {

        /** @return premultiplied */
        int argb(int x, int y);

        boolean opaque();
    }
}
