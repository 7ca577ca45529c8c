package org.vatwright.core.dress;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

import org.vatwright.core.drape.DrapedPlaces;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadePlane;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.Stitching.Stitch;
import org.vatwright.core.stitch.Threads;

/** The rows of a dressed article: its pieces and lines made ready once, laid on in order for whatever rows are asked for. */
final class DressedRows implements RowSource {

    /** All of the article, of which the frame is a part. */
    private final Frame picture;
    private final Frame frame;
    /** Within which everything is made ready: effects need what lies beside the frame. */
    private final Frame built;
    private final List<Step> steps = new ArrayList<>();
    private final Optional<PictureLight> light;
    /** Whether the picture is part of what is made. */
    private final boolean kept;
    private final Worn.Making making;
    private final AffineTransform toPx;
    private final Laying laying;

    /**
     * @param part of the article; all of it when there is none
     * @param mostPx of a tile that is painted whole
     * @param tolerancePx how far off draped cloth may be
     */
    DressedRows(ArticleRenderer how, Cut cut, Density density, Optional<Frame> part, long mostPx, double tolerancePx,
            Work work) {
        picture = new Frame(0, 0, density.wholePx(cut.widthMm()), density.wholePx(cut.heightMm()));
        frame = part.orElse(picture);
        light = cut.backing().filter(b -> b.kept() || cut.pieces().stream().anyMatch(p -> cut.dressing(p).light() > 0))
                .map(b -> light(b, how, work));
        kept = cut.backing().filter(Backing::kept).isPresent();
        making = new Worn.Making(how, cut, density, mostPx, tolerancePx, work);
        toPx = AffineTransform.getScaleInstance(density.px(1), density.px(1));
        laying = new Laying(frame, light);
        boolean finished = !whole().effects().isEmpty()
                || cut.pieces().stream().anyMatch(p -> !cut.dressing(p).effects().isEmpty());
        built = finished ? picture : frame;
        Whole whole = whole();
        ground(whole.ground()).ifPresent(steps::add);
        List<Step> all = new ArrayList<>();
        Rows.map(cut.pieces(), 1, work, this::steps).forEach(all::addAll);
        whole.trims().forEach(t -> TrimSteps.of(t, making, built).map(made -> lit(t, made)).ifPresent(all::add));
        for (ShadeStroke stroke : whole.shades()) {
            if (stroke.confine().on().isEmpty()) {
                shade(stroke, Optional.empty()).ifPresent(all::add);
            }
        }
        for (Article.Line line : cut.lines()) {
            all.add(drawn(line.outline(), line.stroke()));
        }
        if (whole.effects().isEmpty()) {
            steps.addAll(all);
        } else {
            steps.add(Grouped.of(all, whole.effects(), new Rectangle2D.Double(0, 0, picture.width(), picture.height()),
                    picture, light, density, how.phase(), work));
        }
        for (int i = 0; i < Math.min(whole.callouts().size(), cut.captions().size()); i++) {
            Callout callout = whole.callouts().get(i);
            steps.addAll(CalloutSteps.of(callout, making));
            cut.captions().get(i).forEach(letter -> steps.add(new Step.Drawn(letter.path(toPx),
                    callout.border().colour().argb(), null)));
        }
    }

    private PictureLight light(Backing backing, ArticleRenderer how, Work work) {
        Supplier<PictureLight> make = () -> PictureLight.of(backing, picture.width(), picture.height(), work);
        return how.wardrobe()
                .filter(w -> w.takes(new Rectangle2D.Double(0, 0, picture.width(), picture.height()), 1))
                .map(w -> w.light(backing.picture(), picture.width(), picture.height(), work, make)).orElseGet(make);
    }

    private Whole whole() {
        return making.cut().article().dressings().whole();
    }

    /** A trim hangs in the light in which its piece hangs. */
    private Step.Made lit(Trim trim, Step.Made made) {
        trim.piece().flatMap(making.cut()::piece).filter(p -> making.cut().dressing(p).light() > 0)
                .ifPresent(p -> light.ifPresent(l -> l.lay(made.coat(), made.x(), made.y(),
                        l.white(p.seen().path(toPx)), making.cut().dressing(p).light())));
        return made;
    }

    private Optional<Step> ground(Ground ground) {
        Rectangle2D all = new Rectangle2D.Double(0, 0, picture.width(), picture.height());
        return switch (ground) {
            case Ground.Clear _ -> Optional.empty();
            case Ground.OneInk(var colour) -> Optional.of(new Step.Drawn(all, colour.argb(), null));
            case Ground.OfDesign(Lay lay) -> {
                Piece piece = new Piece(new Id("ground"), "ground", Outline.of(new Rectangle2D.Double(0, 0,
                        making.cut().widthMm(), making.cut().heightMm())), Optional.empty());
                yield Worn.of(piece, Dressing.of(lay), all, making).stream().findFirst()
                        .map(w -> new Step.Filled(all, w, 1));
            }
        };
    }

    private List<Step> steps(Piece piece) {
        making.work().goOn();
        if (piece.hidden()) {
            return List.of();
        }
        Dressing worn = making.cut().dressing(piece);
        Shape shape = piece.seen().path(toPx);
        if (!reach(piece, worn, shape).intersects(built.left(), built.top(), built.width(), built.height())) {
            return List.of();
        }
        if (worn.effects().isEmpty()) {
            return steps(piece, worn, shape);
        }
        Supplier<Step.Made> make = () -> Grouped.of(steps(piece, worn, shape), worn.effects(),
                reach(piece, worn, shape),
                picture, light, making.density(), making.how().phase(), making.work());
        List<ShadeStroke> shades = whole().shades().stream()
                .filter(s -> s.confine().on().equals(Optional.of(piece.id()))).toList();
        return List.of(making.how().wardrobe().filter(w -> worn.light() == 0 && w.takes(shape.getBounds2D(), 2))
                .map(w -> w.finished(Worn.key(piece, shape, making, picture), piece, worn, shades, whole().shading(),
                        making.work(), make))
                .orElseGet(make));
    }

    /** @return around all that is drawn of a piece, in pixels */
    private Rectangle2D reach(Piece piece, Dressing worn, Shape shape) {
        double mm = piece.stroke().map(Pen::drawnMm).orElse(0.0) / 2;
        for (Stitching s : worn.stitches()) {
            mm = Math.max(mm, Math.max(0, -s.insetMm()) + 2 * s.apartMm() + s.thickMm());
        }
        double px = making.density().px(mm) + 2;
        Rectangle2D box = shape.getBounds2D();
        return new Rectangle2D.Double(box.getX() - px, box.getY() - px, box.getWidth() + 2 * px,
                box.getHeight() + 2 * px);
    }

    private List<Step> steps(Piece piece, Dressing worn, Shape shape) {
        List<Step> all = new ArrayList<>();
        piece.fill().ifPresent(own -> all.add(new Step.Drawn(shape, own.argb(), null)));
        Optional<Wardrobe> wardrobe = making.how().wardrobe()
                .filter(w -> built.equals(picture) && worn.seen()
                        && w.takes(shape.getBounds2D(), worn.prints().size() + 1));
        if (wardrobe.isPresent()) {
            Wardrobe.Drawn drawn = wardrobe.get().piece(Worn.key(piece, shape, making, picture), making.work(),
                    () -> Wardrobe.drawn(Worn.of(piece, worn, shape, making), ShapeMask.of(shape, picture),
                            making.work()));
            all.add(new Step.Ready(drawn, white(worn.light(), shape)));
        } else {
            Worn.of(piece, worn, shape, making)
                    .forEach(w -> all.add(new Step.Filled(shape, w, white(w.light(), shape))));
        }
        worn.stitches().forEach(s -> all.add(new Step.Sewn(threads(SewnWay.of(piece, worn, s), s))));
        whole().shades().stream()
                .filter(s -> s.confine().on().equals(Optional.of(piece.id())))
                .forEach(s -> shade(s, Optional.of(piece)).ifPresent(all::add));
        piece.stroke().ifPresent(pen -> all.add(drawn(piece.seen(), pen)));
        return all;
    }

    /** @param piece on which it lies, when it lies on one */
    private Optional<Step> shade(ShadeStroke stroke, Optional<Piece> piece) {
        Optional<Piece> of = stroke.confine() instanceof Confine.OfPiece(Id id, boolean _)
                ? making.cut().piece(id)
                : Optional.empty();
        if (stroke.confine() instanceof Confine.OfPiece && of.isEmpty()) {
            return Optional.empty();
        }
        Optional<Shape> on = of.map(p -> p.seen().path(toPx));
        boolean outside = stroke.confine() instanceof Confine.OfPiece(Id _, boolean out) && out;
        if (stroke.confine() instanceof Confine.OfPath(Outline path, boolean out)) {
            on = Optional.of(path.path(toPx));
            outside = out;
        }
        ShadeStroke bent = piece.filter(p -> stroke.carried()).map(p -> stroke.withPoints(DrapedPlaces.seen(
                stroke.points(), making.cut().dressing(p).drape()))).orElse(stroke);
        ShadeStroke seen = piece.filter(Piece::aside).map(p -> bent.moved(p.asideX(), p.asideY())).orElse(bent);
        ShadePlane plane = ShadePlane.of(seen, making.density().px(1),
                new ShadePlane.Area(built.left(), built.top(), built.right(), built.bottom()));
        double share = stroke.strength() * whole().shading();
        return plane.area().isEmpty() ? Optional.empty() : Optional.of(new Step.Shaded(plane, share, on, outside));
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
            ShapeMask whole = ShapeMask.of(stroke, built);
            return pen.side() == Pen.Side.MIDDLE
                    ? whole
                    : whole.within(ShapeMask.of(shape, built), pen.side() == Pen.Side.INSIDE);
        };
        Optional<ShapeMask> ready = making.how().wardrobe()
                .filter(w -> built.equals(picture) && w.takes(stroke.getBounds2D(), 1))
                .map(w -> w.line(outline, pen, making.density(), picture, making.work(), make));
        return new Step.Drawn(stroke, pen.colour().argb(),
                ready.orElseGet(() -> pen.side() == Pen.Side.MIDDLE ? null : make.get()));
    }

    @Override
    public int width() {
        return frame.width();
    }

    @Override
    public int height() {
        return frame.height();
    }

    /** What surrounds the pieces is clear. */
    @Override
    public boolean opaque() {
        return false;
    }

    @Override
    public void rows(int[] out, int first, int end, Work work) {
        int from = frame.top() + first;
        int to = frame.top() + end;
        Arrays.fill(out, 0, (to - from) * frame.width(), 0);
        if (kept) {
            for (int y = from; y < to; y++) {
                System.arraycopy(light.orElseThrow().picture().argb(), y * picture.width() + frame.left(), out,
                        (y - from) * frame.width(), frame.width());
            }
        }
        steps.forEach(step -> laying.lay(step, out, from, to, work));
    }
}
