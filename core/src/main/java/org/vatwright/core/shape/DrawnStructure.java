package org.vatwright.core.shape;

import java.util.List;

import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** A structure whose marks are shapes. */
public interface DrawnStructure extends Structure {

    /** @return its shapes on the tile of that repeat */
    Drawing drawing(Repeat repeat);

    @Override
    default Painter painter(Repeat repeat, TileGrid grid, InkColours inks) {
        return new DrawingPainter(drawing(repeat), grid, inks);
    }

    @Override
    default List<VectorMark> outlines(Repeat repeat) {
        return drawing(repeat).onTile(repeat.tile());
    }
}
