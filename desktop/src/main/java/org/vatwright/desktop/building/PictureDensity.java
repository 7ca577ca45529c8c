package org.vatwright.desktop.building;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Fill;

/** What a picture really has at the size it is used, and how large it may be for what is wanted. */
final class PictureDensity {

    private PictureDensity() {}

    /** @param wanted of the output */
    static String told(Fill fill, Density wanted) {
        Fill.OfPicture of = fill.picture().orElseThrow();
        double dpi = of.picture().dpi() / Math.max(fill.wide(), fill.high());
        double larger = dpi / wanted.dpi();
        return "%,d x %,d px, its tile %s x %s mm here: %s dpi. %s".formatted(of.picture().raster().width(),
                of.picture().raster().height(), Numbers.plain(fill.wide() * of.widthMm(), 1),
                Numbers.plain(fill.high() * of.heightMm(), 1), Numbers.plain(dpi, 1),
                larger >= 1
                        ? "Enough for %s dpi up to %s mm wide.".formatted(Numbers.plain(wanted.dpi()),
                                Numbers.plain(fill.wide() * of.widthMm() * larger, 0))
                        : "For %s dpi it may be %s mm wide at most.".formatted(Numbers.plain(wanted.dpi()),
                                Numbers.plain(fill.wide() * of.widthMm() * larger, 0)));
    }
}
