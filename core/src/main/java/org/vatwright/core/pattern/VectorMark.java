package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.PathIterator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Refusal;

/**
 * One filled shape of a tile, in mm, y down. Shapes may reach over the tile's edges; what comes in again on the other
 * side stands there as a mark of its own.
 *
 * @param from the ink at whole share
 * @param to the ink it is mixed with
 * @param share of {@code to} in the mixture, 0 to 1, in linear light
 * @param tone how much lighter (or darker, below 0) than the mixture, as a step of OKLab lightness, -1 to 1
 * @param opacity 0 to 1
 * @param gradient instead of the inks, when present
 * @param frame from the mark's own mm, its middle at 0, 0, to where it is; none of marks without ends
 * @param spine its middle, when it is a line
 */
@RecordBuilder
public record VectorMark(Shape shape, Ink from, Ink to, double share, double tone, double opacity,
        Optional<Gradient> gradient, Optional<AffineTransform> frame,
        Optional<Spine> spine) implements VectorMarkBuilder.With {

    private static final int MOST_POINTS = 1_000_000;

    /** @return corners and ends of curves */
    public static int points(Shape shape) {
        int points = 0;
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            points++;
        }
        return points;
    }

    /** @param points of all marks of a layer; refused when a file of them could not be opened */
    public static void checkPoints(double points) {
        if (points > MOST_POINTS) {
            throw new Refusal(
                    "as shapes a layer would have %,.0f points; %,d are the most that programs open: write a picture, or make the cell smaller"
                            .formatted(points, MOST_POINTS));
        }
    }

    public VectorMark(Shape shape, Ink ink) {
        this(shape, ink, ink, 0, 0);
    }

    public VectorMark(Shape shape, Ink from, Ink to, double share) {
        this(shape, from, to, share, 0);
    }

    public VectorMark(Shape shape, Ink ink, double tone) {
        this(shape, ink, ink, 0, tone);
    }

    public VectorMark(Shape shape, Ink from, Ink to, double share, double tone) {
        this(shape, from, to, share, tone, 1, Optional.empty(), Optional.empty(), Optional.empty());
    }

    public VectorMark(Shape shape, Gradient gradient) {
        this(shape, gradient.stops().getFirst().ink(), gradient.stops().getFirst().ink(), 0, 0, 1,
                Optional.of(gradient), Optional.empty(), Optional.empty());
    }

    public VectorMark withFrame(AffineTransform other) {
        return with().frame(Optional.of(other)).build();
    }

    public VectorMark along(Spine other) {
        return with().spine(Optional.of(other)).build();
    }

    /** @return the mark and what fills it, moved; @throws Refusal when the move leaves it no area */
    public VectorMark moved(AffineTransform by) {
        Shape there = by.createTransformedShape(shape);
        Optional<AffineTransform> moved = frame.map(f -> {
            AffineTransform now = new AffineTransform(by);
            now.concatenate(f);
            return now;
        });
        Optional<Spine> bent = spine.map(s -> s.moved(by));
        if (gradient.isEmpty()) {
            return with().shape(there).frame(moved).spine(bent).build();
        }
        try {
            return with().shape(there).gradient(Optional.of(gradient.get().moved(by.createInverse()))).frame(moved)
                    .spine(bent).build();
        } catch (NoninvertibleTransformException e) {
            throw new Refusal("a motif cannot be scaled to nothing", e);
        }
    }

    /** @return every ink of it replaced */
    public VectorMark inked(UnaryOperator<Ink> change) {
        return new VectorMark(shape, change.apply(from), change.apply(to), share, tone, opacity,
                gradient.map(g -> g.withStops(g.stops().stream()
                        .map(s -> new Gradient.Stop(s.place(), change.apply(s.ink()), s.opacity())).toList())),
                frame, spine);
    }

    /** @return every ink it shows */
    public List<Ink> inks() {
        return gradient.map(g -> g.stops().stream().map(Gradient.Stop::ink).toList())
                .orElse(from.equals(to) ? List.of(from) : List.of(from, to));
    }
}
