package org.vatwright.core.raster;

/** A picture that is given row by row, so that nobody needs the whole of it. Rows are premultiplied ARGB. */
public interface RowSource {

    /** @return pixels a row, at least 1 */
    int width();

    /** @return rows, at least 1 */
    int height();

    /** @return whether every pixel is known to be opaque; false also where that is not known */
    boolean opaque();

    /**
     * Gives some rows. They are asked for in order from the top, each once.
     *
     * @param out takes {@code to - from} rows of the width, from its start
     * @param work asked whether to go on
     */
    void rows(int[] out, int from, int to, Work work);

    /** @return a picture that is there already */
    static RowSource of(Raster raster) {
        return new RasterRows(raster);
    }

    /** @return all of it at once, when it fits into a raster */
    default Raster gathered(Work work) {
        Raster whole = new Raster(width(), height());
        int[] strip = new int[width() * Math.min(height(), RasterRows.STRIP_ROWS)];
        for (int from = 0; from < height(); from += RasterRows.STRIP_ROWS) {
            int to = Math.min(height(), from + RasterRows.STRIP_ROWS);
            rows(strip, from, to, work.telling(share -> {}));
            System.arraycopy(strip, 0, whole.argb(), from * width(), (to - from) * width());
            work.progress().accept((double) to / height());
        }
        return whole;
    }
}
