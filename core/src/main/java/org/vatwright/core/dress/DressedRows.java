package org.vatwright.core.dress;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.map.Affine;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.SampledCloth;
import org.vatwright.core.repeat.Tile;

/** The rows of a dressed article: its pieces and lines made ready once, laid on in order for whatever rows are asked for. */
final class DressedRows implements RowSource {

    /** Something that is laid on. */
    private sealed interface Step {
        Shape shape();
    }

    /** Cloth cut by a shape. */
    private record Filled(Shape shape, SampledCloth cloth, Affine map, Lay lay,
            List<PieceGradient> gradients) implements Step {}

    private record Drawn(Shape shape, int colour) implements Step {}

    private static final double WHOLE_PX = 50_000_000;

    private final int width;
    private final int height;
    /** Of the shapes in work: their rows are asked for once, from the top. */
    private final Map<Shape, ShapeMask> masks = new IdentityHashMap<>();
    private final List<Step> steps = new ArrayList<>();

    /** @param mostPx of a tile that is painted whole */
    DressedRows(ArticleRenderer how, Cut cut, Density density, long mostPx, Work work) {
        width = density.wholePx(cut.widthMm());
        height = density.wholePx(cut.heightMm());
        AffineTransform toPx = AffineTransform.getScaleInstance(density.px(1), density.px(1));
        for (Piece piece : cut.pieces()) {
            work.goOn();
            Shape shape = piece.outline().path(toPx);
            cut.lay(piece).flatMap(lay -> filled(how, lay, shape, run(cut, lay, shape, toPx), density, mostPx, work))
                    .ifPresent(steps::add);
            piece.stroke().ifPresent(pen -> steps.add(drawn(shape, pen, density)));
        }
        for (Article.Line line : cut.lines()) {
            steps.add(drawn(line.outline().path(toPx), line.stroke(), density));
        }
    }

    /** @return what a gradient across the piece crosses, in pixels */
    private static Rectangle2D run(Cut cut, Lay lay, Shape shape, AffineTransform toPx) {
        return !lay.together()
                ? shape.getBounds2D()
                : cut.pieces().stream()
                        .filter(p -> cut.lay(p).filter(l -> l.together() && l.design().equals(lay.design()))
                                .isPresent())
                        .map(p -> p.outline().path(toPx).getBounds2D()).reduce(Rectangle2D::createUnion)
                        .orElseThrow();
    }

    /** @param run what a gradient across the piece crosses */
    private static Optional<Step> filled(ArticleRenderer how, Lay lay, Shape shape, Rectangle2D run, Density density,
            long mostPx, Work work) {
        return how.designs().apply(lay.design()).map(design -> {
            Colourway worn = how.colourway().flatMap(design.palette()::find)
                    .orElseGet(() -> design.palette().orFirst(lay.colourway()));
            FieldSpec spec = new FieldSpec(1, 1, density, lay.scale(), lay.grainDeg(), lay.startX(), lay.startY());
            Function<Design, SampledCloth> cloths = d -> SampledCloth.of(new Cloth(d, worn, how.phase()),
                    FieldRenderer.tileGrid(d, spec), how.tiles(), mostPx, work);
            Design begun = PieceGradient.begun(design);
            return new Filled(shape, cloths.apply(begun), map(spec, design), lay,
                    PieceGradient.all(design, begun, run, cloths));
        });
    }

    private static Affine map(FieldSpec spec, Design design) {
        Tile size = design.repeat().tile();
        return spec.toTile(size.widthMm(), size.heightMm());
    }

    private static Step drawn(Shape shape, Pen pen, Density density) {
        float wide = (float) density.px(pen.widthMm());
        return new Drawn(new BasicStroke(wide, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND).createStrokedShape(shape),
                pen.colour().argb());
    }

    @Override
    public int width() {
        return width;
    }

    @Override
    public int height() {
        return height;
    }

    /** What surrounds the pieces is clear. */
    @Override
    public boolean opaque() {
        return false;
    }

    @Override
    public void rows(int[] out, int from, int to, Work work) {
        Arrays.fill(out, 0, (to - from) * width, 0);
        for (Step step : steps) {
            work.goOn();
            ShapeMask mask = mask(step.shape(), from, to);
            if (mask.width() > 0) {
                switch (step) {
                    case Filled filled -> fill(out, from, mask, filled, work);
                    case Drawn drawn -> draw(out, from, mask, drawn.colour());
                }
            }
        }
    }

    /** A shape is cut out once, whatever rows are asked for; only one too large for that is cut out strip by strip. */
    private ShapeMask mask(Shape shape, int from, int to) {
        Rectangle2D box = shape.getBounds2D();
        if (box.getMaxY() < from || box.getMinY() > to) {
            return ShapeMask.NONE;
        }
        if (box.getWidth() * box.getHeight() > WHOLE_PX) {
            return ShapeMask.of(shape, width, from, to);
        }
        ShapeMask whole = masks.computeIfAbsent(shape, s -> ShapeMask.of(s, width, 0, height));
        if (box.getMaxY() < to) {
            masks.remove(shape);
        }
        return whole.rows(from, to);
    }

    private void fill(int[] out, int top, ShapeMask mask, Filled filled, Work work) {
        Raster cloth = new Raster(mask.width(), mask.height());
        Work quiet = work.telling(share -> {});
        Affine map = filled.map().from(mask.x(), mask.y());
        filled.cloth().sample(map, cloth, quiet);
        if (!filled.gradients().isEmpty()) {
            PieceGradient.lay(filled.gradients(), map, cloth, mask.x(), mask.y(), quiet);
        }
        Lay lay = filled.lay();
        Rows.each(mask.height(), 32, quiet, (from, to) -> {
            for (int row = from; row < to; row++) {
                int at = (mask.y() - top + row) * width + mask.x();
                for (int x = 0; x < mask.width(); x++) {
                    int cover = mask.cover()[row * mask.width() + x] & 255;
                    if (cover > 0) {
                        out[at + x] = Compositor.blended(out[at + x], cloth.at(x, row), lay.opacity() * cover / 255,
                                lay.mode());
                    }
                }
            }
        });
    }

    private void draw(int[] out, int top, ShapeMask mask, int colour) {
        for (int y = 0; y < mask.height(); y++) {
            int at = (mask.y() - top + y) * width + mask.x();
            for (int x = 0; x < mask.width(); x++) {
                int cover = mask.cover()[y * mask.width() + x] & 255;
                if (cover > 0) {
                    out[at + x] = Compositor.normal(out[at + x], colour, Math.round(cover * 256 / 255f));
                }
            }
        }
    }
}
