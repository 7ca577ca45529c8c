package org.vatwright.core.woven;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.loom.FabricPeriod;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.yarn.FabricOutlines;
import org.vatwright.core.yarn.FabricPainter;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;

/** A structure that is a cloth of warp and weft bands, upright or at an angle. */
public interface FabricStructure extends Structure {

    Fabric fabric();

    /** @return angle of the ends, above -180 to 180, counter-clockwise as seen */
    double angleDeg();

    /** @return the same at another angle, with other thread counts a cm */
    FabricStructure closed(double angleDeg, double endsPerCm, double picksPerCm);

    @Override
    default FabricStructure resized(double by) {
        return closed(angleDeg(), fabric().endsPerCm() / by, fabric().picksPerCm() / by);
    }

    default FabricFit fit(Repeat repeat) {
        return FabricFit.of(fabric(), angleDeg(), repeat.tile());
    }

    /** @return whether it lies on the tile just as asked for */
    default boolean closes(Repeat repeat) {
        return fit(repeat).exact(fabric(), angleDeg());
    }

    @Override
    default List<Closing> closings(Repeat repeat) {
        return FabricClosing.of(this, repeat);
    }

    @Override
    default FabricStructure fitted(Repeat repeat) {
        return this;
    }

    @Override
    default Painter painter(PaintRequest asked) {
        return FabricPainter.of(fabric(), fit(asked.repeat()), asked);
    }

    @Override
    default boolean drawn() {
        return true;
    }

    @Override
    default Optional<List<VectorMark>> outlines(Repeat repeat, Phase phase, Work work) {
        return Optional.of(FabricOutlines.of(fabric(), fit(repeat)));
    }

    /** As it is drawn, turned; stretched only while its threads lie along the cell's sides. */
    @Override
    default Optional<Structure> turned(Repeat repeat, TurnedLattice.Closing by) {
        FabricFit fit = fit(repeat);
        return fit.straight() || by.exact()
                ? Optional.of(closed(fit.angleDeg() + by.angleDeg(), fit.endsPerCm(fabric()) / by.stretchX(),
                        fit.picksPerCm(fabric()) / by.stretchY()))
                : Optional.empty();
    }

    @Override
    default List<Finding> findings(Repeat repeat) {
        Fabric fabric = fabric();
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.fine("Threads in the tile", "%s, %s".formatted(
                FabricPeriod.of(fabric, true).words("ends"), FabricPeriod.of(fabric, false).words("picks"))));
        FabricFit fit = fit(repeat);
        if (fit.exact(fabric, angleDeg())) {
            findings.add(Finding.fine("Cloth closes", "%s\u00b0".formatted(Numbers.plain(angleDeg(), 2))));
        } else {
            findings.add(Finding.nearly("Cloth closes", drawn(fit),
                    "%s by %s a cm at %s\u00b0".formatted(Numbers.plain(fabric.endsPerCm(), 2),
                            Numbers.plain(fabric.picksPerCm(), 2), Numbers.plain(angleDeg(), 2))));
        }
        return findings;
    }

    /** @return how it is drawn, as "19.87 by 20 a cm at 44.6 degrees" */
    default String drawn(FabricFit fit) {
        return "%s by %s a cm at %s\u00b0".formatted(Numbers.plain(fit.endsPerCm(fabric()), 2),
                Numbers.plain(fit.picksPerCm(fabric()), 2), Numbers.plain(fit.angleDeg(), 2));
    }
}
