package org.vatwright.core.pattern;

import java.awt.Shape;

import org.vatwright.core.repeat.Repeat;

/** Where a layer shows: a pattern of its own on the torus, whose alpha is the share that is seen. */
public interface Mask {

    /** @return what paints the mask; only its alpha counts */
    Painter painter(PaintRequest asked);

    /** @return whether it is another pattern at another phase */
    default boolean moves() {
        return false;
    }

    /** @return the shown part of the tile as a shape, in mm, y down */
    Shape outline(Repeat repeat);
}
