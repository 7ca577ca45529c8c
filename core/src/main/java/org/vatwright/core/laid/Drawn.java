package org.vatwright.core.laid;

import java.awt.geom.AffineTransform;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.repeat.Repeat;

/**
 * How a laid structure is drawn on a tile: the sides of its unit after the map that closes it.
 *
 * @param angleDeg of the unit's upper side
 * @param across,down how many times as long its sides are
 * @param shear cosine between its sides, 0 when they stay at right angles
 */
public record Drawn(double angleDeg, double across, double down, double shear) {

    public static Drawn of(LaidStructure laid, Repeat repeat) {
        AffineTransform map = laid.onTile(laid.fit(repeat));
        double ux = map.getScaleX();
        double uy = map.getShearY();
        double vx = map.getShearX();
        double vy = map.getScaleY();
        double across = Math.hypot(ux, uy);
        double down = Math.hypot(vx, vy);
        return new Drawn(Angle.turn(Math.toDegrees(Math.atan2(-uy, ux))), across, down,
                (ux * vx + uy * vy) / (across * down));
    }
}
