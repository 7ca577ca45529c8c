package org.vatwright.core.map;

/**
 * Cloth around something round, or around a cone, seen from beside it.
 * <p>
 * A place at the distance d from the axis, where the cylinder has the radius R, is seen on its surface at the angle asin(d / R)
 * from the middle; the cloth there lies R asin(d / R) away from the axis. Seen from somewhat above, a line around it hangs by
 * sag cos(angle). Along the axis lengths stay.
 */
public final class Cylinder implements ClothMap {

    /** Where the light comes from: from the upper left, and mostly from the front. */
    private static final double[] LIGHT = {-0.40, -0.35, 0.85};

    private final double startX;
    private final double startY;
    private final double alongX;
    private final double alongY;
    private final double length;
    private final double radius;
    private final double endRadius;
    private final double sag;
    private final Affine next;

    /**
     * @param startX,startY,endX,endY of the axis, in pixels, two different places
     * @param radius,endRadius of what is round at these two, in pixels, above 0
     * @param sag how far a line around it hangs in the middle, in pixels
     * @param next from the flat cloth, in pixels, to the tile
     */
    public Cylinder(double startX, double startY, double endX, double endY, double radius, double endRadius,
            double sag, Affine next) {
        this(startX, startY, (endX - startX) / Math.hypot(endX - startX, endY - startY),
                (endY - startY) / Math.hypot(endX - startX, endY - startY),
                Math.hypot(endX - startX, endY - startY), new double[]{radius, endRadius, sag}, next);
    }

    private Cylinder(double startX, double startY, double alongX, double alongY, double length, double[] shape,
            Affine next) {
        this.startX = startX;
        this.startY = startY;
        this.alongX = alongX;
        this.alongY = alongY;
        this.length = length;
        radius = shape[0];
        endRadius = shape[1];
        sag = shape[2];
        this.next = next;
    }

    private double radius(double along) {
        return Math.max(1e-6, radius + (endRadius - radius) * along / length);
    }

    @Override
    public void at(double x, double y, double[] uv) {
        double along = (x - startX) * alongX + (y - startY) * alongY;
        double across = (x - startX) * alongY - (y - startY) * alongX;
        double round = radius(along);
        double sine = across / round;
        if (!(Math.abs(sine) < 1)) {
            uv[0] = uv[1] = Double.NaN;
            return;
        }
        double onCloth = round * Math.asin(sine);
        double downCloth = along - sag * Math.sqrt(1 - sine * sine);
        next.at(startX + onCloth * alongY + downCloth * alongX, startY - onCloth * alongX + downCloth * alongY, uv);
    }

    /** @return how it turns to the light, -1 to 1; 0 along its middle */
    float tone(double x, double y) {
        double along = (x - startX) * alongX + (y - startY) * alongY;
        double sine = ((x - startX) * alongY - (y - startY) * alongX) / radius(along);
        if (!(Math.abs(sine) < 1)) {
            return 0;
        }
        double lit = sine * alongY * LIGHT[0] - sine * alongX * LIGHT[1] + Math.sqrt(1 - sine * sine) * LIGHT[2];
        return (float) Math.max(-1, Math.min(1, lit / LIGHT[2] - 1));
    }

    @Override
    public Cylinder from(int x, int y) {
        // The flat cloth moves along with where it is seen.
        return new Cylinder(startX - x, startY - y, alongX, alongY, length, new double[]{radius, endRadius, sag},
                next.from(x, y));
    }
}
