package org.vatwright.core.family.motif;

import java.util.Arrays;

import org.vatwright.core.repeat.Lattice;

/**
 * Circles on the torus of a lattice, with a grid to find those near a place. Distances are the shortest around the torus.
 */
final class Discs {

    /** Circles this much nearer than they should be still only touch. */
    private static final double TOUCH = 1e-9;

    private final Lattice lattice;
    private final int gridU;
    private final int gridV;
    private final double highU;
    private final double highV;
    private final int[] head;
    private int[] next = new int[64];
    private double[] x = new double[64];
    private double[] y = new double[64];
    private double[] r = new double[64];
    private int[] at = new int[64];
    private int count;
    private double largest;

    /** @param spacing about how far circles stand apart */
    Discs(Lattice lattice, double spacing) {
        this.lattice = lattice;
        double a = Math.hypot(lattice.ax(), lattice.ay());
        double b = Math.hypot(lattice.bx(), lattice.by());
        // The height of the cell over each of its sides: how far one step of u, or of v, leads across the other.
        highU = lattice.cell() / b;
        highV = lattice.cell() / a;
        gridU = (int) Math.max(1, Math.min(400, highU / spacing));
        gridV = (int) Math.max(1, Math.min(400, highV / spacing));
        head = new int[gridU * gridV];
        Arrays.fill(head, -1);
    }

    int count() {
        return count;
    }

    double x(int i) {
        return x[i];
    }

    double y(int i) {
        return y[i];
    }

    double r(int i) {
        return r[i];
    }

    int add(double px, double py, double radius) {
        if (count == x.length) {
            x = Arrays.copyOf(x, 2 * count);
            y = Arrays.copyOf(y, 2 * count);
            r = Arrays.copyOf(r, 2 * count);
            next = Arrays.copyOf(next, 2 * count);
            at = Arrays.copyOf(at, 2 * count);
        }
        r[count] = radius;
        largest = Math.max(largest, radius);
        put(count, px, py);
        return count++;
    }

    private void put(int i, double px, double py) {
        double[] uv = within(px, py);
        x[i] = uv[0] * lattice.ax() + uv[1] * lattice.bx();
        y[i] = uv[0] * lattice.ay() + uv[1] * lattice.by();
        int cell = Math.min(gridU - 1, (int) (uv[0] * gridU)) + gridU * Math.min(gridV - 1, (int) (uv[1] * gridV));
        at[i] = cell;
        next[i] = head[cell];
        head[cell] = i;
    }

    void move(int i, double px, double py) {
        int before = -1;
        for (int k = head[at[i]]; k != i; k = next[k]) {
            before = k;
        }
        if (before < 0) {
            head[at[i]] = next[i];
        } else {
            next[before] = next[i];
        }
        put(i, px, py);
    }

    private double[] within(double px, double py) {
        double det = lattice.ax() * lattice.by() - lattice.ay() * lattice.bx();
        double u = (px * lattice.by() - py * lattice.bx()) / det;
        double v = (lattice.ax() * py - lattice.ay() * px) / det;
        u -= Math.floor(u);
        v -= Math.floor(v);
        return new double[]{u >= 1 ? 0 : u, v >= 1 ? 0 : v};
    }

    /** What is done with a circle near a place. */
    interface Near {
        /** @param dx,dy from the place to the circle's middle, the shortest way */
        void by(int disc, double dx, double dy);
    }

    /** Every circle whose middle is within a reach of a place, by its nearest copy. */
    void near(double px, double py, double reach, Near near) {
        double[] uv = within(px, py);
        int spanU = Math.min((int) Math.ceil(reach / highU * gridU) + 1, gridU / 2 + 1);
        int spanV = Math.min((int) Math.ceil(reach / highV * gridV) + 1, gridV / 2 + 1);
        int midU = (int) (uv[0] * gridU);
        int midV = (int) (uv[1] * gridV);
        int fromU = 2 * spanU + 1 >= gridU ? 0 : midU - spanU;
        int toU = 2 * spanU + 1 >= gridU ? gridU - 1 : midU + spanU;
        int fromV = 2 * spanV + 1 >= gridV ? 0 : midV - spanV;
        int toV = 2 * spanV + 1 >= gridV ? gridV - 1 : midV + spanV;
        for (int gv = fromV; gv <= toV; gv++) {
            for (int gu = fromU; gu <= toU; gu++) {
                for (int i = head[Math.floorMod(gu, gridU) + gridU * Math.floorMod(gv, gridV)]; i >= 0; i = next[i]) {
                    double[] way = way(x[i] - px, y[i] - py);
                    if (way[0] * way[0] + way[1] * way[1] <= reach * reach) {
                        near.by(i, way[0], way[1]);
                    }
                }
            }
        }
    }

    /**
     * The same as {@link #clear} with at least that distance; from the place outwards, so that where it is crowded the first
     * circle that is in the way ends it.
     *
     * @param but a circle that does not count; -1 for none
     */
    boolean free(double px, double py, double need, int but) {
        double[] uv = within(px, py);
        double reach = need + largest;
        int midU = (int) (uv[0] * gridU);
        int midV = (int) (uv[1] * gridV);
        int spanU = Math.min((int) Math.ceil(reach / highU * gridU) + 1, gridU / 2 + 1);
        int spanV = Math.min((int) Math.ceil(reach / highV * gridV) + 1, gridV / 2 + 1);
        for (int ring = 0; ring <= Math.max(spanU, spanV); ring++) {
            for (int dv = -Math.min(ring, spanV); dv <= Math.min(ring, spanV); dv++) {
                // All along the upper and lower side of the ring, else only its two ends.
                int step = Math.abs(dv) == ring ? 1 : Math.max(1, 2 * ring);
                for (int du = -ring; du <= ring; du += step) {
                    if (Math.abs(du) <= spanU && taken(midU + du, midV + dv, px, py, need, but)) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private boolean taken(int gu, int gv, double px, double py, double need, int but) {
        for (int i = head[Math.floorMod(gu, gridU) + gridU * Math.floorMod(gv, gridV)]; i >= 0; i = next[i]) {
            if (i != but) {
                double[] way = way(x[i] - px, y[i] - py);
                if (Math.sqrt(way[0] * way[0] + way[1] * way[1]) - r[i] < need - TOUCH) {
                    return true;
                }
            }
        }
        return false;
    }

    /** @return the shortest way with the same ends on the torus */
    double[] way(double dx, double dy) {
        double det = lattice.ax() * lattice.by() - lattice.ay() * lattice.bx();
        double u = Math.rint((dx * lattice.by() - dy * lattice.bx()) / det);
        double v = Math.rint((lattice.ax() * dy - lattice.ay() * dx) / det);
        double[] best = {0, 0};
        double least = Double.MAX_VALUE;
        for (int m = -1; m <= 1; m++) {
            for (int n = -1; n <= 1; n++) {
                double wx = dx - (u + m) * lattice.ax() - (v + n) * lattice.bx();
                double wy = dy - (u + m) * lattice.ay() - (v + n) * lattice.by();
                double far = wx * wx + wy * wy;
                if (far < least) {
                    least = far;
                    best[0] = wx;
                    best[1] = wy;
                }
            }
        }
        return best;
    }

    /** @return the clear distance from a place to the nearest circle, below 0 inside one; {@code most} when none is near */
    double clear(double px, double py, double most, int but) {
        double[] least = {most};
        near(px, py, most + largest, (i, dx, dy) -> {
            if (i != but) {
                least[0] = Math.min(least[0], Math.sqrt(dx * dx + dy * dy) - r[i]);
            }
        });
        return least[0];
    }
}
