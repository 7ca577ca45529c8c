package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.UnaryOperator;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.woven.ThreadMask;

class CoatsTest {

    private static final Repeat CELL = new Repeat(40, 30, Arrangement.STRAIGHT);
    private static final TileGrid GRID = new TileGrid(160, 120, 40, 30);

    private static Design design(List<Layer> layers) {
        return new Design("Trial", CELL, Samples.LINEN, layers, Samples.PALETTE, Guides.NONE);
    }

    private static Layer layer(int id, Structure structure) {
        return new Layer(id, "layer " + id, structure);
    }

    /** Layers of every kind of laying: blends, opacity, hidden ones, masks, confined ones, soft ones. */
    private static Design any(Random random) {
        List<Layer> layers = new ArrayList<>();
        for (int id = 1; id <= 6; id++) {
            Structure structure = random.nextBoolean()
                    ? Samples.stripes(random.nextInt(180), 2 + random.nextInt(5), 3)
                            .withInks(i -> i.equals(Samples.LINEN) && random.nextBoolean() ? Ink.CLEAR : i)
                    : Samples.dots(random.nextInt(40), random.nextInt(30), 4 + random.nextInt(20));
            Layer layer = layer(id, structure).withOpacity(random.nextInt(4) == 0 ? 0.6 : 1)
                    .withMode(BlendMode.values()[random.nextInt(BlendMode.values().length)])
                    .withVisible(random.nextInt(5) > 0)
                    .withShows(switch (random.nextInt(4)) {
                        case 0 -> Shows.IN_MARKS_BELOW;
                        case 1 -> new Shows.Where(new ThreadMask(Weave.plain(), random.nextBoolean(), 5, 5));
                        default -> Shows.EVERYWHERE;
                    });
            List<Effect> effects = random.nextInt(3) == 0 ? List.of(new Blur(0.3 + random.nextDouble())) : List.of();
            layers.add(layer.withEffects(effects));
        }
        return design(layers);
    }

    @Test
    void keptCoatsAndTheFastLaneGiveTheSameBits() {
        Random random = new Random(77);
        TileCache keeping = new TileCache(50_000_000, 50_000_000);
        for (int n = 0; n < 60; n++) {
            Cloth cloth = Samples.cloth(any(random));
            Raster fast = TileRenderer.render(cloth, GRID, Work.on(1));
            assertThat(keeping.tile(cloth, GRID, Work.on(2)).argb()).isEqualTo(fast.argb());
            Raster rows = TileRenderer.rows(cloth, GRID, Work.on(2)).gathered(Work.on(2));
            assertThat(rows.argb()).isEqualTo(fast.argb());
        }
    }

    @Test
    void stepAfterStepOfWorkOnOneLayerGivesWhatIsPaintedAnew() {
        Random random = new Random(78);
        for (int n = 0; n < 12; n++) {
            TileCache keeping = new TileCache(50_000_000, 50_000_000);
            Design design = any(random);
            keeping.tile(Samples.cloth(design), GRID, Work.on(2));
            int worked = 1 + n % 6;
            for (int step = 0; step < 4; step++) {
                double place = 3 * step + random.nextDouble();
                design = design.replace(worked, l -> l.withVisible(true).withStructure(Samples.dots(place, 15, 9)));
                Cloth cloth = Samples.cloth(design);
                assertThat(keeping.tile(cloth, GRID, Work.on(2)).argb()).as("layer %d, step %d", worked, step)
                        .isEqualTo(TileRenderer.render(cloth, GRID, Work.on(1)).argb());
            }
        }
    }

    /** A structure that notes when it is painted. */
    private record Noted(Dots dots, AtomicInteger painted) implements Structure {
        @Override
        public String family() {
            return "noted";
        }

        @Override
        public List<Ink> inks() {
            return dots.inks();
        }

        @Override
        public Structure withInks(UnaryOperator<Ink> change) {
            return new Noted(dots.withInks(change), painted);
        }

        @Override
        public Structure fitted(Repeat repeat) {
            return this;
        }

        @Override
        public Painter painter(PaintRequest asked) {
            painted.incrementAndGet();
            return dots.painter(asked);
        }

        @Override
        public Structure resized(double by) {
            return this;
        }

        @Override
        public List<Finding> findings(Repeat repeat) {
            return List.of();
        }
    }

    @Test
    void aChangeToOneOfTenPaintsOne() {
        AtomicInteger painted = new AtomicInteger();
        List<Layer> layers = new ArrayList<>();
        for (int id = 1; id <= 10; id++) {
            layers.add(layer(id, new Noted(Samples.dots(3 * id, 2 * id, 5), painted)));
        }
        TileCache keeping = new TileCache(50_000_000, 50_000_000);
        Design design = design(layers);
        keeping.tile(Samples.cloth(design), GRID, Work.on(2));
        assertThat(painted).hasValue(10);
        Design changed = design.replace(4, l -> l.withStructure(new Noted(Samples.dots(20, 20, 8), painted)));
        Raster tile = keeping.tile(Samples.cloth(changed), GRID, Work.on(2));
        assertThat(painted).hasValue(11);
        assertThat(tile.argb()).isEqualTo(TileRenderer.render(Samples.cloth(changed), GRID, Work.on(1)).argb());
        painted.set(0);
        keeping.tile(Samples.cloth(changed.replace(7, l -> l.withOpacity(0.5).withMode(BlendMode.SCREEN))), GRID,
                Work.on(2));
        keeping.tile(Samples.cloth(changed.withLayers(changed.layers().reversed())), GRID, Work.on(2));
        assertThat(painted).as("opacity, blend and order change no coat").hasValue(0);
    }

    @Test
    void whatWouldNotFitAmongTheCoatsTakesTheFastLane() {
        AtomicInteger painted = new AtomicInteger();
        Design design = design(List.of(layer(1, new Noted(Samples.dots(9, 9, 5), painted)),
                layer(2, new Noted(Samples.dots(20, 9, 5), painted))));
        TileCache small = new TileCache(50_000_000, 160 * 120);
        small.tile(Samples.cloth(design), GRID, Work.on(1));
        small.tile(Samples.cloth(design.replace(2, l -> l.withOpacity(0.5))), GRID, Work.on(1));
        assertThat(painted).hasValue(4);
    }

    @Test
    void aConfinedLayerShowsInTheMarksBelowAndNowhereElse() {
        Layer disc = layer(1, Samples.dots(20, 15, 20));
        Layer over = layer(2, Samples.stripes(0, 40).withInks(i -> Samples.NAVY)).withShows(Shows.IN_MARKS_BELOW);
        Raster tile = TileRenderer.render(Samples.cloth(design(List.of(disc, over))), GRID, Work.on(1));
        Raster bare = TileRenderer.render(Samples.cloth(design(List.of(disc))), GRID, Work.on(1));
        int navy = Samples.morning().colours().getFirst().argb();
        int linen = Samples.morning().colours().get(1).argb();
        for (int y = 0; y < 120; y++) {
            for (int x = 0; x < 160; x++) {
                double far = Math.hypot((x + 0.5) / 4 - 20, (y + 0.5) / 4 - 15);
                if (far < 9.5) {
                    assertThat(tile.at(x, y)).isEqualTo(navy);
                } else if (far > 10.5) {
                    assertThat(tile.at(x, y)).isEqualTo(linen);
                }
            }
        }
        assertThat(bare.at(80, 60)).isNotEqualTo(navy);
        // Where the disc's edge covers a pixel in half, so does what is confined to it: over what half the disc left.
        Raster hidden = TileRenderer.render(Samples.cloth(design(List.of(disc.withVisible(false), over))), GRID,
                Work.on(1));
        Raster alone = TileRenderer.render(Samples.cloth(design(List.of(
                disc.withStructure(disc.structure().withInks(i -> Samples.NAVY))))), GRID, Work.on(1));
        assertThat(Samples.difference(hidden, alone)).as("a hidden layer still gives its marks").isLessThanOrEqualTo(1);
    }

    @Test
    void aSoftLayerIsSoftInItsTileAndSeamlessAcrossItsEdge() {
        Layer disc = layer(1, Samples.dots(0, 15, 14)).withEffects(List.of(new Blur(2)));
        Raster tile = TileRenderer.render(Samples.cloth(design(List.of(disc))), GRID, Work.on(2));
        Raster moved = TileRenderer.render(Samples.cloth(design(List.of(
                disc.withStructure(Samples.dots(20, 15, 14))))), GRID, Work.on(2));
        for (int y = 0; y < 120; y++) {
            for (int x = 0; x < 160; x++) {
                assertThat((double) (tile.at(x, y) & 255)).isEqualTo(moved.at((x + 80) % 160, y) & 255, within(1.0));
            }
        }
        assertThat(tile.at(0, 60) & 255).isNotEqualTo(tile.at(30, 60) & 255);
    }

    /** An effect's ink is one of the layer's: another colour of it is another coat, that of an unused one is not. */
    @Test
    void anotherColourOfAnEffectsInkIsPaintedAnew() {
        Effect halo = new Halo(false, 3, 1, false, Samples.MADDER);
        Design design = design(List.of(layer(1, Samples.dots(10, 10, 8)).withEffects(List.of(halo)),
                layer(2, Samples.dots(30, 20, 5))));
        TileCache cache = new TileCache(10_000_000, 10_000_000);
        for (int round = 0; round < 2; round++) {
            for (Colourway colourway : Samples.PALETTE.colourways()) {
                Cloth cloth = new Cloth(design, colourway);
                assertThat(cache.tile(cloth, GRID, Work.on(1)).argb())
                        .isEqualTo(TileRenderer.render(cloth, GRID, Work.on(1)).argb());
            }
        }
        Raster morning = cache.tile(new Cloth(design, Samples.PALETTE.first()), GRID, Work.on(1));
        Raster night = cache.tile(new Cloth(design, Samples.PALETTE.colourways().getLast()), GRID, Work.on(1));
        // Beside the first dot there is nothing but its halo and the ground.
        int at = 40 * 160 + 40 + 4 * 5;
        assertThat(morning.argb()[at]).isNotEqualTo(night.argb()[at]);
    }
}
