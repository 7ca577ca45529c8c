package org.vatwright.core.brush;

import java.awt.Shape;
import java.awt.geom.Line2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;

/** Lines that a brush can be pulled along: guides of the cell, outlines of marks. */
public final class Contours {

    private static final double FLATNESS_MM = 0.02;
    /** Farther apart two ends are not one place. */
    private static final double SAME_MM = 1e-6;

    /** A line of straight steps. @param closed whether it ends where it begins */
    private record Line(List<double[]> points, boolean closed) {}

    /** @param far from the place that was asked for, in mm @param step of the line @param at place on it */
    private record Near(Line line, double far, int step, double[] at) {}

    private Contours() {}

    /**
     * The line nearest to a place: a closed one from there all around, an open one from its nearer end to the other.
     *
     * @param marks of the tile; what reaches over an edge is found on the other side as well
     * @param x,y in mm of the cell
     * @param reachMm how far it may be
     */
    public static Optional<Track> nearest(List<VectorMark> marks, Guides guides, Repeat repeat, double x, double y,
            double reachMm) {
        Near best = null;
        for (Line guide : lines(guides, repeat)) {
            best = nearer(best, guide, x, y);
        }
        Tile tile = repeat.tile();
        for (VectorMark mark : marks) {
            Rectangle2D box = mark.shape().getBounds2D();
            for (double px = first(x, box.getMinX() - reachMm, tile.widthMm()); px <= box.getMaxX()
                    + reachMm; px += tile
                            .widthMm()) {
                for (double py = first(y, box.getMinY() - reachMm, tile.heightMm()); py <= box.getMaxY()
                        + reachMm; py += tile.heightMm()) {
                    for (Line line : lines(mark.shape(), x - px, y - py)) {
                        best = nearer(best, line, x, y);
                    }
                }
            }
        }
        return Optional.ofNullable(best).filter(n -> n.far <= reachMm).map(Contours::track);
    }

    /** @return the least place not below a bound that is that one on the torus */
    private static double first(double place, double bound, double side) {
        return place + side * Math.ceil((bound - place) / side);
    }

    private static List<Line> lines(Guides guides, Repeat repeat) {
        double w = repeat.widthMm();
        double h = repeat.heightMm();
        List<Line> all = new ArrayList<>();
        guides.across().forEach(s -> all.add(new Line(List.of(new double[]{s * w, 0}, new double[]{s * w, h}), false)));
        guides.down().forEach(s -> all.add(new Line(List.of(new double[]{0, s * h}, new double[]{w, s * h}), false)));
        return all;
    }

    private static List<Line> lines(Shape shape, double dx, double dy) {
        List<Line> all = new ArrayList<>();
        List<double[]> now = new ArrayList<>();
        double[] c = new double[6];
        for (PathIterator it = shape.getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                end(now, false, all);
                now = new ArrayList<>();
            }
            if (kind == PathIterator.SEG_CLOSE) {
                end(now, true, all);
                now = new ArrayList<>();
            } else {
                now.add(new double[]{c[0] + dx, c[1] + dy});
            }
        }
        end(now, false, all);
        return all;
    }

    private static void end(List<double[]> points, boolean closed, List<Line> all) {
        if (points.size() < 2) {
            return;
        }
        double[] a = points.getFirst();
        double[] b = points.getLast();
        boolean meets = Math.hypot(a[0] - b[0], a[1] - b[1]) < SAME_MM;
        if (closed && !meets) {
            points.add(a);
        }
        all.add(new Line(points, closed || meets));
    }

    private static Near nearer(Near best, Line line, double x, double y) {
        Near found = best;
        for (int i = 1; i < line.points.size(); i++) {
            double[] a = line.points.get(i - 1);
            double[] b = line.points.get(i);
            double far = Line2D.ptSegDist(a[0], a[1], b[0], b[1], x, y);
            if (found == null || far < found.far) {
                double length = (b[0] - a[0]) * (b[0] - a[0]) + (b[1] - a[1]) * (b[1] - a[1]);
                double t = length == 0
                        ? 0
                        : Math.max(0, Math.min(1,
                                ((x - a[0]) * (b[0] - a[0]) + (y - a[1]) * (b[1] - a[1])) / length));
                found = new Near(line, far, i, new double[]{a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])});
            }
        }
        return found;
    }

    private static Track track(Near near) {
        List<double[]> points = new ArrayList<>();
        List<double[]> all = near.line.points;
        if (near.line.closed) {
            points.add(near.at);
            points.addAll(all.subList(near.step, all.size()));
            points.addAll(all.subList(1, near.step));
            points.add(near.at);
        } else if (near.step > all.size() / 2 || all.size() == 2
                && distance(near.at, all.getLast()) < distance(near.at, all.getFirst())) {
            points.addAll(all.reversed());
        } else {
            points.addAll(all);
        }
        // A smooth way goes through a point that stands twice, and straight from one such to the next.
        double[] xy = new double[4 * points.size()];
        for (int i = 0; i < points.size(); i++) {
            for (int k = 0; k < 2; k++) {
                xy[4 * i + 2 * k] = points.get(i)[0];
                xy[4 * i + 2 * k + 1] = points.get(i)[1];
            }
        }
        return Track.of(xy);
    }

    private static double distance(double[] a, double[] b) {
        return Math.hypot(a[0] - b[0], a[1] - b[1]);
    }
}
