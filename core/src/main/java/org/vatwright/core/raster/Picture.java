package org.vatwright.core.raster;

import org.vatwright.core.measure.Provenance;
import org.vatwright.core.measure.Require;
import org.vatwright.core.measure.Unit;

/**
 * A picture with its true size. Two are equal when their pixels and their density are.
 *
 * @param dpi at which its pixels have their size, 1 to 100,000
 * @param provenance where it comes from
 */
public record Picture(Raster raster, double dpi, Provenance provenance) {

    public static final int MOST_PX = 100_000_000;

    public Picture {
        Require.within("density of a picture", dpi, 1, 100_000, "dpi");
        Require.that((long) raster.width() * raster.height() <= MOST_PX,
                "the picture has %,d x %,d pixels; %,d in all is the most".formatted(raster.width(), raster.height(),
                        MOST_PX));
    }

    /** Of which nothing more is known. */
    public Picture(Raster raster, double dpi) {
        this(raster, dpi, Provenance.NONE);
    }

    public double widthMm() {
        return raster.width() * Unit.MM_PER_INCH / dpi;
    }

    public double heightMm() {
        return raster.height() * Unit.MM_PER_INCH / dpi;
    }

    /** @return the same pixels at another density, so that it is that wide */
    public Picture ofWidth(double mm) {
        return new Picture(raster, raster.width() * Unit.MM_PER_INCH / mm, provenance);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Picture(Raster its, double itsDpi, Provenance from) && dpi == itsDpi
                && provenance.equals(from) && raster.same(its);
    }

    @Override
    public int hashCode() {
        return 31 * raster.pixelHash() + Double.hashCode(dpi);
    }
}
