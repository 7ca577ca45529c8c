package org.vatwright.core.stitch;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.shape.Outline;

/**
 * Lines beside an outline. Each stretch of the outline moves by the distance; where two of them turn they meet in a corner, as
 * a seam is turned. What comes nearer to the outline than the distance, as where it is too narrow, is left out.
 */
final class Inset {

    private static final double FLATNESS_MM = 0.002;
    /** A larger turn is a corner; curves turn by less from one short stretch to the next. */
    private static final double CORNER = Math.toRadians(20);
    /** A sharper corner would reach far beyond the shape. */
    private static final double MOST_MITRE = 4;
    private static final double NEARER_MM = 0.004;
    /** A loop so long, in insets, is none. */
    private static final double LOOP = 0.35;
    /** So many steps of the line it may go on to meet another. */
    private static final double MOST_ON = 4;

    /** So many places are looked at within a few seconds. */
    private static final double MOST_PLACES = 1e6;

    private Inset() {}

    /** @param mm to the inside; below 0 to the outside @return a line for each ring of the outline that has one there */
    static List<StitchLine> of(Outline outline, double mm) {
        List<StitchLine> lines = new ArrayList<>();
        List<double[][]> rings = rings(outline);
        NearRings near = new NearRings(rings);
        for (double[][] ring : rings) {
            // The inside of a hole is its outside.
            double[] probe = beside(ring);
            boolean leftIsInside = outline.contains(probe[0], probe[1]);
            lines.addAll(line(ring, leftIsInside ? mm : -mm, near));
        }
        return lines;
    }

    /** @return the rings, closed or open; a closed one ends where it begins. In [0] x, in [1] y */
    static List<double[][]> rings(Outline outline) {
        List<double[][]> rings = new ArrayList<>();
        List<double[]> ring = new ArrayList<>();
        double[] c = new double[6];
        for (PathIterator it = outline.path().getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> {
                    end(ring, rings);
                    ring = new ArrayList<>(List.of(new double[]{c[0], c[1]}));
                }
                case PathIterator.SEG_LINETO -> add(ring, c[0], c[1]);
                default -> add(ring, ring.getFirst()[0], ring.getFirst()[1]);
            }
        }
        end(ring, rings);
        return rings;
    }

    private static void add(List<double[]> ring, double x, double y) {
        double[] last = ring.getLast();
        if (Math.hypot(x - last[0], y - last[1]) > 1e-7) {
            ring.add(new double[]{x, y});
        }
    }

    private static void end(List<double[]> ring, List<double[][]> rings) {
        if (ring.size() > 1) {
            rings.add(new double[][]{ring.stream().mapToDouble(p -> p[0]).toArray(),
                    ring.stream().mapToDouble(p -> p[1]).toArray()});
        }
    }

    /** @return a place just left of the longest stretch, as one walks it with y down */
    private static double[] beside(double[][] ring) {
        int longest = 0;
        double most = -1;
        for (int i = 0; i + 1 < ring[0].length; i++) {
            double far = Math.hypot(ring[0][i + 1] - ring[0][i], ring[1][i + 1] - ring[1][i]);
            if (far > most) {
                most = far;
                longest = i;
            }
        }
        double dx = (ring[0][longest + 1] - ring[0][longest]) / most;
        double dy = (ring[1][longest + 1] - ring[1][longest]) / most;
        double step = Math.min(0.01, most / 100);
        return new double[]{(ring[0][longest] + ring[0][longest + 1]) / 2 + step * dy,
                (ring[1][longest] + ring[1][longest + 1]) / 2 - step * dx};
    }

    /** @param mm to the left */
    private static List<StitchLine> line(double[][] ring, double mm, NearRings near) {
        double[] x = ring[0];
        double[] y = ring[1];
        int last = x.length - 1;
        boolean closed = Math.hypot(x[last] - x[0], y[last] - y[0]) < 1e-6;
        int nodes = closed ? last : x.length;
        List<double[]> moved = new ArrayList<>();
        for (int i = 0; i < nodes; i++) {
            boolean end = !closed && (i == 0 || i == last);
            int before = i == 0 ? closed ? nodes - 1 : 0 : i - 1;
            int after = i == nodes - 1 ? closed ? 0 : i : i + 1;
            double[] in = way(x, y, end && i == 0 ? i : before, end && i == 0 ? after : i);
            double[] out = end && i == last ? in : way(x, y, i, after);
            node(x[i], y[i], in, out, mm, moved);
        }
        return trimmed(moved, Math.abs(mm), closed, near).stream().filter(l -> l.size() > 1)
                .map(l -> StitchLine.of(l, closed, CORNER)).toList();
    }

    private static double[] way(double[] x, double[] y, int from, int to) {
        double far = Math.hypot(x[to] - x[from], y[to] - y[from]);
        return new double[]{(x[to] - x[from]) / far, (y[to] - y[from]) / far};
    }

    private static void node(double x, double y, double[] in, double[] out, double mm, List<double[]> moved) {
        double cos = in[0] * out[0] + in[1] * out[1];
        // To the left of (dx, dy), y down, lies (dy, -dx).
        double half = Math.sqrt(Math.max(0, (1 + cos) / 2));
        double sumX = in[1] + out[1];
        double sumY = -(in[0] + out[0]);
        double far = Math.hypot(sumX, sumY);
        if (far < 1e-9 || 1 / Math.max(1e-9, half) > MOST_MITRE) {
            moved.add(new double[]{x + mm * in[1], y - mm * in[0]});
            moved.add(new double[]{x + mm * out[1], y - mm * out[0]});
            return;
        }
        moved.add(new double[]{x + mm / half * sumX / far, y + mm / half * sumY / far});
    }

    /** Leaves out what lies too near to the outline; of what is left each end goes on at the nearest beginning. */
    private static List<List<double[]>> trimmed(List<double[]> corners, double mm, boolean closed,
            NearRings near) {
        if (mm == 0) {
            return List.of(corners);
        }
        double step = Math.max(0.1, Math.min(1, mm / 4));
        if (length(corners) / step + corners.size() > MOST_PLACES) {
            throw new Refusal(
                    "a line of %,.0f mm with %,d points is too much to be set off from its outline; it should be shorter or have fewer points"
                            .formatted(length(corners), corners.size()));
        }
        List<double[]> line = fine(corners, closed, step);
        int n = line.size();
        boolean[] good = new boolean[n];
        int bad = -1;
        for (int i = 0; i < n; i++) {
            good[i] = near.far(line.get(i)[0], line.get(i)[1], mm - NEARER_MM);
            bad = good[i] ? bad : i;
        }
        if (bad < 0) {
            return List.of(corners);
        }
        List<List<double[]>> runs = new ArrayList<>();
        for (int k = 1; k <= n; k++) {
            int i = closed ? (bad + k) % n : k - 1;
            int before = closed ? (i + n - 1) % n : i - 1;
            if (good[i]) {
                if (before < 0 || !good[before]) {
                    runs.add(new ArrayList<>());
                }
                runs.getLast().add(line.get(i));
            }
        }
        // In an acute corner between bent sides the moved lines cross and leave a small loop beyond.
        double longest = runs.stream().mapToDouble(Inset::length).max().orElse(0);
        runs.removeIf(r -> r.size() < 2 || length(r) < Math.min(LOOP * mm, longest / 2));
        return closed ? linked(runs) : runs;
    }

    private static double length(List<double[]> run) {
        double all = 0;
        for (int i = 1; i < run.size(); i++) {
            all += Math.hypot(run.get(i)[0] - run.get(i - 1)[0], run.get(i)[1] - run.get(i - 1)[1]);
        }
        return all;
    }

    /** @return with more places, so that none lies farther from the next */
    private static List<double[]> fine(List<double[]> line, boolean closed, double mostMm) {
        List<double[]> fine = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            fine.add(line.get(i));
            if (closed || i + 1 < line.size()) {
                double[] a = line.get(i);
                double[] b = line.get((i + 1) % line.size());
                int parts = (int) Math.ceil(Math.hypot(b[0] - a[0], b[1] - a[1]) / mostMm);
                for (int k = 1; k < parts; k++) {
                    fine.add(new double[]{a[0] + (b[0] - a[0]) * k / parts, a[1] + (b[1] - a[1]) * k / parts});
                }
            }
        }
        return fine;
    }

    private static List<List<double[]>> linked(List<List<double[]>> runs) {
        List<List<double[]>> rings = new ArrayList<>();
        List<List<double[]>> left = new ArrayList<>(runs);
        while (!left.isEmpty()) {
            List<double[]> first = left.removeFirst();
            List<double[]> ring = new ArrayList<>(first);
            List<double[]> next = nearest(ring, first, left);
            while (next != first) {
                join(ring, next);
                ring.addAll(next);
                List<double[]> taken = next;
                left.removeIf(r -> r == taken);
                next = nearest(ring, first, left);
            }
            join(ring, first);
            rings.add(ring);
        }
        return rings;
    }

    /** @return the run whose beginning is nearest to the end of a line; the one that it began with is one of them */
    private static List<double[]> nearest(List<double[]> line, List<double[]> first, List<List<double[]>> left) {
        double[] end = line.getLast();
        List<double[]> best = first;
        for (List<double[]> run : left) {
            best = Math.hypot(run.getFirst()[0] - end[0], run.getFirst()[1] - end[1]) < Math
                    .hypot(best.getFirst()[0] - end[0], best.getFirst()[1] - end[1]) ? run : best;
        }
        return best;
    }

    private static void join(List<double[]> line, List<double[]> next) {
        meeting(line.get(line.size() - 2), line.getLast(), next.get(1), next.getFirst()).ifPresent(line::add);
    }

    /** @return where the line from a on through b meets the one from c back through d, when both come to it */
    private static Optional<double[]> meeting(double[] a, double[] b, double[] c, double[] d) {
        double rx = b[0] - a[0];
        double ry = b[1] - a[1];
        double sx = d[0] - c[0];
        double sy = d[1] - c[1];
        double det = rx * sy - ry * sx;
        if (Math.abs(det) < 1e-12) {
            return Optional.empty();
        }
        double t = ((c[0] - a[0]) * sy - (c[1] - a[1]) * sx) / det;
        double u = ((c[0] - a[0]) * ry - (c[1] - a[1]) * rx) / det;
        return t >= 1 && t <= MOST_ON && u >= 1 && u <= MOST_ON
                ? Optional.of(new double[]{a[0] + t * rx, a[1] + t * ry})
                : Optional.empty();
    }
}
