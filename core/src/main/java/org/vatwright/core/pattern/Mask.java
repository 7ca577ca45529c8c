package org.vatwright.core.pattern;

import java.awt.Shape;

import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** Where a layer shows: a pattern of its own on the torus, whose alpha is the share that is seen. */
public interface Mask {

    /** @return what paints the mask; only its alpha counts */
    Painter painter(Repeat repeat, TileGrid grid);

    /** @return the shown part of the tile as a shape, in mm, y down */
    Shape outline(Repeat repeat);
}
