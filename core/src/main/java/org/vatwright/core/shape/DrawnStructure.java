package org.vatwright.core.shape;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;

/** A structure whose marks are shapes. */
public interface DrawnStructure extends Structure {

    /** @return its shapes on the tile of that repeat. @param work under which they are worked out */
    Drawing drawing(Repeat repeat, Phase phase, Work work);

    @Override
    default Painter painter(PaintRequest asked) {
        return new DrawingPainter(drawing(asked.repeat(), asked.phase(), asked.work()), asked.grid(), asked.inks(),
                asked.work());
    }

    @Override
    default boolean paintsFills() {
        return true;
    }

    @Override
    default boolean drawn() {
        return true;
    }

    @Override
    default Optional<List<VectorMark>> outlines(Repeat repeat, Phase phase, Work work) {
        return Optional.of(drawing(repeat, phase, work).onTile(repeat.tile()));
    }
}
