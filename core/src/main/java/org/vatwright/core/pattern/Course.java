package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;

import org.vatwright.core.measure.Require;

/**
 * How a gradient runs over what it crosses: a mark, a line, a tile, a piece. Its two ends are places in shares of that box,
 * u to the right and v down, so that it fits whatever size the box has.
 *
 * @param fromU,fromV where it begins; the middle of a radial and a round one
 * @param toU,toV where it ends; the rim of a radial one, the direction in which a round one begins
 * @param back whether it comes back the same way within that stretch, so that both its ends are alike
 */
@RecordBuilder
public record Course(Kind kind, double fromU, double fromV, double toU, double toV,
        boolean back) implements CourseBuilder.With {

    /** Its shape: straight on, from a middle outwards, once round about a middle. */
    public enum Kind {
        LINEAR, RADIAL, ROUND
    }

    public static final double MOST = 20;
    /** Ends that lie this near have no direction, as a share of the box. */
    private static final double LEAST = 1e-6;

    public Course {
        for (double share : new double[]{fromU, fromV, toU, toV}) {
            Require.within("end of a gradient", share * 100, -100 * MOST, 100 * MOST, "% of what it crosses");
        }
        Require.that(Math.hypot(toU - fromU, toV - fromV) >= LEAST,
                "both ends of a gradient lie at the same place; pull one of them away");
    }

    public Course(Kind kind, double fromU, double fromV, double toU, double toV) {
        this(kind, fromU, fromV, toU, toV, false);
    }

    public Course withFrom(double u, double v) {
        return with().fromU(u).fromV(v).build();
    }

    public Course withTo(double u, double v) {
        return with().toU(u).toV(v).build();
    }

    /**
     * @param u,v a place in shares of a box of that size in mm
     * @return how far the course has come there: from 0 to 1, and whatever lies beyond; once round it is 1
     */
    public double in(double widthMm, double heightMm, double u, double v) {
        double dx = (toU - fromU) * widthMm;
        double dy = (toV - fromV) * heightMm;
        double x = (u - fromU) * widthMm;
        double y = (v - fromV) * heightMm;
        return switch (kind) {
            case LINEAR -> (x * dx + y * dy) / (dx * dx + dy * dy);
            case RADIAL -> Math.sqrt((x * x + y * y) / (dx * dx + dy * dy));
            case ROUND -> turn(x, y, dx, dy);
        };
    }

    /** How far a course has come at a place. */
    @FunctionalInterface
    public interface Along {
        /** @param u,v shares of what is crossed */
        double at(double u, double v);
    }

    /**
     * As {@link #in}, on the torus of a tile: the same at both sides of every edge. A linear one takes the nearest direction
     * and length that come out whole. A radial one counts from the nearest of its middles. A round one turns about the
     * middle and, the other way, about the places half a tile off, since on a torus no gradient can turn one way only.
     */
    public Along on(double widthMm, double heightMm) {
        double dx = (toU - fromU) * widthMm;
        double dy = (toV - fromV) * heightMm;
        return switch (kind) {
            case LINEAR -> {
                int[] whole = whole(widthMm, heightMm);
                yield (u, v) -> whole[0] * (u - fromU) + whole[1] * (v - fromV);
            }
            case RADIAL -> {
                double rim = Math.hypot(dx, dy);
                yield (u, v) -> Math.hypot(around(u - fromU) * widthMm, around(v - fromV) * heightMm) / rim;
            }
            case ROUND -> (u, v) -> turn(widthMm * Math.sin(2 * Math.PI * (u - fromU)),
                    heightMm * Math.sin(2 * Math.PI * (v - fromV)), dx, dy);
        };
    }

    /** @return how often a linear one runs along each side of the tile: the nearest whole numbers, not both 0 */
    public int[] whole(double widthMm, double heightMm) {
        double[] wanted = wanted(widthMm, heightMm);
        int across = (int) Math.rint(wanted[0]);
        int down = (int) Math.rint(wanted[1]);
        if (across == 0 && down == 0) {
            return Math.abs(wanted[0]) >= Math.abs(wanted[1])
                    ? new int[]{wanted[0] < 0 ? -1 : 1, 0}
                    : new int[]{0, wanted[1] < 0 ? -1 : 1};
        }
        return new int[]{across, down};
    }

    /** @return how often it would run along each side as it is asked for */
    private double[] wanted(double widthMm, double heightMm) {
        double dx = (toU - fromU) * widthMm;
        double dy = (toV - fromV) * heightMm;
        double squared = dx * dx + dy * dy;
        return new double[]{widthMm * dx / squared, heightMm * dy / squared};
    }

    /** @return the same course as it is drawn across a tile of that size: its end where it comes out whole */
    public Course drawn(double widthMm, double heightMm) {
        if (kind != Kind.LINEAR) {
            return this;
        }
        int[] whole = whole(widthMm, heightMm);
        double x = whole[0] / widthMm;
        double y = whole[1] / heightMm;
        double squared = x * x + y * y;
        return withTo(fromU + x / squared / widthMm, fromV + y / squared / heightMm);
    }

    /** @return whether it is drawn across a tile as it is asked for */
    public boolean closes(double widthMm, double heightMm) {
        Course drawn = drawn(widthMm, heightMm);
        return Math.hypot((drawn.toU - toU) * widthMm, (drawn.toV - toV) * heightMm) < 1e-6 * (widthMm + heightMm);
    }

    /** @return turned about its beginning in a box that stays; counter-clockwise as seen */
    public Course turned(double degrees) {
        double turn = Math.toRadians(degrees);
        double u = toU - fromU;
        double v = toV - fromV;
        return withTo(fromU + u * Math.cos(turn) + v * Math.sin(turn), fromV + v * Math.cos(turn) - u * Math.sin(turn));
    }

    private static double around(double share) {
        return share - Math.rint(share);
    }

    /** Clockwise from the direction, 0 to 1. */
    private static double turn(double x, double y, double dx, double dy) {
        double turns = (Math.atan2(y, x) - Math.atan2(dy, dx)) / (2 * Math.PI);
        return turns - Math.floor(turns);
    }
}
