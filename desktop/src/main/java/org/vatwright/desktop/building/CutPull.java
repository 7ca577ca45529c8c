package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.CutShape;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.desktop.studio.CutHand;
import org.vatwright.desktop.studio.CutHand.Tool;

import javafx.scene.Cursor;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.ArcTo;
import javafx.scene.shape.Circle;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;

/**
 * The whole picture with a frame around the part that is taken: pulled by its sides and corners, or moved. Arrows move it,
 * with Shift they pull its lower right corner; a double click takes the whole.
 */
final class CutPull extends Pane {

    private static final int PALE = 60;
    private static final double KNOB_PX = 4.5;
    private static final int STEP_PX = 3;
    private static final int FEWEST = 3;
    /** So near to a side the hand has that side. */
    private static final double NEAR = 9;
    private static final double STEP = 0.01;
    private static final double FINEST = 1e-4;
    private static final double PERCENT = 100;

    private final Consumer<CutOut> take;
    private final boolean onCloth;
    private final Path drawn = new Path();
    private final List<Double> outline = new ArrayList<>();
    private final ImageView view = new ImageView();
    private final Rectangle frame = new Rectangle();
    private final Rectangle frameUnder = new Rectangle();
    private Consumer<CutOut> watcher = c -> {};
    private CutHand hand = CutHand.FIRST;
    private Fill.OfPicture shown;
    private Raster less;
    private double wide;
    private double high;
    private CutOut cut = CutOut.WHOLE;
    private CutOut inHand;
    private boolean left;
    private boolean top;
    private boolean right;
    private boolean bottom;
    private double fromX;
    private double fromY;

    /**
     * @param take is told the cut-out when it is let go
     * @param onCloth whether it lies on the cloth that is made of it: then that is seen within the frame, and a hand
     *        there moves the picture under the frame
     */
    CutPull(String id, Consumer<CutOut> take, boolean onCloth) {
        this.take = take;
        this.onCloth = onCloth;
        setId(id);
        setFocusTraversable(true);
        setAccessibleText("Part of the picture that is taken; arrows move it, with Shift they pull it");
        getStyleClass().add("cut-frame");
        frame.getStyleClass().add("cut");
        frameUnder.getStyleClass().add("cut-under");
        drawn.getStyleClass().setAll("cut-drawn");
        for (Shape each : List.of(frame, frameUnder, drawn)) {
            each.setMouseTransparent(true);
        }
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
        setOnMouseMoved(e -> setCursor(cursor(e)));
        setOnMouseClicked(e -> {
            e.consume();
            if (e.getClickCount() == 2 && hand.tool() == Tool.FRAME) {
                give(cut.framed(0, 0, 1, 1));
            }
        });
        setOnKeyPressed(this::key);
    }

    /** @param watching is told each part that is shown, also while the hand pulls */
    void watched(Consumer<CutOut> watching) {
        watcher = watching;
    }

    /**
     * @param small the whole picture, as small as it may be
     * @param width,height of the whole picture here, in the window's pixels
     */
    void show(CutHand now, Fill.OfPicture of, Raster small, double width, double height) {
        hand = now;
        boolean other = less != small;
        less = small;
        hold(width, height);
        if (other || shown == null || shown.picture() != of.picture() || !shown.cut().equals(of.cut())) {
            view.setImage(SmallPicture.image(seen(of)));
        }
        view.setFitWidth(width);
        view.setFitHeight(height);
        shown = of;
        cut = of.cut();
        inHand = null;
        draw(cut);
    }

    /** Takes so much room. */
    void hold(double width, double height) {
        wide = width;
        high = height;
        setMinSize(width, height);
        setMaxSize(width, height);
        setPrefSize(width, height);
    }

    /** What is not taken is pale. */
    private Raster seen(Fill.OfPicture of) {
        if (of.cut().frameOnly() && of.cut().paper().isEmpty()) {
            return less;
        }
        Raster taken = new Fill.OfPicture(of.picture(), of.cut().framed(0, 0, 1, 1), Optional.empty(), List.of())
                .cutOut(less, Work.on(1));
        Raster pale = new Raster(less.width(), less.height());
        for (int i = 0; i < pale.argb().length; i++) {
            int over = taken.argb()[i];
            pale.argb()[i] = over + Packed.times255(Packed.times255(less.argb()[i], PALE), 255 - (over >>> 24));
        }
        return pale;
    }

    /** The frame stays where it is while the picture is moved under it. */
    private boolean moves() {
        return onCloth && inHand != null && !(left || right || top || bottom);
    }

    private void draw(CutOut now) {
        double dx = moves() ? (cut.left() - now.left()) * wide : 0;
        double dy = moves() ? (cut.top() - now.top()) * high : 0;
        view.setX(dx);
        view.setY(dy);
        for (Rectangle each : List.of(frame, frameUnder)) {
            each.setX(now.left() * wide + dx);
            each.setY(now.top() * high + dy);
            each.setWidth((now.right() - now.left()) * wide);
            each.setHeight((now.bottom() - now.top()) * high);
        }
        Path outside = outside(dx, dy);
        outside.getStyleClass().add("cut-away");
        outside.setMouseTransparent(true);
        view.setClip(onCloth && inHand == null ? outside(dx, dy) : null);
        getChildren().setAll(view, outside, frameUnder, frame, drawn);
        if (onCloth && hand.tool() == Tool.FRAME) {
            knobs();
        }
        watcher.accept(now);
    }

    /** On a wide cloth a frame alone does not say where it is taken hold of. */
    private void knobs() {
        for (int i = 0; i < 9; i++) {
            if (i != 4) {
                Circle knob = new Circle(frame.getX() + i % 3 / 2.0 * frame.getWidth(),
                        frame.getY() + i / 3 / 2.0 * frame.getHeight(), KNOB_PX);
                knob.getStyleClass().add("grip");
                knob.setMouseTransparent(true);
                getChildren().add(knob);
            }
        }
    }

    private Path outside(double dx, double dy) {
        Path outside = (Path) Shape.subtract(new Rectangle(dx, dy, wide, high),
                new Rectangle(frame.getX(), frame.getY(), frame.getWidth(), frame.getHeight()));
        outside.setFillRule(FillRule.EVEN_ODD);
        return outside;
    }

    private boolean near(double at, double share, double px) {
        return Math.abs(at - share * px) <= NEAR;
    }

    private void reach(MouseEvent e) {
        left = near(e.getX(), cut.left(), wide);
        right = !left && near(e.getX(), cut.right(), wide);
        top = near(e.getY(), cut.top(), high);
        bottom = !top && near(e.getY(), cut.bottom(), high);
    }

    private Cursor cursor(MouseEvent e) {
        if (hand.tool() != Tool.FRAME) {
            return Cursor.CROSSHAIR;
        }
        reach(e);
        if ((left || right) && (top || bottom)) {
            return left == top ? Cursor.NW_RESIZE : Cursor.NE_RESIZE;
        }
        if (left || right) {
            return Cursor.H_RESIZE;
        }
        return top || bottom ? Cursor.V_RESIZE : Cursor.MOVE;
    }

    private void press(MouseEvent e) {
        requestFocus();
        // Else what scrolls would take the keys.
        e.consume();
        fromX = e.getX();
        fromY = e.getY();
        if (hand.tool() != Tool.FRAME) {
            outline.clear();
            outline.addAll(List.of(fromX / wide, fromY / high));
            return;
        }
        reach(e);
        inHand = cut;
    }

    private void drag(MouseEvent e) {
        e.consume();
        if (hand.tool() != Tool.FRAME) {
            pull(e);
            return;
        }
        double dx = fine((e.getX() - fromX) / wide);
        double dy = fine((e.getY() - fromY) / high);
        double way = onCloth ? -1 : 1;
        inHand = left || right || top || bottom ? pulled(dx, dy) : cut.moved(way * dx, way * dy);
        draw(inHand);
    }

    private static double fine(double share) {
        return Math.rint(share / FINEST) * FINEST;
    }

    private CutOut pulled(double dx, double dy) {
        double least = CutOut.LEAST;
        return cut.framed(left ? within(cut.left() + dx, 0, cut.right() - least) : cut.left(),
                top ? within(cut.top() + dy, 0, cut.bottom() - least) : cut.top(),
                right ? within(cut.right() + dx, cut.left() + least, 1) : cut.right(),
                bottom ? within(cut.bottom() + dy, cut.top() + least, 1) : cut.bottom());
    }

    private static double within(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    private void pull(MouseEvent e) {
        double px = outline.get(outline.size() - 2) * wide - e.getX();
        double py = outline.getLast() * high - e.getY();
        if (hand.tool() == Tool.OUTLINE && Math.hypot(px, py) >= STEP_PX) {
            outline.addAll(List.of(within01(e.getX() / wide), within01(e.getY() / high)));
        }
        drawn.getElements().clear();
        if (hand.tool() == Tool.OUTLINE) {
            for (int i = 0; i < outline.size(); i += 2) {
                double x = outline.get(i) * wide;
                double y = outline.get(i + 1) * high;
                drawn.getElements().add(i == 0 ? new MoveTo(x, y) : new LineTo(x, y));
            }
        } else if (hand.tool() == Tool.ELLIPSE) {
            outline.subList(2, outline.size()).clear();
            outline.addAll(List.of(within01(e.getX() / wide), within01(e.getY() / high)));
            double rx = Math.abs(e.getX() - fromX) / 2;
            double ry = Math.abs(e.getY() - fromY) / 2;
            double left = Math.min(fromX, e.getX());
            double middle = Math.min(fromY, e.getY()) + ry;
            drawn.getElements().addAll(new MoveTo(left, middle),
                    new ArcTo(rx, ry, 0, left + 2 * rx, middle, true, true),
                    new ArcTo(rx, ry, 0, left, middle, true, true));
        }
    }

    private static double within01(double share) {
        return within(share, 0, 1);
    }

    /** What was drawn becomes a step of the cut-out. */
    private void end() {
        drawn.getElements().clear();
        if (outline.isEmpty()) {
            return;
        }
        List<Double> at = List.copyOf(outline);
        outline.clear();
        CutShape.Form form = switch (hand.tool()) {
            case LIKE -> new CutShape.Form.Like(at.get(0), at.get(1), hand.within(), hand.joined());
            case OUTLINE -> at.size() < 2 * FEWEST ? null : new CutShape.Form.Outline(at);
            case ELLIPSE -> at.size() < 4 || Math.abs(at.get(0) - at.get(2)) < CutOut.LEAST
                    || Math.abs(at.get(1) - at.get(3)) < CutOut.LEAST
                            ? null
                            : new CutShape.Form.Ellipse(Math.min(at.get(0), at.get(2)),
                                    Math.min(at.get(1), at.get(3)), Math.max(at.get(0), at.get(2)),
                                    Math.max(at.get(1), at.get(3)));
            case FRAME -> null;
        };
        if (form != null) {
            take.accept(cut.and(new CutShape(hand.how(), form)));
        }
    }

    private void release(MouseEvent e) {
        e.consume();
        if (hand.tool() != Tool.FRAME) {
            end();
            return;
        }
        CutOut now = inHand;
        inHand = null;
        if (now != null && !now.equals(cut)) {
            give(now);
        } else {
            draw(cut);
        }
    }

    private void give(CutOut now) {
        if (!now.equals(cut)) {
            take.accept(now);
        }
    }

    private void key(KeyEvent e) {
        double dx = e.getCode() == KeyCode.RIGHT ? STEP : e.getCode() == KeyCode.LEFT ? -STEP : 0;
        double dy = e.getCode() == KeyCode.DOWN ? STEP : e.getCode() == KeyCode.UP ? -STEP : 0;
        if (dx == 0 && dy == 0) {
            return;
        }
        e.consume();
        if (e.isShiftDown()) {
            left = false;
            top = false;
            right = dx != 0;
            bottom = dy != 0;
            give(pulled(dx, dy));
        } else {
            give(cut.moved(dx, dy));
        }
    }
}
