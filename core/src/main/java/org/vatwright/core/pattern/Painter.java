package org.vatwright.core.pattern;

/** Paints the rows of one tile; made for one grid and one set of colours. Safe to use from several threads at once. */
@FunctionalInterface
public interface Painter {

    /**
     * @param strip premultiplied ARGB, row {@code from} first; every pixel is written
     * @param from,to rows of the tile, from the top, {@code to} excluded
     */
    void paint(int[] strip, int from, int to);
}
