package org.vatwright.core.render;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/** Where tiles come from: painted anew, or kept from before. */
@FunctionalInterface
public interface TileSource {

    TileSource PAINTED = TileRenderer::render;

    Raster tile(Cloth cloth, TileGrid grid, Work work);
}
