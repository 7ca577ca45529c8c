package org.vatwright.core.repeat;

import org.vatwright.core.measure.Require;

/**
 * All places m a + n b for whole m and n, in mm, y down.
 *
 * @param ax,ay the first vector, which leads across
 * @param bx,by the second, which leads down
 */
public record Lattice(double ax, double ay, double bx, double by) {

    public Lattice {
        Require.that(Math.abs(ax * by - ay * bx) > 1e-9 * Math.hypot(ax, ay) * Math.hypot(bx, by),
                "a lattice needs two directions");
    }

    public static Lattice of(Repeat repeat) {
        double w = repeat.widthMm();
        double h = repeat.heightMm();
        double drop = repeat.arrangement() instanceof Arrangement.Drop(var f) ? h * f.numerator() / f.denominator() : 0;
        double brick = repeat.arrangement() instanceof Arrangement.Brick(var f)
                ? w * f.numerator() / f.denominator()
                : 0;
        return new Lattice(w, drop, brick, h);
    }

    /** @return the area that belongs to one place, in square mm */
    public double cell() {
        return Math.abs(ax * by - ay * bx);
    }

    /** @return turned counter-clockwise as seen */
    public Lattice turned(double degrees) {
        double cos = exact(Math.cos(Math.toRadians(degrees)));
        double sin = exact(Math.sin(Math.toRadians(degrees)));
        return new Lattice(ax * cos + ay * sin, ay * cos - ax * sin, bx * cos + by * sin, by * cos - bx * sin);
    }

    /** @return the lattice of every m-th and n-th place along its vectors */
    public Lattice every(int m, int n) {
        return new Lattice(m * ax, m * ay, n * bx, n * by);
    }

    public Lattice scaled(double across, double down) {
        return new Lattice(ax * across, ay * down, bx * across, by * down);
    }

    /** @return how many steps along the first vector, and along the second, lead to a place */
    double[] steps(double x, double y) {
        double det = ax * by - ay * bx;
        return new double[]{(x * by - y * bx) / det, (ax * y - ay * x) / det};
    }

    /** @return whether a place is one of the lattice, within a millionth of a step */
    public boolean holds(double x, double y) {
        double[] steps = steps(x, y);
        return Math.abs(steps[0] - Math.rint(steps[0])) < 1e-6 && Math.abs(steps[1] - Math.rint(steps[1])) < 1e-6;
    }

    /** Right angles come out exact. */
    private static double exact(double value) {
        return Math.abs(value - Math.rint(value)) < 1e-15 ? Math.rint(value) : value;
    }
}
