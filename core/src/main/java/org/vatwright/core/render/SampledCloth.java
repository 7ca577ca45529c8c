package org.vatwright.core.render;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.ClothMap;
import org.vatwright.core.map.Reading;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.measure.Density;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * A cloth at one density, ready to be sampled: from its tile, or, where that is too large, from the parts of it that are seen.
 * Safe to use from several threads.
 */
public sealed interface SampledCloth {

    /** A tile up to this size is painted whole while somebody looks on, so that it can be kept. */
    long WHILE_LOOKING_PX = 40_000_000;

    /** @return whether every pixel of it is known to be opaque */
    boolean opaque();

    /** @param map to the tile, for pictures of about the cloth's density */
    void sample(Affine map, Raster out, Work work);

    /**
     * A cloth of which any place may be asked for, in any order: its tile is whole. One with more pixels than are painted whole
     * while somebody looks on is as dense as it can be with so many.
     */
    static Whole bent(Cloth cloth, Density density, TileSource tiles, Work work) {
        Tile tile = cloth.design().repeat().tile();
        double px = density.px(tile.widthMm()) * density.px(tile.heightMm());
        double less = Math.min(1, Math.sqrt(WHILE_LOOKING_PX / px));
        return new Whole(tiles.tile(cloth, TileGrid.at(tile, new Density(Math.max(0.5, density.dpi() * less))), work));
    }

    /**
     * @param grid of the tile at the density of what is seen
     * @param mostPx of a tile that is painted whole
     */
    static SampledCloth of(Cloth cloth, TileGrid grid, TileSource tiles, long mostPx, Work work) {
        return (long) grid.widthPx() * grid.heightPx() <= mostPx
                ? new Whole(tiles.tile(cloth, grid, work))
                : new InParts(new TilePart(cloth, grid, work));
    }

    /** From a tile that is there. */
    record Whole(TorusSampler sampler, boolean opaque) implements SampledCloth {

        Whole(Raster tile) {
            this(new TorusSampler(tile), Packed.opaque(tile.argb()));
        }

        @Override
        public void sample(Affine map, Raster out, Work work) {
            sampler.sample(map, out, work);
        }

        public void sample(ClothMap map, Reading how, Raster out, Work work) {
            sampler.sample(map, how, out, work);
        }
    }

    /** From parts that are painted when they are asked for. */
    record InParts(TilePart part) implements SampledCloth {

        @Override
        public boolean opaque() {
            return part.opaque();
        }

        @Override
        public void sample(Affine map, Raster out, Work work) {
            part.sample(map, out, work);
        }
    }
}
