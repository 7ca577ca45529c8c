package org.vatwright.core.family.motif;

import java.awt.geom.AffineTransform;
import java.util.Optional;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * A motif where it stands.
 *
 * @param motif its id
 * @param x,y of its middle, in mm from the upper left corner of the cell
 * @param turnDeg counter-clockwise as seen
 * @param scale 0.001 to 1,000
 * @param flip whether left and right are exchanged, before it is turned
 * @param ink instead of the motif's first, when present
 */
public record Instance(int motif, double x, double y, double turnDeg, double scale, boolean flip, Optional<Ink> ink) {

    public Instance {
        Require.within("place of a motif", x, -1e6, 1e6, "mm");
        Require.within("place of a motif", y, -1e6, 1e6, "mm");
        Require.within("scale", scale * 100, 0.1, 1e5, "%");
        turnDeg = Angle.turn(turnDeg);
    }

    public Instance(int motif, double x, double y) {
        this(motif, x, y, 0, 1, false, Optional.empty());
    }

    public Instance at(double newX, double newY) {
        return new Instance(motif, newX, newY, turnDeg, scale, flip, ink);
    }

    public Instance withMotif(int other) {
        return new Instance(other, x, y, turnDeg, scale, flip, ink);
    }

    public Instance withTurn(double degrees) {
        return new Instance(motif, x, y, degrees, scale, flip, ink);
    }

    public Instance withScale(double factor) {
        return new Instance(motif, x, y, turnDeg, factor, flip, ink);
    }

    public Instance withFlip(boolean other) {
        return new Instance(motif, x, y, turnDeg, scale, other, ink);
    }

    public Instance withInk(Optional<Ink> other) {
        return new Instance(motif, x, y, turnDeg, scale, flip, other);
    }

    /** @return from the motif to the cell */
    public AffineTransform place() {
        AffineTransform place = AffineTransform.getTranslateInstance(x, y);
        place.rotate(-Math.toRadians(turnDeg));
        place.scale(flip ? -scale : scale, scale);
        return place;
    }
}
