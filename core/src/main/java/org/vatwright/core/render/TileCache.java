package org.vatwright.core.render;

import java.util.LinkedHashMap;
import java.util.Map;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * Keeps the tiles used last. A tile is a pure function of its design's look, colourway and grid, so it never gets
 * stale; names and guides do not matter. Safe to use from several threads.
 */
public final class TileCache implements TileSource {

    private record Key(Design look, Colourway colourway, TileGrid grid) {}

    private final Map<Key, Raster> tiles = new LinkedHashMap<>(16, 0.75f, true);
    private final long mostPx;
    private long px;

    /** @param mostPx of all kept tiles together; a single one that is larger is not kept */
    public TileCache(long mostPx) {
        this.mostPx = mostPx;
    }

    @Override
    public Raster tile(Design design, Colourway colourway, TileGrid grid, Work work) {
        Design look = design.withName("look").withGuides(org.vatwright.core.pattern.Guides.NONE);
        Key key = new Key(look, colourway.renamed("look"), grid);
        synchronized (tiles) {
            Raster kept = tiles.get(key);
            if (kept != null) {
                return kept;
            }
        }
        Raster made = TileRenderer.render(design, colourway, grid, work);
        keep(key, made);
        return made;
    }

    private void keep(Key key, Raster made) {
        synchronized (tiles) {
            Raster before = tiles.put(key, made);
            px += size(made) - (before == null ? 0 : size(before));
            var oldest = tiles.entrySet().iterator();
            while (px > mostPx && oldest.hasNext()) {
                px -= size(oldest.next().getValue());
                oldest.remove();
            }
        }
    }

    private static long size(Raster raster) {
        return (long) raster.width() * raster.height();
    }
}
