package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.drape.DrapedPlaces;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadePlane;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.Patches;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand.Tool;
import org.vatwright.desktop.studio.ShadeHand;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.SVGPath;
import javafx.scene.shape.Shape;
import javafx.scene.transform.Transform;

/**
 * A hand that shades. What it draws lies over the cloth as it goes, only the pixels around the last stretch are touched; put down it
 * becomes part of the article. The hand is steadied: the tip hangs on a short string.
 */
final class ShadeGrips extends ArticleGrips {

    private static final double STRING_PX = 7;
    private static final double STEP_PX = 2;
    private static final double LIMIT_OPACITY = 0.7;

    private final ClothImage cloth;
    private boolean shown;
    private boolean drawing;
    private Patches over;
    private ShadePlane plane;
    private ShadeStroke stroke;
    private ShadePlane.Area before;
    private final List<Place> points = new ArrayList<>();
    private double tipX;
    private double tipY;

    ShadeGrips(Studio studio, ClothImage cloth) {
        super(studio);
        this.cloth = cloth;
    }

    /** @param open whether the chapter of light stands open */
    void shown(boolean open) {
        shown = open;
    }

    private Optional<ShadeStroke.Kind> kind() {
        return shown && studio.dressHand().tool() == Tool.NONE ? studio.dressHand().shade().kind() : Optional.empty();
    }

    @Override
    void draw() {
        if (over != null) {
            getChildren().add(over);
        }
        ShadeHand hand = studio.dressHand().shade();
        if (shown && hand.keep() == ShadeHand.Keep.PATH) {
            hand.path().ifPresent(path -> {
                SVGPath limit = new SVGPath();
                limit.setContent(seen(path));
                limit.getTransforms().setAll(Transform.translate(view.x(), view.y()));
                limit.getStyleClass().add("piece-chosen");
                limit.setOpacity(LIMIT_OPACITY);
                getChildren().add(named(limit, "shade-limit"));
            });
        }
    }

    private String seen(Outline outline) {
        return Outline.of(outline.path(java.awt.geom.AffineTransform.getScaleInstance(view.pxPerMm(), view.pxPerMm())))
                .data();
    }

    private Confine confine(ShadeHand hand) {
        return switch (hand.keep()) {
            case PATH -> hand.path().<Confine>map(p -> new Confine.OfPath(p, false)).orElse(Confine.FREE);
            case FREE -> Confine.FREE;
            case PIECE, BESIDE -> piece().<Confine>map(p -> new Confine.OfPiece(p.id(),
                    hand.keep() == ShadeHand.Keep.BESIDE)).orElse(Confine.FREE);
        };
    }

    @Override
    boolean press(MouseEvent e) {
        if (kind().isEmpty() || e.getButton() != MouseButton.PRIMARY || e.isAltDown()) {
            return false;
        }
        ShadeHand hand = studio.dressHand().shade();
        stroke = new ShadeStroke(kind().get(), List.of(place(e.getX(), e.getY())),
                hand.widthFor(Math.max(cut.widthMm(), cut.heightMm())), hand.soft(), hand.strength(), confine(hand),
                false);
        ShadePlane.Area area = area();
        if (area.isEmpty()) {
            return true;
        }
        plane = new ShadePlane(stroke, view.pxPerMm(), area);
        over = new Patches();
        over.setLayoutX(view.x() + area.left());
        over.setLayoutY(view.y() + area.top());
        over.setClip(clip(area));
        getChildren().add(over);
        points.clear();
        drawing = true;
        tipX = e.getX();
        tipY = e.getY();
        add();
        return true;
    }

    /** @return what of the article is in view, in its pixels */
    private ShadePlane.Area area() {
        double wide = getParent().getLayoutBounds().getWidth();
        double high = getParent().getLayoutBounds().getHeight();
        return new ShadePlane.Area((int) Math.max(0, Math.floor(-view.x())), (int) Math.max(0, Math.floor(-view.y())),
                (int) Math.min(Math.ceil(cut.widthMm() * view.pxPerMm()), Math.ceil(wide - view.x())),
                (int) Math.min(Math.ceil(cut.heightMm() * view.pxPerMm()), Math.ceil(high - view.y())));
    }

    /** What confines the stroke confines what is seen of it meanwhile. */
    private Shape clip(ShadePlane.Area area) {
        Rectangle all = new Rectangle(area.right() - area.left(), area.bottom() - area.top());
        Optional<Outline> on = switch (stroke.confine()) {
            case Confine.OfPiece(var id, boolean _) -> cut.piece(id).map(Piece::seen);
            case Confine.OfPath(Outline path, boolean _) -> Optional.of(path);
            case Confine.Free _ -> Optional.empty();
        };
        if (on.isEmpty()) {
            return all;
        }
        SVGPath path = new SVGPath();
        path.setContent(seen(on.get()));
        path.getTransforms().setAll(Transform.translate(-area.left(), -area.top()));
        boolean outside = stroke.confine() instanceof Confine.OfPiece(var _, boolean out) && out;
        return outside ? Shape.subtract(all, path) : path;
    }

    private Place place(double x, double y) {
        return new Place(clean(view.mmX(x)), clean(view.mmY(y)));
    }

    private void add() {
        points.add(place(tipX, tipY));
        if (stroke.kind().byHand()) {
            show(plane, plane.to(points.getLast()));
            return;
        }
        // What runs along a whole line changes along all of it.
        if (before != null) {
            show(null, before);
        }
        ShadePlane whole = ShadePlane.of(stroke.withPoints(points), view.pxPerMm(), plane.area());
        before = whole.area();
        show(whole, before);
    }

    /** @param from none to take off what is there */
    private void show(ShadePlane from, ShadePlane.Area area) {
        if (area.isEmpty()) {
            return;
        }
        double share = stroke.strength() * cut.article().dressings().whole().shading();
        int left = plane.area().left();
        int top = plane.area().top();
        over.write(area.left() - left, area.top() - top, area.right() - left, area.bottom() - top,
                (x, y) -> from == null ? 0 : ShadePlane.argb(from.at(left + x, top + y), share));
    }

    @Override
    void drag(MouseEvent e) {
        double far = Math.hypot(e.getX() - tipX, e.getY() - tipY);
        if (!drawing || far < STRING_PX + STEP_PX || points.size() >= ShadeStroke.MOST_POINTS) {
            return;
        }
        double share = (far - STRING_PX) / far;
        tipX += share * (e.getX() - tipX);
        tipY += share * (e.getY() - tipY);
        add();
    }

    @Override
    void release(MouseEvent e) {
        if (!drawing) {
            return;
        }
        drawing = false;
        before = null;
        if (Math.hypot(e.getX() - tipX, e.getY() - tipY) > STEP_PX && points.size() > 1) {
            tipX = e.getX();
            tipY = e.getY();
            add();
        }
        if (points.size() < 2 && !stroke.kind().byHand()) {
            putDown();
            return;
        }
        Patches drawn = over;
        cloth.whenShown(() -> {
            if (over == drawn) {
                putDown();
            }
        });
        if (!DressEdits.whole(studio, "shade " + stroke.kind().keyword(), w -> w.addShade(kept()))) {
            putDown();
        }
    }

    /** As it lies on the article: of a piece that lies aside at its place, on draped cloth where it lies flat when it goes along. */
    private ShadeStroke kept() {
        Optional<Piece> on = stroke.confine().on().flatMap(cut::piece);
        ShadeStroke drawn = stroke.withPoints(points);
        ShadeStroke there = on.map(p -> drawn.moved(-p.asideX(), -p.asideY())).orElse(drawn);
        boolean carried = studio.dressHand().shade().carried();
        return on.filter(p -> carried && cut.dressing(p).drape().isPresent())
                .map(p -> there.withPoints(DrapedPlaces.cloth(there.points(), cut.dressing(p).drape()))
                        .withCarried(true))
                .orElse(there);
    }

    private void putDown() {
        getChildren().remove(over);
        over = null;
        before = null;
    }

    @Override
    boolean key(KeyEvent e) {
        if (e.getCode() != KeyCode.ESCAPE || kind().isEmpty()) {
            return false;
        }
        drawing = false;
        putDown();
        studio.holdDress(h -> h.shading(s -> s.withKind(Optional.empty())));
        return true;
    }
}
