package org.vatwright.core.map;

/** From nine places where a cell is seen to the quadratics that lead back from there, by least squares. */
final class WayBack {

    private static final int TERMS = 6;
    /** A row of the equations: the terms, and what u and v come to. */
    private static final int WIDE = TERMS + 2;

    private WayBack() {}

    /** @return for u and for v six numbers, about the middle place; none when the places do not tell */
    static double[] of(Grid g) {
        double[] x = g.x();
        double[] y = g.y();
        double[] a = new double[TERMS * WIDE];
        double[] term = new double[TERMS];
        double scale = Math.max(1e-9, Math.abs(x[8] - x[0]) + Math.abs(y[8] - y[0]) + Math.abs(x[2] - x[6])
                + Math.abs(y[2] - y[6]));
        for (int k = 0; k < 9; k++) {
            terms((x[k] - x[4]) / scale, (y[k] - y[4]) / scale, term);
            for (int i = 0; i < TERMS; i++) {
                for (int j = 0; j <= i; j++) {
                    a[i * WIDE + j] += term[i] * term[j];
                }
                a[i * WIDE + TERMS] += term[i] * (g.u()[k] - g.u()[4]);
                a[i * WIDE + TERMS + 1] += term[i] * (g.v()[k] - g.v()[4]);
            }
        }
        return solved(a, scale, g.u()[4], g.v()[4]);
    }

    private static void terms(double x, double y, double[] out) {
        out[0] = 1;
        out[1] = x;
        out[2] = y;
        out[3] = x * x;
        out[4] = x * y;
        out[5] = y * y;
    }

    /** Cholesky's way; the matrix is symmetric, its lower half is given. */
    private static double[] solved(double[] a, double scale, double u, double v) {
        for (int i = 0; i < TERMS; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = a[i * WIDE + j];
                for (int k = 0; k < j; k++) {
                    sum -= a[i * WIDE + k] * a[j * WIDE + k];
                }
                if (i == j && !(sum > 1e-12)) {
                    return null;
                }
                a[i * WIDE + j] = i == j ? Math.sqrt(sum) : sum / a[j * WIDE + j];
            }
        }
        double[] back = new double[2 * TERMS];
        for (int right = TERMS; right < WIDE; right++) {
            for (int i = 0; i < TERMS; i++) {
                double sum = a[i * WIDE + right];
                for (int k = 0; k < i; k++) {
                    sum -= a[i * WIDE + k] * a[k * WIDE + right];
                }
                a[i * WIDE + right] = sum / a[i * WIDE + i];
            }
            int first = (right - TERMS) * TERMS;
            for (int i = TERMS - 1; i >= 0; i--) {
                double sum = a[i * WIDE + right];
                for (int k = i + 1; k < TERMS; k++) {
                    sum -= a[k * WIDE + i] * back[first + k];
                }
                back[first + i] = sum / a[i * WIDE + i];
            }
            for (int i = 1; i < TERMS; i++) {
                back[first + i] /= i < 3 ? scale : scale * scale;
            }
        }
        back[0] += u;
        back[TERMS] += v;
        return back;
    }

    /** @return the value of the n-th quadratic at a place, from the middle */
    static double at(double[] back, int n, double x, double y) {
        int k = n * TERMS;
        return back[k] + x * (back[k + 1] + back[k + 3] * x + back[k + 4] * y) + y * (back[k + 2] + back[k + 5] * y);
    }

    /** @return how far off it is at the nine places, in pixels where the cell is seen */
    static double worst(Grid g, double[] b) {
        return worst(g, g, b);
    }

    /** @param g more places @param fitted the nine that it was fitted to */
    static double worst(Grid g, Grid fitted, double[] b) {
        double worst = 0;
        double det = Math.abs(b[1] * b[8] - b[2] * b[7]);
        for (int k = 0; k < g.x().length; k++) {
            double x = g.x()[k] - fitted.x()[4];
            double y = g.y()[k] - fitted.y()[4];
            double du = at(b, 0, x, y) - g.u()[k];
            double dv = at(b, 1, x, y) - g.v()[k];
            double across = du * b[8] - dv * b[2];
            double down = dv * b[1] - du * b[7];
            worst = Math.max(worst, across * across + down * down);
        }
        return Math.sqrt(worst) / det;
    }

    /** @return the same at a place between the known ones that is seen at x, y and lies at u, v */
    static double off(Grid g, double[] b, double x, double y, double u, double v) {
        double du = at(b, 0, x - g.x()[4], y - g.y()[4]) - u;
        double dv = at(b, 1, x - g.x()[4], y - g.y()[4]) - v;
        return Math.hypot(du * b[8] - dv * b[2], dv * b[1] - du * b[7]) / Math.abs(b[1] * b[8] - b[2] * b[7]);
    }

    /** @return how a pixel in the middle of the cell lies on the tile */
    static Footing.Shadow shadow(double[] back, Footing footing) {
        return footing.shadow(back[1], back[7], back[2], back[8]);
    }
}
