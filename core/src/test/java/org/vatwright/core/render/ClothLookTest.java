package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.BeadRow;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.flow.Knot;
import org.vatwright.core.family.flow.Ribbon;
import org.vatwright.core.family.flow.Sway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;

class ClothLookTest {

    private static final TileGrid GRID = new TileGrid(80, 80, 40, 40);

    private static Design plain() {
        return Samples.design(40, 40, Arrangement.STRAIGHT, Samples.stripes(0, 10, 10), Samples.dots(9, 9, 6));
    }

    private static Design filledBy(Design inner, Optional<String> colourway) {
        return Samples.design(40, 40, Arrangement.STRAIGHT)
                .withFills(List.of(new Fill("in", new Fill.OfDesign(inner, colourway))))
                .withGround(new Ink.Filled("in"));
    }

    private static FlowLines moving() {
        return new FlowLines(20, 10, List.of(new Knot(0, 2, 4, -3, 1)), new FlowLines.Copies(2, 1, 3, 0),
                new Ribbon(1.5, List.of(Samples.NAVY), List.of()), List.<BeadRow>of(), List.of(), new Sway(2, 2, 3), 0,
                0.3,
                0);
    }

    @Test
    void namesAndGuidesAndColoursThatNothingWearsHaveNoPart() {
        ClothLook look = ClothLook.of(Samples.cloth(plain()));
        assertThat(ClothLook.of(Samples.cloth(plain().withName("Other").withGuides(Guides.parts(3))))).isSameAs(look);
        assertThat(ClothLook.of(Samples.cloth(plain().replace(2, l -> l.withName("Spots"))))).isSameAs(look);
        List<org.vatwright.core.colour.Rgb> colours = List.of(Samples.morning().colours().get(0),
                Samples.morning().colours().get(1), new org.vatwright.core.colour.Rgb(1, 2, 3));
        Design unworn = Samples.design(40, 40, Arrangement.STRAIGHT, Samples.stripes(0, 10, 10));
        assertThat(ClothLook.of(new Cloth(unworn, new Colourway("Night", colours))))
                .as("madder is worn by no band").isSameAs(ClothLook.of(Samples.cloth(unworn)));
        assertThat(ClothLook.of(new Cloth(plain(), new Colourway("Night", colours)))).isNotEqualTo(look);
        assertThat(ClothLook.of(Samples.cloth(plain().replace(2, l -> l.withVisible(false))))).isNotEqualTo(look);
    }

    /** A nested design is worn by the outer colourway's name; that name has to count. */
    @Test
    void aNestedDesignIsSeenInTheColourwayThatTheOuterOneNames() {
        Design outer = filledBy(plain(), Optional.empty());
        List<org.vatwright.core.colour.Rgb> same = Samples.morning().colours();
        TileCache cache = new TileCache(10_000_000, 10_000_000);
        Raster day = cache.tile(new Cloth(outer, new Colourway("Morning", same)), GRID, Work.on(1));
        Raster night = cache.tile(new Cloth(outer, new Colourway("Night Crossing", same)), GRID, Work.on(1));
        assertThat(Samples.difference(day, night)).isGreaterThan(30);
        assertThat(night.argb())
                .isEqualTo(TileRenderer.render(new Cloth(outer, new Colourway("Night Crossing", same)), GRID,
                        Work.on(1)).argb());
    }

    @Test
    void thePhaseCountsWhereSomethingMovesAndNowhereElse() {
        assertThat(ClothLook.of(new Cloth(plain(), Samples.morning(), Phase.of(0.4))))
                .isSameAs(ClothLook.of(Samples.cloth(plain())));
        Design moves = Samples.design(40, 40, Arrangement.STRAIGHT, moving());
        assertThat(ClothLook.of(new Cloth(moves, Samples.morning(), Phase.of(0.25))))
                .isNotEqualTo(ClothLook.of(new Cloth(moves, Samples.morning(), Phase.of(0.5))))
                .isSameAs(ClothLook.of(new Cloth(moves, Samples.morning(), Phase.of(3.25))));
        Design around = filledBy(moves, Optional.empty());
        assertThat(ClothLook.of(new Cloth(around, Samples.morning(), Phase.of(0.4))))
                .isNotEqualTo(ClothLook.of(new Cloth(around, Samples.morning(), Phase.of(0.5))));
    }

    /** In the tile and in the field alike, what is nested is at the phase that was asked for. */
    @Test
    void whatIsNestedMovesWithWhatItLiesIn() {
        Design moves = Samples.design(40, 40, Arrangement.STRAIGHT, moving());
        Design around = filledBy(moves, Optional.empty());
        TileCache cache = new TileCache(10_000_000, 10_000_000);
        for (double phase : new double[]{0, 0.25, 0.7}) {
            Raster inner = TileRenderer.render(new Cloth(moves, Samples.morning(), Phase.of(phase)), GRID, Work.on(1));
            Cloth outer = new Cloth(around, Samples.morning(), Phase.of(phase));
            assertThat(TileRenderer.render(outer, GRID, Work.on(1)).argb()).isEqualTo(inner.argb());
            assertThat(cache.tile(outer, GRID, Work.on(1)).argb()).isEqualTo(inner.argb());
        }
        assertThat(cache.tile(new Cloth(around, Samples.morning(), Phase.of(1)), GRID, Work.on(1)))
                .isSameAs(cache.tile(new Cloth(around, Samples.morning(), Phase.of(0)), GRID, Work.on(1)));
        assertThat(cache.tile(new Cloth(around, Samples.morning()), GRID, Work.on(1)).argb())
                .as("asked for none, each moves as it was set")
                .isEqualTo(TileRenderer.render(new Cloth(moves, Samples.morning(), Phase.of(0.3)), GRID, Work.on(1))
                        .argb());
    }

    /** Forty designs, each filled by two that are filled by the same one: a thousand thousand million ways down. */
    @Test
    @Timeout(20)
    void designsNestedManyTimesOverCostNoMoreThanTheirNumber() {
        Design design = plain();
        for (int depth = 0; depth < 40; depth++) {
            design = Samples.design(40, 40, Arrangement.STRAIGHT, Samples.stripes(depth, 20, 20))
                    .withFills(List.of(Fill.of("a", design), Fill.of("b", design)))
                    .replace(1, l -> l.withStructure(l.structure().withInks(
                            i -> new Ink.Filled(i.equals(Samples.NAVY) ? "a" : "b"))));
        }
        ClothLook first = ClothLook.of(Samples.cloth(design));
        assertThat(first.hashCode()).isEqualTo(ClothLook.of(Samples.cloth(design)).hashCode());
        assertThat(ClothLook.of(Samples.cloth(design))).isSameAs(first);
        assertThat(Set.of(first)).contains(ClothLook.of(Samples.cloth(design)));
    }
}
