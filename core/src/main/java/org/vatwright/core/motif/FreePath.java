package org.vatwright.core.motif;

import java.awt.geom.CubicCurve2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/**
 * An outline by its points, to be drawn and changed by hand: several runs of points, each joined by cubic curves.
 *
 * @param runs each closed or open, in mm
 */
public record FreePath(List<Run> runs) {

    private static final double SAME = 1e-9;
    /** Directions that differ by less than this run on smoothly. */
    private static final double SMOOTH = 1e-3;

    /**
     * One point with the ends of its two handles.
     *
     * @param inX,inY the handle towards the point before; on the point itself when the line leaves it straight
     * @param outX,outY the handle towards the next one
     * @param smooth whether both handles lie on one line through the point
     */
    public record Point(double x, double y, double inX, double inY, double outX, double outY, boolean smooth) {

        public static Point corner(double x, double y) {
            return new Point(x, y, x, y, x, y, false);
        }

        /** @return smooth, with handles of equal length */
        public static Point smooth(double x, double y, double outX, double outY) {
            return new Point(x, y, 2 * x - outX, 2 * y - outY, outX, outY, true);
        }

        /** @return moved with its handles */
        public Point at(double newX, double newY) {
            double dx = newX - x;
            double dy = newY - y;
            return new Point(newX, newY, inX + dx, inY + dy, outX + dx, outY + dy, smooth);
        }

        /** @return with one handle moved; of a smooth point the other one turns with it and keeps its length */
        public Point withHandle(boolean out, double hx, double hy) {
            if (!smooth) {
                return out
                        ? new Point(x, y, inX, inY, hx, hy, false)
                        : new Point(x, y, hx, hy, outX, outY, false);
            }
            double length = out ? Math.hypot(inX - x, inY - y) : Math.hypot(outX - x, outY - y);
            double far = Math.hypot(hx - x, hy - y);
            double share = far < SAME ? 0 : length / far;
            double ox = x - (hx - x) * share;
            double oy = y - (hy - y) * share;
            return out ? new Point(x, y, ox, oy, hx, hy, true) : new Point(x, y, hx, hy, ox, oy, true);
        }

        /** @return a corner, its handles drawn in; or smooth, its handles along the way from one neighbour to the other */
        Point turned(Point before, Point after) {
            if (smooth || Math.hypot(inX - x, inY - y) > SAME || Math.hypot(outX - x, outY - y) > SAME) {
                return corner(x, y);
            }
            double dx = (after.x - before.x) / 6;
            double dy = (after.y - before.y) / 6;
            return smooth(x, y, x + dx, y + dy);
        }
    }

    public record Run(List<Point> points, boolean closed) {
        public Run {
            points = List.copyOf(points);
            Require.within("points of a path", points.size(), 1, 20_000);
        }
    }

    public FreePath {
        runs = List.copyOf(runs);
    }

    public static FreePath of(Outline outline) {
        List<Run> runs = new ArrayList<>();
        List<Point> points = new ArrayList<>();
        double[] c = new double[6];
        for (PathIterator it = outline.path().getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            switch (kind) {
                case PathIterator.SEG_MOVETO -> {
                    end(runs, points, false);
                    points.add(Point.corner(c[0], c[1]));
                }
                case PathIterator.SEG_LINETO -> points.add(Point.corner(c[0], c[1]));
                case PathIterator.SEG_QUADTO -> {
                    Point last = points.getLast();
                    // A quadratic curve raised to a cubic one.
                    curve(points, last.x + 2.0 / 3 * (c[0] - last.x), last.y + 2.0 / 3 * (c[1] - last.y),
                            c[2] + 2.0 / 3 * (c[0] - c[2]), c[3] + 2.0 / 3 * (c[1] - c[3]), c[2], c[3]);
                }
                case PathIterator.SEG_CUBICTO -> curve(points, c[0], c[1], c[2], c[3], c[4], c[5]);
                default -> end(runs, points, true);
            }
        }
        end(runs, points, false);
        return new FreePath(runs);
    }

    private static void curve(List<Point> points, double outX, double outY, double inX, double inY, double x,
            double y) {
        Point last = points.removeLast();
        points.add(new Point(last.x, last.y, last.inX, last.inY, outX, outY, false));
        points.add(new Point(x, y, inX, inY, x, y, false));
    }

    private static void end(List<Run> runs, List<Point> points, boolean closed) {
        if (points.isEmpty()) {
            return;
        }
        Point first = points.getFirst();
        Point last = points.getLast();
        // A closed run often ends on its first point: they are one.
        if (closed && points.size() > 1 && Math.hypot(first.x - last.x, first.y - last.y) < SAME) {
            points.removeLast();
            points.set(0, new Point(first.x, first.y, last.inX, last.inY, first.outX, first.outY, false));
        }
        runs.add(new Run(points.stream().map(FreePath::told).toList(), closed));
        points.clear();
    }

    /** Smooth when both handles lie on one line, on either side. */
    private static Point told(Point p) {
        double ax = p.x - p.inX;
        double ay = p.y - p.inY;
        double bx = p.outX - p.x;
        double by = p.outY - p.y;
        double lengths = Math.hypot(ax, ay) * Math.hypot(bx, by);
        boolean smooth = lengths > SAME && ax * bx + ay * by > 0 && Math.abs(ax * by - ay * bx) < SMOOTH * lengths;
        return new Point(p.x, p.y, p.inX, p.inY, p.outX, p.outY, smooth);
    }

    public Outline outline() {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (Run run : runs) {
            Point first = run.points().getFirst();
            path.moveTo(first.x, first.y);
            int count = run.points().size();
            for (int i = 1; i < (run.closed() ? count + 1 : count); i++) {
                segment(path, run.points().get(i - 1), run.points().get(i % count));
            }
            if (run.closed()) {
                path.closePath();
            }
        }
        return Outline.of(path);
    }

    private static void segment(Path2D path, Point from, Point to) {
        boolean straight = from.outX == from.x && from.outY == from.y && to.inX == to.x && to.inY == to.y;
        if (straight) {
            path.lineTo(to.x, to.y);
        } else {
            path.curveTo(from.outX, from.outY, to.inX, to.inY, to.x, to.y);
        }
    }

    public Point point(int run, int index) {
        return runs.get(run).points().get(index);
    }

    public FreePath with(int run, int index, Point point) {
        List<Point> points = new ArrayList<>(runs.get(run).points());
        points.set(index, point);
        return with(run, points);
    }

    private FreePath with(int run, List<Point> points) {
        List<Run> all = new ArrayList<>(runs);
        all.set(run, new Run(points, runs.get(run).closed()));
        return new FreePath(all);
    }

    /** @return with a corner made smooth, or the other way round */
    public FreePath turned(int run, int index) {
        List<Point> points = runs.get(run).points();
        int n = points.size();
        return with(run, index, points.get(index).turned(points.get((index + n - 1) % n), points.get((index + 1) % n)));
    }

    /** @return without a point; without its run when fewer than two points would be left; itself when nothing would be */
    public FreePath without(int run, int index) {
        List<Point> fewer = new ArrayList<>(runs.get(run).points());
        fewer.remove(index);
        if (fewer.size() >= 2) {
            return with(run, fewer);
        }
        List<Run> rest = new ArrayList<>(runs);
        rest.remove(run);
        return rest.isEmpty() ? this : new FreePath(rest);
    }

    /** Something to take hold of. @param handle 0 the point itself, -1 its handle before, 1 after */
    public record Spot(int run, int index, int handle) {

        public Spot point() {
            return new Spot(run, index, 0);
        }
    }

    public boolean has(Spot spot) {
        return spot.run() < runs.size() && spot.index() < runs.get(spot.run()).points().size();
    }

    /**
     * @param near how near it must be, in mm
     * @param chosen the point whose handles are shown; they are found first
     */
    public Optional<Spot> at(double x, double y, double near, Optional<Spot> chosen) {
        if (chosen.filter(this::has).isPresent()) {
            Spot spot = chosen.get();
            Point p = point(spot.run(), spot.index());
            for (int handle : new int[]{1, -1}) {
                double hx = handle > 0 ? p.outX : p.inX;
                double hy = handle > 0 ? p.outY : p.inY;
                if (Math.hypot(hx - p.x, hy - p.y) > near / 8 && Math.hypot(x - hx, y - hy) < near) {
                    return Optional.of(new Spot(spot.run(), spot.index(), handle));
                }
            }
        }
        Spot best = null;
        double least = near;
        for (int r = 0; r < runs.size(); r++) {
            for (int i = 0; i < runs.get(r).points().size(); i++) {
                double far = Math.hypot(x - point(r, i).x, y - point(r, i).y);
                if (far < least) {
                    least = far;
                    best = new Spot(r, i, 0);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** @return with a point and its handles, or one handle, somewhere else */
    public FreePath moved(Spot spot, double x, double y) {
        Point p = point(spot.run(), spot.index());
        return with(spot.run(), spot.index(), spot.handle() == 0 ? p.at(x, y) : p.withHandle(spot.handle() > 0, x, y));
    }

    /** A place on the path. @param share of the way from the point to the next, 0 to 1 */
    public record Place(int run, int index, double share, double far) {}

    /** @return the nearest place on any curve */
    public Place nearest(double x, double y) {
        Place best = new Place(0, 0, 0, Double.MAX_VALUE);
        for (int r = 0; r < runs.size(); r++) {
            int count = runs.get(r).points().size();
            for (int i = 0; i < (runs.get(r).closed() ? count : count - 1); i++) {
                CubicCurve2D.Double curve = curve(r, i);
                for (int n = 0; n <= 64; n++) {
                    double t = n / 64.0;
                    double far = Math.hypot(at(t, curve.x1, curve.ctrlx1, curve.ctrlx2, curve.x2) - x,
                            at(t, curve.y1, curve.ctrly1, curve.ctrly2, curve.y2) - y);
                    if (far < best.far()) {
                        best = new Place(r, i, t, far);
                    }
                }
            }
        }
        return best;
    }

    private CubicCurve2D.Double curve(int run, int index) {
        List<Point> points = runs.get(run).points();
        Point a = points.get(index);
        Point b = points.get((index + 1) % points.size());
        return new CubicCurve2D.Double(a.x, a.y, a.outX, a.outY, b.inX, b.inY, b.x, b.y);
    }

    private static double at(double t, double a, double b, double c, double d) {
        double s = 1 - t;
        return s * s * s * a + 3 * s * s * t * b + 3 * s * t * t * c + t * t * t * d;
    }

    /** @return with a point more, the curve as it was (de Casteljau) */
    public FreePath split(Place place) {
        List<Point> points = new ArrayList<>(runs.get(place.run()).points());
        int next = (place.index() + 1) % points.size();
        Point a = points.get(place.index());
        Point b = points.get(next);
        double t = place.share();
        double[] x = cut(t, a.x, a.outX, b.inX, b.x);
        double[] y = cut(t, a.y, a.outY, b.inY, b.y);
        boolean straight = a.outX == a.x && a.outY == a.y && b.inX == b.x && b.inY == b.y;
        if (straight) {
            points.add(place.index() + 1, Point.corner(x[2], y[2]));
        } else {
            points.set(place.index(), new Point(a.x, a.y, a.inX, a.inY, x[0], y[0], a.smooth));
            points.set(next, new Point(b.x, b.y, x[4], y[4], b.outX, b.outY, b.smooth));
            points.add(place.index() + 1, new Point(x[2], y[2], x[1], y[1], x[3], y[3], true));
        }
        return with(place.run(), points);
    }

    /** @return both halves' inner control values: first out, middle in, middle, middle out, last in */
    private static double[] cut(double t, double a, double b, double c, double d) {
        double ab = a + t * (b - a);
        double bc = b + t * (c - b);
        double cd = c + t * (d - c);
        double abc = ab + t * (bc - ab);
        double bcd = bc + t * (cd - bc);
        return new double[]{ab, abc, abc + t * (bcd - abc), bcd, cd};
    }
}
