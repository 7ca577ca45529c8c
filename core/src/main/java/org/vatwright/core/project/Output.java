package org.vatwright.core.project;

import java.util.Locale;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Raster;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * The file a job writes.
 *
 * @param quality of JPEG, 1 to 100
 */
@RecordBuilder
public record Output(Format format, Density density, int quality) implements OutputBuilder.With {

    public static final int QUALITY = 92;

    public Output {
        Require.within("quality", quality, 1, 100);
    }

    public Output(Format format, Density density) {
        this(format, density, QUALITY);
    }

    /** The kinds of file. SVG and PDF are for tiles. */
    public enum Format {
        PNG, JPEG, TIFF, SVG, PDF;

        /** More would keep a plain machine busy for hours; a side of a PNG holds 2^31 - 1. */
        private static final long MOST_PX = 100_000_000_000L;
        private static final int JPEG_SIDE = 65_500;
        private static final long TIFF_PX = 1L << 30;

        public String suffix() {
            return this == JPEG ? "jpg" : this == TIFF ? "tif" : name().toLowerCase(Locale.ROOT);
        }

        /** @return whether it holds shapes; else pixels */
        public boolean vector() {
            return this == SVG || this == PDF;
        }

        /** @throws org.vatwright.core.measure.Refusal when that kind of file cannot hold so many pixels */
        public void checkHolds(long width, long height) {
            Require.that(Math.max(width, height) <= Integer.MAX_VALUE && width <= MOST_PX / height,
                    "%,d x %,d pixels are more than a picture holds, %,d in all: lower the density or the size"
                            .formatted(width, height, MOST_PX));
            if (this == JPEG) {
                Require.that(width <= JPEG_SIDE && height <= JPEG_SIDE,
                        "JPEG holds %,d pixels a side; this has %,d x %,d: write PNG or TIFF".formatted(JPEG_SIDE,
                                width,
                                height));
                Require.that(width * height <= Raster.MOST_PX,
                        "JPEG is packed all at once, %,d pixels at most; this has %,d: write PNG or TIFF"
                                .formatted(Raster.MOST_PX, width * height));
            }
            Require.that(this != TIFF || width * height <= TIFF_PX,
                    "TIFF holds 4 GB; %,d x %,d pixels may need more: write PNG".formatted(width, height));
        }
    }
}
