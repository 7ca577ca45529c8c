package org.vatwright.core.family.interlace;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Spine;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.Group;

/**
 * Interlaced lines as shapes that abut: a line is cut where it passes under another, along the other's side. For the light
 * on the round it is parted lengthwise into lanes of one tone each.
 */
final class InterlaceDrawing {

    private static final int LANES = 11;
    /** Strips are broad and straight. */
    private static final int STRIP_LANES = 25;
    private static final double MARCH = 1.0 / 720;

    /** A stretch of a strand between two cuts. @param from,to numbers of entries, or PLAIN */
    private record Stretch(int strand, int from, int to) {}

    private static final int PLAIN = -1;

    private final Interlace interlace;
    private final Plan plan;
    private final Crossings crossings;
    private final Tile tile;
    private final LatticeFit fit;
    private final Lattice drawn;
    private final AffineTransform onTile;
    private final double[] offsets;
    /** By strand: where its turn is begun, in the middle of its longest way between two crossings. */
    private final double[] begin;
    private final Map<Stretch, List<Path2D>> lanes = new HashMap<>();
    private final Map<Integer, Spine> spines = new HashMap<>();
    private final Map<Stretch, Path2D> wholes = new HashMap<>();
    /** Whole stretches of line, for renderers that would let the ground show between lanes. */
    private final List<VectorMark> below = new ArrayList<>();
    private final Map<List<Integer>, double[][]> cuts = new HashMap<>();

    InterlaceDrawing(Interlace interlace, Repeat repeat) {
        this.interlace = interlace;
        plan = Plan.of(interlace);
        crossings = plan.crossings();
        tile = repeat.tile();
        fit = interlace.fit(repeat);
        drawn = fit.drawn();
        onTile = interlace.onTile(fit);
        int count = interlace.light() == 0 ? 1 : interlace.mesh() instanceof Mesh.Strips ? STRIP_LANES : LANES;
        offsets = new double[count + 1];
        for (int k = 0; k <= count; k++) {
            offsets[k] = interlace.thicknessMm() * ((double) k / count - 0.5);
        }
        begin = new double[plan.strands().size()];
        for (int s = 0; s < begin.length; s++) {
            begin[s] = beginning(crossings.along(s));
        }
    }

    private static double beginning(List<Crossings.Entry> entries) {
        double longest = -1;
        double begin = 0;
        for (int i = 0; i < entries.size(); i++) {
            double here = entries.get(i).t();
            double next = i + 1 < entries.size() ? entries.get(i + 1).t() : entries.getFirst().t() + 1;
            if (next - here > longest + 1e-9) {
                longest = next - here;
                begin = (here + next) / 2;
            }
        }
        return begin - Math.floor(begin);
    }

    Drawing drawing() {
        List<VectorMark> marks = new ArrayList<>();
        for (LatticeFit.Step step : fit.steps()) {
            AffineTransform place = LaidStructure.at(drawn, step, onTile);
            for (int s = 0; s < plan.strands().size(); s++) {
                strand(s, step, place, marks);
            }
        }
        return new Drawing(List.of(new Group(marks, Ink.CLEAR, true, below)));
    }

    private void strand(int s, LatticeFit.Step step, AffineTransform place, List<VectorMark> marks) {
        List<Crossings.Entry> entries = crossings.along(s);
        int n = entries.size();
        int first = 0;
        while (first < n && entries.get(first).t() < begin[s]) {
            first++;
        }
        int from = PLAIN;
        for (int i = 0; i < n; i++) {
            int e = (first + i) % n;
            // Past its start again, a running line is in the next unit.
            LatticeFit.Step unit = e < first ? onward(s, step) : step;
            if (!over(entries.get(e), unit)) {
                stretch(new Stretch(s, from, e), place, marks);
                from = e;
            }
        }
        stretch(new Stretch(s, from, PLAIN), place, marks);
    }

    private LatticeFit.Step onward(int s, LatticeFit.Step step) {
        Strand strand = plan.strands().get(s);
        double det = plan.lattice().ax() * plan.lattice().by() - plan.lattice().ay() * plan.lattice().bx();
        double m = (strand.periodX() * plan.lattice().by() - strand.periodY() * plan.lattice().bx()) / det;
        double n = (plan.lattice().ax() * strand.periodY() - plan.lattice().ay() * strand.periodX()) / det;
        return new LatticeFit.Step(step.column() + (int) Math.rint(m), step.row() + (int) Math.rint(n));
    }

    private boolean over(Crossings.Entry entry, LatticeFit.Step unit) {
        Crossings.Crossing c = crossings.all().get(entry.crossing());
        LatticeFit.Step own = entry.asFirst()
                ? fit.within(unit.column(), unit.row())
                : fit.within(unit.column() - c.column(), unit.row() - c.row());
        boolean turned = interlace.flipped().contains(new Interlace.Spot(own.column(), own.row(), entry.crossing()));
        return (c.firstOver() != turned) == entry.asFirst();
    }

    private void stretch(Stretch stretch, AffineTransform place, List<VectorMark> marks) {
        Ink ink = interlace.inks().get(plan.inkOf()[stretch.strand()] % interlace.inks().size());
        List<Path2D> paths = lanes.computeIfAbsent(stretch, s -> lanes(s, offsets));
        if (paths.size() > 1) {
            Path2D whole = wholes.computeIfAbsent(stretch,
                    s -> lanes(s, new double[]{offsets[0], offsets[offsets.length - 1]}).getFirst());
            below.add(new VectorMark(whole, ink).along(spine(stretch.strand())).moved(place));
        }
        for (int k = 0; k < paths.size(); k++) {
            double u = paths.size() == 1 ? 0 : 2 * (k + 0.5) / paths.size() - 1;
            double tone = paths.size() == 1 ? 0 : interlace.light() * (0.45 - 1.2 * u * u);
            marks.add(new VectorMark(paths.get(k), ink, tone).along(spine(stretch.strand())).moved(place));
        }
    }

    /** The middle of a strand from where its turn is begun; the same for all its stretches, so that a gradient runs on. */
    private Spine spine(int strand) {
        return spines.computeIfAbsent(strand, s -> {
            Strand of = plan.strands().get(s);
            double[] x = new double[of.points() + 1];
            double[] y = new double[of.points() + 1];
            for (int i = 0; i <= of.points(); i++) {
                double[] at = of.at(begin[s] + (double) i / of.points());
                x[i] = at[0];
                y[i] = at[1];
            }
            return new Spine(x, y, interlace.thicknessMm() / 2);
        });
    }

    /** @param edges across the line, from those of {@link #offsets} */
    private List<Path2D> lanes(Stretch stretch, double[] edges) {
        Strand strand = plan.strands().get(stretch.strand());
        double begins = begin[stretch.strand()];
        double[] from = new double[edges.length];
        double[] to = new double[edges.length];
        for (int k = 0; k < edges.length; k++) {
            int lane = edges.length == offsets.length ? k : k * (offsets.length - 1);
            from[k] = stretch.from() == PLAIN ? begins : after(begins, cut(stretch.strand(), stretch.from())[1][lane]);
            to[k] = stretch.to() == PLAIN ? begins + 1 : after(begins, cut(stretch.strand(), stretch.to())[0][lane]);
        }
        double longest = 0;
        for (int k = 0; k < edges.length; k++) {
            longest = Math.max(longest, to[k] - from[k]);
        }
        int points = Math.max(1, (int) Math.ceil(longest * strand.points()));
        List<Path2D> paths = new ArrayList<>();
        for (int k = 0; k + 1 < edges.length && longest > 0; k++) {
            Path2D path = new Path2D.Double();
            edge(path, strand, edges[k], from[k], Math.max(from[k], to[k]), points);
            edge(path, strand, edges[k + 1], Math.max(from[k + 1], to[k + 1]), from[k + 1], points);
            path.closePath();
            paths.add(path);
        }
        return paths;
    }

    /** @return the parameter at or after the beginning */
    private static double after(double begin, double t) {
        return t - Math.floor(t - begin);
    }

    private static void edge(Path2D path, Strand strand, double off, double from, double to, int points) {
        for (int i = 0; i <= points; i++) {
            double[] p = strand.beside(from + (to - from) * i / points, off);
            if (path.getCurrentPoint() == null) {
                path.moveTo(p[0], p[1]);
            } else {
                path.lineTo(p[0], p[1]);
            }
        }
    }

    /** @return for each lane's edge where the strand ends before the one above it, and where it begins again */
    private double[][] cut(int s, int e) {
        return cuts.computeIfAbsent(List.of(s, e), k -> {
            List<Crossings.Entry> entries = crossings.along(s);
            Crossings.Entry entry = entries.get(e);
            double back = gap(entries, e, entries.size() - 1);
            double on = gap(entries, e, 1);
            double[][] cut = new double[2][offsets.length];
            for (int lane = 0; lane < offsets.length; lane++) {
                cut[0][lane] = entry.t() - reach(s, entry, offsets[lane], -1, back);
                cut[1][lane] = entry.t() + reach(s, entry, offsets[lane], 1, on);
            }
            return cut;
        });
    }

    /** @return half the way to the neighbouring crossing, in turns */
    private static double gap(List<Crossings.Entry> entries, int e, int step) {
        double way = entries.get((e + step) % entries.size()).t() - entries.get(e).t();
        way = step == 1 ? way : -way;
        way = way <= 1e-9 ? way + 1 : way;
        return way / 2;
    }

    /** @return how far from the crossing this edge of a lane is clear of the line above, in turns; at most {@code most} */
    private double reach(int s, Crossings.Entry entry, double off, int way, double most) {
        Crossings.Crossing c = crossings.all().get(entry.crossing());
        Strand own = plan.strands().get(s);
        Strand above = plan.strands().get(entry.asFirst() ? c.second() : c.first());
        double near = entry.asFirst() ? c.u() : c.t();
        int sign = entry.asFirst() ? 1 : -1;
        double dx = sign * (c.column() * plan.lattice().ax() + c.row() * plan.lattice().bx());
        double dy = sign * (c.column() * plan.lattice().ay() + c.row() * plan.lattice().by());
        double clear = interlace.thicknessMm() / 2 + interlace.gapMm();
        double low = 0;
        double step = Math.min(most / 4, MARCH);
        double high = step;
        while (high < most && distance(own, above, near, entry.t() + way * high, off, dx, dy) < clear) {
            low = high;
            high += step;
        }
        if (high >= most) {
            return most;
        }
        for (int i = 0; i < 30; i++) {
            double middle = (low + high) / 2;
            if (distance(own, above, near, entry.t() + way * middle, off, dx, dy) < clear) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    /** @return whether two lines still lie over each other half way between two crossings of theirs */
    boolean crowded() {
        for (int s = 0; s < plan.strands().size(); s++) {
            List<Crossings.Entry> entries = crossings.along(s);
            for (int e = 0; e < entries.size(); e++) {
                Crossings.Entry here = entries.get(e);
                double on = gap(entries, e, 1);
                if (sameLines(here, entries.get((e + 1) % entries.size())) && reach(s, here, 0, 1, on) >= on) {
                    return true;
                }
            }
        }
        return false;
    }

    /** @return whether one strand meets the same other one at both */
    private boolean sameLines(Crossings.Entry a, Crossings.Entry b) {
        Crossings.Crossing c = crossings.all().get(a.crossing());
        Crossings.Crossing d = crossings.all().get(b.crossing());
        return a.asFirst() == b.asFirst() && c.first() == d.first() && c.second() == d.second()
                && c.column() == d.column() && c.row() == d.row();
    }

    private static double distance(Strand own, Strand above, double near, double t, double off, double dx, double dy) {
        double[] p = own.beside(t, off);
        return above.distance(near, p[0] - dx, p[1] - dy);
    }

    List<Interlace.Place> crossings() {
        List<Interlace.Place> places = new ArrayList<>();
        for (LatticeFit.Step step : fit.steps()) {
            AffineTransform place = LaidStructure.at(drawn, step, onTile);
            for (int c = 0; c < crossings.all().size(); c++) {
                Crossings.Crossing crossing = crossings.all().get(c);
                double[] p = plan.strands().get(crossing.first()).at(crossing.t());
                Point2D at = place.transform(new Point2D.Double(p[0], p[1]), null);
                places.add(new Interlace.Place(new Interlace.Spot(step.column(), step.row(), c),
                        within(at.getX(), tile.widthMm()), within(at.getY(), tile.heightMm())));
            }
        }
        return places;
    }

    private static double within(double place, double side) {
        double in = place - side * Math.floor(place / side);
        return in >= side - 1e-9 ? 0 : in;
    }
}
