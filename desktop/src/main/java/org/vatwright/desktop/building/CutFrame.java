package org.vatwright.desktop.building;

import java.util.function.Consumer;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.control.Ui;

import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;

/**
 * The whole picture, small, with a frame around the part that is taken: pulled by its sides and corners, or moved. Arrows move it,
 * with Shift they pull its lower right corner; a double click takes the whole.
 */
final class CutFrame extends VBox {

    private static final int WIDE = 276;
    private static final int HIGH = 100;
    /** So near to a side the hand has that side. */
    private static final double NEAR = 9;
    private static final double STEP = 0.01;
    private static final double FINEST = 1e-4;
    private static final double PERCENT = 100;

    private final Consumer<CutOut> take;
    private final Pane pane = new Pane();
    private final ImageView view = new ImageView();
    private final Rectangle frame = new Rectangle();
    private final Label told = Ui.label("", "quiet");
    private Raster whole;
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
            if (e.getClickCount() == 2) {
                give(CutOut.WHOLE);
            }
        });
        pane.setOnKeyPressed(this::key);
        getChildren().addAll(pane, told);
    }

    void show(Fill.OfPicture of) {
        if (whole != of.picture().raster()) {
            whole = of.picture().raster();
            double by = Math.min((double) WIDE / whole.width(), (double) HIGH / whole.height());
            Raster small = SmallPicture.of(whole,
                    (int) Math.max(1, Math.rint(by * Math.max(whole.width(), whole.height()))));
            view.setImage(SmallPicture.image(small));
            pane.setMinSize(small.width(), small.height());
            pane.setMaxSize(small.width(), small.height());
        }
        cut = of.cut();
        draw(cut);
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
        pane.getChildren().setAll(view, outside, frame);
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
        reach(e);
        fromX = e.getX();
        fromY = e.getY();
        inHand = cut;
    }

    private void drag(MouseEvent e) {
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
        return new CutOut(left ? within(cut.left() + dx, 0, cut.right() - least) : cut.left(),
                top ? within(cut.top() + dy, 0, cut.bottom() - least) : cut.top(),
                right ? within(cut.right() + dx, cut.left() + least, 1) : cut.right(),
                bottom ? within(cut.bottom() + dy, cut.top() + least, 1) : cut.bottom());
    }

    private static double within(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    private void release() {
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
