package org.vatwright.core.measure;

/** Angles in degrees, counter-clockwise as seen. */
public final class Angle {

    private static final double MOST_TYPED = 3600;

    private Angle() {}

    /** @return the same direction, above -180 to 180; zero is never negative */
    public static double turn(double degrees) {
        Require.within("angle", degrees, -MOST_TYPED, MOST_TYPED, "degrees");
        double turn = degrees - 360 * Math.ceil((degrees - 180) / 360);
        return turn == 0 ? 0 : turn;
    }
}
