package org.vatwright.core.motif;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.shape.AreaWork;

/**
 * A drawn figure that recurs. A change to it changes all its instances.
 *
 * @param id tells motifs of one layer apart
 * @param parts lowest first, around the motif's middle at 0, 0
 */
@RecordBuilder
public record Motif(int id, String name, List<Part> parts) implements MotifBuilder.With {

    public static final int MOST_PARTS = 2000;

    public Motif {
        name = Require.named("motif", name);
        parts = List.copyOf(parts);
        Require.within("parts of a motif", parts.size(), 1, MOST_PARTS);
    }

    public Motif with(int index, Part part) {
        List<Part> changed = new ArrayList<>(parts);
        changed.set(index, part);
        return withParts(changed);
    }

    public Motif scaled(double by) {
        return withParts(parts.stream().map(p -> p.scaled(by)).toList());
    }

    public List<Ink> inks() {
        return parts.stream().flatMap(p -> p.inks().stream()).toList();
    }

    public Motif inked(UnaryOperator<Ink> change) {
        return withParts(parts.stream().map(p -> p.inked(change)).toList());
    }

    /** @return its shapes, lowest first */
    public List<VectorMark> marks() {
        return parts.stream().flatMap(p -> p.marks().stream()).toList();
    }

    /** @return all that its marks cover, in mm about its middle; of too much to unite the outlines as they are */
    public Shape silhouette() {
        List<Shape> shapes = marks().stream().map(VectorMark::shape).toList();
        if (AreaWork.of(shapes) > AreaWork.MOST) {
            Path2D each = new Path2D.Double();
            shapes.forEach(s -> each.append(s, false));
            return each;
        }
        Area all = new Area();
        shapes.forEach(s -> all.add(new Area(s)));
        return all;
    }

    /** @return the box around all of it; a point at its middle when it shows nothing */
    public Rectangle2D bounds() {
        return marks().stream().map(m -> m.shape().getBounds2D()).reduce(Rectangle2D::createUnion)
                .orElse(new Rectangle2D.Double());
    }

    /** @return of the smallest circle around its middle that holds all of it, in mm */
    public double radiusMm() {
        double most = 0;
        double[] c = new double[6];
        for (VectorMark mark : marks()) {
            for (PathIterator it = mark.shape().getPathIterator(null, 0.05); !it.isDone(); it.next()) {
                if (it.currentSegment(c) != PathIterator.SEG_CLOSE) {
                    most = Math.max(most, Math.hypot(c[0], c[1]));
                }
            }
        }
        return most;
    }
}
