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

/** An angle, counter-clockwise as seen, 0 to the right. Long ticks stand where something closes or is usual. */
public final class GrainDial extends Pane {

    private static final double SIZE = 84;
    private static final double RADIUS = 38;
    /** Within this many degrees a drag comes to rest on a long tick. */
    private static final double SNAP = 2.5;

    private final Studio studio;
    private final String what;
    private final DoubleConsumer commit;
    private final Pane ticks = new Pane();
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
        ticks.setMouseTransparent(true);
        getChildren().addAll(face, ticks, hand, hub);
        setOnMousePressed(this::drag);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(e -> studio.endDrag());
        setOnKeyPressed(this::key);
    }

    /** @param closing angles at which something closes; a drag snaps to them */
    public void show(double degrees, List<Double> closing) {
        angle = degrees;
        setAccessibleText("%s %s degrees".formatted(what, Numbers.plain(degrees, 2)));
        if (!closing.equals(marks) || ticks.getChildren().isEmpty()) {
            marks = List.copyOf(closing);
            ticks.getChildren().clear();
            for (int t = 0; t < 360; t += 15) {
                tick(t, 3, "dial-tick");
            }
            for (double mark : marks) {
                tick(mark, 8, "dial-mark");
                tick(mark + 180, 8, "dial-mark");
            }
        }
        double a = Math.toRadians(degrees);
        hand.setStartX(SIZE / 2);
        hand.setStartY(SIZE / 2);
        hand.setEndX(SIZE / 2 + (RADIUS - 6) * Math.cos(a));
        hand.setEndY(SIZE / 2 - (RADIUS - 6) * Math.sin(a));
    }

    private void tick(double degrees, double length, String style) {
        double a = Math.toRadians(degrees);
        Line line = new Line(SIZE / 2 + (RADIUS - 2) * Math.cos(a), SIZE / 2 - (RADIUS - 2) * Math.sin(a),
                SIZE / 2 + (RADIUS - 2 - length) * Math.cos(a), SIZE / 2 - (RADIUS - 2 - length) * Math.sin(a));
        line.getStyleClass().add(style);
        ticks.getChildren().add(line);
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
