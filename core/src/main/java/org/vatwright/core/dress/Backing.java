package org.vatwright.core.dress;

import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Picture;

/**
 * A picture that an article is drawn over, as wide and high as the article.
 *
 * @param kept whether it is part of what is produced, as the place where a panel hangs; else it is only traced
 * @param opacity 0.05 to 1
 */
public record Backing(Picture picture, boolean kept, double opacity) {

    public Backing {
        Require.within("opacity of the picture", 100 * opacity, 5, 100, "%");
    }
}
