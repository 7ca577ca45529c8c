package org.vatwright.core.brush;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.repeat.TileGrid;

/**
 * Paints strokes in their order. A painting of ordinary size is painted whole, from where it was left the last time; a large
 * one by the rows that are asked for.
 */
public final class BrushPainter implements Painter {

    private static final int STRIP_PX = 1 << 15;
    /** A hand goes on by little: the lower the strips, the fewer rows come anew. */
    private static final int GROWING_ROWS = 16;
    /** So many strokes ago a painting is kept, for the hand that takes back. */
    private static final int[] AGO = {1, 8, 64};

    private final int width;
    /** Null when rows are painted as they are asked for. */
    private final Raster whole;
    private final List<StrokeOnTile> strokes;

    public BrushPainter(List<BrushStroke> strokes, PaintRequest asked) {
        width = asked.grid().widthPx();
        if (Stages.takes(asked.grid())) {
            whole = whole(strokes, asked);
            this.strokes = List.of();
        } else {
            whole = null;
            this.strokes = ready(strokes, asked);
        }
    }

    private static List<StrokeOnTile> ready(List<BrushStroke> strokes, PaintRequest asked) {
        return Rows.map(strokes, 4, asked.work(), s -> new StrokeOnTile(s, asked));
    }

    private static Raster whole(List<BrushStroke> strokes, PaintRequest asked) {
        TileGrid grid = asked.grid();
        Stages.Begun begun = Stages.latest(strokes, grid, asked.repeat(), asked.inks());
        int done = begun == null ? 0 : begun.count();
        if (begun != null && done == strokes.size()) {
            return begun.raster();
        }
        if (done == strokes.size() - 1 && Growing.takes(grid)) {
            // The hand may be at this one.
            BrushStroke last = strokes.getLast();
            Raster grown = Growing
                    .of(grid, asked.repeat(), begun == null ? null : begun.raster(), last, GROWING_ROWS)
                    .paint(new StrokeOnTile(last, asked), asked.work());
            Stages.keep(strokes, grid, asked.repeat(), asked.inks(), grown);
            return grown;
        }
        Raster raster = new Raster(grid.widthPx(), grid.heightPx());
        if (begun != null) {
            System.arraycopy(begun.raster().argb(), 0, raster.argb(), 0, raster.argb().length);
        }
        Map<Integer, Raster> onTheWay = new TreeMap<>();
        for (int ago : AGO) {
            if (strokes.size() - ago > done) {
                onTheWay.put(strokes.size() - ago, new Raster(grid.widthPx(), grid.heightPx()));
            }
        }
        List<StrokeOnTile> ready = ready(strokes.subList(done, strokes.size()), asked);
        int rows = Math.max(4, STRIP_PX / grid.widthPx());
        Rows.each(grid.heightPx(), rows, asked.work(), (from, to) -> {
            StrokeRows strip = new StrokeRows(grid.widthPx(), from, to);
            int at = from * grid.widthPx();
            for (int i = 0; i < ready.size(); i++) {
                asked.work().goOn();
                ready.get(i).paint(raster.argb(), at, strip);
                Raster left = onTheWay.get(done + i + 1);
                if (left != null) {
                    System.arraycopy(raster.argb(), at, left.argb(), at, (to - from) * grid.widthPx());
                }
            }
        });
        onTheWay.forEach((count, left) -> Stages.keep(strokes.subList(0, count), grid, asked.repeat(), asked.inks(),
                left));
        Stages.keep(strokes, grid, asked.repeat(), asked.inks(), raster);
        return raster;
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        if (whole != null) {
            System.arraycopy(whole.argb(), from * width, out, at, (to - from) * width);
            return;
        }
        java.util.Arrays.fill(out, at, at + (to - from) * width, 0);
        StrokeRows strip = new StrokeRows(width, from, to);
        strokes.forEach(s -> s.paint(out, at, strip));
    }
}
