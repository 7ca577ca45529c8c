package org.vatwright.core.dress;

import java.awt.geom.AffineTransform;
import java.util.Optional;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.map.Affine;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.repeat.Tile;

/**
 * How a design lies on a piece. A place q of the cloth shows the design's place F K R(-grain)(q - start)/scale, with K the shear
 * and F the exchange of left and right.
 *
 * @param design id of a design of the project
 * @param colourway name of one of its colourways; its first when there is none of that name
 * @param scale 1 is true size; 0.01 to 100
 * @param grainDeg angle of the design's warp, counter-clockwise as seen; 45 is the bias
 * @param startX,startY where the design begins, in mm from the article's upper left corner
 * @param shearDeg by how much the warp leans from the right angle to the weft, to the right above; -70 to 70
 * @param flipped whether left and right of the design are exchanged
 * @param opacity 0 to 1
 * @param together whether a gradient across the piece runs over all pieces that wear the same design so; else over each by
 *        itself
 * @param fade how it ends before its piece does, if it does
 */
@RecordBuilder
public record Lay(Id design, String colourway, double scale, double grainDeg, double startX, double startY,
        double shearDeg, boolean flipped, double opacity, BlendMode mode,
        boolean together, Optional<Fade> fade) implements LayBuilder.With {

    public static final double MOST_SHEAR = 70;

    public Lay {
        colourway = Require.named("colourway", colourway);
        Require.within("scale", scale * 100, 1, 10_000, "%");
        Require.within("grain", grainDeg, -360, 360, "degrees");
        Require.within("start", startX, -1e5, 1e5, "mm");
        Require.within("start", startY, -1e5, 1e5, "mm");
        Require.within("shear", shearDeg, -MOST_SHEAR, MOST_SHEAR, "degrees");
        Require.within("opacity", opacity * 100, 0, 100, "%");
    }

    public Lay(Id design, String colourway) {
        this(design, colourway, 1, 0, 0, 0, 0, false, 1, BlendMode.NORMAL, false, Optional.empty());
    }

    public Lay withDesign(Id other, String itsColourway) {
        return with().design(other).colourway(itsColourway).build();
    }

    public Lay withStart(double x, double y) {
        return with().startX(x).startY(y).build();
    }

    /** @return turned counter-clockwise as seen; what lies at that place of the cloth stays there. @param x,y mm of the article */
    public Lay turnedAbout(double x, double y, double byDeg) {
        double a = Math.toRadians(byDeg);
        double dx = startX - x;
        double dy = startY - y;
        return withStart(x + dx * Math.cos(a) + dy * Math.sin(a), y + dy * Math.cos(a) - dx * Math.sin(a))
                .withGrainDeg(Math.IEEEremainder(grainDeg + byDeg, 360));
    }

    /** @return how far to the right a place of the design goes for each mm down */
    private double lean() {
        return shearDeg == 0 ? 0 : Math.tan(Math.toRadians(shearDeg));
    }

    /** @return from the design's mm to the cloth's: counter-clockwise as seen, y down */
    public AffineTransform place() {
        AffineTransform place = AffineTransform.getTranslateInstance(startX, startY);
        place.rotate(-Math.toRadians(grainDeg));
        place.scale(scale, scale);
        place.concatenate(new AffineTransform(1, 0, -lean(), 1, 0, 0));
        place.concatenate(new AffineTransform(flipped ? -1 : 1, 0, 0, 1, 0, 0));
        return place;
    }

    FieldSpec spec(Density density) {
        return new FieldSpec(1, 1, density, scale, grainDeg, startX, startY);
    }

    /** @return from pixels of the cloth to the tile */
    Affine toTile(Density density, Tile tile) {
        Affine upright = spec(density).toTile(tile.widthMm(), tile.heightMm());
        if (shearDeg == 0 && !flipped) {
            return upright;
        }
        double k = lean() * tile.heightMm() / tile.widthMm();
        double f = flipped ? -1 : 1;
        return new Affine(f * (upright.u0() + k * upright.v0()), f * (upright.ux() + k * upright.vx()),
                f * (upright.uy() + k * upright.vy()), upright.v0(), upright.vx(), upright.vy());
    }

    /** @return on a piece that mirrors its own about an upright line, so that the design has its right way round */
    public Lay partner(double axisX) {
        return with().startX(2 * axisX - startX).grainDeg(grainDeg == 0 ? 0 : -grainDeg)
                .shearDeg(shearDeg == 0 ? 0 : -shearDeg).fade(fade.map(f -> f.mirrored(axisX))).build();
    }

    /** @return the same, mirrored as if seen in a looking glass */
    public Lay mirrored(double axisX) {
        return partner(axisX).withFlipped(!flipped);
    }

    /** @return whether what stands upright in the design stands on its head, or nearly, there: turned by more than 120 degrees */
    public boolean onItsHead() {
        double turn = Math.abs(grainDeg) % 360;
        return Math.min(turn, 360 - turn) > 120;
    }

    /** @return the lay, when it is one of that design */
    Optional<Lay> of(Id wanted) {
        return design.equals(wanted) ? Optional.of(this) : Optional.empty();
    }
}
