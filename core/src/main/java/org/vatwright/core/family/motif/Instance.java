package org.vatwright.core.family.motif;

import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
public record Instance(int motif, double x, double y, double turnDeg, double scale, boolean flip,
        Optional<Ink> ink) implements InstanceBuilder.With {

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
        return with().x(newX).y(newY).build();
    }

    /** @return from the motif to the cell */
    public AffineTransform place() {
        AffineTransform place = AffineTransform.getTranslateInstance(x, y);
        place.rotate(-Math.toRadians(turnDeg));
        place.scale(flip ? -scale : scale, scale);
        return place;
    }
}
