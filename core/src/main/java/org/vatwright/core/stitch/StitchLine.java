package org.vatwright.core.stitch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching.Stitch;

/** A line that is sewn along, walked by length, with its corners. */
final class StitchLine {

    private final double[] x;
    private final double[] y;
    private final double[] s;
    private final boolean closed;
    /** Lengths at which it begins, turns and ends; for a closed one without corners only 0 and its whole length. */
    private final double[] corners;

    private StitchLine(double[] x, double[] y, boolean closed, double corner) {
        this.x = x;
        this.y = y;
        this.closed = closed;
        s = new double[x.length];
        for (int i = 1; i < x.length; i++) {
            s[i] = s[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        List<Double> turns = new ArrayList<>();
        turns.add(0.0);
        for (int i = 1; i + 1 < x.length; i++) {
            if (turn(i - 1, i, i, i + 1) > corner) {
                turns.add(s[i]);
            }
        }
        turns.add(s[s.length - 1]);
        corners = turns.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** @param corner a larger turn is one, in radians */
    static StitchLine of(List<double[]> points, boolean closed, double corner) {
        List<double[]> ring = new ArrayList<>(points);
        if (closed) {
            // It begins at a corner, so that stitches are counted from corner to corner.
            int n = ring.size();
            int first = -1;
            for (int i = 0; i < n && first < 0; i++) {
                double[] a = ring.get((i + n - 1) % n);
                double[] b = ring.get(i);
                double[] c = ring.get((i + 1) % n);
                first = turn(b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]) > corner ? i : -1;
            }
            Collections.rotate(ring, -Math.max(0, first));
            ring.add(ring.getFirst());
        }
        return new StitchLine(ring.stream().mapToDouble(p -> p[0]).toArray(),
                ring.stream().mapToDouble(p -> p[1]).toArray(), closed, corner);
    }

    private double turn(int a, int b, int c, int d) {
        return turn(x[b] - x[a], y[b] - y[a], x[d] - x[c], y[d] - y[c]);
    }

    private static double turn(double ax, double ay, double bx, double by) {
        return Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by));
    }

    double length() {
        return s[s.length - 1];
    }

    boolean closed() {
        return closed;
    }

    /** @return places in [0] x, [1] y; a closed one ends where it begins */
    double[][] points() {
        return new double[][]{x.clone(), y.clone()};
    }

    /** @return the places at which it begins, turns and ends */
    List<Integer> cornerPlaces() {
        List<Integer> all = new ArrayList<>();
        for (double corner : corners) {
            int at = Arrays.binarySearch(s, corner);
            all.add(at < 0 ? -at - 1 : at);
        }
        all.set(all.size() - 1, s.length - 1);
        return all;
    }

    /** @return the same, going so that what is inside of an outline lies to the right */
    StitchLine rightIsInside(Outline of) {
        double[] a = at(length() / 2 - 1e-4);
        double[] b = at(length() / 2 + 1e-4);
        double far = Math.max(1e-12, Math.hypot(b[0] - a[0], b[1] - a[1]));
        double step = 1e-3;
        boolean right = false;
        boolean left = false;
        // From a line beside the outline it may be some way to the inside.
        for (int i = 0; i < 24 && right == left; i++, step *= 2) {
            double toX = step * (b[1] - a[1]) / far;
            double toY = -step * (b[0] - a[0]) / far;
            left = of.contains(a[0] + toX, a[1] + toY);
            right = of.contains(a[0] - toX, a[1] - toY);
        }
        return right || !left ? this : reversed();
    }

    /**
     * Two corners that are near each other, as where a corner is cut off or rounded a little, become one: where the stretches beside them
     * would meet.
     *
     * @param leastMm a shorter stretch between two corners goes
     */
    StitchLine withoutShort(double leastMm) {
        StitchLine line = this;
        for (int round = 0; round < corners.length; round++) {
            List<Integer> at = line.cornerPlaces();
            int gone = -1;
            double least = leastMm;
            boolean inner = !line.closed;
            for (int k = 0; k + 1 < at.size() && at.size() > 4; k++) {
                boolean end = inner && (k == 0 || k + 2 == at.size());
                double far = line.s[at.get(k + 1)] - line.s[at.get(k)];
                if (!end && far < least) {
                    least = far;
                    gone = k;
                }
            }
            if (gone < 0) {
                return line;
            }
            line = line.without(at.get(gone), at.get(gone + 1));
        }
        return line;
    }

    private StitchLine without(int from, int to) {
        int last = x.length - 1;
        int before = from == 0 ? last - 1 : from - 1;
        int after = to == last ? 1 : to + 1;
        double ax = x[from] - x[before];
        double ay = y[from] - y[before];
        double bx = x[after] - x[to];
        double by = y[after] - y[to];
        double cross = ax * by - ay * bx;
        double midX = (x[from] + x[to]) / 2;
        double midY = (y[from] + y[to]) / 2;
        double meetX = midX;
        double meetY = midY;
        if (Math.abs(cross) > 1e-9 * Math.hypot(ax, ay) * Math.hypot(bx, by)) {
            double t = ((x[to] - x[from]) * by - (y[to] - y[from]) * bx) / cross;
            double tryX = x[from] + t * ax;
            double tryY = y[from] + t * ay;
            // Ways that are all but parallel meet too far away.
            if (Math.hypot(tryX - midX, tryY - midY) < 2 * (s[to] - s[from]) + 1) {
                meetX = tryX;
                meetY = tryY;
            }
        }
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i <= last; i++) {
            if (i < from || i > to) {
                points.add(new double[]{x[i], y[i]});
            } else if (i == from) {
                points.add(new double[]{meetX, meetY});
            }
        }
        boolean overEnd = closed && (from == 0 || to == last);
        if (closed && !overEnd) {
            points.removeLast();
        } else if (closed && from == 0) {
            // The beginning was the end as well.
            points.removeLast();
        } else if (closed) {
            points.removeFirst();
        }
        return of(points, closed, Math.toRadians(20));
    }

    private StitchLine reversed() {
        List<double[]> points = new ArrayList<>();
        for (int i = x.length - 1; i >= (closed ? 1 : 0); i--) {
            points.add(new double[]{x[i], y[i]});
        }
        return of(points, closed, Math.toRadians(20));
    }

    double[] corners() {
        return corners.clone();
    }

    /** @return whether it closes without a corner at its beginning */
    boolean round() {
        int last = x.length - 1;
        return closed && turn(last - 1, last, 0, 1) < Math.toRadians(20);
    }

    private double[] at(double along) {
        double way = Math.max(0, Math.min(length(), along));
        int i = Arrays.binarySearch(s, way);
        i = Math.max(0, Math.min(s.length - 2, i < 0 ? -i - 2 : i));
        double part = s[i + 1] == s[i] ? 0 : (way - s[i]) / (s[i + 1] - s[i]);
        return new double[]{x[i] + part * (x[i + 1] - x[i]), y[i] + part * (y[i + 1] - y[i])};
    }

    /** Stitches and gaps in their ratio, a whole number of stitches on each stretch; it begins and ends with one. */
    void running(double lengthMm, double gapMm, double slantDeg, List<Stitch> out) {
        for (int k = 0; k + 1 < corners.length; k++) {
            double from = corners[k];
            double room = corners[k + 1] - from;
            boolean round = corners.length == 2 && round();
            int count = (int) Math.max(1, Math.rint((room + (round ? 0 : gapMm)) / (lengthMm + gapMm)));
            double scale = room / (count * lengthMm + (round ? count : count - 1) * gapMm);
            for (int i = 0; i < count; i++) {
                double begin = from + i * (lengthMm + gapMm) * scale;
                out.add(slanted(at(begin), at(begin + lengthMm * scale), slantDeg));
            }
        }
    }

    private static Stitch slanted(double[] a, double[] b, double degrees) {
        double midX = (a[0] + b[0]) / 2;
        double midY = (a[1] + b[1]) / 2;
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        double dx = (b[0] - a[0]) / 2;
        double dy = (b[1] - a[1]) / 2;
        // Counter-clockwise as seen, with y down.
        double rx = cos * dx + sin * dy;
        double ry = cos * dy - sin * dx;
        return new Stitch(midX - rx, midY - ry, midX + rx, midY + ry);
    }

    /** From one side of the line to the other and back; every corner is on the line. */
    void zigzag(double lengthMm, double broadMm, List<Stitch> out) {
        for (int k = 0; k + 1 < corners.length; k++) {
            double room = corners[k + 1] - corners[k];
            int count = (int) Math.max(2, 2 * Math.rint(room / (2 * lengthMm)));
            double[] last = at(corners[k]);
            for (int i = 1; i <= count; i++) {
                double along = corners[k] + room * i / count;
                double side = i == count ? 0 : i % 2 == 0 ? -broadMm / 2 : broadMm / 2;
                double[] next = beside(along, side);
                out.add(new Stitch(last[0], last[1], next[0], next[1]));
                last = next;
            }
        }
    }

    /** @param side to the left of the way */
    private double[] beside(double along, double side) {
        double step = Math.min(0.2, length() / 1000);
        double[] a = at(along - step);
        double[] b = at(along + step);
        double far = Math.max(1e-12, Math.hypot(b[0] - a[0], b[1] - a[1]));
        double[] p = at(along);
        return new double[]{p[0] + side * (b[1] - a[1]) / far, p[1] - side * (b[0] - a[0]) / far};
    }

    /** An edging: a thread along the line, and at even steps one that reaches inwards; at corners it halves the angle. */
    void blanket(double lengthMm, double deepMm, double slantDeg, Inside inside, List<Stitch> out) {
        boolean left = leftIsInside();
        for (int k = 0; k + 1 < corners.length; k++) {
            double room = corners[k + 1] - corners[k];
            int count = (int) Math.max(1, Math.rint(room / lengthMm));
            for (int i = 0; i < count; i++) {
                double along = corners[k] + room * i / count;
                double[] a = at(along);
                double[] b = at(corners[k] + room * (i + 1) / count);
                double[] inner = beside(along, left ? deepMm : -deepMm);
                double lean = Math.tan(Math.toRadians(Math.max(-60, Math.min(60, slantDeg)))) * deepMm;
                double far = Math.max(1e-12, Math.hypot(b[0] - a[0], b[1] - a[1]));
                double toX = inner[0] + lean * (b[0] - a[0]) / far;
                double toY = inner[1] + lean * (b[1] - a[1]) / far;
                // At a sharp tip there is no room for it.
                if (inside.holds(toX, toY)) {
                    out.add(new Stitch(a[0], a[1], toX, toY));
                }
                out.add(new Stitch(a[0], a[1], b[0], b[1]));
            }
        }
    }

    /** What is cloth. */
    interface Inside {
        boolean holds(double x, double y);
    }

    private boolean leftIsInside() {
        double twice = 0;
        for (int i = 0; i + 1 < x.length; i++) {
            twice += x[i] * y[i + 1] - x[i + 1] * y[i];
        }
        return twice < 0;
    }
}
