package org.vatwright.desktop.cloth;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Numbers;

import javafx.geometry.VPos;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** A ruler in mm along the top or the left of a view; dragging out of it makes a guide. */
public final class Ruler extends Pane {

    public static final double BREADTH = 18;
    private static final double[] STEPS = {1, 2, 5};
    private static final double LEAST_PX = 46;

    private final boolean level;
    private final Pane marks = new Pane();
    /** One path for all: a line each was slow to be styled, and they are laid anew with every step of a zoom. */
    private final Path ticks = new Path();
    private final List<Text> numbers = new ArrayList<>();
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
        ticks.getStyleClass().add("ruler-tick");
        marks.getChildren().add(ticks);
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
        double step = step(pxPerMm);
        List<PathElement> lines = new ArrayList<>();
        int count = 0;
        for (double mm = Math.floor(-start / pxPerMm / step) * step; start + mm * pxPerMm < length; mm += step) {
            double at = start + mm * pxPerMm;
            tick(at, 7, lines);
            for (int part = 1; part < 5; part++) {
                tick(at + part * step * pxPerMm / 5, 3, lines);
            }
            Text number = number(count++);
            number.setText(Numbers.plain(mm, 2));
            number.relocate(level ? at + 2 : 1, level ? 0 : at + 1);
        }
        ticks.getElements().setAll(lines);
        for (int i = 0; i < numbers.size(); i++) {
            numbers.get(i).setVisible(i < count);
        }
    }

    /** @return one of those there are, or another one */
    private Text number(int index) {
        if (index == numbers.size()) {
            Text number = new Text();
            number.setTextOrigin(VPos.TOP);
            number.getStyleClass().add("ruler-number");
            number.setManaged(false);
            numbers.add(number);
            marks.getChildren().add(number);
        }
        return numbers.get(index);
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

    private void tick(double at, double length, List<PathElement> lines) {
        lines.add(level ? new MoveTo(at, BREADTH - length) : new MoveTo(BREADTH - length, at));
        lines.add(level ? new LineTo(at, BREADTH) : new LineTo(BREADTH, at));
    }

    /** Marks the pointer's place. */
    public void point(double at) {
        pointer.setStartX(level ? at : 0);
        pointer.setEndX(level ? at : BREADTH);
        pointer.setStartY(level ? 0 : at);
        pointer.setEndY(level ? BREADTH : at);
    }
}
