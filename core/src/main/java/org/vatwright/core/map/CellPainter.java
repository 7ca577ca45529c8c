package org.vatwright.core.map;

import org.vatwright.core.map.Footing.Shadow;

/** Writes cells of cloth into the rows of a {@link Footing}; later ones over earlier ones. */
final class CellPainter {

    /** The nodes around a cell of three by three. */
    private static final int[] AROUND = {0, 1, 2, 5, 8, 7, 6, 3};

    private final Footing f;
    private final int top;
    private final int rows;
    private final double left;
    private final double above;
    private final double[] from;
    private final double[] to;

    /** @param left,above what is taken off every place */
    CellPainter(Footing footing, int top, int rows, double left, double above) {
        f = footing;
        this.top = top;
        this.rows = rows;
        this.left = left;
        this.above = above;
        from = new double[rows];
        to = new double[rows];
    }

    /** A cell with a way back. Between the ends of its edges it is straight; what lies beside it there is as near by either. */
    void fill(Sheet.Cell c, Shadow shadow) {
        int first = first(c.least());
        int last = last(c.most());
        open(first, last);
        for (int k = 0; k < 8; k++) {
            edge(c, AROUND[k], AROUND[k + 1 & 7]);
        }
        byte taps = f.taps(shadow.level(), shadow.u(), shadow.v());
        double[] b = c.back();
        double midX = c.midX() - left;
        double midY = c.midY() - above;
        for (int y = first; y < last; y++) {
            int start = Math.max(0, ceil(from[y - top] - 0.5));
            int end = Math.min(f.width, ceil(to[y - top] - 0.5));
            if (start >= end) {
                continue;
            }
            double X = start + 0.5 - midX;
            double Y = y + 0.5 - midY;
            double u = WayBack.at(b, 0, X, Y);
            double v = WayBack.at(b, 1, X, Y);
            // The next value less this one, and how that grows from pixel to pixel.
            double du = b[1] + b[3] * (2 * X + 1) + b[4] * Y;
            double dv = b[7] + b[9] * (2 * X + 1) + b[10] * Y;
            double ddu = 2 * b[3];
            double ddv = 2 * b[9];
            int row = (y - top) * f.width;
            for (int i = row + start; i < row + end; i++) {
                f.u[i] = u;
                f.v[i] = v;
                u += du;
                v += dv;
                du += ddu;
                dv += ddv;
            }
            lay(row + start, row + end, shadow, taps);
            if (f.tone != null) {
                for (int x = start; x < end; x++) {
                    f.tone[row + x] = (float) WayBack.at(b, 2, x + 0.5 - midX, Y);
                }
            }
        }
    }

    /** A flat triangle of a cell that turns over. */
    void fill(Sheet.Cell s, int a, int b, int c, Shadow shadow) {
        double xa = s.x()[a] - left;
        double ya = s.y()[a] - above;
        double xb = s.x()[b] - left - xa;
        double yb = s.y()[b] - above - ya;
        double xc = s.x()[c] - left - xa;
        double yc = s.y()[c] - above - ya;
        int first = first(Math.min(s.y()[a], Math.min(s.y()[b], s.y()[c])));
        int last = last(Math.max(s.y()[a], Math.max(s.y()[b], s.y()[c])));
        double det = xb * yc - xc * yb;
        if (first >= last || det == 0) {
            return;
        }
        open(first, last);
        edge(s, a, b);
        edge(s, b, c);
        edge(s, c, a);
        double ub = s.u()[b] - s.u()[a];
        double uc = s.u()[c] - s.u()[a];
        double vb = s.v()[b] - s.v()[a];
        double vc = s.v()[c] - s.v()[a];
        double tb = s.tone()[b] - s.tone()[a];
        double tc = s.tone()[c] - s.tone()[a];
        byte taps = f.taps(shadow.level(), shadow.u(), shadow.v());
        for (int y = first; y < last; y++) {
            int start = Math.max(0, ceil(from[y - top] - 0.5));
            int end = Math.min(f.width, ceil(to[y - top] - 0.5));
            int row = (y - top) * f.width;
            for (int x = start; x < end; x++) {
                double shareB = ((x + 0.5 - xa) * yc - xc * (y + 0.5 - ya)) / det;
                double shareC = (xb * (y + 0.5 - ya) - (x + 0.5 - xa) * yb) / det;
                f.u[row + x] = s.u()[a] + shareB * ub + shareC * uc;
                f.v[row + x] = s.v()[a] + shareB * vb + shareC * vc;
                if (f.tone != null) {
                    f.tone[row + x] = (float) (s.tone()[a] + shareB * tb + shareC * tc);
                }
            }
            if (start < end) {
                lay(row + start, row + end, shadow, taps);
            }
        }
    }

    private void lay(int start, int end, Shadow shadow, byte taps) {
        for (int i = start; i < end; i++) {
            f.level[i] = shadow.level();
            f.du[i] = shadow.u();
            f.dv[i] = shadow.v();
            f.taps[i] = taps;
        }
    }

    private int first(double y) {
        return Math.max(top, ceil(y - above - 0.5));
    }

    private int last(double y) {
        return Math.min(top + rows, ceil(y - above - 0.5));
    }

    private void open(int first, int last) {
        for (int y = first - top; y < last - top; y++) {
            from[y] = Double.MAX_VALUE;
            to[y] = -Double.MAX_VALUE;
        }
    }

    /** From the upper end always, so that both who share an edge find the same place. */
    private void edge(Sheet.Cell c, int a, int b) {
        boolean down = c.y()[a] < c.y()[b] || c.y()[a] == c.y()[b] && c.x()[a] < c.x()[b];
        int upper = down ? a : b;
        int lower = down ? b : a;
        double y0 = c.y()[upper] - above;
        double x0 = c.x()[upper] - left;
        double slope = (c.x()[lower] - c.x()[upper]) / (c.y()[lower] - c.y()[upper]);
        int last = last(c.y()[lower]);
        for (int y = first(c.y()[upper]); y < last; y++) {
            double x = x0 + (y + 0.5 - y0) * slope;
            from[y - top] = Math.min(from[y - top], x);
            to[y - top] = Math.max(to[y - top], x);
        }
    }

    private static int ceil(double value) {
        return (int) Math.ceil(value);
    }
}
