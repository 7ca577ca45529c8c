package org.vatwright.core.pattern;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Picture;

/**
 * Something to trace: seen over the cell while it is worked on, as large as fits, and never in anything that is produced.
 *
 * @param opacity 0.05 to 1
 */
public record Underlay(Source source, double opacity) {

    public static final double USUAL = 0.4;

    /** What is traced. */
    public sealed interface Source {}

    public record OfPicture(Picture picture) implements Source {}

    /** An article as it is dressed; nothing is seen once it is gone. */
    public record OfArticle(Id article) implements Source {}

    public Underlay {
        Require.within("opacity of what is traced", 100 * opacity, 5, 100, "%");
    }

    public Underlay withOpacity(double other) {
        return new Underlay(source, other);
    }
}
