package org.vatwright.core.render;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.TorusSampler;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * A stretch of the endless design. The tile is painted at the density of the stretch, so that what is smaller than a
 * pixel is already averaged there, and is then sampled once at true length.
 */
public final class FieldRenderer {

    private FieldRenderer() {}

    public static Raster render(Design design, Colourway colourway, FieldSpec spec, Work work) {
        spec.checkPixels();
        Raster tile = TileRenderer.render(design, colourway, tileGrid(design, spec), work);
        return sample(tile, design, spec, work);
    }

    /** @return the grid of the tile that a stretch is sampled from */
    public static TileGrid tileGrid(Design design, FieldSpec spec) {
        return TileGrid.at(design.repeat().tile(), spec.tileDensity());
    }

    /** Samples a tile that was painted on {@link #tileGrid}. */
    public static Raster sample(Raster tile, Design design, FieldSpec spec, Work work) {
        Tile size = design.repeat().tile();
        Raster out = new Raster(spec.widthPx(), spec.heightPx());
        TorusSampler.sample(tile, spec.toTile(size.widthMm(), size.heightMm()), out, work);
        return out;
    }
}
