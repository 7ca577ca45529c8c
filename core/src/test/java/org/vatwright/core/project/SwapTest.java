package org.vatwright.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.MeshHand;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Fade;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Print;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.repeat.Arrangement;

class SwapTest {

    private static final Design STRIPE = Samples.design(40, 40, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5));
    private static final Design DOTS = other();

    /** In the first of its two colourways there is one of another name than the stripe has. */
    private static Design other() {
        Design dots = Samples.design(30, 30, Arrangement.HALF_DROP, Samples.dots(4, 1, 3));
        Palette palette = dots.palette();
        Colourway own = palette.first();
        return dots.with().id(new Id("dots")).name("Dots")
                .palette(new Palette(palette.slots(), List.of(new Colourway("Own", own.colours()), own))).build();
    }

    private static Article.Sheet sheet(String id, Optional<Lay> lay) {
        return new Article.Sheet(new Id(id), id, 300, 300, new Density(300), Dressings.of(Article.Sheet.PIECE, lay));
    }

    @Test
    void onlyTheDesignAndItsColourwayAreAnotherOne() {
        Lay lay = new Lay(STRIPE.id(), STRIPE.palette().first().name(), 0.6, 45, 3, -4, 12, true, 0.5,
                BlendMode.MULTIPLY, true, Optional.of(new Fade(Fade.Way.ROUND, new Place(1, 2), new Place(30, 4))));
        Article worn = sheet("a", Optional.of(lay));
        Swap swap = new Swap(STRIPE, DOTS);
        assertThat(swap.count(worn)).isEqualTo(1);
        Lay then = swap.on(worn).dressing(Article.Sheet.PIECE).lay().orElseThrow();
        assertThat(then).as("the colourway of that name").isEqualTo(lay.withDesign(DOTS.id(), lay.colourway()));
        Lay evening = lay.withDesign(STRIPE.id(), "Evening");
        Lay first = swap.on(sheet("a", Optional.of(evening))).dressing(Article.Sheet.PIECE).lay().orElseThrow();
        assertThat(first).as("its first, for it has no Evening").isEqualTo(lay.withDesign(DOTS.id(), "Own"));
        assertThat(swap.otherColourway("Evening")).contains("Own");
        assertThat(swap.otherColourway("Own")).isEmpty();
    }

    @Test
    void everywhereItTouchesThoseThatWearItAndNothingElse() {
        Lay stripe = new Lay(STRIPE.id(), STRIPE.palette().first().name());
        Lay dots = new Lay(DOTS.id(), "Own");
        Project project = Project.empty("Trial").withDesigns(List.of(STRIPE, DOTS)).withArticles(List.of(
                sheet("a", Optional.of(stripe)), sheet("b", Optional.of(dots)), sheet("c", Optional.empty()),
                sheet("d", Optional.of(stripe.withStart(5, 5)))));
        Swap swap = new Swap(STRIPE, DOTS);
        assertThat(swap.touched(project).stream().map(Article::name)).containsExactly("a", "d");
        Project after = swap.everywhere(project);
        assertThat(after.designs()).isEqualTo(project.designs());
        assertThat(after.articles().get(1)).isEqualTo(project.articles().get(1));
        assertThat(after.articles().get(2)).isEqualTo(project.articles().get(2));
        assertThat(after.articles().get(3).dressing(Article.Sheet.PIECE).lay().orElseThrow())
                .isEqualTo(stripe.withDesign(DOTS.id(), stripe.colourway()).withStart(5, 5));
        assertThat(swap.touched(after)).isEmpty();
        assertThatThrownBy(() -> new Swap(DOTS, DOTS)).isInstanceOf(Refusal.class)
                .hasMessageContaining("is worn already");
    }

    /** Drapes, shade, light and where figures lie stay; a design laid once is swapped, a motif of it is not. */
    @Test
    void drapesStayAndFiguresThatAreWholeDesignsGoAlong() {
        Mesh mesh = new MeshHand(Set.of(1), 0).moved(Mesh.of(new Box(0, 0, 300, 300), 2, 2), 5, 6);
        Print whole = Print.whole(STRIPE, STRIPE.palette().first().name(), 40, 50);
        Print motif = whole.with().layer(1).motif(2).build();
        Dressing worn = Dressing.of(new Lay(STRIPE.id(), STRIPE.palette().first().name())).with()
                .drape(Optional.of(mesh)).shade(0.5).light(0.25).prints(List.of(whole, motif)).build();
        Article.Sheet sheet = sheet("a", Optional.empty());
        Article before = sheet.withDressings(sheet.dressings().with(Article.Sheet.PIECE, worn));
        Dressing after = new Swap(STRIPE, DOTS).on(before).dressing(Article.Sheet.PIECE);
        assertThat(after.lay().orElseThrow().design()).isEqualTo(DOTS.id());
        assertThat(after.prints()).containsExactly(whole.with().design(DOTS.id()).build(), motif);
        assertThat(after.with().lay(worn.lay()).prints(worn.prints()).build()).isEqualTo(worn);
        assertThat(new Swap(DOTS, STRIPE).count(before)).isZero();
    }
}
