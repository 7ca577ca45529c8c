package org.vatwright.core.render;

import java.util.Arrays;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/** Design x colourway x grid -> tile. The same arguments give the same bits on any number of threads. */
public final class TileRenderer {

    private static final int STRIP_PX = 1 << 16;

    private TileRenderer() {}

    public static Raster render(Design design, Colourway colourway, TileGrid grid, Work work) {
        InkColours inks = new InkColours(design.palette(), colourway);
        List<Layer> layers = design.layers().stream().filter(l -> l.visible() && l.opacity() > 0).toList();
        List<Painter> painters = layers.stream().map(l -> l.structure().painter(design.repeat(), grid, inks)).toList();
        Raster tile = new Raster(grid.widthPx(), grid.heightPx());
        int ground = inks.argb(design.ground());
        int w = grid.widthPx();
        int rows = Math.max(1, Math.min(grid.heightPx(), STRIP_PX / w));
        Rows.each(grid.heightPx(), rows, work, (from, to) -> {
            int count = (to - from) * w;
            int[] under = new int[count];
            int[] over = new int[count];
            Arrays.fill(under, ground);
            for (int i = 0; i < layers.size(); i++) {
                painters.get(i).paint(over, from, to);
                Compositor.lay(under, over, count, layers.get(i).opacity(), layers.get(i).mode());
            }
            System.arraycopy(under, 0, tile.argb(), from * w, count);
        });
        return tile;
    }
}
