package org.vatwright.core.repeat;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

/**
 * How a lattice lies on a tile so that it closes: each edge of the tile is a whole number of steps along both vectors.
 * What was asked for is drawn through the linear map that takes its vectors to the nearest ones that close; where they
 * close already, that map changes nothing.
 *
 * @param asked the lattice as asked for
 * @param a,b steps along the first and the second vector that lead along the upper edge
 * @param c,d steps that lead down the left edge
 */
public record LatticeFit(Lattice asked, int a, int b, int c, int d, double widthMm, double heightMm) {

    private static final double EXACT = 1e-9;

    /** One place of the lattice in the tile, by its steps; each place once. */
    public record Step(int column, int row) {}

    /** @return the nearest that closes on the least tile, which this one holds several times */
    public static LatticeFit ofLeast(Lattice asked, Tile tile) {
        LatticeFit fit = of(asked, tile.least());
        int across = tile.repeat().across();
        int down = tile.repeat().down();
        return new LatticeFit(asked, fit.a * across, fit.b * across, fit.c * down, fit.d * down,
                tile.widthMm(), tile.heightMm());
    }

    public static LatticeFit of(Lattice asked, Tile tile) {
        double w = tile.widthMm();
        double h = tile.heightMm();
        double[] across = asked.steps(w, 0);
        double[] down = asked.steps(0, h);
        LatticeFit best = null;
        double least = Double.MAX_VALUE;
        // The rounded numbers, or their neighbours where those would leave no area (a tile smaller than the unit).
        for (int n = 0; n < 81; n++) {
            int a = (int) Math.rint(across[0]) + n % 3 - 1;
            int b = (int) Math.rint(across[1]) + n / 3 % 3 - 1;
            int c = (int) Math.rint(down[0]) + n / 9 % 3 - 1;
            int d = (int) Math.rint(down[1]) + n / 27 % 3 - 1;
            double off = square(a - across[0]) + square(b - across[1]) + square(c - down[0]) + square(d - down[1]);
            if ((long) a * d != (long) b * c && off < least - EXACT) {
                least = off;
                best = new LatticeFit(asked, a, b, c, d, w, h);
            }
        }
        return best;
    }

    private static double square(double value) {
        return value * value;
    }

    private long det() {
        return (long) a * d - (long) b * c;
    }

    /** @return how many places of the lattice the tile holds */
    public int count() {
        return Math.toIntExact(Math.abs(det()));
    }

    /** @return the lattice as it is drawn */
    public Lattice drawn() {
        double det = det();
        return new Lattice(d * widthMm / det, -b * heightMm / det, -c * widthMm / det, a * heightMm / det);
    }

    /** @return the linear map from the asked lattice, as it lies turned, to the drawn one */
    public AffineTransform map() {
        Lattice to = drawn();
        double det = asked.ax() * asked.by() - asked.ay() * asked.bx();
        double m00 = (to.ax() * asked.by() - to.bx() * asked.ay()) / det;
        double m01 = (to.bx() * asked.ax() - to.ax() * asked.bx()) / det;
        double m10 = (to.ay() * asked.by() - to.by() * asked.ay()) / det;
        double m11 = (to.by() * asked.ax() - to.ay() * asked.bx()) / det;
        return exact()
                ? new AffineTransform()
                : new AffineTransform(m00, m10, m01, m11, 0, 0);
    }

    /** @return whether it lies as asked for, without stretch, turn or shear */
    public boolean exact() {
        double[] across = asked.steps(widthMm, 0);
        double[] down = asked.steps(0, heightMm);
        double most = EXACT * Math.max(Math.max(Math.abs(a), Math.abs(b)), Math.max(Math.abs(c), Math.abs(d)));
        return Math.abs(a - across[0]) <= most && Math.abs(b - across[1]) <= most && Math.abs(c - down[0]) <= most
                && Math.abs(d - down[1]) <= most;
    }

    /** @return one step for each place in the tile, in a fixed order */
    public List<Step> steps() {
        int columns = columns();
        int rows = count() / columns;
        List<Step> steps = new ArrayList<>(count());
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                steps.add(new Step(column, row));
            }
        }
        return steps;
    }

    /** Hermite's form of the steps (a, b), (c, d): (columns, skew), (0, rows). */
    private int columns() {
        return gcd(Math.abs(a), Math.abs(c));
    }

    /** @return the step of {@link #steps} that is the same place of the tile as so many steps along the vectors */
    public Step within(int column, int row) {
        int columns = columns();
        int rows = count() / columns;
        int turns = Math.floorDiv(column, columns);
        return new Step(column - turns * columns, Math.floorMod(row - (long) turns * skew(columns), rows));
    }

    /** @return the row at which the place (columns, skew) is the start again */
    private long skew(int columns) {
        // x a + y c = columns by Euclid; then x b + y d.
        long x0 = 1;
        long y0 = 0;
        long x1 = 0;
        long y1 = 1;
        long r0 = a;
        long r1 = c;
        while (r1 != 0) {
            long q = r0 / r1;
            long r = r0 - q * r1;
            r0 = r1;
            r1 = r;
            long x = x0 - q * x1;
            x0 = x1;
            x1 = x;
            long y = y0 - q * y1;
            y0 = y1;
            y1 = y;
        }
        long sign = r0 < 0 ? -1 : 1;
        return sign * (x0 * b + y0 * d);
    }

    private static int gcd(int m, int n) {
        return n == 0 ? m : gcd(n, m % n);
    }
}
