package org.vatwright.desktop.building;

import java.awt.geom.Rectangle2D;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

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

/** The course that is open, of a gradient or else of the open layer's fade: where its ends lie, and how they are moved. */
final class CourseInHand {

    /** What a mark is looked for in. */
    private record Asked(List<Layer> layers, Repeat repeat, String fill) {}

    /** What was found for it. */
    private record Found(Asked asked, Optional<VectorMark> mark) {}

    private final Studio studio;
    private final Runnable redraw;
    private final Aside<Found> looking = new Aside<>(Platform::runLater, this::found);
    private Optional<Found> found = Optional.empty();

    /** @param redraw when it is known where the ends lie */
    CourseInHand(Studio studio, Runnable redraw) {
        this.studio = studio;
        this.redraw = redraw;
    }

    private void found(Found now) {
        found = Optional.of(now);
        redraw.run();
    }

    private Optional<Fill> fill(Design design) {
        int at = studio.selection().fill();
        return at >= 0 && at < design.fills().size()
                ? Optional.of(design.fills().get(at)).filter(f -> f.gradient().isPresent())
                : Optional.empty();
    }

    Optional<Course> course(Design design) {
        return fill(design).flatMap(Fill::gradient).map(Fill.OfGradient::course)
                .or(() -> studio.layer().flatMap(Layer::fade).map(Fade::course));
    }

    /** Across a mark or a line it lies in the mark nearest to the middle of the cell. */
    Optional<CoursePlace> place(Design design) {
        Optional<Fill> fill = fill(design);
        if (fill.flatMap(Fill::gradient).filter(Fill.OfGradient::inMarks).isEmpty()) {
            return Optional.of(CoursePlace.of(design.repeat().tile()));
        }
        Asked asked = new Asked(design.layers(), design.repeat(), fill.get().name());
        looking.ask(asked, work -> new Found(asked, mark(design, fill.get(), work)));
        return found.filter(x -> x.asked.fill.equals(asked.fill))
                .map(x -> CoursePlace.of(fill.get().gradient().orElseThrow(), x.mark, design.repeat().tile()));
    }

    private static Optional<VectorMark> mark(Design design, Fill fill, Work work) {
        double x = design.repeat().widthMm() / 2;
        double y = design.repeat().heightMm() / 2;
        return design.layers().stream().filter(l -> l.visible() && l.structure().inks().contains(fill.ink()))
                .flatMap(l -> l.structure().outlines(design.repeat(), Phase.OWN, work).stream())
                .flatMap(List::stream).filter(m -> m.inks().contains(fill.ink()))
                .min(Comparator.comparingDouble(m -> {
                    Rectangle2D box = m.shape().getBounds2D();
                    return Math.hypot(box.getCenterX() - x, box.getCenterY() - y);
                }));
    }

    /** @return what moving an end of it is called */
    String step(Design design) {
        return fill(design).isPresent() ? "ends of a gradient" : "ends of a fade";
    }

    void take(Design design, Course then) {
        Optional<Fill> fill = fill(design);
        if (fill.isPresent()) {
            studio.editDesign(step(design), d -> d.editFill(fill.get().name(),
                    f -> f.withGradient(g -> g.withCourse(then))));
        } else {
            studio.editLayer(step(design), l -> l.withFade(l.fade().map(f -> f.withCourse(then))));
        }
    }
}
