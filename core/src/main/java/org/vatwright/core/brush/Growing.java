package org.vatwright.core.brush;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * A stroke while the hand is at it. Its dabs are laid once; only those near its end, which may still move, are laid anew each
 * time it has grown.
 */
final class Growing {

    private static final int MOST = 3;
    private static final int MOST_PX = 3_000_000;
    private static final Deque<Growing> KEPT = new ArrayDeque<>();

    private final TileGrid grid;
    /** What it is painted on; null for nothing. The very object, for paintings are never changed. */
    private final Raster base;
    private final BrushStroke stroke;
    private final StrokeRows[] strips;
    private final int height;
    private Dabs laid;
    private int count;

    private Growing(TileGrid grid, Raster base, BrushStroke stroke, int height) {
        this.grid = grid;
        this.base = base;
        this.stroke = stroke;
        this.height = height;
        strips = new StrokeRows[(grid.heightPx() + height - 1) / height];
    }

    static boolean takes(TileGrid grid) {
        return (long) grid.widthPx() * grid.heightPx() <= MOST_PX;
    }

    /** @param height rows of a strip @return the one of that stroke as it was a moment ago, or a fresh one */
    static Growing of(TileGrid grid, Raster base, BrushStroke stroke, int height) {
        synchronized (KEPT) {
            for (Growing each : KEPT) {
                if (each.base == base && each.grid.equals(grid)
                        && each.stroke.equals(stroke.withTrack(each.stroke.track()))) {
                    KEPT.remove(each);
                    KEPT.addFirst(each);
                    return each;
                }
            }
            Growing fresh = new Growing(grid, base, stroke, height);
            KEPT.addFirst(fresh);
            while (KEPT.size() > MOST) {
                KEPT.removeLast();
            }
            return fresh;
        }
    }

    private static void forget(Growing broken) {
        synchronized (KEPT) {
            KEPT.remove(broken);
        }
    }

    /** Lays the stroke as it is now on its base. @param raster a copy of the base */
    synchronized void paint(StrokeOnTile now, Raster raster, Work work) {
        Dabs dabs = now.dabs();
        if (laid == null || !dabs.beginsAs(laid, count)) {
            Arrays.fill(strips, null);
            count = 0;
        }
        int from = count;
        int still = Math.max(from, dabs.settled());
        boolean done = false;
        try {
            Rows.each(strips.length, 1, work, (k, end) -> {
                if (strips[k] == null) {
                    strips[k] = new StrokeRows(grid.widthPx(), k * height,
                            Math.min(grid.heightPx(), (k + 1) * height));
                }
                StrokeRows rows = strips[k];
                int at = rows.from * grid.widthPx();
                now.add(rows, from, still);
                StrokeRows tail = now.meets(rows, still, dabs.count()) ? rows.copy() : rows;
                now.add(tail, still, dabs.count());
                now.lay(raster.argb(), at, tail);
            });
            laid = dabs;
            count = still;
            done = true;
        } finally {
            if (!done) {
                // Some strips are farther than others.
                laid = null;
                forget(this);
            }
        }
    }
}
