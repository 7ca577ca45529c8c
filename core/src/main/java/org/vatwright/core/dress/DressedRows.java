package org.vatwright.core.dress;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

import org.vatwright.core.measure.Density;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.Stitching.Stitch;
import org.vatwright.core.stitch.Threads;

/** The rows of a dressed article: its pieces and lines made ready once, laid on in order for whatever rows are asked for. */
final class DressedRows implements RowSource {

    /** Something that is laid on. */
    private sealed interface Step {
        Shape shape();
    }

    /** Cloth cut by a shape. @param white how bright the picture's bright parts are there */
    private record Filled(Shape shape, Worn worn, float white) implements Step {}

    /** A piece that is kept drawn. @param white as above */
    private record Ready(Shape shape, Wardrobe.Drawn drawn, float white) implements Step {}

    /** Threads on all that. */
    private record Sewn(Shape shape, Threads threads) implements Step {}

    /** @param kept its mask, where that is kept; none else */
    private record Drawn(Shape shape, int colour, ShapeMask kept) implements Step {}

    private static final double WHOLE_PX = 50_000_000;

    private final int width;
    private final int height;
    /** Of the shapes in work: their rows are asked for once, from the top. */
    private final Map<Shape, ShapeMask> masks = new IdentityHashMap<>();
    private final List<Step> steps = new ArrayList<>();
    private final Optional<PictureLight> light;
    /** Whether the picture is part of what is made. */
    private final boolean kept;
    private final Worn.Making making;
    private final AffineTransform toPx;

    /** @param mostPx of a tile that is painted whole @param tolerancePx how far off draped cloth may be */
    DressedRows(ArticleRenderer how, Cut cut, Density density, long mostPx, double tolerancePx, Work work) {
        width = density.wholePx(cut.widthMm());
        height = density.wholePx(cut.heightMm());
        light = cut.backing().filter(b -> b.kept() || cut.pieces().stream().anyMatch(p -> cut.dressing(p).light() > 0))
                .map(b -> PictureLight.of(b, width, height, work));
        kept = cut.backing().filter(Backing::kept).isPresent();
        making = new Worn.Making(how, cut, density, mostPx, tolerancePx, work);
        toPx = AffineTransform.getScaleInstance(density.px(1), density.px(1));
        Rows.map(cut.pieces(), 1, work, this::steps).forEach(steps::addAll);
        for (Article.Line line : cut.lines()) {
            steps.add(drawn(line.outline(), line.stroke()));
        }
    }

    private List<Step> steps(Piece piece) {
        making.work().goOn();
        List<Step> all = new ArrayList<>();
        if (piece.hidden()) {
            return all;
        }
        Shape shape = piece.seen().path(toPx);
        piece.fill().ifPresent(own -> all.add(new Drawn(shape, own.argb(), null)));
        Dressing worn = making.cut().dressing(piece);
        Optional<Wardrobe> wardrobe = making.how().wardrobe()
                .filter(w -> worn.seen() && w.takes(shape.getBounds2D(), worn.prints().size() + 1));
        if (wardrobe.isPresent()) {
            Wardrobe.Drawn drawn = wardrobe.get().piece(Worn.key(piece, shape, making, width, height), making.work(),
                    () -> Wardrobe.drawn(Worn.of(piece, shape, making), ShapeMask.of(shape, width, 0, height),
                            making.work()));
            all.add(new Ready(shape, drawn, white(worn.light(), shape)));
        } else {
            Worn.of(piece, shape, making).forEach(w -> all.add(new Filled(shape, w, white(w.light(), shape))));
        }
        worn.stitches().forEach(s -> all.add(new Sewn(shape, threads(piece.seen(), s))));
        piece.stroke().ifPresent(pen -> all.add(drawn(piece.seen(), pen)));
        return all;
    }

    private Threads threads(Outline outline, Stitching how) {
        Supplier<List<Stitch>> make = () -> how.along(outline);
        return new Threads(how, making.how().wardrobe().map(w -> w.stitches(outline, how, making.work(), make))
                .orElseGet(make), making.density().px(1));
    }

    private float white(double lit, Shape shape) {
        return lit > 0 ? light.map(l -> l.white(shape)).orElse(1f) : 1;
    }

    private Step drawn(Outline outline, Pen pen) {
        Shape shape = outline.path(toPx);
        Shape stroke = pen.stroke(making.density().px(1)).createStrokedShape(shape);
        Supplier<ShapeMask> make = () -> {
            ShapeMask whole = ShapeMask.of(stroke, width, 0, height);
            return pen.side() == Pen.Side.MIDDLE
                    ? whole
                    : whole.within(ShapeMask.of(shape, width, 0, height), pen.side() == Pen.Side.INSIDE);
        };
        Optional<ShapeMask> kept = making.how().wardrobe().filter(w -> w.takes(stroke.getBounds2D(), 1))
                .map(w -> w.line(outline, pen, making.density(), width, height, making.work(), make));
        return new Drawn(stroke, pen.colour().argb(),
                kept.orElseGet(() -> pen.side() == Pen.Side.MIDDLE ? null : make.get()));
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
            if (step instanceof Sewn sewn) {
                sewn.threads().lay(out, width, from, to);
                continue;
            }
            ShapeMask mask = switch (step) {
                case Ready ready -> ready.drawn().mask().rows(from, to);
                case Drawn drawn when drawn.kept() != null -> drawn.kept().rows(from, to);
                default -> mask(step.shape(), from, to);
            };
            if (mask.width() > 0) {
                switch (step) {
                    case Filled filled -> fill(out, from, mask, filled, work);
                    case Ready ready -> ready.drawn().laid().forEach(l -> lay(out, from, mask, part(ready, l, mask),
                            l.opacity(), l.mode(), work));
                    case Sewn _ -> throw new IllegalStateException();
                    case Drawn drawn -> draw(out, from, mask, drawn.colour());
                }
            }
        }
    }

    /** @return the rows of a kept cloth where a mask lies, in the light of the picture */
    private Raster part(Ready ready, Wardrobe.Laid laid, ShapeMask mask) {
        Raster part = new Raster(mask.width(), mask.height());
        System.arraycopy(laid.cloth().argb(), (mask.y() - ready.drawn().mask().y()) * mask.width(), part.argb(), 0,
                part.argb().length);
        if (laid.light() > 0) {
            light.ifPresent(l -> l.lay(part, mask.x(), mask.y(), ready.white(), laid.light()));
        }
        return part;
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
        lay(out, top, mask, cloth, worn.opacity(), worn.mode(), work);
    }

    private void lay(int[] out, int top, ShapeMask mask, Raster cloth, double opacity, BlendMode mode, Work work) {
        Rows.each(mask.height(), 32, work.telling(share -> {}), (from, to) -> {
            for (int row = from; row < to; row++) {
                int at = (mask.y() - top + row) * width + mask.x();
                for (int x = 0; x < mask.width(); x++) {
                    int cover = mask.cover()[row * mask.width() + x] & 255;
                    if (cover > 0) {
                        out[at + x] = Compositor.blended(out[at + x], cloth.at(x, row), opacity * cover / 255,
                                mode);
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
