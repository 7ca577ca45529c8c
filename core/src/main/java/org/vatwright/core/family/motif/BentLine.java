package org.vatwright.core.family.motif;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;

import org.vatwright.core.stitch.TrimRun;

/** A stretch of a line by whose way shapes are bent. Its direction turns evenly from point to point, so that nothing has a kink. */
final class BentLine {

    /** Of a box's shorter side, how far a flattened curve may be off, and how long a piece of an edge may be. */
    private static final double FLATNESS = 0.002;
    private static final double PIECE = 0.04;
    /** Of its longer side: a box may be as thin as a thread. */
    private static final double THIN = 0.1;

    private final TrimRun.Stretch stretch;
    private final double[] dx;
    private final double[] dy;

    BentLine(TrimRun.Stretch stretch) {
        this.stretch = stretch;
        int n = stretch.x().length;
        dx = new double[n];
        dy = new double[n];
        for (int i = 0; i < n; i++) {
            double[] before = way(i == 0 ? stretch.closed() ? n - 2 : 0 : i - 1);
            double[] after = way(i == n - 1 ? stretch.closed() ? 0 : n - 2 : i);
            double x = before[0] + after[0];
            double y = before[1] + after[1];
            double one = Math.hypot(x, y);
            dx[i] = one < 1e-9 ? after[0] : x / one;
            dy[i] = one < 1e-9 ? after[1] : y / one;
        }
    }

    private double[] way(int i) {
        double x = stretch.x()[i + 1] - stretch.x()[i];
        double y = stretch.y()[i + 1] - stretch.y()[i];
        double one = Math.max(1e-12, Math.hypot(x, y));
        return new double[]{x / one, y / one};
    }

    /** @return place and direction; beyond the ends of an open one straight on */
    double[] at(double along) {
        double length = stretch.length();
        double in = stretch.closed()
                ? along - length * Math.floor(along / length)
                : Math.max(0, Math.min(length, along));
        int i = Arrays.binarySearch(stretch.s(), in);
        i = Math.max(0, Math.min(stretch.s().length - 2, i < 0 ? -i - 2 : i));
        double far = stretch.s()[i + 1] - stretch.s()[i];
        double t = far == 0 ? 0 : (in - stretch.s()[i]) / far;
        double x = dx[i] + t * (dx[i + 1] - dx[i]);
        double y = dy[i] + t * (dy[i + 1] - dy[i]);
        double one = Math.max(1e-12, Math.hypot(x, y));
        double over = stretch.closed() ? 0 : along - in;
        return new double[]{stretch.x()[i] + t * (stretch.x()[i + 1] - stretch.x()[i]) + over * x / one,
                stretch.y()[i] + t * (stretch.y()[i + 1] - stretch.y()[i]) + over * y / one, x / one, y / one};
    }

    /**
     * @param box of the shape, laid along the line from {@code from} over {@code longMm}
     * @param off of the box's upper side, to the left of the line
     */
    Shape bent(Shape shape, Rectangle2D box, double from, double longMm, double off, double broadMm) {
        double alongEach = longMm / box.getWidth();
        double downEach = broadMm / box.getHeight();
        double side = Math.max(Math.min(box.getWidth(), box.getHeight()),
                THIN * Math.max(box.getWidth(), box.getHeight()));
        double piece = PIECE * side;
        Path2D out = new Path2D.Double(Path2D.WIND_NON_ZERO);
        double[] c = new double[6];
        double[] last = new double[2];
        double[] first = new double[2];
        PathIterator it = shape.getPathIterator(null, FLATNESS * side);
        out.setWindingRule(it.getWindingRule());
        for (; !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                double[] p = place(c[0], c[1], box, from, alongEach, off, downEach);
                out.moveTo(p[0], p[1]);
                first = new double[]{c[0], c[1]};
                last = first;
                continue;
            }
            double[] to = kind == PathIterator.SEG_CLOSE ? first : new double[]{c[0], c[1]};
            int pieces = (int) Math.max(1, Math.ceil(Math.hypot(to[0] - last[0], to[1] - last[1]) / piece));
            for (int k = 1; k <= pieces; k++) {
                double t = (double) k / pieces;
                double[] p = place(last[0] + t * (to[0] - last[0]), last[1] + t * (to[1] - last[1]), box, from,
                        alongEach, off, downEach);
                out.lineTo(p[0], p[1]);
            }
            if (kind == PathIterator.SEG_CLOSE) {
                out.closePath();
            }
            last = to;
        }
        return out;
    }

    private double[] place(double x, double y, Rectangle2D box, double from, double alongEach, double off,
            double downEach) {
        double[] at = at(from + (x - box.getX()) * alongEach);
        double left = off - (y - box.getY()) * downEach;
        return new double[]{at[0] + left * at[3], at[1] - left * at[2]};
    }
}
