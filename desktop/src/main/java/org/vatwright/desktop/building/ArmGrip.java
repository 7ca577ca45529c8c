package org.vatwright.desktop.building;

import java.util.Optional;
import java.util.OptionalDouble;

import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Line;

/** An arm in the middle of the cell at an angle; its knob turns it, with Shift in steps of 15 degrees. */
abstract class ArmGrip extends KnobGrip {

    private final String style;
    private final double armPx;

    /** @param name of the drag @param style of the knob, which is its id as well */
    ArmGrip(Studio studio, CellPane pane, HandNumber number, String name, String style, double armPx) {
        super(studio, pane, number, style, name);
        this.style = style;
        this.armPx = armPx;
    }

    /** @return the angle, counter-clockwise as seen; empty when there is nothing to turn */
    abstract OptionalDouble degrees();

    abstract void turn(double degrees);

    private Point2D middle() {
        return new Point2D(viewport.pxX(design.repeat().widthMm() / 2), viewport.pxY(design.repeat().heightMm() / 2));
    }

    @Override
    final Optional<Point2D> knob() {
        return degrees().stream().boxed().map(Math::toRadians)
                .map(a -> middle().add(armPx * Math.cos(a), -armPx * Math.sin(a))).findFirst();
    }

    @Override
    final void draw() {
        knob().ifPresent(end -> {
            Point2D from = middle();
            drawTwice("grip-arm", () -> new Line(from.getX(), from.getY(), end.getX(), end.getY()));
        });
        drawKnob(style);
    }

    @Override
    final void pull(MouseEvent e) {
        double step = e.isShiftDown() ? 15 : 0.5;
        Point2D from = middle();
        turn(Math.rint(Math.toDegrees(Math.atan2(from.getY() - e.getY(), e.getX() - from.getX())) / step) * step);
    }

    @Override
    final String words() {
        return Numbers.plain(degrees().orElse(0), 2) + "\u00b0";
    }

    @Override
    final void offer(HandNumber typed) {
        typed.released(text -> turn(LengthText.parseNumber(text, "\u00b0")));
    }
}
