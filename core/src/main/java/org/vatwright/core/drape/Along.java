package org.vatwright.core.drape;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.map.ClothMap;
import org.vatwright.core.map.NetBuilder;
import org.vatwright.core.measure.Require;

/**
 * Along a line: the cloth follows a smooth line through points, as a sleeve does an arm. A place of the flat cloth lies as far along
 * the line as it lies from the first point in the direction in which the line sets out, and as far to its side. Beyond both ends
 * the cloth goes straight on.
 *
 * @param points 2 to {@value #MOST}, each apart from the one before
 * @param halfMm how far the cloth reaches to both sides
 */
@RecordBuilder
public record Along(List<Place> points, double halfMm) implements AlongBuilder.With, Drape {

    public static final int MOST = 40;
    /** Steps of the table of lengths between two points. */
    private static final int STEPS = 48;
    /** How far straight on, in times the breadth. */
    private static final double BEYOND = 4;

    public Along {
        Require.within("points of the line", points.size(), 2, MOST);
        for (int i = 1; i < points.size(); i++) {
            Require.that(points.get(i).far(points.get(i - 1)) >= 0.1,
                    "points %d and %d of the line lie on each other; each must lie apart from the next".formatted(i,
                            i + 1));
        }
        Require.within("breadth to one side", halfMm, 0.5, Place.FARTHEST_MM, "mm");
        points = List.copyOf(points);
    }

    /** @return straight down through the middle of the box, in three points */
    public static Along of(Box box) {
        return new Along(List.of(box.at(0.5, 0), box.at(0.5, 0.5), box.at(0.5, 1)),
                Math.hypot(box.width(), box.height()));
    }

    @Override
    public boolean atRest() {
        Place a = points.getFirst();
        Place b = points.get(1);
        for (Place p : points) {
            double off = (p.x() - a.x()) * (b.y() - a.y()) - (p.y() - a.y()) * (b.x() - a.x());
            double along = (p.x() - a.x()) * (b.x() - a.x()) + (p.y() - a.y()) * (b.y() - a.y());
            if (Math.abs(off) > 1e-9 * a.far(b) * a.far(b) || along < 0) {
                return false;
            }
        }
        return true;
    }

    /** The line as it runs, by length. @param s lengths */
    private record Run(double[] s, double[] x, double[] y, double[] dx, double[] dy) {

        /** Writes x, y and the direction of a place along it; beyond its ends straight on. */
        void at(double along, double[] out) {
            int last = s.length - 1;
            int i = along <= 0 ? 0 : along >= s[last] ? last : java.util.Arrays.binarySearch(s, along);
            i = i < 0 ? -i - 2 : i;
            if (along <= 0 || i >= last) {
                int end = along <= 0 ? 0 : last;
                out[0] = x[end] + (along - s[end]) * dx[end];
                out[1] = y[end] + (along - s[end]) * dy[end];
                out[2] = dx[end];
                out[3] = dy[end];
                return;
            }
            // Hermite's cubic by length: smooth to the second order, as near as the steps are short.
            double h = s[i + 1] - s[i];
            double t = (along - s[i]) / h;
            double a = (1 + 2 * t) * (1 - t) * (1 - t);
            double b = t * (1 - t) * (1 - t) * h;
            double c = t * t * (3 - 2 * t);
            double d = t * t * (t - 1) * h;
            out[0] = a * x[i] + b * dx[i] + c * x[i + 1] + d * dx[i + 1];
            out[1] = a * y[i] + b * dy[i] + c * y[i + 1] + d * dy[i + 1];
            double flat = 6 * t * (t - 1) / h;
            double first = (1 - t) * (1 - 3 * t);
            double second = t * (3 * t - 2);
            double wayX = flat * (x[i] - x[i + 1]) + first * dx[i] + second * dx[i + 1];
            double wayY = flat * (y[i] - y[i + 1]) + first * dy[i] + second * dy[i + 1];
            double way = Math.hypot(wayX, wayY);
            out[2] = wayX / way;
            out[3] = wayY / way;
        }
    }

    private double node(int i, boolean wide) {
        int last = points.size() - 1;
        if (i < 0) {
            return 2 * node(0, wide) - node(1, wide);
        }
        if (i > last) {
            return 2 * node(last, wide) - node(last - 1, wide);
        }
        return wide ? points.get(i).x() : points.get(i).y();
    }

    /** @return where the line is. @param share of its stretches between points, 0 to 1 */
    public Place seen(double share) {
        int stretches = points.size() - 1;
        int i = (int) Math.min(stretches - 1, share * stretches);
        double t = share * stretches - i;
        return new Place(curve(i, t, true), curve(i, t, false));
    }

    private Run run(double times) {
        int count = (points.size() - 1) * STEPS + 1;
        Run run = new Run(new double[count], new double[count], new double[count], new double[count],
                new double[count]);
        for (int k = 0; k < count; k++) {
            int i = Math.min(k / STEPS, points.size() - 2);
            double t = (double) (k - i * STEPS) / STEPS;
            run.x[k] = times * curve(i, t, true);
            run.y[k] = times * curve(i, t, false);
            double dx = slope(i, t, true);
            double dy = slope(i, t, false);
            double way = Math.max(1e-12, Math.hypot(dx, dy));
            run.dx[k] = dx / way;
            run.dy[k] = dy / way;
            if (k > 0) {
                double chord = Math.hypot(run.x[k] - run.x[k - 1], run.y[k] - run.y[k - 1]);
                double turn = Math.abs(Math.atan2(run.dx[k - 1] * run.dy[k] - run.dy[k - 1] * run.dx[k],
                        run.dx[k] * run.dx[k - 1] + run.dy[k] * run.dy[k - 1]));
                // An arc is longer than its chord by a 24th of the turn's square.
                run.s[k] = run.s[k - 1] + Math.max(1e-9, chord * (1 + turn * turn / 24));
            }
        }
        return run;
    }

    private double curve(int i, double t, boolean wide) {
        double a = node(i - 1, wide);
        double b = node(i, wide);
        double c = node(i + 1, wide);
        double d = node(i + 2, wide);
        return b + t * ((c - a) / 2 + t * (a - 2.5 * b + 2 * c - d / 2 + t * (-a / 2 + 1.5 * b - 1.5 * c + d / 2)));
    }

    private double slope(int i, double t, boolean wide) {
        double a = node(i - 1, wide);
        double b = node(i, wide);
        double c = node(i + 1, wide);
        double d = node(i + 2, wide);
        return (c - a) / 2 + t * (2 * (a - 2.5 * b + 2 * c - d / 2) + t * 3 * (-a / 2 + 1.5 * b - 1.5 * c + d / 2));
    }

    /** @return where places of the flat cloth are seen */
    List<Place> seen(List<Place> cloth) {
        Run run = run(1);
        double[] at = new double[4];
        List<Place> seen = new ArrayList<>();
        for (Place p : cloth) {
            double x = p.x() - run.x[0];
            double y = p.y() - run.y[0];
            double side = x * run.dy[0] - y * run.dx[0];
            run.at(x * run.dx[0] + y * run.dy[0], at);
            seen.add(new Place(at[0] + side * at[3], at[1] - side * at[2]));
        }
        return seen;
    }

    @Override
    public ClothMap map(View view) {
        Run run = run(view.pxPerMm());
        double half = view.px(halfMm);
        double length = run.s[run.s.length - 1];
        List<NetBuilder.Part> stretches = new ArrayList<>();
        stretches.add(stretch(run, -BEYOND * half, 0, half));
        stretches.add(stretch(run, length, length + BEYOND * half, half));
        for (int i = 0; i + 1 < points.size(); i++) {
            stretches.add(stretch(run, run.s[i * STEPS], run.s[(i + 1) * STEPS], half));
        }
        NetBuilder net = new NetBuilder(view.toTile(), view.seen(), view.tolerancePx());
        net.add(stretches, false);
        return net.net();
    }

    private static NetBuilder.Part stretch(Run run, double from, double to, double half) {
        double[] at = new double[4];
        double startX = run.x[0];
        double startY = run.y[0];
        double firstX = run.dx[0];
        double firstY = run.dy[0];
        NetBuilder.Bend cloth = (s, t, out) -> {
            double along = t == 1 ? to : from + t * (to - from);
            double side = (2 * s - 1) * half;
            run.at(along, at);
            out[0] = at[0] + side * at[3];
            out[1] = at[1] - side * at[2];
            out[2] = startX + side * firstY + along * firstX;
            out[3] = startY - side * firstX + along * firstY;
        };
        return new NetBuilder.Part(cloth, hull(cloth), 2 * half, to - from);
    }

    private static Rectangle2D hull(NetBuilder.Bend cloth) {
        Rectangle2D hull = null;
        double[] out = new double[4];
        for (int k = 0; k <= STEPS; k++) {
            for (int side = 0; side < 2; side++) {
                cloth.at(side, (double) k / STEPS, out);
                if (hull == null) {
                    hull = new Rectangle2D.Double(out[0], out[1], 0, 0);
                }
                hull.add(out[0], out[1]);
            }
        }
        double margin = 0.05 * Math.max(hull.getWidth(), hull.getHeight());
        return new Rectangle2D.Double(hull.getX() - margin, hull.getY() - margin, hull.getWidth() + 2 * margin,
                hull.getHeight() + 2 * margin);
    }

    @Override
    public Along refit(Refit change) {
        List<Place> moved = new ArrayList<>(points.stream().map(change::at).toList());
        return new Along(moved, halfMm * Math.max(change.wider(), change.higher()));
    }

    @Override
    public String kind() {
        return "along";
    }
}
