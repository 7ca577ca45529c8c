package org.vatwright.core.yarn;

import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.repeat.TileGrid;

/** Chooses how a cloth is painted: upright with crisp threads, upright with threads finer than pixels, or turned. */
public final class FabricPainter {

    /** Below, so many pixels are shared by crisp threads that one sum for all is quicker than looking for the alone. */
    private static final double SHARED_PX = 4.5;
    /** Threads finer than this are specks: nothing of how a yarn is lit is seen but its mean. */
    private static final double LEAST_YARN_PX = 1 / 5.0;

    private FabricPainter() {}

    public static Painter of(Fabric fabric, FabricFit fit, PaintRequest asked) {
        return of(new Threads(fabric, asked.inks()::argb), fit, asked);
    }

    /** @return what paints white where the warp (else the weft) is seen, clear elsewhere */
    public static Painter shares(Fabric fabric, boolean warp, FabricFit fit, PaintRequest asked) {
        return of(new Threads(fabric, ink -> 0).with(warp ? -1 : 0, warp ? 0 : -1), fit, asked);
    }

    static Painter of(Threads threads, FabricFit fit, PaintRequest asked) {
        TileGrid grid = asked.grid();
        if (!fit.straight()) {
            return new TurnedFabric(threads, fit, grid, asked.work());
        }
        ThreadSpan across = new ThreadSpan(grid.widthPx(), threads.warp.length, fit.endsAcross());
        ThreadSpan down = new ThreadSpan(grid.heightPx(), threads.weft.length, fit.picksDown());
        return upright(threads, across, down,
                across.crisp() && down.crisp());
    }

    static Painter upright(Threads threads, ThreadSpan across, ThreadSpan down, boolean crisp) {
        if (threads.yarn != null) {
            boolean specks = Math.min(across.pxPerThread(), down.pxPerThread()) < LEAST_YARN_PX;
            return specks
                    ? new FineFabric(YarnFabric.fromAfar(threads), across, down)
                    : new YarnFabric(threads, across, down);
        }
        boolean byShare = !across.whole() && across.pxPerThread() < SHARED_PX && down.pxPerThread() < SHARED_PX;
        return crisp && !byShare ? new CrispFabric(threads, across, down) : new FineFabric(threads, across, down);
    }
}
