package org.vatwright.core.render;

import java.util.Arrays;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.shape.DrawnStructure;

/** Design x colourway x grid -> tile. The same arguments give the same bits on any number of threads. */
public final class TileRenderer {

    private static final int STRIP_PX = 1 << 16;

    private TileRenderer() {}

    public static Raster render(Design design, Colourway colourway, TileGrid grid, Work work) {
        Raster tile = new Raster(grid.widthPx(), grid.heightPx());
        paint(design, colourway, grid, tile, work);
        return tile;
    }

    /** Paints over all of a raster of the grid's size. */
    public static void paint(Design design, Colourway colourway, TileGrid grid, Raster tile, Work work) {
        InkColours inks = FillTiles.inks(design, colourway, grid, work);
        List<Coat> coats = design.layers().stream().filter(l -> l.visible() && l.opacity() > 0)
                .map(l -> Coat.of(l, design.repeat(), grid, inks)).toList();
        int ground = inks.argb(design.ground());
        Painter filled = inks.fill(design.ground()).map(f -> ground(f, grid)).orElse(null);
        int w = grid.widthPx();
        int rows = Math.max(1, Math.min(grid.heightPx(), STRIP_PX / w));
        boolean covered = !coats.isEmpty() && coats.getFirst().covers();
        Rows.each(grid.heightPx(), rows, work, (from, to) -> {
            int at = from * w;
            int count = (to - from) * w;
            if (covered) {
                coats.getFirst().painter().paint(tile.argb(), at, from, to);
            } else if (filled != null) {
                filled.paint(tile.argb(), at, from, to);
            } else {
                Arrays.fill(tile.argb(), at, at + count, ground);
            }
            int[] over = coats.size() > (covered ? 1 : 0) ? new int[count] : null;
            for (Coat coat : coats.subList(covered ? 1 : 0, coats.size())) {
                coat.paint(over, from, to);
                Compositor.lay(tile.argb(), at, over, count, coat.layer().opacity(), coat.layer().mode());
            }
        });
    }

    /** The whole tile as one mark. */
    private static Painter ground(FillPaint fill, TileGrid grid) {
        FillPaint.Placed laid = fill.placed(fill.through(), grid);
        return (out, at, from, to) -> {
            int i = at;
            for (int y = from; y < to; y++) {
                for (int x = 0; x < grid.widthPx(); x++) {
                    out[i++] = laid.argb(x, y);
                }
            }
        };
    }

    /** A layer with what paints it. @param mask null when it shows everywhere */
    private record Coat(Layer layer, Painter painter, Painter mask) {

        static Coat of(Layer layer, Repeat repeat, TileGrid grid, InkColours inks) {
            Structure structure = layer.structure();
            Painter painter = !(structure instanceof DrawnStructure) && FilledPainter.needed(structure, inks)
                    ? new FilledPainter(structure, repeat, grid, inks)
                    : structure.painter(repeat, grid, inks);
            return new Coat(layer, painter,
                    layer.mask().map(m -> m.painter(repeat, grid)).orElse(null));
        }

        /** @return whether nothing below it can be seen */
        boolean covers() {
            return painter.opaque() && mask == null && layer.opacity() == 1 && layer.mode() == BlendMode.NORMAL;
        }

        void paint(int[] out, int from, int to) {
            painter.paint(out, 0, from, to);
            if (mask != null) {
                int[] seen = new int[out.length];
                mask.paint(seen, 0, from, to);
                Compositor.keep(out, seen);
            }
        }
    }
}
