package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.Samples;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;

class TilePartTest {

    @Test
    void aPartIsWhatTheWholeTileShowsThereAlsoAcrossItsEdges() {
        Random random = new Random(31);
        for (int n = 0; n < 60; n++) {
            Design design = n % 2 == 0
                    ? Samples.any(random, 20 + random.nextInt(20), 20 + random.nextInt(20))
                    : Samples.anyLaid(random, 20 + random.nextInt(20), 20 + random.nextInt(20));
            TileGrid grid = TileGrid.at(design.repeat().tile(), new Density(200));
            double turn = n % 3 == 0 ? random.nextDouble() * 6 : 0;
            double c = Math.cos(turn) / grid.widthPx();
            double s = Math.sin(turn) / grid.widthPx();
            Affine map = new Affine(random.nextDouble() * 4 - 2, c, -s, random.nextDouble() * 4 - 2,
                    s * grid.widthPx() / grid.heightPx(), c * grid.widthPx() / grid.heightPx());
            Raster whole = new Raster(50, 40);
            TorusSampler.sample(TileRenderer.render(Samples.cloth(design), grid, Work.on(2)), map, whole, Work.on(1));
            Raster part = new Raster(50, 40);
            new TilePart(Samples.cloth(design), grid, Work.on(2)).sample(map, part, Work.on(2));
            assertThat(Samples.difference(part, whole)).as("%s", design).isLessThanOrEqualTo(1);
        }
    }

    /** A hundred times true size: the whole tile would have six thousand million pixels. */
    @Test
    @Timeout(30)
    void farIntoALargeDesignOnlyWhatIsSeenIsPainted() {
        Design design = Samples.design(200, 200, Arrangement.STRAIGHT, Samples.stripes(30, 7, 5),
                Samples.dots(100, 100, 90));
        FieldSpec spec = new FieldSpec(3, 2, new Density(400 * 25.4), 1, 0, -99, -54);
        Raster seen = FieldRenderer.render(Samples.cloth(design), spec, new TileCache(1000, 1000), Work.on(2));
        assertThat(seen.width()).isEqualTo(1200);
        int madder = Samples.morning().colours().get(2).argb();
        // The dot's upper rim is at 55 mm: 1 mm, 400 pixels, below the upper edge of what is seen.
        assertThat(seen.at(400, 395)).isNotEqualTo(madder);
        assertThat(seen.at(400, 405)).isEqualTo(madder);
    }

    /** For a file too: 100 mm of a large cell at 600 dpi are 5.6 million pixels, its whole tile 200 million. */
    @Test
    void aSmallFieldOfALargeTileNeedsNoWholeTile() {
        FieldSpec small = new FieldSpec(100, 100, new Density(600));
        TileGrid large = FieldRenderer.tileGrid(
                Samples.design(600, 600, Arrangement.STRAIGHT, Samples.stripes(300, 200, 100)), small);
        long pixels = (long) large.widthPx() * large.heightPx();
        assertThat(pixels).isGreaterThan(200_000_000L);
        assertThat(FieldRenderer.mostWhole(small)).isLessThan(pixels);
        assertThat(FieldRenderer.mostWhole(new FieldSpec(600, 600, new Density(600))))
                .as("as much as the tile: once whole is less work").isGreaterThan(pixels);
        assertThat(FieldRenderer.mostWhole(new FieldSpec(1e4, 1e4, new Density(600)))).isEqualTo(Raster.MOST_PX);
    }

    @Test
    void rowsAreTheFieldHoweverTheyAreAskedFor() {
        Design design = Samples.any(new Random(8), 23, 31);
        FieldSpec spec = new FieldSpec(70, 60, new Density(180), 0.8, 17, 3, 4);
        Raster whole = FieldRenderer.render(Samples.cloth(design), spec, TileSource.PAINTED, Work.on(1));
        RowSource rows = FieldRenderer.rows(Samples.cloth(design), spec, Work.on(2));
        Raster strips = new Raster(whole.width(), whole.height());
        for (int from = 0; from < whole.height(); from += 37) {
            int to = Math.min(whole.height(), from + 37);
            int[] strip = new int[(to - from) * whole.width()];
            rows.rows(strip, from, to, Work.on(2));
            System.arraycopy(strip, 0, strips.argb(), from * whole.width(), strip.length);
        }
        assertThat(Samples.difference(strips, whole)).isLessThanOrEqualTo(1);
        assertThat(rows.opaque()).isTrue();
    }
}
