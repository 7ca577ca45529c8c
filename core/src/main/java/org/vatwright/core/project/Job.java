package org.vatwright.core.project;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Require;

/**
 * One thing to produce.
 *
 * @param subject name of the design or article
 * @param colourway of the design; for an article, what every lay wears, or empty for each its own
 * @param widthMm,heightMm of a field; not looked at otherwise
 * @param quality of JPEG, 1 to 100
 */
@RecordBuilder
public record Job(String name, Kind kind, String subject, String colourway, Format format, Density density,
        double widthMm, double heightMm, int quality) implements JobBuilder.With {

    /** What is produced. */
    public enum Kind {
        TILE, FIELD, ARTICLE
    }

    /** The kinds of file. SVG and PDF are for tiles. */
    public enum Format {
        PNG, JPEG, TIFF, SVG, PDF;

        public String suffix() {
            return this == JPEG ? "jpg" : this == TIFF ? "tif" : name().toLowerCase(java.util.Locale.ROOT);
        }

        public boolean vector() {
            return this == SVG || this == PDF;
        }
    }

    public Job {
        name = Require.named("job", name);
        Require.within("quality", quality, 1, 100);
        Require.within("field width", widthMm, 0.1, 1e6, "mm");
        Require.within("field height", heightMm, 0.1, 1e6, "mm");
        Require.that(kind == Kind.TILE || !format.vector(),
                "%s is written for tiles; choose PNG, JPEG or TIFF for a field or an article".formatted(format));
    }

    public boolean ofDesign() {
        return kind != Kind.ARTICLE;
    }

    public Job withSize(double width, double height) {
        return with().widthMm(width).heightMm(height).build();
    }

    /** @return the job's name as a file name with the format's suffix */
    public String fileName() {
        return name.strip().replaceAll("[^\\p{L}\\p{N}._-]+", "-").replaceAll("^-+|-+$", "") + "." + format.suffix();
    }
}
