package org.vatwright.core.family.flow;

import java.util.List;

/**
 * The middle of a flow line over one period, as points close together. The last point is the first one a period on, and the
 * directions there are the same.
 *
 * @param x,y points in mm of the unit, from 0 to n, n being the first again
 * @param way length up to each point, in mm
 * @param swell thickness at each point, as a factor
 */
public record Centreline(double[] x, double[] y, double[] way, double[] swell, double periodMm) {

    private static final int POINTS_A_SPAN = 96;

    /** A point set into a line. */
    record Split(Knot before, Knot middle, Knot after) {}

    static Centreline of(FlowLines lines, int copy) {
        List<Knot> knots = lines.knots();
        int spans = knots.size();
        int n = spans * POINTS_A_SPAN;
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        double[] swell = new double[n + 1];
        double dx = copy * lines.copies().dxMm();
        double dy = copy * lines.copies().dyMm();
        for (int i = 0; i < n; i++) {
            Knot from = knots.get(i / POINTS_A_SPAN);
            Knot to = knots.get((i / POINTS_A_SPAN + 1) % spans);
            double on = i / POINTS_A_SPAN + 1 == spans ? lines.periodMm() : 0;
            double t = (double) (i % POINTS_A_SPAN) / POINTS_A_SPAN;
            x[i] = dx + cubic(t, from.x(), from.x() + from.handleX(), to.x() + on - to.back() * to.handleX(),
                    to.x() + on);
            y[i] = dy + cubic(t, from.y(), from.y() + from.handleY(), to.y() - to.back() * to.handleY(), to.y());
            double s = t * t * (3 - 2 * t);
            swell[i] = from.swell() + s * (to.swell() - from.swell());
        }
        if (lines.sway().amountMm() > 0) {
            for (int i = 0; i < n; i++) {
                y[i] += lines.sway().at(x[i] / lines.periodMm(), y[i] / lines.pitchMm(), lines.phase());
            }
        }
        x[n] = x[0] + lines.periodMm();
        y[n] = y[0];
        swell[n] = swell[0];
        double[] way = new double[n + 1];
        for (int i = 1; i <= n; i++) {
            way[i] = way[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        return new Centreline(x, y, way, swell, lines.periodMm());
    }

    private static double cubic(double t, double a, double b, double c, double d) {
        double u = 1 - t;
        return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
    }

    /** De Casteljau's halves of one span. */
    static Split split(FlowLines lines, int index) {
        Knot from = lines.knots().get(index);
        int next = (index + 1) % lines.knots().size();
        Knot to = lines.knots().get(next);
        double on = next == 0 ? lines.periodMm() : 0;
        double bx = from.x() + from.handleX();
        double by = from.y() + from.handleY();
        double cx = to.x() + on - to.back() * to.handleX();
        double cy = to.y() - to.back() * to.handleY();
        double mx = (from.x() + 3 * bx + 3 * cx + to.x() + on) / 8;
        double my = (from.y() + 3 * by + 3 * cy + to.y()) / 8;
        double hx = (to.x() + on + cx - bx - from.x()) / 8;
        double hy = (to.y() + cy - by - from.y()) / 8;
        // The handles on this span are halved, those on the spans beside it stay.
        boolean alone = lines.knots().size() == 1;
        return new Split(from.withHandle(from.handleX() / 2, from.handleY() / 2)
                .withBack(alone ? from.back() : 2 * from.back()),
                new Knot(mx, my, hx, hy, (from.swell() + to.swell()) / 2), to.withBack(to.back() / 2));
    }

    public double lengthMm() {
        return way[way.length - 1];
    }

    int spans() {
        return x.length - 1;
    }

    /** @return the direction at a point, as a unit vector; the same at the first and the last */
    public double[] direction(int i) {
        int n = spans();
        int before = i == 0 || i == n ? n - 1 : i - 1;
        int after = i == 0 || i == n ? 1 : i + 1;
        double back = i == 0 || i == n ? periodMm : 0;
        double dx = x[after] + back - x[before];
        double dy = y[after] - y[before];
        double length = Math.hypot(dx, dy);
        return length == 0 ? new double[]{1, 0} : new double[]{dx / length, dy / length};
    }

    /** @return the radius of the tightest bend, in mm */
    double tightestMm() {
        double least = Double.MAX_VALUE;
        int n = spans();
        for (int i = 0; i < n; i++) {
            double[] a = direction(i);
            double[] b = direction(i + 1);
            double turn = Math.abs(Math.atan2(a[0] * b[1] - a[1] * b[0], a[0] * b[0] + a[1] * b[1]));
            double span = way[i + 1] - way[i];
            least = turn > 1e-12 ? Math.min(least, span / turn) : least;
        }
        return least;
    }

    /**
     * A place on the way, and the direction there.
     *
     * @param dx,dy unit vector
     */
    record Spot(double x, double y, double dx, double dy, double swell) {

        /** @return a place beside it, to the right of the way for a positive distance */
        double sideX(double off) {
            return x - dy * off;
        }

        double sideY(double off) {
            return y + dx * off;
        }
    }

    /** @param at length along the line, in mm; beyond its ends it goes on a period farther */
    Spot at(double at) {
        double length = lengthMm();
        double turns = Math.floor(at / length);
        double in = at - turns * length;
        int low = 0;
        int high = spans();
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (way[middle] <= in) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double span = way[low + 1] - way[low];
        double t = span == 0 ? 0 : (in - way[low]) / span;
        double[] a = direction(low);
        double[] b = direction(low + 1);
        double dx = a[0] + t * (b[0] - a[0]);
        double dy = a[1] + t * (b[1] - a[1]);
        double unit = Math.hypot(dx, dy);
        return new Spot(x[low] + t * (x[low + 1] - x[low]) + turns * periodMm, y[low] + t * (y[low + 1] - y[low]),
                dx / unit, dy / unit, swell[low] + t * (swell[low + 1] - swell[low]));
    }
}
