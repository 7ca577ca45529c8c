package org.vatwright.core.loom;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Finding;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.TurnedLattice;

/** A structure that is a cloth of warp and weft bands, upright or at an angle. */
public interface ClothStructure extends Structure {

    Cloth cloth();

    /** @return angle of the ends, above -180 to 180, counter-clockwise as seen */
    double angleDeg();

    /** @return the same at another angle, with other thread counts a cm */
    ClothStructure closed(double angleDeg, double endsPerCm, double picksPerCm);

    @Override
    default ClothStructure resized(double by) {
        return closed(angleDeg(), cloth().endsPerCm() / by, cloth().picksPerCm() / by);
    }

    default ClothLie lie(Repeat repeat) {
        return ClothLie.of(cloth(), angleDeg(), repeat.tile());
    }

    /** @return whether it lies on the tile just as asked for */
    default boolean closes(Repeat repeat) {
        return lie(repeat).exact(cloth(), angleDeg());
    }

    @Override
    default ClothStructure fitted(Repeat repeat) {
        return this;
    }

    @Override
    default Painter painter(Repeat repeat, TileGrid grid, InkColours inks) {
        return ClothPainter.of(cloth(), lie(repeat), grid, inks);
    }

    @Override
    default List<VectorMark> outlines(Repeat repeat) {
        return ClothOutlines.of(cloth(), lie(repeat));
    }

    /** As it is drawn, turned; stretched only while its threads lie along the cell's sides. */
    @Override
    default Optional<Structure> turned(Repeat repeat, TurnedLattice.Closing by) {
        ClothLie lie = lie(repeat);
        return lie.straight() || by.exact()
                ? Optional.of(closed(lie.angleDeg() + by.angleDeg(), lie.endsPerCm(cloth()) / by.stretchX(),
                        lie.picksPerCm(cloth()) / by.stretchY()))
                : Optional.empty();
    }

    @Override
    default List<Finding> findings(Repeat repeat) {
        Cloth cloth = cloth();
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.fine("Threads in the tile", "%s, %s".formatted(
                ClothPeriod.of(cloth, true).words("ends"), ClothPeriod.of(cloth, false).words("picks"))));
        ClothLie lie = lie(repeat);
        if (lie.exact(cloth, angleDeg())) {
            findings.add(Finding.fine("Cloth closes", "%s\u00b0".formatted(Numbers.plain(angleDeg(), 2))));
        } else {
            findings.add(new Finding(Finding.Severity.LOOK, "Cloth closes nearly", drawn(lie),
                    "%s by %s a cm at %s\u00b0".formatted(Numbers.plain(cloth.endsPerCm(), 2),
                            Numbers.plain(cloth.picksPerCm(), 2), Numbers.plain(angleDeg(), 2)),
                    "Drawn at the nearest that closes on this tile; Build offers ways to have it exact."));
        }
        return findings;
    }

    /** @return how it is drawn, as "19.87 by 20 a cm at 44.6 degrees" */
    default String drawn(ClothLie lie) {
        return "%s by %s a cm at %s\u00b0".formatted(Numbers.plain(lie.endsPerCm(cloth()), 2),
                Numbers.plain(lie.picksPerCm(cloth()), 2), Numbers.plain(lie.angleDeg(), 2));
    }
}
