package org.vatwright.core.loom;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Check;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Mask;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/**
 * Shows a layer only where the warp, or only where the weft, is on top, so that layers are woven together.
 *
 * @param endsPerCm,picksPerCm of the weave, 0.1 to 1000
 */
public record ThreadMask(Weave weave, boolean warp, double endsPerCm, double picksPerCm) implements Mask {

    public ThreadMask {
        Check.within("ends per cm", endsPerCm, 0.1, 1000, "");
        Check.within("picks per cm", picksPerCm, 0.1, 1000, "");
    }

    @Override
    public Painter painter(Repeat repeat, TileGrid grid) {
        Cloth cloth = cloth();
        Threads threads = new Threads(cloth, ink -> 0).with(warp ? -1 : 0, warp ? 0 : -1);
        return ClothPainter.of(threads, ClothLie.of(cloth, 0, repeat.tile()), grid);
    }

    @Override
    public Shape outline(Repeat repeat) {
        Cloth cloth = cloth();
        Path2D shown = new Path2D.Double();
        ClothOutlines.of(cloth, ClothLie.of(cloth, 0, repeat.tile())).forEach(m -> shown.append(m.shape(), false));
        return shown;
    }

    /** The shown threads have an ink, the others none. */
    Cloth cloth() {
        BandRun shown = new BandRun(List.of(new Band(Ink.slot("shown"), 1)), false);
        BandRun hidden = new BandRun(List.of(new Band(Ink.CLEAR, 1)), false);
        return new Cloth(warp ? shown : hidden, Optional.of(warp ? hidden : shown), weave, Look.WOVEN, endsPerCm,
                picksPerCm);
    }
}
