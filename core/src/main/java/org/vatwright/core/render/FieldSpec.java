package org.vatwright.core.render;

import org.vatwright.core.map.Affine;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Require;

/**
 * A stretch of the endless design, at true length.
 *
 * @param widthMm,heightMm of the stretch
 * @param scale of the design, 1 is true size; 0.01 to 100
 * @param grainDeg angle of the design's warp, counter-clockwise as seen
 * @param startX,startY where on the stretch, in mm from its upper left corner, the design begins
 */
public record FieldSpec(double widthMm, double heightMm, Density density, double scale, double grainDeg, double startX,
        double startY) {

    public FieldSpec {
        Require.within("width", widthMm, 0.1, 1e6, "mm");
        Require.within("height", heightMm, 0.1, 1e6, "mm");
        Require.within("scale", scale * 100, 1, 10_000, "%");
        Require.within("grain", grainDeg, -3600, 3600, "degrees");
        Require.within("start", startX, -1e6, 1e6, "mm");
        Require.within("start", startY, -1e6, 1e6, "mm");
    }

    public FieldSpec(double widthMm, double heightMm, Density density) {
        this(widthMm, heightMm, density, 1, 0, 0, 0);
    }

    /**
     * Picture pixel -> stretch -> design: R(-grain)(p - start)/scale, in tiles. A pixel is 25.4/dpi mm, so lengths stay
     * true whatever the whole number of pixels; a tile or a start within a millionth of whole pixels is whole.
     */
    public Affine toTile(double tileWidthMm, double tileHeightMm) {
        double turn = Math.toRadians(grainDeg);
        double cos = exact(Math.cos(turn));
        double sin = exact(Math.sin(turn));
        double w = whole(density.px(tileWidthMm) * scale);
        double h = whole(density.px(tileHeightMm) * scale);
        double x = whole(density.px(startX));
        double y = whole(density.px(startY));
        // y points down, so counter-clockwise as seen takes (x, y) to (x cos + y sin, y cos - x sin).
        return new Affine((-x * cos + y * sin) / w, cos / w, -sin / w, (-x * sin - y * cos) / h, sin / h, cos / h);
    }

    private static double whole(double px) {
        return Math.abs(px - Math.rint(px)) <= Density.WHOLE_PX ? Math.rint(px) : px;
    }

    /** Right angles come out exact. */
    private static double exact(double value) {
        return Math.abs(value - Math.rint(value)) < 1e-15 ? Math.rint(value) : value;
    }

    /** @return the density at which a pixel of the tile is as large as a pixel of the stretch */
    public Density tileDensity() {
        return new Density(Math.max(0.5, Math.min(20_000, density.dpi() * scale)));
    }

    public int widthPx() {
        return density.wholePx(widthMm);
    }

    public int heightPx() {
        return density.wholePx(heightMm);
    }
}
