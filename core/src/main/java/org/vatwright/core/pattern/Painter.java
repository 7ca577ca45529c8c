package org.vatwright.core.pattern;

/** Paints the rows of one tile; made for one grid and one set of colours. Safe to use from several threads at once. */
@FunctionalInterface
public interface Painter {

    /** Of whole rows from which a part is kept. */
    int AT_ONCE_PX = 1 << 16;

    /**
     * @param out premultiplied ARGB, rows of the tile's width one after the other; every pixel of the rows is written
     * @param at where in {@code out} the row {@code from} begins
     * @param from,to rows of the tile, from the top, {@code to} excluded
     */
    void paint(int[] out, int at, int from, int to);

    /**
     * Paints a part of the rows. By itself it paints them whole, some at a time, and keeps the part; who can do better does.
     *
     * @param out takes {@code right - left} pixels a row
     * @param width of the tile in pixels
     * @param left,right columns, {@code right} excluded
     */
    default void paint(int[] out, int at, int from, int to, int width, int left, int right) {
        int some = Math.max(1, Math.min(to - from, AT_ONCE_PX / width));
        int[] rows = new int[some * width];
        for (int y = from; y < to; y += some) {
            int end = Math.min(to, y + some);
            paint(rows, 0, y, end);
            for (int k = y; k < end; k++) {
                System.arraycopy(rows, (k - y) * width + left, out, at + (k - from) * (right - left), right - left);
            }
        }
    }

    /** @return whether every pixel it writes is opaque, so that nothing below needs to be painted */
    default boolean opaque() {
        return false;
    }
}
