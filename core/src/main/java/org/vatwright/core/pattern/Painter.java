package org.vatwright.core.pattern;

/** Paints the rows of one tile; made for one grid and one set of colours. Safe to use from several threads at once. */
@FunctionalInterface
public interface Painter {

    /**
     * @param out premultiplied ARGB, rows of the tile's width one after the other; every pixel of the rows is written
     * @param at where in {@code out} the row {@code from} begins
     * @param from,to rows of the tile, from the top, {@code to} excluded
     */
    void paint(int[] out, int at, int from, int to);

    /** @return whether every pixel it writes is opaque, so that nothing below needs to be painted */
    default boolean opaque() {
        return false;
    }
}
