package org.vatwright.desktop.building;

import java.util.Optional;

import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Line;

import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

/** The point about which strokes are mirrored or turned, on the cloth, with the mirrors through it. */
final class MirrorGrip extends KnobGrip {

    private final BrushInHand hand;

    MirrorGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane, number, "grip-mirror", "middle of the mirrors");
        hand = new BrushInHand(studio);
    }

    private Optional<Point2D> middle() {
        return hand.work().flatMap(w -> hand.symmetry().middle()).map(m -> new Point2D(m.getX(), m.getY()));
    }

    @Override
    Optional<Point2D> knob() {
        return middle().map(m -> new Point2D(viewport.pxX(m.getX()), viewport.pxY(m.getY())));
    }

    @Override
    void draw() {
        knob().ifPresent(at -> {
            if (hand.symmetry() instanceof Symmetry.Axes axes) {
                for (int k = 0; k < axes.count(); k++) {
                    line(at, axes.angleDeg() + 180.0 * k / axes.count(), true);
                }
            } else if (hand.symmetry() instanceof Symmetry.Turns turns) {
                for (int k = 0; k < turns.count(); k++) {
                    line(at, 90 + 360.0 * k / turns.count(), false);
                }
            }
        });
        drawKnob("grip-mirror");
    }

    /** As far as the cell reaches. */
    private void line(Point2D at, double degrees, boolean bothWays) {
        double far = Math.max(design.repeat().widthMm(), design.repeat().heightMm()) / 2 * viewport.pxPerMm();
        double x = far * Math.cos(Math.toRadians(degrees));
        double y = -far * Math.sin(Math.toRadians(degrees));
        drawTwice("mirror", () -> new Line(at.getX() - (bothWays ? x : 0), at.getY() - (bothWays ? y : 0),
                at.getX() + x, at.getY() + y));
    }

    @Override
    void pull(MouseEvent e) {
        double step = e.isShiftDown() ? 0.1 : 1;
        to(Math.rint(viewport.mmX(e.getX()) / step) * step, Math.rint(viewport.mmY(e.getY()) / step) * step);
    }

    private void to(double x, double y) {
        hand.symmetry(step(), hand.symmetry().about(x, y));
    }

    @Override
    String words() {
        return middle().map(m -> "%s, %s mm".formatted(Numbers.plain(m.getX(), 1), Numbers.plain(m.getY(), 1)))
                .orElse("");
    }

    @Override
    void offer(HandNumber typed) {
        typed.releasedPlace(this::to);
    }
}
