package org.vatwright.core.repeat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import org.vatwright.core.measure.Require;

/**
 * A whole repeat, turned: the rectangles by which its lattice then recurs.
 * <p>
 * A lattice turned by t has a rectangular tile when one of its vectors u comes to lie level and another, v, upright:
 * u and v are lattice vectors at right angles. For a cell W x H laid straight, u = (mW, nH) and v = (m'W, n'H) with
 * m m' W^2 = -n n' H^2, so (W/H)^2 must be a fraction of whole numbers; where it is not, one side is stretched by the
 * least that makes it so. A square cell turned by 45 degrees has the tile sqrt(2) W x sqrt(2) W.
 */
public final class TurnedLattice {

    /** Farther from the wanted angle than this nothing is offered. */
    private static final double MOST_ERROR_DEG = 15;
    private static final double MOST_STRETCH = 0.03;
    /** A tile of more cells than this is no tile to work with. */
    private static final double MOST_CELLS = 100;
    private static final int MOST_STEPS = 60;
    private static final int MOST_OFFERS = 12;
    /** A larger tile is offered only when it comes this much nearer. */
    private static final double WORTH = 0.8;
    private static final double EXACT = 1e-9;
    /** Both sides of a tile may be stretched to less than what they were. */
    private static final double BEFORE_STRETCH = 1.1;
    /** Places are the same within a ten-thousandth of a mm. */
    private static final double SAME = 1e4;

    private final double ax;
    private final double ay;
    private final double bx;
    private final double by;
    private final double cell;
    private final List<Level> levels = new ArrayList<>();

    /** A vector of the lattice that might come to lie level. @param direction in degrees */
    private record Level(double x, double y, double direction) {}

    /**
     * One angle at which the turned lattice closes.
     *
     * @param angleDeg counter-clockwise as seen
     * @param errorDeg how far that is from the wanted angle
     * @param stretchX,stretchY what the cell's sides are multiplied by first; 1 is none
     * @param widthMm,heightMm of the smallest tile
     */
    public record Closing(double angleDeg, double errorDeg, double stretchX, double stretchY, double widthMm,
            double heightMm) {

        public boolean exact() {
            return stretchX == 1 && stretchY == 1;
        }

        /**
         * Where places of a tile come to lie in the turned tile.
         *
         * @param places pairs x, y in mm
         * @param wide,high of the tile before, in mm
         * @return every place in the turned tile once, from 0 to below its sides
         */
        public List<double[]> places(List<double[]> places, double wide, double high) {
            double turn = Math.toRadians(angleDeg);
            double cos = Math.cos(turn);
            double sin = Math.sin(turn);
            // As seen, y down, counter-clockwise takes (x, y) to (x cos + y sin, y cos - x sin).
            double w = wide * stretchX;
            double h = high * stretchY;
            double reach = Math.hypot(widthMm, heightMm);
            int across = (int) Math.ceil(reach / w) + 1;
            int down = (int) Math.ceil(reach / h) + 1;
            List<double[]> turned = new ArrayList<>();
            Set<List<Long>> seen = new HashSet<>();
            for (double[] place : places) {
                for (int column = -across; column <= across; column++) {
                    for (int row = -down; row <= down; row++) {
                        double x = place[0] * stretchX + column * w;
                        double y = place[1] * stretchY + row * h;
                        double[] at = {within(x * cos + y * sin, widthMm), within(y * cos - x * sin, heightMm)};
                        if (seen.add(List.of(Math.round(at[0] * SAME), Math.round(at[1] * SAME)))) {
                            turned.add(at);
                        }
                    }
                }
            }
            return turned;
        }

        private static double within(double place, double side) {
            double in = place - side * Math.floor(place / side);
            return in > side - 1 / SAME ? 0 : in;
        }

        private double cost() {
            return Math.toRadians(errorDeg) + Math.abs(stretchX - 1) + Math.abs(stretchY - 1);
        }

        private double area() {
            return widthMm * heightMm;
        }
    }

    public TurnedLattice(Repeat repeat) {
        this(Lattice.of(repeat));
    }

    /** @param lattice whose first vector leads across, its second down */
    public TurnedLattice(Lattice lattice) {
        ax = lattice.ax();
        ay = lattice.ay();
        bx = lattice.bx();
        by = lattice.by();
        cell = lattice.cell();
        for (int m = 0; m <= MOST_STEPS; m++) {
            for (int n = -MOST_STEPS; n <= MOST_STEPS; n++) {
                if (m > 0 || n > 0) {
                    level(m, n);
                }
            }
        }
    }

    /**
     * @param angleDeg wanted, any
     * @return the nearest closings, best first: angle error in radians and stretch count the same; one that is no
     *         better than another with a smaller tile is left out
     */
    public List<Closing> closings(double angleDeg) {
        Require.within("angle", angleDeg, -3600, 3600, "degrees");
        List<Closing> all = new ArrayList<>();
        for (Level u : levels) {
            if (Math.abs(offset(u.direction(), angleDeg)) <= MOST_ERROR_DEG + 2) {
                along(u, angleDeg, all);
            }
        }
        all.sort(Comparator.comparingDouble(Closing::area).thenComparingDouble(Closing::cost));
        List<Closing> best = new ArrayList<>();
        for (Closing c : all) {
            if (best.isEmpty() || c.cost() < WORTH * best.getLast().cost() - EXACT) {
                best.add(c);
            }
        }
        best.sort(Comparator.comparingDouble(Closing::cost));
        return best.subList(0, Math.min(MOST_OFFERS, best.size()));
    }

    private void level(int m, int n) {
        double x = m * ax + n * bx;
        double y = m * ay + n * by;
        if (x * x + y * y <= MOST_CELLS * cell * MOST_CELLS && gcd(m, Math.abs(n)) == 1) {
            levels.add(new Level(x, y, Math.toDegrees(Math.atan2(y, x))));
        }
    }

    /** Lays u level and looks for an upright v. */
    private void along(Level u, double wanted, List<Closing> found) {
        double ux = u.x();
        double uy = u.y();
        double most = BEFORE_STRETCH * MOST_CELLS * cell;
        double longest = most * most / (ux * ux + uy * uy);
        // v = k a + l b with u . v = 0 asks for k : l = -(u . b) : (u . a); near misses are mended by a stretch.
        double ua = ux * ax + uy * ay;
        double ub = ux * bx + uy * by;
        boolean byFirst = Math.abs(ua) >= Math.abs(ub);
        for (int step = 1; step <= MOST_STEPS; step++) {
            double other = byFirst ? -step * ub / ua : -step * ua / ub;
            int k = byFirst ? (int) Math.rint(other) : step;
            int l = byFirst ? step : (int) Math.rint(other);
            double vx = k * ax + l * bx;
            double vy = k * ay + l * by;
            // What makes too large a tile is by far the most.
            if (vx * vx + vy * vy <= longest && gcd(Math.abs(k), Math.abs(l)) == 1) {
                Closing closing = closing(ux, uy, vx, vy, wanted);
                if (closing != null) {
                    found.add(closing);
                    if (closing.exact()) {
                        return;
                    }
                }
            }
        }
    }

    /** @return the closing by those two vectors, after the least stretch of one side; null when it asks too much */
    private Closing closing(double ux, double uy, double vx, double vy, double wanted) {
        double dot = ux * vx + uy * vy;
        double size = Math.hypot(ux, uy) * Math.hypot(vx, vy);
        double sx = 1;
        double sy = 1;
        if (Math.abs(dot) > EXACT * size) {
            // s^2 ux vx + uy vy = 0 for a stretch across; the shorter side, stretched, moves less of the cloth.
            double square = -uy * vy / (ux * vx);
            if (!(square > 0)) {
                return null;
            }
            double s = Math.sqrt(square);
            if (Math.abs(s - 1) > MOST_STRETCH) {
                return null;
            }
            sx = ax <= by ? s : 1;
            sy = ax <= by ? 1 : 1 / s;
        }
        double width = Math.hypot(sx * ux, sy * uy);
        double height = Math.hypot(sx * vx, sy * vy);
        double error = offset(Math.toDegrees(Math.atan2(sy * uy, sx * ux)), wanted);
        if (Math.abs(error) > MOST_ERROR_DEG || width * height > MOST_CELLS * cell || width > Repeat.MOST_MM
                || height > Repeat.MOST_MM) {
            return null;
        }
        double angle = wanted + error;
        double near = Math.rint(angle);
        return new Closing(Math.abs(angle - near) < 1e-10 ? near : angle, Math.abs(error) < 1e-10 ? 0 : Math.abs(error),
                sx, sy, width, height);
    }

    /** @return what is to be added to the wanted angle to have the direction level, -90 to 90 */
    private static double offset(double direction, double wanted) {
        double off = (direction - wanted) % 180;
        return off > 90 ? off - 180 : off <= -90 ? off + 180 : off;
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
