package org.vatwright.desktop.control;

import java.util.List;
import java.util.function.DoubleConsumer;

import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;

/** An angle, counter-clockwise as seen, 0 to the right. Long ticks stand where something closes or is usual. */
public final class GrainDial extends Pane {

    private static final double SIZE = 84;
    private static final double RADIUS = 38;
    /** Within this many degrees a drag comes to rest on a long tick. */
    private static final double SNAP = 2.5;

    private final Studio studio;
    private final String what;
    private final DoubleConsumer commit;
    /** Each one shape: there may be hundreds of them. */
    private final Path ticks = new Path();
    private final Path longTicks = new Path();
    private final Line hand = new Line();
    private List<Double> marks = List.of();
    private double angle;

    public GrainDial(Studio studio, String what, DoubleConsumer commit) {
        this.studio = studio;
        this.what = what;
        this.commit = commit;
        getStyleClass().add("dial");
        setId(what.replace(' ', '-') + "-dial");
        setMinSize(SIZE, SIZE);
        setPrefSize(SIZE, SIZE);
        setMaxSize(SIZE, SIZE);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        Circle face = new Circle(SIZE / 2, SIZE / 2, RADIUS);
        face.getStyleClass().add("dial-face");
        hand.getStyleClass().add("dial-hand");
        Circle hub = new Circle(SIZE / 2, SIZE / 2, 3.5);
        hub.getStyleClass().add("dial-hub");
        ticks.getStyleClass().add("dial-tick");
        ticks.setMouseTransparent(true);
        longTicks.getStyleClass().add("dial-mark");
        longTicks.setMouseTransparent(true);
        for (int t = 0; t < 360; t += 15) {
            tick(ticks, t, 3);
        }
        getChildren().addAll(face, ticks, longTicks, hand, hub);
        setOnMousePressed(this::drag);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(e -> studio.endDrag());
        setOnKeyPressed(this::key);
    }

    /** @param closing angles at which something closes; a drag snaps to them */
    public void show(double degrees, List<Double> closing) {
        angle = degrees;
        setAccessibleText("%s %s degrees".formatted(what, Numbers.plain(degrees, 2)));
        if (!closing.equals(marks)) {
            marks = List.copyOf(closing);
            longTicks.getElements().clear();
            for (double mark : marks) {
                tick(longTicks, mark, 8);
                tick(longTicks, mark + 180, 8);
            }
        }
        double a = Math.toRadians(degrees);
        hand.setStartX(SIZE / 2);
        hand.setStartY(SIZE / 2);
        hand.setEndX(SIZE / 2 + (RADIUS - 6) * Math.cos(a));
        hand.setEndY(SIZE / 2 - (RADIUS - 6) * Math.sin(a));
    }

    private static void tick(Path ticks, double degrees, double length) {
        double a = Math.toRadians(degrees);
        ticks.getElements().addAll(
                new MoveTo(SIZE / 2 + (RADIUS - 2) * Math.cos(a), SIZE / 2 - (RADIUS - 2) * Math.sin(a)),
                new LineTo(SIZE / 2 + (RADIUS - 2 - length) * Math.cos(a),
                        SIZE / 2 - (RADIUS - 2 - length) * Math.sin(a)));
    }

    private void drag(MouseEvent e) {
        requestFocus();
        double dx = e.getX() - SIZE / 2;
        double dy = SIZE / 2 - e.getY();
        if (Math.hypot(dx, dy) < 4) {
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag("turn " + what);
        }
        double wanted = Math.toDegrees(Math.atan2(dy, dx));
        commit.accept(e.isShiftDown() ? Math.rint(wanted * 10) / 10 : snapped(wanted));
    }

    private double snapped(double wanted) {
        for (double mark : marks) {
            for (double turn = -360; turn <= 360; turn += 180) {
                if (Math.abs(mark + turn - wanted) < SNAP) {
                    return mark + turn;
                }
            }
        }
        return Math.rint(wanted);
    }

    private void key(KeyEvent e) {
        double step = e.isShiftDown() ? 15 : 1;
        if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.RIGHT) {
            commit.accept(angle + step);
            e.consume();
        } else if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.LEFT) {
            commit.accept(angle - step);
            e.consume();
        }
    }
}
