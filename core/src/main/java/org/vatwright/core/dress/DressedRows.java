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

import org.vatwright.core.measure.Density;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** The rows of a dressed article: its pieces and lines made ready once, laid on in order for whatever rows are asked for. */
final class DressedRows implements RowSource {

    /** Something that is laid on. */
    private sealed interface Step {
        Shape shape();
    }

    /** Cloth cut by a shape. @param white how bright the picture's bright parts are there */
    private record Filled(Shape shape, Worn worn, float white) implements Step {}

    private record Drawn(Shape shape, int colour) implements Step {}

    private static final double WHOLE_PX = 50_000_000;

    private final int width;
    private final int height;
    /** Of the shapes in work: their rows are asked for once, from the top. */
    private final Map<Shape, ShapeMask> masks = new IdentityHashMap<>();
    private final List<Step> steps = new ArrayList<>();
    private final Optional<PictureLight> light;
    /** Whether the picture is part of what is made. */
    private final boolean kept;

    /** @param mostPx of a tile that is painted whole @param tolerancePx how far off draped cloth may be */
    DressedRows(ArticleRenderer how, Cut cut, Density density, long mostPx, double tolerancePx, Work work) {
        width = density.wholePx(cut.widthMm());
        height = density.wholePx(cut.heightMm());
        light = cut.backing().filter(b -> b.kept() || cut.pieces().stream().anyMatch(p -> cut.dressing(p).light() > 0))
                .map(b -> PictureLight.of(b, width, height, work));
        kept = cut.backing().filter(Backing::kept).isPresent();
        Worn.Making making = new Worn.Making(how, cut, density, mostPx, tolerancePx, work);
        AffineTransform toPx = AffineTransform.getScaleInstance(density.px(1), density.px(1));
        for (Piece piece : cut.pieces()) {
            work.goOn();
            if (piece.hidden()) {
                continue;
            }
            Shape shape = piece.seen().path(toPx);
            piece.fill().ifPresent(own -> steps.add(new Drawn(shape, own.argb())));
            for (Worn worn : Worn.of(piece, shape, making)) {
                float white = worn.light() > 0 ? light.map(l -> l.white(shape)).orElse(1f) : 1;
                steps.add(new Filled(shape, worn, white));
            }
            piece.stroke().ifPresent(pen -> steps.add(drawn(shape, pen, density)));
        }
        for (Article.Line line : cut.lines()) {
            steps.add(drawn(line.outline().path(toPx), line.stroke(), density));
        }
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
        if (kept) {
            System.arraycopy(light.orElseThrow().picture().argb(), from * width, out, 0, (to - from) * width);
        }
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
        Worn worn = filled.worn();
        worn.draw(cloth, mask.x(), mask.y(), quiet);
        if (worn.light() > 0) {
            light.ifPresent(l -> l.lay(cloth, mask.x(), mask.y(), filled.white(), worn.light()));
        }
        Rows.each(mask.height(), 32, quiet, (from, to) -> {
            for (int row = from; row < to; row++) {
                int at = (mask.y() - top + row) * width + mask.x();
                for (int x = 0; x < mask.width(); x++) {
                    int cover = mask.cover()[row * mask.width() + x] & 255;
                    if (cover > 0) {
                        out[at + x] = Compositor.blended(out[at + x], cloth.at(x, row), worn.opacity() * cover / 255,
                                worn.mode());
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
