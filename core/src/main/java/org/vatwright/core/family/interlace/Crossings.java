package org.vatwright.core.family.interlace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.vatwright.core.repeat.Lattice;

/**
 * Where the strands of a unit cross each other or those of neighbouring units, and who is on top. Along each strand the
 * crossings alternate; each has one strand over and one under.
 */
final class Crossings {

    private static final int REACH = 2;
    private static final double SAME = 1e-6;

    /**
     * One crossing of the unit.
     *
     * @param first,second strands
     * @param t,u parameters of the crossing on them
     * @param column,row lattice steps from the first strand's unit to the second's
     * @param firstOver whether the first is on top
     */
    record Crossing(int first, int second, double t, double u, int column, int row, boolean firstOver) {}

    /** A crossing as one of its strands meets it. @param asFirst whether that is its first strand */
    record Entry(int crossing, double t, boolean asFirst) {}

    private final List<Crossing> all = new ArrayList<>();
    private final List<List<Entry>> along = new ArrayList<>();
    private boolean alternates = true;

    private Crossings() {}

    static Crossings of(List<Strand> strands, Lattice lattice) {
        Crossings made = new Crossings();
        made.find(strands, lattice);
        made.order(strands.size());
        made.alternate();
        return made;
    }

    /** Strips: who is on top is the weave's to say. @param firstOver for each crossing, by its numbers of strands */
    static Crossings of(List<Strand> strands, Lattice lattice, java.util.function.BiPredicate<Integer, Integer> over) {
        Crossings made = new Crossings();
        made.find(strands, lattice);
        made.order(strands.size());
        made.all.replaceAll(c -> new Crossing(c.first, c.second, c.t, c.u, c.column, c.row,
                over.test(c.first, c.second)));
        return made;
    }

    List<Crossing> all() {
        return all;
    }

    List<Entry> along(int strand) {
        return along.get(strand);
    }

    /** @return whether over and under could be given in turn along every strand */
    boolean alternates() {
        return alternates;
    }

    private void find(List<Strand> strands, Lattice lattice) {
        List<double[][]> lines = strands.stream().map(Crossings::polyline).toList();
        for (int a = 0; a < strands.size(); a++) {
            for (int b = a; b < strands.size(); b++) {
                for (int column = -REACH; column <= REACH; column++) {
                    for (int row = -REACH; row <= REACH; row++) {
                        // A pair seen from the other side is the same crossing.
                        boolean seen = a == b && (column < 0 || column == 0 && row < 0);
                        if (!seen) {
                            pair(strands, lines, a, b, column, row, lattice);
                        }
                    }
                }
            }
        }
    }

    private static double[][] polyline(Strand strand) {
        int n = Math.max(1, strand.points() / 2);
        double[][] points = new double[n + 1][];
        for (int i = 0; i <= n; i++) {
            points[i] = strand.at((double) i / n);
        }
        return points;
    }

    private void pair(List<Strand> strands, List<double[][]> lines, int a, int b, int column, int row,
            Lattice lattice) {
        double dx = column * lattice.ax() + row * lattice.bx();
        double dy = column * lattice.ay() + row * lattice.by();
        double[][] p = lines.get(a);
        double[][] q = lines.get(b);
        if (apart(p, q, dx, dy)) {
            return;
        }
        boolean self = a == b && column == 0 && row == 0;
        int n = p.length - 1;
        int m = q.length - 1;
        for (int i = 0; i < n; i++) {
            for (int k = self ? i + 2 : 0; k < m; k++) {
                double[] hit = meet(p[i], p[i + 1], q[k], q[k + 1], dx, dy);
                if (hit != null && !(self && i == 0 && k == m - 1)) {
                    add(strands, a, b, (i + hit[0]) / n, (k + hit[1]) / m, column, row, dx, dy, self);
                }
            }
        }
    }

    private static boolean apart(double[][] p, double[][] q, double dx, double dy) {
        double[] a = box(p);
        double[] b = box(q);
        return a[2] < b[0] + dx || b[2] + dx < a[0] || a[3] < b[1] + dy || b[3] + dy < a[1];
    }

    private static double[] box(double[][] p) {
        double[] box = {p[0][0], p[0][1], p[0][0], p[0][1]};
        for (double[] point : p) {
            box[0] = Math.min(box[0], point[0]);
            box[1] = Math.min(box[1], point[1]);
            box[2] = Math.max(box[2], point[0]);
            box[3] = Math.max(box[3], point[1]);
        }
        return box;
    }

    /** @return the shares of both stretches at which they meet, or null */
    private static double[] meet(double[] a, double[] b, double[] c, double[] d, double dx, double dy) {
        double rx = b[0] - a[0];
        double ry = b[1] - a[1];
        double sx = d[0] - c[0];
        double sy = d[1] - c[1];
        double det = rx * sy - ry * sx;
        if (det * det < 1e-18 * (rx * rx + ry * ry) * (sx * sx + sy * sy)) {
            return null;
        }
        double qx = c[0] + dx - a[0];
        double qy = c[1] + dy - a[1];
        double t = (qx * sy - qy * sx) / det;
        double u = (qx * ry - qy * rx) / det;
        return t >= -SAME && t < 1 - SAME && u >= -SAME && u < 1 - SAME ? new double[]{t, u} : null;
    }

    /** Newton's steps to the true crossing; one that was found before is left out. */
    private void add(List<Strand> strands, int a, int b, double t0, double u0, int column, int row, double dx,
            double dy, boolean self) {
        double t = t0;
        double u = u0;
        for (int i = 0; i < 8; i++) {
            double[] p = strands.get(a).at(t);
            double[] q = strands.get(b).at(u);
            double det = q[2] * p[3] - p[2] * q[3];
            if (Math.abs(det) < 1e-12) {
                return;
            }
            double ex = q[0] + dx - p[0];
            double ey = q[1] + dy - p[1];
            t += (q[2] * ey - q[3] * ex) / det;
            u += (p[2] * ey - p[3] * ex) / det;
        }
        t = turn(t);
        u = turn(u);
        for (Crossing c : all) {
            boolean same = c.first == a && c.second == b && c.column == column && c.row == row && near(c.t, t)
                    && near(c.u, u);
            boolean other = self && c.first == a && c.second == b && c.column == column && c.row == row
                    && near(c.t, u) && near(c.u, t);
            if (same || other) {
                return;
            }
        }
        all.add(new Crossing(a, b, t, u, column, row, true));
    }

    private static double turn(double t) {
        double in = t - Math.floor(t);
        return in > 1 - SAME ? 0 : in;
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b - Math.rint(a - b)) < SAME;
    }

    private void order(int strands) {
        for (int s = 0; s < strands; s++) {
            List<Entry> entries = new ArrayList<>();
            for (int c = 0; c < all.size(); c++) {
                if (all.get(c).first == s) {
                    entries.add(new Entry(c, all.get(c).t, true));
                }
                if (all.get(c).second == s) {
                    entries.add(new Entry(c, all.get(c).u, false));
                }
            }
            entries.sort(Comparator.comparingDouble(Entry::t));
            along.add(entries);
        }
    }

    /** Gives over and under from one crossing to the next along each strand, as far as all agree. */
    private void alternate() {
        int[] over = new int[all.size()];
        for (int start = 0; start < all.size(); start++) {
            if (over[start] == 0) {
                over[start] = 1;
                spread(start, over);
            }
        }
        for (int c = 0; c < all.size(); c++) {
            Crossing old = all.get(c);
            all.set(c, new Crossing(old.first, old.second, old.t, old.u, old.column, old.row, over[c] > 0));
        }
    }

    private void spread(int start, int[] over) {
        List<Integer> open = new ArrayList<>(List.of(start));
        while (!open.isEmpty()) {
            int c = open.removeLast();
            for (List<Entry> entries : along) {
                for (int i = 0; i < entries.size(); i++) {
                    Entry here = entries.get(i);
                    Entry next = entries.get((i + 1) % entries.size());
                    if (here.crossing == c) {
                        step(here, next, over, open);
                    }
                    if (next.crossing == c) {
                        step(next, here, over, open);
                    }
                }
            }
        }
    }

    private void step(Entry from, Entry to, int[] over, List<Integer> open) {
        boolean top = over[from.crossing] > 0 == from.asFirst;
        int wanted = !top == to.asFirst ? 1 : -1;
        if (over[to.crossing] == 0) {
            over[to.crossing] = wanted;
            open.add(to.crossing);
        } else if (over[to.crossing] != wanted) {
            alternates = false;
        }
    }
}
