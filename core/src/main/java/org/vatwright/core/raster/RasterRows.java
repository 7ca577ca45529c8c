package org.vatwright.core.raster;

import org.vatwright.core.colour.Packed;

/** Rows of a picture that is there already. */
record RasterRows(Raster raster, boolean opaque) implements RowSource {

    static final int STRIP_ROWS = 256;

    RasterRows(Raster raster) {
        this(raster, Packed.opaque(raster.argb()));
    }

    @Override
    public int width() {
        return raster.width();
    }

    @Override
    public int height() {
        return raster.height();
    }

    @Override
    public void rows(int[] out, int from, int to, Work work) {
        work.goOn();
        System.arraycopy(raster.argb(), from * width(), out, 0, (to - from) * width());
    }

    @Override
    public Raster gathered(Work work) {
        return raster;
    }
}
