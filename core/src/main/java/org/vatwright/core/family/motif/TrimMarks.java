package org.vatwright.core.family.motif;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimRun;

/**
 * The marks of motifs that run along a line as a trim. All that take turns share one box, so that they stand on one line; it
 * is as broad as the trim, and as long as it comes out in whole repeats.
 */
final class TrimMarks {

    private static final double LEAST_MM = 1e-6;
    /** Corners of a mitre farther away than so many breadths cut nothing. */
    private static final double FAR = 3;

    /** A design asks how many there are each time one of its layers changes. By the very trim, of which a few are worked on at once. */
    private static final Cache<Placing.Trim, TrimMarks> LAST = Caffeine.newBuilder().weakKeys().maximumSize(8).build();

    private final List<Motif> motifs;
    private final Placing.Trim trim;
    private final List<Motif> turns;
    private final Motif corner;
    private final Rectangle2D box;
    private final TrimRun run;

    private TrimMarks(List<Motif> motifs, Placing.Trim trim) {
        this.motifs = motifs;
        this.trim = trim;
        List<Motif> others = motifs.stream().filter(m -> !trim.corner().map(c -> c == m.id()).orElse(false)).toList();
        turns = others.isEmpty() ? motifs : others;
        corner = trim.corner().flatMap(c -> motifs.stream().filter(m -> m.id() == c).findFirst())
                .orElse(turns.getFirst());
        box = sized(turns.stream().map(Motif::bounds).reduce(Rectangle2D::createUnion).orElseThrow());
        run = TrimRun.of(trim.line(), trim.form(), box.getWidth() / box.getHeight());
        if (run.repeats().size() >= TrimRun.MOST_REPEATS) {
            throw new Refusal(
                    "the trim would have %,d repeats or more; it should be broader, its gaps wider or its line shorter"
                            .formatted(TrimRun.MOST_REPEATS));
        }
    }

    static TrimMarks of(List<Motif> motifs, Placing.Trim trim) {
        TrimMarks last = LAST.getIfPresent(trim);
        if (last == null || last.motifs != motifs) {
            last = new TrimMarks(motifs, trim);
            LAST.put(trim, last);
        }
        return last;
    }

    private static Rectangle2D sized(Rectangle2D box) {
        double w = box.getWidth() < LEAST_MM ? Math.max(LEAST_MM, box.getHeight()) : box.getWidth();
        double h = box.getHeight() < LEAST_MM ? w : box.getHeight();
        return new Rectangle2D.Double(box.getCenterX() - w / 2, box.getCenterY() - h / 2, w, h);
    }

    TrimRun run() {
        return run;
    }

    int count() {
        return run.seen().size() + run.corners().size();
    }

    private Motif motif(TrimRun.Repeat r) {
        return turns.get(Math.floorMod(r.number(), turns.size()));
    }

    /** @return each where it stands and as it is turned, neither bent nor drawn out */
    List<Instance> instances() {
        List<Instance> all = new ArrayList<>();
        for (TrimRun.Repeat r : run.seen()) {
            BentLine line = new BentLine(run.stretches().get(r.stretch()));
            double[] at = line.at((r.from() + r.to()) / 2);
            double scale = r.broadMm() / box.getHeight();
            all.add(instance(motif(r), at[0] + r.offMm() * at[3], at[1] - r.offMm() * at[2], at[2], at[3], scale,
                    box));
        }
        for (TrimRun.Turn t : run.corners()) {
            Rectangle2D own = sized(corner.bounds());
            all.add(instance(corner, t.x(), t.y(), t.dx(), t.dy(), side() / Math.max(own.getWidth(), own.getHeight()),
                    own));
        }
        return all;
    }

    private static Instance instance(Motif motif, double x, double y, double dx, double dy, double scale,
            Rectangle2D box) {
        double off = box.getCenterX() * scale;
        double down = box.getCenterY() * scale;
        return new Instance(motif.id(), x - off * dx + down * dy, y - off * dy - down * dx)
                .withTurnDeg(-Math.toDegrees(Math.atan2(dy, dx))).withScale(scale);
    }

    private double side() {
        return trim.form().breadthMm() * trim.form().rows();
    }

    /** @return in mm of the cell, lowest first. @param work asked before each repeat whether to go on */
    List<VectorMark> marks(Work work) {
        List<VectorMark> marks = new ArrayList<>();
        for (TrimRun.Repeat r : run.seen()) {
            work.goOn();
            TrimRun.Stretch s = run.stretches().get(r.stretch());
            BentLine line = new BentLine(s);
            laid(r, s, line, 0, marks);
            beyond(r, s, line, marks);
        }
        for (TrimRun.Turn t : run.corners()) {
            Rectangle2D own = sized(corner.bounds());
            double by = side() / Math.max(own.getWidth(), own.getHeight());
            AffineTransform place = new AffineTransform(t.dx(), t.dy(), -t.dy(), t.dx(), t.x(), t.y());
            place.scale(by, by);
            place.translate(-own.getCenterX(), -own.getCenterY());
            corner.marks().forEach(m -> marks.add(m.moved(place)));
        }
        return marks;
    }

    /** In a mitre what is outside goes on beyond the corner, by repeats as the one that is there. */
    private void beyond(TrimRun.Repeat r, TrimRun.Stretch s, BentLine line, List<VectorMark> marks) {
        TrimForm form = trim.form();
        double step = r.longMm() + form.gapMm();
        boolean begins = s.begins() != null && r.from() <= form.gapMm();
        boolean ends = s.ends() != null && r.to() >= s.length() - form.gapMm() - LEAST_MM;
        for (double far = step; far < side() + step; far += step) {
            if (begins) {
                laid(r, s, line, -far, marks);
            }
            if (ends) {
                laid(r, s, line, far, marks);
            }
        }
    }

    private void laid(TrimRun.Repeat r, TrimRun.Stretch s, BentLine line, double on, List<VectorMark> marks) {
        double from = r.from() + on;
        double[] at = line.at(from + r.longMm() / 2);
        AffineTransform place = new AffineTransform(at[2], at[3], -at[3], at[2], at[0] + r.offMm() * at[3],
                at[1] - r.offMm() * at[2]);
        place.scale(r.longMm() / box.getWidth(), r.broadMm() / box.getHeight());
        place.translate(-box.getCenterX(), -box.getCenterY());
        for (VectorMark mark : motif(r).marks()) {
            VectorMark there = mark.moved(place);
            if (trim.form().bent()) {
                there = there.withShape(line.bent(mark.shape(), box, from, r.longMm(), r.offMm() + r.broadMm() / 2,
                        r.broadMm()));
            }
            Shape cut = cut(there.shape(), s, line);
            if (cut == there.shape()) {
                marks.add(there);
            } else if (!cut.getBounds2D().isEmpty()) {
                marks.add(there.withShape(cut));
            }
        }
    }

    /** @return what of it is on this side of the corners near it and of the line's ends, where repeats are cut there */
    private Shape cut(Shape shape, TrimRun.Stretch s, BentLine line) {
        Shape left = shape;
        double near = FAR * side();
        if (s.begins() != null) {
            left = side(left, s.begins().x(), s.begins().y(), s.begins().nx(), s.begins().ny(), near);
        }
        if (s.ends() != null) {
            left = side(left, s.ends().x(), s.ends().y(), -s.ends().nx(), -s.ends().ny(), near);
        } else if (!trim.form().whole() && !s.closed()) {
            double[] end = line.at(s.length());
            left = side(left, end[0], end[1], -end[2], -end[3], near);
        }
        return left;
    }

    /** @return what is on that side of a plane, if the plane's place is near; the very shape where all of it is */
    private static Shape side(Shape shape, double x, double y, double nx, double ny, double near) {
        Rectangle2D of = shape.getBounds2D();
        double fx = Math.max(0, Math.max(of.getMinX() - x, x - of.getMaxX()));
        double fy = Math.max(0, Math.max(of.getMinY() - y, y - of.getMaxY()));
        double least = (of.getCenterX() - x) * nx + (of.getCenterY() - y) * ny
                - (of.getWidth() * Math.abs(nx) + of.getHeight() * Math.abs(ny)) / 2;
        if (Math.hypot(fx, fy) > near || least >= 0) {
            return shape;
        }
        double one = Math.hypot(nx, ny);
        double reach = 4 * (near + of.getWidth() + of.getHeight());
        double ax = nx / one * reach;
        double ay = ny / one * reach;
        Path2D half = new Path2D.Double();
        half.moveTo(x - ay, y + ax);
        half.lineTo(x - ay + ax, y + ax + ay);
        half.lineTo(x + ay + ax, y - ax + ay);
        half.lineTo(x + ay, y - ax);
        half.closePath();
        Area area = new Area(shape);
        area.intersect(new Area(half));
        return area;
    }
}
