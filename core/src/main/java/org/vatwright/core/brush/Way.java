package org.vatwright.core.brush;

/**
 * The line through a track, smooth: between the middles of its steps run parabolas that lean on its points (a quadratic
 * B-spline), from its first point to its last. Places on it are found by the length gone, exactly: the length of a parabola
 * is known in closed form.
 */
final class Way {

    /** Below this the parabola is nearly straight and even, and Gauss's rule is exact where differences of logarithms are not. */
    private static final double NEARLY_EVEN = 1e-3;
    private static final double[] GAUSS_AT = {0.1834346424956498, 0.5255324099163290, 0.7966664774136267,
            0.9602898564975363};
    private static final double[] GAUSS_WEIGHT = {0.3626837833783620, 0.3137066458778873, 0.2223810344533745,
            0.1012285362903763};
    private static final int MOST_ROUNDS = 60;
    private static final double NEAR = 1e-12;

    /** Of each piece its start, control and end, x before y. */
    private final double[][] pieces;
    private final double[] length;
    /** Of each piece how firmly the hand pressed at its start, its control and its end. */
    private final double[][] firm;
    private double whole;

    /** A place on the way. @param dx,dy which way it goes on, of length 1; 0 when it goes nowhere */
    record Place(double x, double y, double dx, double dy, double pressed) {}

    Way(Track track) {
        int n = track.size();
        int count = n == 1 ? 0 : n == 2 ? 1 : n - 2;
        pieces = new double[count][];
        length = new double[count];
        firm = new double[count][];
        for (int i = 0; i < count; i++) {
            piece(track, i, n);
            length[i] = lengthTo(pieces[i], 1);
            whole += length[i];
        }
    }

    private void piece(Track t, int i, int n) {
        if (n == 2) {
            pieces[0] = new double[]{t.x(0), t.y(0), (t.x(0) + t.x(1)) / 2, (t.y(0) + t.y(1)) / 2, t.x(1), t.y(1)};
            firm[0] = new double[]{t.pressed(0), (t.pressed(0) + t.pressed(1)) / 2.0, t.pressed(1)};
            return;
        }
        boolean first = i == 0;
        boolean last = i == n - 3;
        pieces[i] = new double[]{first ? t.x(0) : (t.x(i) + t.x(i + 1)) / 2, first ? t.y(0) : (t.y(i) + t.y(i + 1)) / 2,
                t.x(i + 1), t.y(i + 1), last ? t.x(i + 2) : (t.x(i + 1) + t.x(i + 2)) / 2,
                last ? t.y(i + 2) : (t.y(i + 1) + t.y(i + 2)) / 2};
        firm[i] = new double[]{first ? t.pressed(0) : (t.pressed(i) + t.pressed(i + 1)) / 2.0, t.pressed(i + 1),
                last ? t.pressed(i + 2) : (t.pressed(i + 1) + t.pressed(i + 2)) / 2.0};
    }

    double length() {
        return whole;
    }

    /** Goes along, so that each next place begins where the last one was found. */
    final class Walk {
        private int piece;
        private double before;

        /** @param s length from the start in mm, never less than the last time */
        Place at(double s) {
            while (piece < pieces.length - 1 && before + length[piece] < s) {
                before += length[piece++];
            }
            return place(piece, s - before);
        }
    }

    private Place place(int i, double s) {
        double[] p = pieces[i];
        double t = length[i] == 0 ? 0 : parameter(p, Math.max(0, Math.min(length[i], s)), length[i]);
        double u = 1 - t;
        double dx = u * (p[2] - p[0]) + t * (p[4] - p[2]);
        double dy = u * (p[3] - p[1]) + t * (p[5] - p[3]);
        double speed = Math.hypot(dx, dy);
        if (speed == 0) {
            dx = p[4] - p[0];
            dy = p[5] - p[1];
            speed = Math.hypot(dx, dy);
        }
        return new Place(u * u * p[0] + 2 * u * t * p[2] + t * t * p[4],
                u * u * p[1] + 2 * u * t * p[3] + t * t * p[5], speed == 0 ? 0 : dx / speed,
                speed == 0 ? 0 : dy / speed, u * u * firm[i][0] + 2 * u * t * firm[i][1] + t * t * firm[i][2]);
    }

    /** Newton's steps, kept between what is known to be too little and too much. */
    private static double parameter(double[] p, double s, double all) {
        double low = 0;
        double high = 1;
        double t = s / all;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double off = lengthTo(p, t) - s;
            if (Math.abs(off) <= NEAR * Math.max(1, all)) {
                break;
            }
            if (off > 0) {
                high = t;
            } else {
                low = t;
            }
            double speed = speed(p, t);
            double next = speed > 0 ? t - off / speed : -1;
            t = next > low && next < high ? next : (low + high) / 2;
        }
        return t;
    }

    private static double speed(double[] p, double t) {
        return 2 * Math.hypot((1 - t) * (p[2] - p[0]) + t * (p[4] - p[2]), (1 - t) * (p[3] - p[1]) + t * (p[5] - p[3]));
    }

    /** @return the length of a piece from its start to that parameter */
    private static double lengthTo(double[] p, double t) {
        double ax = p[0] - 2 * p[2] + p[4];
        double ay = p[1] - 2 * p[3] + p[5];
        double bx = p[2] - p[0];
        double by = p[3] - p[1];
        // The speed squared is 4 (a t^2 + 2 b t + c).
        double a = ax * ax + ay * ay;
        double b = ax * bx + ay * by;
        double c = bx * bx + by * by;
        if (a <= NEARLY_EVEN * Math.max(c, a + 2 * b + c)) {
            return gauss(a, b, c, t);
        }
        double from = b / a;
        double k = Math.max(0, c / a - from * from);
        return 2 * Math.sqrt(a) * (half(t + from, k) - half(from, k));
    }

    /** The integral of the root of v^2 + k from 0 to v. */
    private static double half(double v, double k) {
        double root = Math.sqrt(v * v + k);
        double logarithm = k == 0 ? 0 : k * Math.log((Math.abs(v) + root) / Math.sqrt(k));
        return Math.copySign((Math.abs(v) * root + logarithm) / 2, v);
    }

    private static double gauss(double a, double b, double c, double t) {
        double sum = 0;
        for (int i = 0; i < GAUSS_AT.length; i++) {
            for (int sign = -1; sign <= 1; sign += 2) {
                double at = t / 2 * (1 + sign * GAUSS_AT[i]);
                sum += GAUSS_WEIGHT[i] * Math.sqrt(Math.max(0, (a * at + 2 * b) * at + c));
            }
        }
        return sum * t;
    }
}
