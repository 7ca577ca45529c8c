package org.vatwright.core.drape;

import java.awt.geom.Rectangle2D;

/**
 * A bicubic patch between four nodes of a grid, through them, by the slopes that their neighbours give (Catmull and Rom 1974), held
 * by its sixteen B&eacute;zier points.
 */
final class Cubic {

    private final double[] x = new double[16];
    private final double[] y = new double[16];

    /** Where a node of the grid is, beyond its edges as well. */
    interface Nodes {
        double at(int column, int row);
    }

    /** @param column,row of the upper left node */
    Cubic(Nodes xs, Nodes ys, int column, int row) {
        fill(xs, column, row, x);
        fill(ys, column, row, y);
    }

    private static void fill(Nodes nodes, int column, int row, double[] out) {
        double[][] across = new double[4][];
        for (int k = 0; k < 4; k++) {
            int r = row + k - 1;
            across[k] = points(nodes.at(column - 1, r), nodes.at(column, r), nodes.at(column + 1, r),
                    nodes.at(column + 2, r));
        }
        for (int i = 0; i < 4; i++) {
            double[] down = points(across[0][i], across[1][i], across[2][i], across[3][i]);
            for (int k = 0; k < 4; k++) {
                out[4 * k + i] = down[k];
            }
        }
    }

    /** @return the B&eacute;zier points of the stretch from b to c */
    private static double[] points(double a, double b, double c, double d) {
        return new double[]{b, b + (c - a) / 6, c - (d - b) / 6, c};
    }

    /** @param s,t 0 to 1 */
    void at(double s, double t, double[] out) {
        double r = 1 - s;
        double s0 = r * r * r;
        double s1 = 3 * r * r * s;
        double s2 = 3 * r * s * s;
        double s3 = s * s * s;
        double q = 1 - t;
        double[] down = {q * q * q, 3 * q * q * t, 3 * q * t * t, t * t * t};
        double sumX = 0;
        double sumY = 0;
        for (int k = 0; k < 4; k++) {
            int i = 4 * k;
            sumX += down[k] * (s0 * x[i] + s1 * x[i + 1] + s2 * x[i + 2] + s3 * x[i + 3]);
            sumY += down[k] * (s0 * y[i] + s1 * y[i + 1] + s2 * y[i + 2] + s3 * y[i + 3]);
        }
        out[0] = sumX;
        out[1] = sumY;
    }

    /** @return holds all of it */
    Rectangle2D hull() {
        Rectangle2D hull = new Rectangle2D.Double(x[0], y[0], 0, 0);
        for (int i = 1; i < 16; i++) {
            hull.add(x[i], y[i]);
        }
        return hull;
    }
}
