package org.vatwright.core.pattern;

import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.raster.Raster;

/**
 * What is done to the marks of a layer on the torus, before it is laid on those below. Lengths are mm, so that it looks the
 * same at every density.
 */
public interface Effect {

    /** @return its kind, as in files; a layer has one of each kind at most */
    String kind();

    /** @return its place in the order in which effects are done, lowest first */
    int order();

    /** @return the marks after it. @param coat the whole tile: colour and coverage; not written into @param asked of the layer: its grid, colours and work */
    Raster on(Raster coat, PaintRequest asked);

    /** @return whether it also adds light to what lies below the layer */
    default boolean addsLight() {
        return false;
    }

    /** @return that light, as colour and strength; asked of an effect that adds some. @param coat the marks after it */
    default Raster light(Raster coat, PaintRequest asked) {
        throw new IllegalStateException(kind() + " adds no light");
    }

    /** @return how far beyond the marks it may reach, in mm */
    default double reachMm() {
        return 0;
    }

    /** @return every ink it uses */
    default List<Ink> inks() {
        return List.of();
    }

    /** @return the same with each ink replaced */
    default Effect withInks(UnaryOperator<Ink> change) {
        return this;
    }

    /** @return the same with every length that many times as long */
    Effect resized(double by);
}
