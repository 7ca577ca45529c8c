package org.vatwright.core.drape;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.map.ClothMap;
import org.vatwright.core.map.Cylinder;
import org.vatwright.core.measure.Require;

/**
 * Around something round.
 *
 * @param start,end of the axis, as it is seen
 * @param halfMm half of what is seen across it at its start; 0.5 to 50 000
 * @param endHalfMm the same at its end; for a cone another
 * @param seenDeg how much of the way around is seen: 180 from side to side; 5 to 180
 * @param sagMm how far a line around it hangs in the middle, as seen from somewhat above
 */
@RecordBuilder
public record Round(Place start, Place end, double halfMm, double endHalfMm, double seenDeg,
        double sagMm) implements RoundBuilder.With, Drape {

    private static final double LEAST_LONG_MM = 0.1;

    public Round {
        Require.that(start.far(end) >= LEAST_LONG_MM, "the axis has no length; its ends must lie apart");
        Require.within("half width", halfMm, 0.5, 50_000, "mm");
        Require.within("half width", endHalfMm, 0.5, 50_000, "mm");
        Require.within("what is seen around", seenDeg, 5, 180, "degrees");
        Require.within("sag", sagMm, -10_000, 10_000, "mm");
    }

    /** @return upright through the middle of the box, from side to side */
    public static Round of(Box box) {
        return new Round(box.at(0.5, 0), box.at(0.5, 1), Math.max(0.5, box.width() / 2), Math.max(0.5, box.width() / 2),
                160, 0);
    }

    /** Nothing round is ever flat. */
    @Override
    public boolean atRest() {
        return false;
    }

    private double radius(double half) {
        return half / Math.sin(Math.toRadians(seenDeg / 2));
    }

    @Override
    public ClothMap map(View view) {
        return new Cylinder(view.px(start.x()), view.px(start.y()), view.px(end.x()), view.px(end.y()),
                view.px(radius(halfMm)), view.px(radius(endHalfMm)), view.px(sagMm), view.toTile());
    }

    @Override
    public Round refit(Refit change) {
        return new Round(change.at(start), change.at(end), halfMm * change.wider(), endHalfMm * change.wider(), seenDeg,
                sagMm * change.higher());
    }

    @Override
    public String kind() {
        return "round";
    }
}
