package org.vatwright.core.dress;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.BlendMode;

/**
 * How a design lies on a piece.
 *
 * @param design id of a design of the project
 * @param colourway name of one of its colourways; its first when there is none of that name
 * @param scale 1 is true size; 0.01 to 100
 * @param grainDeg angle of the design's warp, counter-clockwise as seen; 45 is the bias
 * @param startX,startY where the design begins, in mm from the article's upper left corner
 * @param opacity 0 to 1
 * @param together whether a gradient across the piece runs over all pieces that wear the same design so; else over each by
 *        itself
 */
@RecordBuilder
public record Lay(Id design, String colourway, double scale, double grainDeg, double startX, double startY,
        double opacity, BlendMode mode, boolean together) implements LayBuilder.With {

    public Lay {
        colourway = Require.named("colourway", colourway);
        Require.within("scale", scale * 100, 1, 10_000, "%");
        Require.within("grain", grainDeg, -360, 360, "degrees");
        Require.within("start", startX, -1e5, 1e5, "mm");
        Require.within("start", startY, -1e5, 1e5, "mm");
        Require.within("opacity", opacity * 100, 0, 100, "%");
    }

    public Lay(Id design, String colourway) {
        this(design, colourway, 1, 0, 0, 0, 1, BlendMode.NORMAL, false);
    }

    public Lay withDesign(Id other, String itsColourway) {
        return with().design(other).colourway(itsColourway).build();
    }

    public Lay withStart(double x, double y) {
        return with().startX(x).startY(y).build();
    }
}
