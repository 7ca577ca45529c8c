package org.vatwright.files.svg;

import java.awt.Shape;
import java.awt.geom.Area;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.shape.AreaWork;

/**
 * Outlines of one drawing parted where they cross, by the platform's geometry; what that would take is reckoned first, and
 * all that a drawing asks for together must not be too much.
 */
final class Parting {

    static final String NOT_CLIPPED = "outlines that cross too often are drawn without their clip";

    /** Above, outlines are filled as they are, without parting what crosses itself. */
    private static final int MOST_SEGMENTS = 900;

    private final Consumer<String> left;
    private double room = AreaWork.MOST;

    /** @param left told what is not clipped */
    Parting(Consumer<String> left) {
        this.left = left;
    }

    /** @return outlines that do not cross, holes the other way round; when that is too much, the shape as it is */
    Shape simple(Shape shape) {
        // Of places that are not finite the platform's geometry makes noise on the standard output and no area.
        return !SvgForms.finite(shape) || SvgForms.segments(shape) > MOST_SEGMENTS
                ? shape
                : parted(shape).<Shape>map(a -> a).orElse(shape);
    }

    /** @return what a shape encloses; nothing, and told, when that is too much */
    Optional<Area> area(Shape shape) {
        Optional<Area> area = parted(shape);
        if (area.isEmpty()) {
            left.accept(NOT_CLIPPED);
        }
        return area;
    }

    /** @return the part of a shape within an area; all of it, and told, when that is too much */
    Shape cut(Shape shape, Area to) {
        if (affords(List.of(shape, to))) {
            try {
                Area shown = new Area(shape);
                shown.intersect(to);
                return shown;
            } catch (InternalError e) {
                // Told as what is too much is.
            }
        }
        left.accept(NOT_CLIPPED);
        return shape;
    }

    private Optional<Area> parted(Shape shape) {
        if (!affords(List.of(shape))) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Area(shape));
        } catch (InternalError e) {
            // The platform's geometry gave up on crossings too close to tell apart.
            return Optional.empty();
        }
    }

    /** @return whether those may be taken together: it is not too much */
    boolean affords(Collection<? extends Shape> shapes) {
        double work = AreaWork.of(shapes);
        if (work > room) {
            return false;
        }
        room -= work;
        return true;
    }
}
