package org.vatwright.desktop.building;

import java.util.OptionalDouble;

import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/** An arm in the middle of the cell at an angle; its knob turns it, with Shift in steps of 15 degrees. */
abstract class ArmGrip extends ClothHandles {

    private static final double REACH_PX = 9;
    private static final double KNOB_PX = 5.5;

    private final HandNumber number;
    private final String name;
    private final String style;
    private final double armPx;
    private boolean held;

    /** @param name of the drag @param style of the knob and, as it is its id as well, of tests */
    ArmGrip(Studio studio, CellPane pane, HandNumber number, String name, String style, double armPx) {
        super(studio, pane);
        this.number = number;
        this.name = name;
        this.style = style;
        this.armPx = armPx;
    }

    /** @return the angle, counter-clockwise as seen; empty when there is nothing to turn */
    abstract OptionalDouble degrees();

    abstract void turn(double degrees);

    private double middleX() {
        return viewport.pxX(design.repeat().widthMm() / 2);
    }

    private double middleY() {
        return viewport.pxY(design.repeat().heightMm() / 2);
    }

    private double knobX(double degrees) {
        return middleX() + armPx * Math.cos(Math.toRadians(degrees));
    }

    private double knobY(double degrees) {
        return middleY() - armPx * Math.sin(Math.toRadians(degrees));
    }

    @Override
    void draw() {
        degrees().ifPresent(t -> {
            for (String arm : new String[]{"grip-arm-under", "grip-arm"}) {
                Line line = new Line(middleX(), middleY(), knobX(t), knobY(t));
                line.getStyleClass().add(arm);
                getChildren().add(line);
            }
            Circle knob = new Circle(knobX(t), knobY(t), KNOB_PX);
            knob.getStyleClass().addAll("grip", style);
            knob.setId(style);
            getChildren().add(knob);
        });
    }

    @Override
    void press(MouseEvent e) {
        held = false;
        if (e.isConsumed() || e.getButton() != MouseButton.PRIMARY || design == null || rolled) {
            return;
        }
        degrees().ifPresent(t -> {
            held = Math.hypot(knobX(t) - e.getX(), knobY(t) - e.getY()) < REACH_PX;
            if (held) {
                e.consume();
            }
        });
    }

    @Override
    void drag(MouseEvent e) {
        if (!held) {
            return;
        }
        e.consume();
        if (!studio.dragging()) {
            studio.beginDrag(name);
        }
        double step = e.isShiftDown() ? 15 : 0.5;
        turn(Math.rint(Math.toDegrees(Math.atan2(middleY() - e.getY(), e.getX() - middleX())) / step) * step);
        degrees().ifPresent(t -> number.pulled(e, Numbers.plain(t, 2) + "\u00b0"));
    }

    @Override
    void release(MouseEvent e) {
        if (held && studio.dragging()) {
            studio.endDrag();
            number.released(text -> turn(LengthText.parseNumber(text, "\u00b0")));
        }
        held = false;
    }
}
