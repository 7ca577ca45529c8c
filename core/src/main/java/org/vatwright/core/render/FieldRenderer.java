package org.vatwright.core.render;

import org.vatwright.core.map.Affine;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * A stretch of the endless design. The tile is painted at the density of the stretch, so that what is smaller than a
 * pixel is already averaged there, and is then sampled once at true length.
 */
public final class FieldRenderer {

    /** Parts lie over each other, the more so in a turned stretch: a tile only so many times as large is no more work whole. */
    private static final long WHOLE_BY_ASKED = 4;

    private FieldRenderer() {}

    /** @return the stretch as it is looked at. @param tiles where its tile comes from */
    public static Raster render(Cloth cloth, FieldSpec spec, TileSource tiles, Work work) {
        SampledCloth sampled = SampledCloth.of(cloth, tileGrid(cloth.design(), spec), tiles,
                SampledCloth.WHILE_LOOKING_PX, work);
        Raster out = new Raster(spec.widthPx(), spec.heightPx());
        sampled.sample(map(cloth.design(), spec), out, work);
        return out;
    }

    /** @return the same. @param memory of the last time, so that little takes little */
    public static Raster render(Cloth cloth, FieldSpec spec, TileSource tiles, FieldMemory memory, Work work) {
        TileGrid grid = tileGrid(cloth.design(), spec);
        if ((long) grid.widthPx() * grid.heightPx() > SampledCloth.WHILE_LOOKING_PX) {
            return render(cloth, spec, tiles, work);
        }
        return memory.sampled(tiles.tile(cloth, grid, work), map(cloth.design(), spec), spec.widthPx(),
                spec.heightPx(), work);
    }

    /** @return the stretch row by row, however long it is */
    public static RowSource rows(Cloth cloth, FieldSpec spec, Work work) {
        SampledCloth sampled = SampledCloth.of(cloth, tileGrid(cloth.design(), spec), TileSource.PAINTED,
                mostWhole(spec), work.telling(share -> {}));
        return new FieldRows(sampled, map(cloth.design(), spec), spec);
    }

    /**
     * @return pixels of a tile that is painted whole for a stretch that nobody looks at: not many times as many as are asked for, but
     *         as many as are painted whole for the eye
     */
    static long mostWhole(FieldSpec spec) {
        long asked = WHOLE_BY_ASKED * spec.widthPx() * spec.heightPx();
        return Math.min(Raster.MOST_PX, Math.max(SampledCloth.WHILE_LOOKING_PX, asked));
    }

    /** @return the grid of the tile that a stretch is sampled from */
    public static TileGrid tileGrid(Design design, FieldSpec spec) {
        return TileGrid.at(design.repeat().tile(), spec.tileDensity());
    }

    private static Affine map(Design design, FieldSpec spec) {
        Tile size = design.repeat().tile();
        return spec.toTile(size.widthMm(), size.heightMm());
    }

    private record FieldRows(SampledCloth sampled, Affine map, FieldSpec spec) implements RowSource {

        @Override
        public Raster gathered(Work work) {
            Raster out = new Raster(width(), height());
            sampled.sample(map, out, work);
            return out;
        }

        @Override
        public int width() {
            return spec.widthPx();
        }

        @Override
        public int height() {
            return spec.heightPx();
        }

        @Override
        public boolean opaque() {
            return sampled.opaque();
        }

        @Override
        public void rows(int[] out, int from, int to, Work work) {
            sampled.sample(map.from(0, from), new Raster(width(), to - from, out), work);
        }
    }
}
