package org.vatwright.core.render;

import org.vatwright.core.coat.Coat;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * Cloth x grid -> tile, nothing kept: strip by strip straight into the tile. The same arguments give the same bits on any
 * number of threads.
 */
public final class TileRenderer {

    private static final int STRIP_PX = 1 << 16;

    private TileRenderer() {}

    public static Raster render(Cloth cloth, TileGrid grid, Work work) {
        return painted(new TilePainter(cloth, grid, work.telling(share -> {}), Coat::of), grid, work);
    }

    /** Paints over all of a raster of the grid's size. */
    public static void paint(Cloth cloth, TileGrid grid, Raster tile, Work work) {
        paint(new TilePainter(cloth, grid, work.telling(share -> {}), Coat::of), grid, tile, work);
    }

    static Raster painted(Painter painter, TileGrid grid, Work work) {
        Raster tile = new Raster(grid.widthPx(), grid.heightPx());
        paint(painter, grid, tile, work);
        return tile;
    }

    private static void paint(Painter painter, TileGrid grid, Raster tile, Work work) {
        Rows.each(grid.heightPx(), strip(grid.widthPx()), work,
                (from, to) -> painter.paint(tile.argb(), from * grid.widthPx(), from, to));
    }

    /** @return rows that one thread takes at once */
    static int strip(int width) {
        return Math.max(1, STRIP_PX / width);
    }

    /** @return the tile row by row, however large it is */
    public static RowSource rows(Cloth cloth, TileGrid grid, Work work) {
        return new PainterRows(new TilePainter(cloth, grid, work.telling(share -> {}), Coat::of), grid);
    }

    /** @return the coat of one layer by itself, as colour and coverage on clear ground */
    public static Raster coat(Cloth cloth, Layer layer, TileGrid grid, Work work) {
        int at = cloth.design().layers().indexOf(layer);
        // Those below stay for what they confine it to; they are not laid.
        Cloth alone = new Cloth(cloth.design().alone(at), cloth.colourway(), cloth.phase());
        return render(alone, grid, work);
    }

    /** The rows of a tile as they are painted. */
    private record PainterRows(TilePainter painter, TileGrid grid) implements RowSource {

        @Override
        public Raster gathered(Work work) {
            return painted(painter, grid, work);
        }

        @Override
        public int width() {
            return grid.widthPx();
        }

        @Override
        public int height() {
            return grid.heightPx();
        }

        @Override
        public boolean opaque() {
            return painter.opaque();
        }

        @Override
        public void rows(int[] out, int from, int to, Work work) {
            Rows.each(to - from, strip(width()), work,
                    (first, end) -> painter.paint(out, first * width(), from + first, from + end));
        }
    }
}
