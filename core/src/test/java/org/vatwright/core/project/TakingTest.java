package org.vatwright.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

import org.vatwright.core.Samples;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.TakenFrom;
import org.vatwright.core.pattern.TakenFrom.Area;
import org.vatwright.core.picture.Making;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileCache;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;

/** Pictures taken of what a project holds, at 10 px a mm. */
class TakingTest {

    private static final Density TEN = new Density(254);
    private static final Typeface.Case NO_FACES = new Typeface.Case() {
        @Override
        public List<String> names() {
            return List.of();
        }

        @Override
        public Typeface find(String name) {
            throw new AssertionError("a sheet has no letters");
        }
    };
    private static final Design DOTS = Samples.design(12, 8, Arrangement.STRAIGHT,
            new Dots(List.of(new Dot(3, 4, 3, Samples.MADDER)), 1, 1, Arrangement.STRAIGHT));
    private static final Article SHEET = new Article.Sheet(new Id("sheet"), "Sheet", 30, 20, TEN,
            Dressings.of(Article.Sheet.PIECE, Optional.of(new Lay(DOTS.id(), DOTS.palette().first().name()))));
    private static final Project PROJECT = Project.empty("Refit").addDesign(DOTS).addArticle(SHEET);

    private static Picture taken(Project project, TakenFrom from) {
        return Taking.picture(project, from, NO_FACES, new TileCache(1_000_000, 1_000_000), Work.on(2));
    }

    private static TakenFrom cloth(int layer, double x, double y, double w, double h) {
        return new TakenFrom.OfDesign(DOTS.id(), DOTS.palette().first().name(), layer, new Area(x, y, w, h), TEN);
    }

    @Test
    void anAreaOfTheClothIsThatAreaOverAnyEdge() {
        Picture picture = taken(PROJECT, cloth(0, -1, 2, 15, 7));
        assertThat(picture.raster().width()).isEqualTo(150);
        assertThat(picture.raster().height()).isEqualTo(70);
        assertThat(picture.dpi()).isEqualTo(254);
        int[] tile = TileRenderer.render(new Cloth(DOTS, DOTS.palette().first()), new TileGrid(120, 80, 12, 8),
                Work.on(1)).argb();
        for (int y = 0; y < 70; y++) {
            for (int x = 0; x < 150; x++) {
                assertThat(picture.raster().at(x, y)).as("%d, %d", x, y)
                        .isEqualTo(tile[(y + 20) % 80 * 120 + Math.floorMod(x - 10, 120)]);
            }
        }
    }

    @Test
    void oneLayerIsTakenWithoutTheGround() {
        int id = DOTS.layers().getFirst().id();
        Raster alone = taken(PROJECT, cloth(id, 0, 0, 12, 8)).raster();
        int madder = DOTS.palette().first().colours().get(DOTS.palette().slot(Samples.MADDER.words())).argb();
        assertThat(alone.at(30, 40)).isEqualTo(madder);
        assertThat(alone.at(100, 10)).isZero();
    }

    @Test
    void anArticleIsTakenAsItIsDressedAndClearBesideIt() {
        TakenFrom from = new TakenFrom.OfArticle(SHEET.id(), new Area(24, 10, 12, 6), TEN);
        Raster part = taken(PROJECT, from).raster();
        assertThat(part.width()).isEqualTo(120);
        Raster cloth = taken(PROJECT, cloth(0, 24, 10, 6, 6)).raster();
        int differ = 0;
        for (int y = 1; y < 59; y++) {
            for (int x = 1; x < 59; x++) {
                differ += part.at(x, y) == cloth.at(x, y) ? 0 : 1;
            }
        }
        assertThat(differ).as("but for edges, which are sampled").isLessThan(150);
        assertThat(part.at(90, 30)).as("beyond the sheet").isZero();
    }

    @Test
    void whatIsGoneOrTooLargeIsRefused() {
        Project without = Project.empty("Bare");
        assertThatThrownBy(() -> taken(without, cloth(0, 0, 0, 5, 5))).isInstanceOf(Refusal.class)
                .hasMessageContaining("design it was taken from is no longer there");
        assertThatThrownBy(() -> taken(PROJECT, cloth(77, 0, 0, 5, 5))).hasMessageContaining("layer it was taken");
        assertThatThrownBy(() -> taken(without, new TakenFrom.OfArticle(SHEET.id(), new Area(0, 0, 5, 5), TEN)))
                .hasMessageContaining("article it was taken");
        assertThatThrownBy(() -> taken(PROJECT, cloth(0, 0, 0, 2000, 2000))).hasMessageContaining("take less of it");
        assertThatThrownBy(() -> new Area(0, 0, 0.5, 4)).hasMessageContaining("width of an area 0.5 mm");
    }

    @Test
    void aWholeTileBecomesADesignThatClosesAsItIsAPartIsHealed() {
        TakenFrom whole = cloth(0, 3, 3, 12, 8);
        assertThat(Taking.closes(PROJECT, whole)).isTrue();
        Design design = Taking.fresh("Taken", taken(PROJECT, whole), whole, true);
        assertThat(design.repeat().widthMm()).isEqualTo(12);
        assertThat(design.layers()).extracting(Layer::structure).hasOnlyElementsOfType(Cover.class);
        Fill.OfPicture of = design.fills().getFirst().picture().orElseThrow();
        assertThat(of.making()).isEmpty();
        assertThat(of.from()).contains(whole);
        TakenFrom part = cloth(0, 3, 3, 6, 5);
        assertThat(Taking.closes(PROJECT, part)).isFalse();
        Design healed = Taking.fresh("Part", taken(PROJECT, part), part, false);
        assertThat(healed.fills().getFirst().picture().orElseThrow().making()).contains(Making.HEAL);
        assertThat(Taking.into(DOTS, "Part", taken(PROJECT, part), part).layers()).hasSize(2);
    }
}
