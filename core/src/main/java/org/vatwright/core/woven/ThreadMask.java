package org.vatwright.core.woven;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.yarn.FabricOutlines;
import org.vatwright.core.yarn.FabricPainter;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Mask;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.repeat.Repeat;

/**
 * Shows a layer only where the warp, or only where the weft, is on top, so that layers are woven together.
 *
 * @param endsPerCm,picksPerCm of the weave, 0.1 to 1000
 */
public record ThreadMask(Weave weave, boolean warp, double endsPerCm, double picksPerCm) implements Mask {

    public ThreadMask {
        Require.within("ends per cm", endsPerCm, 0.1, 1000, "");
        Require.within("picks per cm", picksPerCm, 0.1, 1000, "");
    }

    @Override
    public Painter painter(PaintRequest asked) {
        Fabric fabric = fabric();
        return FabricPainter.shares(fabric, warp, FabricFit.of(fabric, 0, asked.repeat().tile()), asked);
    }

    @Override
    public Shape outline(Repeat repeat) {
        Fabric fabric = fabric();
        Path2D shown = new Path2D.Double();
        FabricOutlines.of(fabric, FabricFit.of(fabric, 0, repeat.tile())).forEach(m -> shown.append(m.shape(), false));
        return shown;
    }

    /** The shown threads have an ink, the others none. */
    Fabric fabric() {
        BandRun shown = new BandRun(List.of(new Band(Ink.slot("shown"), 1)), false);
        BandRun hidden = new BandRun(List.of(new Band(Ink.CLEAR, 1)), false);
        return new Fabric(warp ? shown : hidden, Optional.of(warp ? hidden : shown), weave, Look.WOVEN, endsPerCm,
                picksPerCm);
    }
}
