package org.vatwright.core.dress;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.Optional;
import java.util.function.Function;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Affine;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.TorusSampler;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * Draws dressed articles: each piece is one sampling of its design's torus, cut by the piece's outline; outlines lie
 * over the cloth; the surround stays transparent.
 *
 * @param designs by name
 * @param colourway worn by every lay whose design has it, instead of its own, when present
 */
public record ArticleRenderer(Function<String, Optional<Design>> designs, TileSource tiles,
        Optional<String> colourway) {

    private static final int STRIP = 256;

    /** @param density of the picture; its size is the article's in whole pixels */
    public Raster render(Cut cut, Density density, Work work) {
        Raster out = new Raster(density.wholePx(cut.widthMm()), density.wholePx(cut.heightMm()));
        AffineTransform toPx = AffineTransform.getScaleInstance(density.px(1), density.px(1));
        int done = 0;
        for (Piece piece : cut.pieces()) {
            work.goOn();
            Shape shape = piece.outline().path(toPx);
            piece.lay().ifPresent(lay -> fill(out, shape, lay, density, work));
            piece.stroke().ifPresent(stroke -> draw(out, shape, stroke, density));
            work.progress().accept((double) ++done / cut.pieces().size());
        }
        for (Article.Line line : cut.lines()) {
            draw(out, line.outline().path(toPx), line.stroke(), density);
        }
        return out;
    }

    private void fill(Raster out, Shape shape, Lay lay, Density density, Work work) {
        Optional<Design> found = designs.apply(lay.design());
        ShapeMask mask = ShapeMask.of(shape, out.width(), out.height());
        if (found.isEmpty() || mask.width() == 0) {
            return;
        }
        Design design = found.get();
        Colourway worn = colourway.flatMap(design.palette()::find)
                .orElseGet(() -> design.palette().orFirst(lay.colourway()));
        FieldSpec spec = new FieldSpec(1, 1, density, lay.scale(), lay.grainDeg(), lay.startX(), lay.startY());
        TileGrid grid = FieldRenderer.tileGrid(design, spec);
        Work quiet = work.telling(share -> {});
        Raster tile = tiles.tile(design, worn, grid, quiet);
        Tile size = design.repeat().tile();
        Affine map = spec.toTile(size.widthMm(), size.heightMm()).from(mask.x(), mask.y());
        for (int y = 0; y < mask.height(); y += STRIP) {
            Raster fabric = new Raster(mask.width(), Math.min(STRIP, mask.height() - y));
            TorusSampler.sample(tile, map.from(0, y), fabric, quiet);
            lay(out, mask, y, fabric, lay.opacity(), lay.mode(), quiet);
        }
    }

    private static void lay(Raster out, ShapeMask mask, int top, Raster fabric, double opacity, BlendMode mode,
            Work work) {
        Rows.each(fabric.height(), 32, work, (from, to) -> {
            for (int row = from; row < to; row++) {
                int at = (mask.y() + top + row) * out.width() + mask.x();
                for (int x = 0; x < mask.width(); x++) {
                    int cover = mask.cover()[(top + row) * mask.width() + x] & 255;
                    if (cover > 0) {
                        int under = out.argb()[at + x];
                        out.argb()[at + x] = Compositor.blended(under, fabric.at(x, row), opacity * cover / 255, mode);
                    }
                }
            }
        });
    }

    private static void draw(Raster out, Shape shape, Pen stroke, Density density) {
        float width = (float) density.px(stroke.widthMm());
        ShapeMask mask = ShapeMask.of(new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                .createStrokedShape(shape), out.width(), out.height());
        int colour = stroke.colour().argb();
        for (int y = 0; y < mask.height(); y++) {
            int at = (mask.y() + y) * out.width() + mask.x();
            for (int x = 0; x < mask.width(); x++) {
                int cover = mask.cover()[y * mask.width() + x] & 255;
                if (cover > 0) {
                    out.argb()[at + x] = Compositor.normal(out.argb()[at + x], colour, Math.round(cover * 256 / 255f));
                }
            }
        }
    }
}
