package org.vatwright.core.render;

import org.vatwright.core.coat.Coat;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * Samples a tile of which only a part is seen, and paints only that part: a rectangle of its pixels, which may go over its
 * edges. Safe to use from several threads.
 */
final class TilePart {

    private static final int STRIP_PX = 1 << 16;
    /** Bilinear sampling asks for neighbours. */
    private static final int MARGIN = 2;

    private final TilePainter painter;
    private final TileGrid grid;

    /** Makes ready what paints the tile. */
    TilePart(Cloth cloth, TileGrid grid, Work work) {
        this.grid = grid;
        painter = new TilePainter(cloth, grid, work.telling(share -> {}), Coat::of);
    }

    boolean opaque() {
        return painter.opaque();
    }

    void sample(Affine map, Raster out, Work work) {
        double[] across = reach(map, out, 0, grid.widthPx());
        double[] down = reach(map, out, 1, grid.heightPx());
        Raster part = painted(across, down, work);
        // In parts instead of tiles; the margin keeps it from going over the part's own edges.
        double u = (double) grid.widthPx() / part.width();
        double v = (double) grid.heightPx() / part.height();
        Affine inPart = new Affine(map.u0() * u - across[0] / part.width(), map.ux() * u, map.uy() * u,
                map.v0() * v - down[0] / part.height(), map.vx() * v, map.vy() * v);
        TorusSampler.sample(part, inPart, out, work.telling(share -> {}));
    }

    /** @return first pixel of the tile that is asked for and how many, along one side; all of it when more than one period */
    private static double[] reach(Affine map, Raster out, int side, int px) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        double[] uv = new double[2];
        for (int corner = 0; corner < 4; corner++) {
            map.at(corner % 2 * out.width(), corner / 2 * out.height(), uv);
            least = Math.min(least, uv[side] * px);
            most = Math.max(most, uv[side] * px);
        }
        double first = Math.floor(least) - MARGIN;
        double count = Math.ceil(most) + MARGIN - first;
        return count >= px ? new double[]{0, px} : new double[]{first, count};
    }

    private Raster painted(double[] across, double[] down, Work work) {
        Raster part = new Raster((int) across[1], (int) down[1]);
        int left = Math.floorMod((long) across[0], grid.widthPx());
        int top = Math.floorMod((long) down[0], grid.heightPx());
        Rows.each(part.height(), Math.max(1, STRIP_PX / part.width()), work, (from, to) -> {
            for (int y = from; y < to;) {
                int row = (top + y) % grid.heightPx();
                int rows = Math.min(to - y, grid.heightPx() - row);
                for (int x = 0; x < part.width();) {
                    int column = (left + x) % grid.widthPx();
                    int columns = Math.min(part.width() - x, grid.widthPx() - column);
                    int[] piece = columns == part.width() ? part.argb() : new int[rows * columns];
                    int at = columns == part.width() ? y * part.width() : 0;
                    painter.paint(piece, at, row, row + rows, grid.widthPx(), column, column + columns);
                    for (int k = 0; k < rows && piece != part.argb(); k++) {
                        System.arraycopy(piece, k * columns, part.argb(), (y + k) * part.width() + x, columns);
                    }
                    x += columns;
                }
                y += rows;
            }
        });
        return part;
    }
}
