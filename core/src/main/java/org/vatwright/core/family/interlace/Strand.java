package org.vatwright.core.family.interlace;

import java.util.function.DoubleFunction;

/**
 * The middle of one line of a unit, over one turn of its parameter.
 *
 * @param curve x, y, and the derivatives dx, dy at a parameter
 * @param periodX,periodY how far the curve has come after one turn; 0, 0 for a closed one
 * @param points how many stretches stand for a turn where it is drawn
 */
record Strand(DoubleFunction<double[]> curve, double periodX, double periodY, int points) {

    private static final int ROUND = 240;

    Strand(DoubleFunction<double[]> curve, double periodX, double periodY) {
        this(curve, periodX, periodY, ROUND);
    }

    static Strand circle(double x, double y, double r) {
        return new Strand(t -> {
            double a = 2 * Math.PI * t;
            return new double[]{x + r * Math.cos(a), y + r * Math.sin(a), -2 * Math.PI * r * Math.sin(a),
                    2 * Math.PI * r * Math.cos(a)};
        }, 0, 0);
    }

    static Strand line(double x, double y, double dx, double dy) {
        return new Strand(t -> new double[]{x + t * dx, y + t * dy, dx, dy}, dx, dy, 1);
    }

    /** @param t any; beyond one turn a running line goes on */
    double[] at(double t) {
        double turns = Math.floor(t);
        double[] p = curve.apply(t - turns);
        if (turns == 0) {
            return p;
        }
        return new double[]{p[0] + turns * periodX, p[1] + turns * periodY, p[2], p[3]};
    }

    /** @return a place beside the middle, to the right of the way */
    double[] beside(double t, double off) {
        double[] p = at(t);
        double length = Math.hypot(p[2], p[3]);
        return new double[]{p[0] - p[3] / length * off, p[1] + p[2] / length * off};
    }

    /** @return the distance of a place from this curve near a parameter */
    double distance(double near, double x, double y) {
        double t = near;
        for (int i = 0; i < 6; i++) {
            double[] p = at(t);
            double step = ((p[0] - x) * p[2] + (p[1] - y) * p[3]) / (p[2] * p[2] + p[3] * p[3]);
            t -= Math.max(-0.05, Math.min(0.05, step));
        }
        double[] p = at(t);
        return Math.hypot(p[0] - x, p[1] - y);
    }
}
