package org.vatwright.desktop.cloth;

import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.control.Ui;

import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;

/** A ruler in mm along the top or the left of a view; dragging out of it makes a guide. */
public final class Ruler extends Pane {

    public static final double BREADTH = 18;
    private static final double[] STEPS = {1, 2, 5};
    private static final double LEAST_PX = 46;

    private final boolean level;
    private final Pane marks = new Pane();
    private final Line pointer = new Line();
    private Object shown;

    /** @param level along the top; else along the left */
    public Ruler(boolean level) {
        this.level = level;
        getStyleClass().add("ruler");
        setId(level ? "ruler-across" : "ruler-down");
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        marks.setMouseTransparent(true);
        pointer.getStyleClass().add("ruler-pointer");
        getChildren().addAll(marks, pointer);
    }

    /** @param start px of 0 mm along the ruler */
    public void show(double start, double pxPerMm, double length) {
        record State(double start, double pxPerMm, double length) {}
        State state = new State(start, pxPerMm, length);
        if (state.equals(shown)) {
            return;
        }
        shown = state;
        marks.getChildren().clear();
        double step = step(pxPerMm);
        for (double mm = Math.floor(-start / pxPerMm / step) * step; start + mm * pxPerMm < length; mm += step) {
            double at = start + mm * pxPerMm;
            tick(at, 7);
            for (int part = 1; part < 5; part++) {
                tick(at + part * step * pxPerMm / 5, 3);
            }
            Label number = Ui.label(Numbers.plain(mm, 2), "ruler-number");
            number.relocate(level ? at + 2 : 1, level ? 0 : at + 1);
            marks.getChildren().add(number);
        }
    }

    private static double step(double pxPerMm) {
        for (double ten = 0.01; ten < 1e6; ten *= 10) {
            for (double step : STEPS) {
                if (step * ten * pxPerMm >= LEAST_PX) {
                    return step * ten;
                }
            }
        }
        return 1e6;
    }

    private void tick(double at, double length) {
        Line line = level ? new Line(at, BREADTH - length, at, BREADTH) : new Line(BREADTH - length, at, BREADTH, at);
        line.getStyleClass().add("ruler-tick");
        marks.getChildren().add(line);
    }

    /** Marks the pointer's place. */
    public void point(double at) {
        pointer.setStartX(level ? at : 0);
        pointer.setEndX(level ? at : BREADTH);
        pointer.setStartY(level ? 0 : at);
        pointer.setEndY(level ? BREADTH : at);
    }
}
