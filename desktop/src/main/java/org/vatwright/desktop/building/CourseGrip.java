package org.vatwright.desktop.building;

import java.util.Optional;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.CoursePlace;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Line;

/** One end of the open course, on the cloth; the far end's grip draws the line between both as well. */
final class CourseGrip extends KnobGrip {

    private final CourseInHand inHand;
    private final boolean far;

    /** @param far whether it is where the course ends; else where it begins */
    CourseGrip(Studio studio, CellPane pane, HandNumber number, CourseInHand inHand, boolean far) {
        super(studio, pane, number, far ? "grip-course-to" : "grip-course-from", "");
        this.inHand = inHand;
        this.far = far;
    }

    @Override
    String step() {
        return inHand.step(design);
    }

    private Optional<double[]> mm(boolean end) {
        return inHand.course(design).flatMap(c -> inHand.place(design)
                .map(p -> end ? p.mm(c.toU(), c.toV()) : p.mm(c.fromU(), c.fromV())));
    }

    private Optional<Point2D> px(boolean end) {
        return design == null
                ? Optional.empty()
                : mm(end).map(at -> new Point2D(viewport.pxX(at[0]), viewport.pxY(at[1])));
    }

    @Override
    Optional<Point2D> knob() {
        return px(far);
    }

    @Override
    void draw() {
        if (far) {
            px(false).ifPresent(from -> px(true).ifPresent(to -> drawTwice("course",
                    () -> new Line(from.getX(), from.getY(), to.getX(), to.getY()))));
        }
        drawKnob("course-knob");
    }

    @Override
    void pull(MouseEvent e) {
        to(viewport.mmX(e.getX()), viewport.mmY(e.getY()));
    }

    private void to(double x, double y) {
        Optional<CoursePlace> place = inHand.place(design);
        inHand.course(design).ifPresent(c -> place.ifPresent(p -> {
            double[] at = p.share(x, y);
            Course then = far ? c.withTo(at[0], at[1]) : c.withFrom(at[0], at[1]);
            inHand.take(design, then);
        }));
    }

    @Override
    String words() {
        return mm(far).map(at -> "%s, %s mm".formatted(Numbers.plain(at[0], 1), Numbers.plain(at[1], 1))).orElse("");
    }

    @Override
    void offer(HandNumber typed) {
        typed.releasedPlace(this::to);
    }
}
