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

    /**
     * Paints a part of the rows. By itself it paints them whole and keeps the part; who can do better does.
     *
     * @param out takes {@code right - left} pixels a row
     * @param width of the tile in pixels
     * @param left,right columns, {@code right} excluded
     */
    default void paint(int[] out, int at, int from, int to, int width, int left, int right) {
        int[] row = new int[width];
        for (int y = from; y < to; y++) {
            paint(row, 0, y, y + 1);
            System.arraycopy(row, left, out, at + (y - from) * (right - left), right - left);
        }
    }

    /** @return whether every pixel it writes is opaque, so that nothing below needs to be painted */
    default boolean opaque() {
        return false;
    }
}
