package org.vatwright.core.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;

/**
 * What makes the marks of a layer: a pattern on the torus of the tile. Each family is one immutable record in a package
 * of its own, listed in {@code Catalogue}. A structure never sees a screen, a file or an edge.
 */
public interface Structure {

    /** @return the family's name in the catalogue and in files */
    String family();

    /** @return every ink it uses, in the order a designer would list them; may hold one several times */
    List<Ink> inks();

    /** @return the same with each ink replaced */
    Structure withInks(UnaryOperator<Ink> change);

    /**
     * @return the same in its normal form for that repeat (places brought into the cell)
     * @throws Refusal when it cannot lie seamlessly on that repeat
     */
    Structure fitted(Repeat repeat);

    /** @return what paints a tile; whatever is asked for, the result recurs without seam */
    Painter painter(PaintRequest asked);

    /** @return whether its painter fills marks with designs and pictures by itself; else it need only know colours */
    default boolean paintsFills() {
        return false;
    }

    /** @return whether its marks are shapes; of one that is painted only the pixels can be written */
    default boolean drawn() {
        return false;
    }

    /**
     * The marks as shapes, lowest first, that cover what {@link #painter} paints.
     *
     * @param work under which they are worked out
     * @return empty when it is not {@link #drawn}
     */
    default Optional<List<VectorMark>> outlines(Repeat repeat, Phase phase, Work work) {
        return Optional.empty();
    }

    /**
     * The same after the whole repeat is turned, for a cell that is the closing's tile.
     *
     * @return empty when this kind of structure cannot be turned
     */
    default Optional<Structure> turned(Repeat repeat, TurnedLattice.Closing by) {
        return Optional.empty();
    }

    /** @return the same with every length that many times as long, for a cell that is */
    Structure resized(double by);

    /** @return whether the frames of its marks are turned and scaled when it is, so that what fills them is */
    default boolean framesFollow() {
        return false;
    }

    /** @return whether its marks are lines that run on from tile to tile */
    default boolean runsOn() {
        return false;
    }

    /** @return whether it is another picture at another phase */
    default boolean moves() {
        return false;
    }

    /** @return the ways to have it close exactly, cheapest first; none when it closes */
    default List<Closing> closings(Repeat repeat) {
        return List.of();
    }

    /** @return what differs from what was asked for, and whether it closes */
    List<Finding> findings(Repeat repeat);
}
