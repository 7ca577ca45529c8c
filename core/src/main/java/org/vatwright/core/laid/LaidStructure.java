package org.vatwright.core.laid;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.core.shape.DrawnStructure;

/**
 * A drawn structure with a unit and a lattice of its own. Size and angle are what was asked for; drawn is the nearest that
 * closes on the tile, so it is seamless whatever is typed, and {@link LaidClosing} says what it costs to have it exact.
 */
public interface LaidStructure extends DrawnStructure {

    /** @return the lattice by which it recurs before it is turned; its first vector leads across, its second down */
    Lattice lattice();

    /** @return above -180 to 180, counter-clockwise as seen */
    double angleDeg();

    /** @return the same at another angle */
    LaidStructure withAngle(double degrees);

    /**
     * The same with its unit so many times as wide and as high.
     *
     * @return empty when its rule does not allow that
     */
    Optional<? extends LaidStructure> stretched(double across, double down);

    /** @return what can be pulled on the cloth */
    List<Grip> grips();

    /**
     * @param x,y place on the tile, in mm
     * @param reachMm how far the hand may miss
     */
    default Click click(Repeat repeat, double x, double y, double reachMm) {
        return Click.NOTHING;
    }

    /** @return the outline on the tile of a part that can be chosen, in mm; may reach over the edges */
    default Optional<Shape> outline(Repeat repeat, int part) {
        return Optional.empty();
    }

    /** @return the same with every length that many times as long */
    LaidStructure scaled(double factor);

    @Override
    default LaidStructure resized(double by) {
        return scaled(by);
    }

    default LatticeFit fit(Repeat repeat) {
        return LatticeFit.ofLeast(lattice().turned(angleDeg()), repeat.tile());
    }

    default boolean closes(Repeat repeat) {
        return fit(repeat).exact();
    }

    /** @return from the unit, as asked for and not yet turned, to the tile */
    default AffineTransform onTile(LatticeFit fit) {
        AffineTransform map = fit.map();
        // Counter-clockwise as seen, y down.
        map.concatenate(AffineTransform.getRotateInstance(-Math.toRadians(angleDeg())));
        return map;
    }

    /** @return one move for each place of the lattice in the tile, in mm */
    default List<AffineTransform> places(LatticeFit fit) {
        Lattice drawn = fit.drawn();
        List<AffineTransform> places = new ArrayList<>();
        AffineTransform unit = onTile(fit);
        for (LatticeFit.Step step : fit.steps()) {
            places.add(at(drawn, step, unit));
        }
        return places;
    }

    /** @return the unit's map moved to one place of the lattice */
    static AffineTransform at(Lattice drawn, LatticeFit.Step step, AffineTransform unit) {
        AffineTransform place = AffineTransform.getTranslateInstance(
                step.column() * drawn.ax() + step.row() * drawn.bx(),
                step.column() * drawn.ay() + step.row() * drawn.by());
        place.concatenate(unit);
        return place;
    }

    @Override
    default List<Closing> closings(Repeat repeat) {
        return LaidClosing.of(this, repeat);
    }

    @Override
    default LaidStructure fitted(Repeat repeat) {
        return this;
    }

    @Override
    default Optional<Structure> turned(Repeat repeat, TurnedLattice.Closing by) {
        return by.exact() && closes(repeat) ? Optional.of(withAngle(angleDeg() + by.angleDeg())) : Optional.empty();
    }

    /** @return how far the drawn one is from what was asked for, in words: "0.35 degrees, 1.8 % across, 0 % down" */
    default String drawn(Repeat repeat) {
        Drawn drawn = Drawn.of(this, repeat);
        return "%s\u00b0, %s %% across, %s %% down".formatted(Numbers.plain(drawn.angleDeg(), 2),
                Numbers.plain(100 * drawn.across(), 2), Numbers.plain(100 * drawn.down(), 2));
    }

    /** @return the findings every laid structure has */
    default List<Finding> closing(Repeat repeat, String what) {
        if (closes(repeat)) {
            return List.of(Finding.fine(what + " close", "%d units in the tile".formatted(fit(repeat).count())));
        }
        return List.of(Finding.nearly(what + " close", drawn(repeat),
                "%s\u00b0".formatted(Numbers.plain(angleDeg(), 2))));
    }
}
