package org.vatwright.core.brush;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/**
 * Paintings as they were a few strokes ago, so that the next stroke is painted on them and not all strokes anew. Each is
 * kept by what it is a picture of; those used last stay.
 */
final class Stages {

    private static final long MOST_PX = Math.min(24_000_000, Runtime.getRuntime().maxMemory() / 24 / Integer.BYTES);

    /** @param colours of every ink of its strokes */
    private record Stage(TileGrid grid, Repeat repeat, List<BrushStroke> strokes, Map<Ink, Integer> colours,
            Raster raster) {

        boolean begins(List<BrushStroke> all, TileGrid onGrid, Repeat of, InkColours inks) {
            return strokes.size() <= all.size() && grid.equals(onGrid) && repeat.equals(of)
                    && strokes.equals(all.subList(0, strokes.size()))
                    && colours.entrySet().stream().allMatch(e -> inks.argb(e.getKey()) == e.getValue());
        }

        long size() {
            return (long) raster.width() * raster.height();
        }
    }

    /** @param count of strokes on it */
    record Begun(int count, Raster raster) {}

    private static final Deque<Stage> KEPT = new ArrayDeque<>();
    private static long kept;

    private Stages() {}

    /** @return whether such a painting is kept at all */
    static boolean takes(TileGrid grid) {
        return 4L * grid.widthPx() * grid.heightPx() <= MOST_PX;
    }

    /** @return the one with the most of those strokes, which must not be painted on; null when there is none */
    static synchronized Begun latest(List<BrushStroke> strokes, TileGrid grid, Repeat repeat, InkColours inks) {
        Stage best = null;
        for (Stage stage : KEPT) {
            if ((best == null || stage.strokes.size() > best.strokes.size())
                    && stage.begins(strokes, grid, repeat, inks)) {
                best = stage;
            }
        }
        if (best == null) {
            return null;
        }
        KEPT.remove(best);
        KEPT.addFirst(best);
        return new Begun(best.strokes.size(), best.raster);
    }

    /** Keeps one in place of those with as many strokes of which only the last differs: the hand was still at it. */
    static synchronized void keep(List<BrushStroke> strokes, TileGrid grid, Repeat repeat, InkColours inks,
            Raster raster) {
        List<BrushStroke> own = List.copyOf(strokes);
        Map<Ink, Integer> colours = new HashMap<>();
        Ink last = null;
        for (BrushStroke stroke : own) {
            if (!stroke.erases() && stroke.ink() != last) {
                last = stroke.ink();
                colours.computeIfAbsent(last, inks::argb);
            }
            stroke.other().ifPresent(i -> colours.computeIfAbsent(i, inks::argb));
        }
        List<BrushStroke> before = own.subList(0, Math.max(0, own.size() - 1));
        for (Stage stage : new ArrayList<>(KEPT)) {
            if (stage.strokes.size() == own.size() && stage.grid.equals(grid) && stage.repeat.equals(repeat)
                    && stage.colours.equals(colours)
                    && stage.strokes.subList(0, before.size()).equals(before)) {
                drop(stage);
            }
        }
        Stage stage = new Stage(grid, repeat, own, colours, raster);
        KEPT.addFirst(stage);
        kept += stage.size();
        while (kept > MOST_PX) {
            drop(KEPT.getLast());
        }
    }

    private static void drop(Stage stage) {
        KEPT.remove(stage);
        kept -= stage.size();
    }
}
