package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.CutShape;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.desktop.control.Ui;

import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.ArcTo;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;

/**
 * The whole picture, small, with a frame around the part that is taken: pulled by its sides and corners, or moved. Arrows move it,
 * with Shift they pull its lower right corner; a double click takes the whole.
 */
final class CutFrame extends VBox {

    private static final int WIDE = 276;
    private static final int HIGH = 190;
    private static final int STEP_PX = 3;
    private static final int FEWEST = 3;
    /** So near to a side the hand has that side. */
    private static final double NEAR = 9;
    private static final double STEP = 0.01;
    private static final double FINEST = 1e-4;
    private static final double PERCENT = 100;

    /** What a hand on the picture does. */
    enum Tool {
        FRAME("Frame"), ELLIPSE("Ellipse"), OUTLINE("Outline"), LIKE("Like");

        private final String words;

        Tool(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private final Consumer<CutOut> take;
    private final Path drawn = new Path();
    private Tool tool = Tool.FRAME;
    private CutShape.How how = CutShape.How.ADD;
    private double within;
    private boolean joined;
    private Fill.OfPicture shown;
    private final List<Double> outline = new ArrayList<>();
    private final Pane pane = new Pane();
    private final ImageView view = new ImageView();
    private final Rectangle frame = new Rectangle();
    private final Label told = Ui.label("", "quiet");
    private static final int PALE = 60;
    private Raster whole;
    private Raster less;
    private CutOut cut = CutOut.WHOLE;
    private CutOut inHand;
    private boolean left;
    private boolean top;
    private boolean right;
    private boolean bottom;
    private double fromX;
    private double fromY;

    /** @param take is told the frame when it is let go */
    CutFrame(Consumer<CutOut> take) {
        super(2);
        this.take = take;
        pane.setId("cut-frame");
        pane.setFocusTraversable(true);
        pane.setAccessibleText("Part of the picture that is taken; arrows move it, with Shift they pull it");
        pane.getStyleClass().add("cut-frame");
        frame.getStyleClass().add("cut");
        frame.setMouseTransparent(true);
        told.setId("cut-told");
        pane.setOnMousePressed(this::press);
        pane.setOnMouseDragged(this::drag);
        pane.setOnMouseReleased(e -> release());
        pane.setOnMouseMoved(e -> pane.setCursor(cursor(e)));
        pane.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && tool == Tool.FRAME) {
                give(cut.framed(0, 0, 1, 1));
            }
        });
        pane.setOnKeyPressed(this::key);
        getChildren().addAll(pane, told);
    }

    /** @param within,joined of what is taken by its likeness */
    void tool(Tool now, CutShape.How comes, double likeness, boolean hangsTogether) {
        tool = now;
        how = comes;
        within = likeness;
        joined = hangsTogether;
    }

    void show(Fill.OfPicture of) {
        if (whole != of.picture().raster()) {
            whole = of.picture().raster();
            double by = Math.min((double) WIDE / whole.width(), (double) HIGH / whole.height());
            Raster small = SmallPicture.of(whole,
                    (int) Math.max(1, Math.rint(by * Math.max(whole.width(), whole.height()))));
            less = small;
            pane.setMinSize(small.width(), small.height());
            pane.setMaxSize(small.width(), small.height());
        }
        if (shown == null || shown.picture() != of.picture() || !shown.cut().equals(of.cut())) {
            view.setImage(SmallPicture.image(seen(of)));
        }
        shown = of;
        cut = of.cut();
        draw(cut);
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

    private double wide() {
        return view.getImage().getWidth();
    }

    private double high() {
        return view.getImage().getHeight();
    }

    private void draw(CutOut shown) {
        frame.setX(shown.left() * wide());
        frame.setY(shown.top() * high());
        frame.setWidth((shown.right() - shown.left()) * wide());
        frame.setHeight((shown.bottom() - shown.top()) * high());
        Path outside = (Path) Shape.subtract(new Rectangle(wide(), high()),
                new Rectangle(frame.getX(), frame.getY(), frame.getWidth(), frame.getHeight()));
        outside.setFillRule(FillRule.EVEN_ODD);
        outside.getStyleClass().add("cut-away");
        outside.setMouseTransparent(true);
        drawn.getStyleClass().setAll("cut-drawn");
        drawn.setMouseTransparent(true);
        pane.getChildren().setAll(view, outside, frame, drawn);
        told.setText("%s x %s %% of it, %,d x %,d px".formatted(
                Numbers.plain(PERCENT * (shown.right() - shown.left()), 1),
                Numbers.plain(PERCENT * (shown.bottom() - shown.top()), 1), shown.width(whole.width()),
                shown.height(whole.height())));
    }

    private boolean near(double at, double share, double px) {
        return Math.abs(at - share * px) <= NEAR;
    }

    private void reach(MouseEvent e) {
        left = near(e.getX(), cut.left(), wide());
        right = !left && near(e.getX(), cut.right(), wide());
        top = near(e.getY(), cut.top(), high());
        bottom = !top && near(e.getY(), cut.bottom(), high());
    }

    private Cursor cursor(MouseEvent e) {
        if (tool != Tool.FRAME) {
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
        pane.requestFocus();
        // Else what scrolls would take the keys.
        e.consume();
        fromX = e.getX();
        fromY = e.getY();
        if (tool != Tool.FRAME) {
            outline.clear();
            outline.addAll(List.of(fromX / wide(), fromY / high()));
            return;
        }
        reach(e);
        inHand = cut;
    }

    private void drag(MouseEvent e) {
        if (tool != Tool.FRAME) {
            pull(e);
            return;
        }
        double dx = fine((e.getX() - fromX) / wide());
        double dy = fine((e.getY() - fromY) / high());
        inHand = left || right || top || bottom ? pulled(dx, dy) : cut.moved(dx, dy);
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
        double px = outline.get(outline.size() - 2) * wide() - e.getX();
        double py = outline.getLast() * high() - e.getY();
        if (tool == Tool.OUTLINE && Math.hypot(px, py) >= STEP_PX) {
            outline.addAll(List.of(within01(e.getX() / wide()), within01(e.getY() / high())));
        }
        drawn.getElements().clear();
        if (tool == Tool.OUTLINE) {
            for (int i = 0; i < outline.size(); i += 2) {
                double x = outline.get(i) * wide();
                double y = outline.get(i + 1) * high();
                drawn.getElements().add(i == 0 ? new MoveTo(x, y) : new LineTo(x, y));
            }
        } else if (tool == Tool.ELLIPSE) {
            outline.subList(2, outline.size()).clear();
            outline.addAll(List.of(within01(e.getX() / wide()), within01(e.getY() / high())));
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
        CutShape.Form form = switch (tool) {
            case LIKE -> new CutShape.Form.Like(at.get(0), at.get(1), within, joined);
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
            take.accept(cut.and(new CutShape(how, form)));
        }
    }

    private void release() {
        if (tool != Tool.FRAME) {
            end();
            return;
        }
        if (inHand != null && !inHand.equals(cut)) {
            give(inHand);
        }
        inHand = null;
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
