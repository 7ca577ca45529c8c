package org.vatwright.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.MotifsFrom;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.WallpaperGroup;

/** Designs and pictures as inks. */
class FillTest {

    /** 254 dpi: ten pixels a millimetre. */
    private static final Density TEN = new Density(254);

    private static Raster tile(Design design) {
        return TileRenderer.render(new Cloth(design, design.palette().first()),
                TileGrid.at(design.repeat().tile(), TEN), Work.on(2));
    }

    private static Design inner(double w, double h) {
        return Samples.design(w, h, Arrangement.STRAIGHT, Samples.dots(w / 3, h / 4, w / 2)).withName("Inner");
    }

    private static Motifs motif(double w, double h, Ink ink, Instance... at) {
        return new Motifs(List.of(new Motif(1, "Patch", List.of(new Part(new Form.Rectangle(w, h, 0), ink)))),
                List.of(at), new Placing.ByHand(), WallpaperGroup.P1);
    }

    private static Design with(Fill fill, double w, double h, Structure... structures) {
        Design plain = Samples.design(w, h, Arrangement.STRAIGHT);
        List<Layer> layers = new ArrayList<>();
        for (Structure s : structures) {
            layers.add(new Layer(layers.size() + 1, "Layer", s));
        }
        return plain.withFills(List.of(fill)).withLayers(layers);
    }

    @Test
    void runningThroughIsTheInnerTileToTheBitWhateverItLiesIn() {
        Design inner = inner(8, 6);
        Raster small = tile(inner);
        Fill fill = Fill.of("Paper", inner).withStart(2, 1);
        // As ground, through a mark that covers all, and in one band of stripes.
        Design ground = with(fill, 24, 24).withGround(fill.ink());
        Design mark = with(fill, 24, 24, motif(24, 24, fill.ink(), new Instance(1, 12, 12)));
        Design band = with(fill, 24, 24, Samples.stripes(0, 6, 6)
                .withInks(i -> i.equals(Samples.NAVY) ? fill.ink() : i));
        Raster plain = tile(with(fill, 24, 24, Samples.stripes(0, 6, 6)));
        int navy = Samples.morning().colours().getFirst().argb();
        for (Design design : List.of(ground, mark, band)) {
            Raster seen = tile(design);
            int shown = 0;
            for (int y = 0; y < 240; y++) {
                for (int x = 0; x < 240; x++) {
                    if (design != band || plain.at(x, y) == navy) {
                        shown++;
                        assertThat(seen.at(x, y)).isEqualTo(small.at((x + 80 - 20) % 80, (y + 60 - 10) % 60));
                    } else {
                        assertThat(seen.at(x, y)).isEqualTo(plain.at(x, y));
                    }
                }
            }
            assertThat(shown).isGreaterThan(20_000);
        }
    }

    @Test
    void anewInEachMarkIsTheSameInEachAndFollowsOrStays() {
        Fill fill = Fill.of("Paper", inner(8, 6)).withAnew(true);
        Raster seen = tile(with(fill, 60, 60, motif(12, 8, fill.ink(), new Instance(1, 10, 10),
                new Instance(1, 43, 10), new Instance(1, 58, 40))));
        for (int y = 0; y < 80; y++) {
            for (int x = 0; x < 120; x++) {
                int first = seen.at(40 + x, 60 + y);
                assertThat(seen.at(370 + x, 60 + y)).isEqualTo(first);
                // This one crosses the edge.
                assertThat(seen.at((520 + x) % 600, 360 + y)).isEqualTo(first);
            }
        }
        // Middle on middle: a patch of the inner tile's size shows just that tile.
        Raster small = tile(inner(8, 6));
        Raster one = tile(with(fill, 60, 60, motif(8, 6, fill.ink(), new Instance(1, 10, 10))));
        Instance turned = new Instance(1, 10, 10).withTurnDeg(180);
        Raster follows = tile(with(fill, 60, 60, motif(8, 6, fill.ink(), turned)));
        Raster stays = tile(with(fill.withFollows(false), 60, 60, motif(8, 6, fill.ink(), turned)));
        for (int y = 0; y < 60; y++) {
            for (int x = 0; x < 80; x++) {
                assertThat(one.at(60 + x, 70 + y)).isEqualTo(small.at(x, y));
                assertThat(stays.at(60 + x, 70 + y)).isEqualTo(small.at(x, y));
                assertThat(follows.at(60 + x, 70 + y)).isEqualTo(small.at(79 - x, 59 - y));
            }
        }
    }

    @Test
    void whatIsOpenInAFillShowsWhatLiesBelowInShapesAndStripesAlike() {
        int clear = 0;
        int red = 0xFFAA2010;
        Fill fill = new Fill("Foil", new Fill.OfPicture(new Picture(new Raster(2, 1, new int[]{red, clear}), 254)));
        int linen = Samples.morning().colours().get(1).argb();
        Structure stripes = Samples.stripes(0, 3).withInks(i -> fill.ink());
        for (Structure s : List.of(stripes, motif(6, 6, fill.ink(), new Instance(1, 3, 3)))) {
            Raster seen = tile(with(fill, 6, 6, s));
            for (int x = 0; x < 60; x++) {
                assertThat(seen.at(x, 30)).as("%s, %d", s.family(), x).isEqualTo(x % 2 == 0 ? red : linen);
            }
        }
    }

    private static Id id(String name) {
        return new Id(name.replace(' ', '-'));
    }

    @Test
    void fiveDeepRendersRecursAndFollowsEveryChangeWithin() {
        Project project = Project.empty("Nested").addDesign(inner(4, 4).withName("Level 0").withId(id("Level 0")));
        for (int level = 1; level <= 5; level++) {
            double side = 4 * Math.pow(2, level);
            Fill fill = Fill.of("Paper", project.design(id("Level " + (level - 1))).orElseThrow());
            Dots dots = new Dots(List.of(new Dot(side / 2, side / 2, side * 0.9, fill.ink())), 1, 1,
                    Arrangement.STRAIGHT);
            project = project
                    .addDesign(with(fill, side, side, dots).withName("Level " + level).withId(id("Level " + level)));
        }
        Design outer = project.design(id("Level 5")).orElseThrow();
        Raster tile = tile(outer);
        assertThat(FillClosing.findings(outer))
                .allMatch(f -> f.severity() == org.vatwright.core.pattern.Finding.Severity.FINE);
        Raster field = FieldRenderer.render(new Cloth(outer, outer.palette().first()), new FieldSpec(256, 256, TEN),
                TileSource.PAINTED, Work.on(2));
        int smaller = 0;
        for (int i = 0; i < 4000; i++) {
            int x = i * 7919 % 1280;
            int y = i * 104_729 % 1280;
            assertThat(field.at(x + 1280, y)).isEqualTo(field.at(x, y)).isEqualTo(field.at(x, y + 1280));
            smaller += field.at(x, y) == field.at(x + 640, y) ? 0 : 1;
        }
        assertThat(smaller).as("half the tile is no period").isGreaterThan(100);
        Project changed = project.edit(id("Level 0"), d -> d.withGround(Samples.NAVY));
        assertThat(tile(changed.design(id("Level 5")).orElseThrow()).argb()).isNotEqualTo(tile.argb());
        Project renamed = project.edit(id("Level 2"), d -> d.withName("Middle"));
        assertThat(renamed.design(id("Level 3")).orElseThrow().fills().getFirst().design().orElseThrow().name())
                .isEqualTo("Middle");
        assertThat(tile(renamed.design(id("Level 5")).orElseThrow()).argb()).isEqualTo(tile.argb());

        Design deep = project.design(id("Level 5")).orElseThrow();
        Project before = project;
        assertThatThrownBy(() -> before.edit(id("Level 1"), d -> d.addFill(Fill.of("Again", deep))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Level 1 in Level 2 in Level 3 in Level 4 in Level 5 in Level 1");
        assertThatThrownBy(() -> before.removeDesign(id("Level 3"))).isInstanceOf(Refusal.class)
                .hasMessageContaining("Level 4");
        assertThat(project.fillable(id("Level 3"))).extracting(Design::name).containsExactly("Level 0", "Level 1",
                "Level 2");
    }

    @Test
    void everyOfferClosesAndTheLargerTileLeavesTheOuterDesignAsItIs() {
        Random random = new Random(5);
        int more = 0;
        int offered = 0;
        for (int n = 0; n < 60; n++) {
            Fill fill = Fill.of("Paper", inner(4 + random.nextInt(9), 4 + random.nextInt(9)))
                    .withTurnDeg(n % 3 == 0 ? 0 : 90 * random.nextInt(4) + (n % 3 == 1 ? 0 : 30));
            Design design = Samples.any(random, 20 + random.nextInt(9), 20 + random.nextInt(9))
                    .withFills(List.of(fill));
            List<Offer> offers = FillClosing.offers(fill, design.repeat());
            offered += offers.isEmpty() ? 0 : 1;
            for (Offer offer : offers) {
                Design taken = offer.change().apply(design);
                assertThat(FillClosing.closes(taken.fills().getFirst(), taken.repeat().tile())).as(offer.cost())
                        .isTrue();
                if (offer.id().startsWith("more-cells") && n < 20) {
                    more++;
                    assertThat(taken.fills()).containsExactly(fill);
                    Raster small = tile(design);
                    Raster large = tile(taken);
                    for (int i = 0; i < 500; i++) {
                        int x = random.nextInt(large.width());
                        int y = random.nextInt(large.height());
                        assertThat(large.at(x, y)).isEqualTo(small.at(x % small.width(), y % small.height()));
                    }
                }
            }
        }
        assertThat(more).isGreaterThan(5);
        assertThat(offered).isGreaterThan(25);
    }

    /** Twice as large at half the density is the same picture, whatever the structure and however a fill lies in it. */
    @Test
    void scaledAllTogetherADesignIsTheSamePicture() {
        Random random = new Random(9);
        Fill fill = Fill.of("Paper", inner(8, 6)).withScale(0.5, 0.5);
        Instance turned = new Instance(1, 10, 10).withTurnDeg(30).withScale(1.2);
        List<Design> designs = new ArrayList<>();
        for (Fill each : List.of(fill, fill.withAnew(true), fill.withAnew(true).withTurnDeg(40).withStart(1, 2))) {
            designs.add(with(each, 24, 24, motif(12, 9, each.ink(), turned)));
            designs.add(with(each, 24, 24, new Dots(List.of(new Dot(9, 7, 11, each.ink())), 1, 1,
                    Arrangement.STRAIGHT)));
            designs.add(with(each, 24, 24, Samples.anyLaid(new Random(4), 24, 24).layers().getFirst().structure()
                    .withInks(i -> i.equals(Samples.NAVY) ? each.ink() : i)));
            designs.add(with(each, 24, 24).withGround(each.ink()));
        }
        for (int n = 0; n < 6; n++) {
            designs.add(Samples.any(random, 20 + n, 24));
            designs.add(Samples.anyLaid(random, 20 + n, 24));
        }
        for (Design design : designs) {
            Design large = DesignTurn.scale(design, 2);
            Raster small = tile(design);
            Raster half = TileRenderer.render(new Cloth(large, large.palette().first()),
                    TileGrid.at(large.repeat().tile(), new Density(127)), Work.on(2));
            assertThat(half.width()).isEqualTo(small.width());
            int far = 0;
            for (int i = 0; i < small.argb().length; i++) {
                far += Math.abs((small.argb()[i] >> 8 & 255) - (half.argb()[i] >> 8 & 255)) > 6 ? 1 : 0;
            }
            assertThat((double) far / small.argb().length).as("%s %s", design.layers().isEmpty()
                    ? "ground"
                    : design.layers().getFirst().structure().family(), design.fills()).isLessThan(0.002);
        }
    }

    @Test
    void motifsComeFromDesignsWithTheirColoursAndFills() {
        Design bird = Samples.design(30, 30, Arrangement.STRAIGHT, motif(4, 3, Samples.MADDER, new Instance(1, 5, 5)));
        Motif patch = ((Motifs) bird.layers().getFirst().structure()).motifs().getFirst();
        Design plain = Samples.design(50, 50, Arrangement.STRAIGHT);
        Design copied = MotifsFrom.copied(plain, 0, bird, patch);
        assertThat(copied.palette()).isEqualTo(plain.palette());
        assertThat(((Motifs) copied.layers().getFirst().structure()).inks()).containsOnly(Samples.MADDER);
        Design whole = MotifsFrom.source(copied, 1, "Inner",
                new Fill.OfDesign(inner(8, 6), java.util.Optional.empty()));
        Motifs both = (Motifs) whole.layers().getFirst().structure();
        assertThat(both.motifs()).hasSize(2);
        assertThat(both.motifs().get(1).bounds().getWidth()).isEqualTo(8);
        // In the middle of the cell it shows the inner tile as it is.
        Raster seen = tile(whole);
        Raster small = tile(inner(8, 6));
        for (int y = 0; y < 60; y++) {
            for (int x = 0; x < 80; x++) {
                assertThat(seen.at(210 + x, 220 + y)).isEqualTo(small.at(x, y));
            }
        }
    }
}
