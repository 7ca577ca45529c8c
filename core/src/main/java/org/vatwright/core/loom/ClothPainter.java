package org.vatwright.core.loom;

import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.repeat.TileGrid;

/** Chooses how a cloth is painted: upright with crisp threads, upright with threads finer than pixels, or turned. */
public final class ClothPainter {

    /** Below, so many pixels are shared by crisp threads that one sum for all is quicker than looking for the alone. */
    private static final double SHARED_PX = 4.5;

    private ClothPainter() {}

    public static Painter of(Cloth cloth, ClothLie lie, TileGrid grid, InkColours inks) {
        return of(new Threads(cloth, inks::argb), lie, grid);
    }

    static Painter of(Threads threads, ClothLie lie, TileGrid grid) {
        if (!lie.straight()) {
            return new TurnedCloth(threads, lie, grid);
        }
        ThreadSpan across = new ThreadSpan(grid.widthPx(), threads.warp.length, lie.endsAcross());
        ThreadSpan down = new ThreadSpan(grid.heightPx(), threads.weft.length, lie.picksDown());
        return upright(threads, across, down,
                across.crisp() && down.crisp());
    }

    static Painter upright(Threads threads, ThreadSpan across, ThreadSpan down, boolean crisp) {
        if (threads.yarn != null) {
            return new YarnCloth(threads, across, down);
        }
        boolean byShare = !across.whole() && across.pxPerThread() < SHARED_PX && down.pxPerThread() < SHARED_PX;
        return crisp && !byShare ? new CrispCloth(threads, across, down) : new FineCloth(threads, across, down);
    }
}
