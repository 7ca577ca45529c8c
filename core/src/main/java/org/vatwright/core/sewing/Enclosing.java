package org.vatwright.core.sewing;

/** The smallest circle around places (Welzl 1991, in the order in which they are given). */
final class Enclosing {

    private static final double ROUND = 1e-10;

    private Enclosing() {}

    /** @return its middle */
    static double[] middle(double[][] places) {
        double[] c = {places[0][0], places[0][1], 0};
        for (int i = 1; i < places.length; i++) {
            if (outside(c, places[i])) {
                c = with(places, i, places[i]);
            }
        }
        return new double[]{c[0], c[1]};
    }

    private static double[] with(double[][] places, int count, double[] p) {
        double[] c = {p[0], p[1], 0};
        for (int i = 0; i < count; i++) {
            if (outside(c, places[i])) {
                c = across(p, places[i]);
                for (int j = 0; j < i; j++) {
                    if (outside(c, places[j])) {
                        c = through(p, places[i], places[j]);
                    }
                }
            }
        }
        return c;
    }

    private static boolean outside(double[] c, double[] p) {
        return Math.hypot(p[0] - c[0], p[1] - c[1]) > c[2] + ROUND;
    }

    private static double[] across(double[] a, double[] b) {
        return new double[]{(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, Math.hypot(a[0] - b[0], a[1] - b[1]) / 2};
    }

    private static double[] through(double[] a, double[] b, double[] c) {
        double bx = b[0] - a[0];
        double by = b[1] - a[1];
        double cx = c[0] - a[0];
        double cy = c[1] - a[1];
        double d = 2 * (bx * cy - by * cx);
        if (Math.abs(d) < 1e-14) {
            double[] ab = across(a, b);
            double[] ac = across(a, c);
            double[] bc = across(b, c);
            return ab[2] >= ac[2] && ab[2] >= bc[2] ? ab : ac[2] >= bc[2] ? ac : bc;
        }
        double x = (cy * (bx * bx + by * by) - by * (cx * cx + cy * cy)) / d;
        double y = (bx * (cx * cx + cy * cy) - cx * (bx * bx + by * by)) / d;
        return new double[]{a[0] + x, a[1] + y, Math.hypot(x, y)};
    }
}
