package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

class FieldTest {

    private static final Density DPI = new Density(101.6);

    @Test
    void aTileWrittenTwiceIsTheFieldOfTwoTilesToTheBit() {
        Random random = new Random(21);
        for (int n = 0; n < 260; n++) {
            Design design = n < 60
                    ? Samples.any(random, 5 + random.nextInt(30), 5 + random.nextInt(30))
                    : Samples.anyLaid(random, 12 + random.nextInt(20), 12 + random.nextInt(20));
            Tile tile = design.repeat().tile();
            Raster one = TileRenderer.render(new Cloth(design, Samples.morning()), TileGrid.at(tile, DPI), Work.on(2));
            Raster field = FieldRenderer.render(new Cloth(design, Samples.morning()),
                    new FieldSpec(2 * tile.widthMm(), 2 * tile.heightMm(), DPI), TileSource.PAINTED, Work.on(2));
            assertThat(field.width()).isEqualTo(2 * one.width());
            for (int y = 0; y < field.height(); y++) {
                for (int x = 0; x < field.width(); x++) {
                    if (field.at(x, y) != one.at(x % one.width(), y % one.height())) {
                        assertThat(field.at(x, y)).as("pixel %d, %d of %s", x, y, design)
                                .isEqualTo(one.at(x % one.width(), y % one.height()));
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"37.3, 31, 3.3, -7.1", "100, 90, 0, 0", "250, -12.5, 1e3, 0.01", "8, 45, 0, 0", "99.9, 0.01, 0, 0"})
    void aFieldShowsNothingButMixturesOfTheInks(double percent, double grain, double x, double y) {
        Design design = Samples.design(48, 36, Arrangement.HALF_DROP, Samples.stripes(30, 7, 2, 4),
                Samples.dots(47, 1, 13)).withGround(Ink.CLEAR);
        Raster field = FieldRenderer.render(new Cloth(design, Samples.morning()),
                new FieldSpec(150, 120, DPI, percent / 100, grain, x, y), TileSource.PAINTED, Work.on(2));
        int[] least = {255, 255, 255};
        int[] most = {0, 0, 0};
        for (Rgb rgb : Samples.morning().colours()) {
            int[] c = {rgb.red(), rgb.green(), rgb.blue()};
            for (int i = 0; i < 3; i++) {
                least[i] = Math.min(least[i], c[i]);
                most[i] = Math.max(most[i], c[i]);
            }
        }
        for (int p : field.argb()) {
            assertThat(p >>> 24).isEqualTo(255);
            for (int i = 0; i < 3; i++) {
                assertThat(p >> 16 - 8 * i & 255).isBetween(least[i] - 1, most[i] + 1);
            }
        }
    }

    @Test
    void theLastOfTwoHundredRepeatsSitsWhereArithmeticPutsIt() {
        Density dpi = new Density(97.3);
        Design design = Samples.design(10, 10, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5));
        Raster field = FieldRenderer.render(new Cloth(design, Samples.morning()), new FieldSpec(2000, 1, dpi),
                TileSource.PAINTED, Work.on(1));
        int ink = Samples.morning().colours().get(0).red();
        int other = Samples.morning().colours().get(1).red();
        for (int edge = 1; edge < 400; edge += 2) {
            double wanted = dpi.px(edge * 5.0);
            double share = 0;
            int from = (int) wanted - 4;
            for (int x = from; x < from + 8; x++) {
                share += (double) ((field.at(x, 0) >> 16 & 255) - other) / (ink - other);
            }
            assertThat(from + share).isEqualTo(wanted, within(0.5));
        }
    }

    @Test
    void theGrainTurnsCounterClockwiseAndTheStartMovesTheDesign() {
        Design design = Samples.design(10, 10, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5));
        Density dpi = new Density(254);
        Raster turned = FieldRenderer.render(new Cloth(design, Samples.morning()),
                new FieldSpec(40, 40, dpi, 1, 90, 0, 0), TileSource.PAINTED, Work.on(1));
        assertThat(turned.at(5, 10)).isEqualTo(turned.at(395, 10));
        assertThat(turned.at(5, 10)).isNotEqualTo(turned.at(5, 60));
        Raster moved = FieldRenderer.render(new Cloth(design, Samples.morning()),
                new FieldSpec(40, 40, dpi, 1, 0, 3, 0), TileSource.PAINTED, Work.on(1));
        Raster plain = FieldRenderer.render(new Cloth(design, Samples.morning()), new FieldSpec(40, 40, dpi),
                TileSource.PAINTED, Work.on(1));
        assertThat(moved.at(130, 7)).isEqualTo(plain.at(100, 7));
        Raster leaning = FieldRenderer.render(new Cloth(design, Samples.morning()),
                new FieldSpec(40, 40, dpi, 1, 45, 0, 0), TileSource.PAINTED, Work.on(1));
        assertThat(leaning.at(100, 100)).isEqualTo(leaning.at(200, 200)).isEqualTo(leaning.at(300, 300));
    }

    @Test
    void oneThreadAndManyAgreeAndTheCacheGivesTheSame() {
        Design design = Samples.any(new Random(5), 33, 21);
        TileGrid grid = TileGrid.at(design.repeat().tile(), DPI);
        Raster one = TileRenderer.render(new Cloth(design, Samples.morning()), grid, Work.on(1));
        TileCache cache = new TileCache(10_000_000, 0);
        Raster kept = cache.tile(new Cloth(design, Samples.morning()), grid, Work.on(4));
        assertThat(kept.argb()).isEqualTo(one.argb());
        assertThat(cache.tile(new Cloth(design.withName("Other"), Samples.morning()), grid, Work.on(1))).isSameAs(kept);
        Raster night = cache.tile(new Cloth(design, Samples.PALETTE.colourways().get(1)), grid, Work.on(1));
        assertThat(Samples.difference(night, kept)).isGreaterThan(20);
    }

    @Test
    void aHiddenLayerIsNotThereAndOpacityMixes() {
        Design design = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.dots(10, 10, 30));
        TileGrid grid = TileGrid.ofWidth(design.repeat().tile(), 20);
        int ground = Samples.morning().colours().get(1).argb();
        assertThat(
                TileRenderer.render(Samples.cloth(design.replace(1, l -> l.withVisible(false))), grid, Work.on(1))
                        .argb())
                .containsOnly(ground);
        int half = TileRenderer.render(Samples.cloth(design.replace(1, l -> l.withOpacity(0.5))), grid, Work.on(1))
                .at(10,
                        10);
        assertThat(half >> 16 & 255).isBetween((0xAB + 0xF1) / 2 - 1, (0xAB + 0xF1) / 2 + 1);
    }
}
