package org.vatwright.desktop.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.vatwright.core.catalogue.Catalogue;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.woven.FabricStructure;
import org.vatwright.files.demo.DemoCommission;

/** Whatever is taken from the sheet can be seen, closes, and leaves what there is as it is. */
class FreshLayerTest {

    private static final Palette PALETTE = new Palette(List.of("Ground", "First", "Second"),
            List.of(new Colourway("First colours",
                    List.of(new Rgb(241, 233, 216), new Rgb(32, 54, 95), new Rgb(171, 59, 44)))));

    static Stream<Catalogue.Family> families() {
        return Catalogue.FAMILIES.stream();
    }

    private static Design empty() {
        return new Design("New", new Repeat(100, 100, Arrangement.STRAIGHT), Ink.slot("Ground"), List.of(), PALETTE,
                Guides.NONE);
    }

    /** Who paints begins with nothing. */
    static Stream<Catalogue.Family> seenAtOnce() {
        return families().filter(f -> f.type() != Brushwork.class);
    }

    @Test
    void aPaintingBeginsWithNothingOnIt() {
        Catalogue.Family brush = families().filter(f -> f.type() == Brushwork.class).findFirst().orElseThrow();
        assertThat(FreshLayer.on(empty(), brush).layers()).extracting(Layer::structure)
                .containsExactly(Brushwork.empty());
        assertThat(FreshLayer.alone(empty(), brush).layers().getFirst().structure().inks())
                .as("in the sheet it is seen as it may look").contains(Ink.slot("First"));
    }

    @ParameterizedTest
    @MethodSource("seenAtOnce")
    void theFirstLayerClosesAndIsSeenInAnInkThatWasFree(Catalogue.Family family) {
        Design design = FreshLayer.on(empty(), family);
        Layer layer = design.layers().getFirst();
        assertThat(layer.name()).isEqualTo(family.title());
        assertThat(layer.structure().family()).isEqualTo(family.id());
        assertThat(layer.structure().inks()).as("an ink that was not used yet").contains(Ink.slot("First"));
        assertThat(layer.structure().findings(design.repeat())).noneMatch(Finding::closesNearly);
        int[] pixels = TileRenderer.render(new Cloth(design, design.palette().first()),
                TileGrid.ofWidth(design.repeat().tile(), 96), Work.on(1)).argb();
        int ground = PALETTE.first().colours().getFirst().argb();
        int other = 0;
        for (int pixel : pixels) {
            other += pixel == ground ? 0 : 1;
        }
        assertThat(other).as("of about 9,000 pixels").isGreaterThan(400);
    }

    @ParameterizedTest
    @MethodSource("families")
    void aFurtherLayerComesOnTopAndLeavesCellAndLayersAsTheyAre(Catalogue.Family family) {
        Project demo = DemoCommission.load();
        for (String id : List.of("gangway", "buoys", "terns")) {
            Design before = demo.design(new Id(id)).orElseThrow();
            Design after = FreshLayer.on(before, family);
            assertThat(after.repeat()).isEqualTo(before.repeat());
            assertThat(after.layers()).hasSize(before.layers().size() + 1).startsWith(
                    before.layers().toArray(Layer[]::new));
            assertThat(after.layers()).extracting(Layer::id).doesNotHaveDuplicates();
            assertThat(after.palette()).isEqualTo(before.palette());
        }
    }

    @ParameterizedTest
    @MethodSource("families")
    void onlyAFirstClothSizesTheCell(Catalogue.Family family) {
        Design design = FreshLayer.on(empty(), family);
        boolean cloth = design.layers().getFirst().structure() instanceof FabricStructure;
        if (!cloth) {
            assertThat(design.repeat()).isEqualTo(empty().repeat());
        }
        assertThat(design.repeat().widthMm()).as("more than a speck").isGreaterThanOrEqualTo(25);
    }

    @ParameterizedTest
    @MethodSource("seenAtOnce")
    void inTheSheetItIsSeenAloneAsItWouldCome(Catalogue.Family family) {
        Design before = DemoCommission.load().design(new Id("buoys")).orElseThrow();
        Design alone = FreshLayer.alone(before, family);
        assertThat(alone.layers()).containsExactly(FreshLayer.on(before, family).layers().getLast());
        assertThat(alone.ground()).isEqualTo(before.ground());
        assertThat(alone.repeat()).isEqualTo(before.repeat());
    }
}
