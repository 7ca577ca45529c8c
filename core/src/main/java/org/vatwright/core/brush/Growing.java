package org.vatwright.core.brush;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/**
 * A stroke while the hand is at it. Its dabs are laid once; only those near its end, which may still move, are laid anew each
 * time it has grown.
 */
final class Growing {

    private static final int MOST_PX = 3_000_000;
    /** Of all together: the cell, what wears it and the small pictures each have their own. */
    private static final long MOST_KEPT_PX = 9_000_000;
    private static final Deque<Growing> KEPT = new ArrayDeque<>();

    private final TileGrid grid;
    private final Repeat repeat;
    /** What it is painted on; null for nothing. The very object, for paintings are never changed. */
    private final Raster base;
    private final BrushStroke stroke;
    private final StrokeRows[] strips;
    private final int height;
    /** Whether dabs that may still move lay on the strip the last time. */
    private final boolean[] moved;
    /** The painting as it was the last time, which is never changed; null when there is none to go on from. */
    private Raster last;
    private int[] colours;
    private Dabs laid;
    private int count;

    private Growing(TileGrid grid, Repeat repeat, Raster base, BrushStroke stroke, int height) {
        this.grid = grid;
        this.repeat = repeat;
        this.base = base;
        this.stroke = stroke;
        this.height = height;
        strips = new StrokeRows[(grid.heightPx() + height - 1) / height];
        moved = new boolean[strips.length];
    }

    static boolean takes(TileGrid grid) {
        return pixels(grid) <= MOST_PX;
    }

    private static long pixels(TileGrid grid) {
        return (long) grid.widthPx() * grid.heightPx();
    }

    /** @param height rows of a strip @return the one of that stroke as it was a moment ago, or a fresh one */
    static Growing of(TileGrid grid, Repeat repeat, Raster base, BrushStroke stroke, int height) {
        synchronized (KEPT) {
            for (Growing each : KEPT) {
                if (each.base == base && each.grid.equals(grid) && each.repeat.equals(repeat)
                        && each.stroke.equals(stroke.withTrack(each.stroke.track()))) {
                    KEPT.remove(each);
                    KEPT.addFirst(each);
                    return each;
                }
            }
            Growing fresh = new Growing(grid, repeat, base, stroke, height);
            KEPT.addFirst(fresh);
            while (KEPT.stream().mapToLong(g -> pixels(g.grid)).sum() > MOST_KEPT_PX) {
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

    /** Lays the stroke as it is now on its base. Rows to which nothing came are those of the last time. */
    synchronized Raster paint(StrokeOnTile now, Work work) {
        Dabs dabs = now.dabs();
        if (laid == null || !dabs.beginsAs(laid, count)) {
            Arrays.fill(strips, null);
            count = 0;
            last = null;
        }
        // The same stroke in another colourway.
        Raster before = Arrays.equals(colours, now.colours()) ? last : null;
        Raster raster = new Raster(grid.widthPx(), grid.heightPx());
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
                boolean comes = now.meets(rows, from, dabs.count());
                Raster under = comes || moved[k] || before == null ? base : before;
                if (under != null) {
                    System.arraycopy(under.argb(), at, raster.argb(), at, (rows.to - rows.from) * grid.widthPx());
                }
                if (under == before && before != null) {
                    return;
                }
                now.add(rows, from, still);
                moved[k] = now.meets(rows, still, dabs.count());
                StrokeRows tail = moved[k] ? rows.copy() : rows;
                now.add(tail, still, dabs.count());
                now.lay(raster.argb(), at, tail);
            });
            laid = dabs;
            count = still;
            last = raster;
            colours = now.colours();
            done = true;
            return raster;
        } finally {
            if (!done) {
                // Some strips are farther than others.
                laid = null;
                last = null;
                forget(this);
            }
        }
    }
}
