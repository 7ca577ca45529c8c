package org.vatwright.desktop.building;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.CoursePlace;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fade;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/** Where the open gradient, or else the fade of the open layer, begins and ends, on the cloth: two knobs, joined by a line. */
final class CourseGrips extends ClothHandles {

    private static final double REACH_PX = 9;
    private static final double KNOB_PX = 6;

    /** What a mark is looked for in. */
    private record Asked(List<Layer> layers, Repeat repeat, String fill) {}

    /** What was found for it. */
    private record Found(Asked asked, Optional<VectorMark> mark) {}

    private final HandNumber number;
    private final Aside<Found> looking = new Aside<>(Platform::runLater, this::found);
    private Optional<Found> found = Optional.empty();
    /** 0 for none, 1 for the beginning, 2 for the end. */
    private int held;

    CourseGrips(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane);
        this.number = number;
    }

    private Optional<Fill> fill() {
        int at = studio.selection().fill();
        return Optional.ofNullable(design).filter(d -> at >= 0 && at < d.fills().size()).map(d -> d.fills().get(at))
                .filter(f -> f.gradient().isPresent());
    }

    /** Across a mark or a line it lies in the mark nearest to the middle of the cell. */
    private Optional<CoursePlace> place() {
        if (fill().isEmpty()) {
            return Optional.of(CoursePlace.of(design.repeat().tile()));
        }
        return fill().flatMap(f -> {
            Fill.OfGradient g = f.gradient().orElseThrow();
            if (g.across() == Fill.Across.TILE || g.across() == Fill.Across.PIECE) {
                return Optional.of(CoursePlace.of(g, Optional.empty(), design.repeat().tile()));
            }
            Asked asked = new Asked(design.layers(), design.repeat(), f.name());
            Design in = design;
            looking.ask(asked, work -> new Found(asked, mark(in, f, work)));
            return found.filter(x -> x.asked.fill.equals(f.name()))
                    .map(x -> CoursePlace.of(g, x.mark, in.repeat().tile()));
        });
    }

    private void found(Found now) {
        found = Optional.of(now);
        if (design != null && viewport != null) {
            show(design, viewport, rolled);
        }
    }

    private static Optional<VectorMark> mark(Design design, Fill fill, Work work) {
        double x = design.repeat().widthMm() / 2;
        double y = design.repeat().heightMm() / 2;
        return design.layers().stream().filter(l -> l.visible() && l.structure().inks().contains(fill.ink()))
                .flatMap(l -> l.structure().outlines(design.repeat(), Phase.OWN, work).stream())
                .flatMap(List::stream).filter(m -> m.inks().contains(fill.ink()))
                .min(Comparator.comparingDouble(m -> {
                    var box = m.shape().getBounds2D();
                    return Math.hypot(box.getCenterX() - x, box.getCenterY() - y);
                }));
    }

    private Point2D px(double[] mm) {
        return new Point2D(viewport.pxX(mm[0]), viewport.pxY(mm[1]));
    }

    private Optional<Course> course() {
        return fill().map(f -> f.gradient().orElseThrow().course())
                .or(() -> studio.layer().flatMap(Layer::fade).map(Fade::course));
    }

    private Optional<Point2D[]> ends() {
        return course().flatMap(c -> place()
                .map(p -> new Point2D[]{px(p.mm(c.fromU(), c.fromV())), px(p.mm(c.toU(), c.toV()))}));
    }

    @Override
    void draw() {
        ends().ifPresent(e -> {
            for (String style : new String[]{"course-under", "course"}) {
                Node line = new Line(e[0].getX(), e[0].getY(), e[1].getX(), e[1].getY());
                line.getStyleClass().add(style);
                getChildren().add(line);
            }
            knob(e[0], "grip-course-from");
            knob(e[1], "grip-course-to");
        });
    }

    private void knob(Point2D at, String id) {
        Circle circle = new Circle(at.getX(), at.getY(), KNOB_PX);
        circle.getStyleClass().add("course-knob");
        circle.setId(id);
        getChildren().add(circle);
    }

    @Override
    void press(MouseEvent e) {
        held = 0;
        if (e.isConsumed() || e.getButton() != MouseButton.PRIMARY || design == null || rolled) {
            return;
        }
        ends().ifPresent(ends -> {
            double from = ends[0].distance(e.getX(), e.getY());
            double to = ends[1].distance(e.getX(), e.getY());
            if (Math.min(from, to) < REACH_PX) {
                held = to <= from ? 2 : 1;
                e.consume();
            }
        });
    }

    @Override
    void drag(MouseEvent e) {
        if (held == 0) {
            return;
        }
        e.consume();
        if (!studio.dragging()) {
            studio.beginDrag(fill().isPresent() ? "ends of a gradient" : "ends of a fade");
        }
        place().ifPresent(p -> {
            double[] to = p.share(viewport.mmX(e.getX()), viewport.mmY(e.getY()));
            move(to[0], to[1]);
            number.pulled(e, words());
        });
    }

    private void move(double u, double v) {
        Course now = course().orElseThrow();
        Course then = held == 1 ? now.withFrom(u, v) : now.withTo(u, v);
        if (fill().isPresent()) {
            String name = fill().get().name();
            studio.editDesign("ends of a gradient",
                    d -> d.editFill(name, x -> x.withGradient(g -> g.withCourse(then))));
        } else {
            studio.editLayer("ends of a fade", l -> l.withFade(l.fade().map(f -> f.withCourse(then))));
        }
    }

    private String words() {
        return course().map(c -> "%s, %s %%".formatted(Numbers.plain(100 * (held == 1 ? c.fromU() : c.toU()), 1),
                Numbers.plain(100 * (held == 1 ? c.fromV() : c.toV()), 1))).orElse("");
    }

    @Override
    void release(MouseEvent e) {
        if (held != 0 && studio.dragging()) {
            studio.endDrag();
        }
        held = 0;
    }
}
