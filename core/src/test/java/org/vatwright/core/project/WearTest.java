package org.vatwright.core.project;

import static org.assertj.core.api.Assertions.assertThat;

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
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Print;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;

class WearTest {

    private static final Design STRIPE = Samples.design(40, 40, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5));
    private static final Design DOTS = dots();

    private static Design dots() {
        Design dots = Samples.design(30, 30, Arrangement.HALF_DROP, Samples.dots(4, 1, 3));
        Palette palette = dots.palette();
        Colourway own = palette.first();
        return dots.with().id(new Id("dots")).name("Dots")
                .palette(new Palette(palette.slots(), List.of(new Colourway("Own", own.colours()), own))).build();
    }

    private static final Lay TURNED = new Lay(STRIPE.id(), "Evening").withStart(3, 4);
    private static final Lay SAME = new Lay(DOTS.id(), STRIPE.palette().first().name());
    private static final Print FIGURE = Print.whole(STRIPE, "Evening", 40, 50);

    private static Article.Sheet sheet(String id, Dressing worn) {
        return new Article.Sheet(new Id(id), id, 300, 300, new Density(300),
                Dressings.NONE.with(Article.Sheet.PIECE, worn));
    }

    private static final Dressing DRAPED = Dressing.of(TURNED).with().shade(0.5).prints(List.of(FIGURE))
            .drape(Optional.of(new MeshHand(Set.of(1), 0).moved(Mesh.of(new Box(0, 0, 300, 300), 2, 2), 5, 6)))
            .build();

    private static final Project ALL = Project.empty("Trial").withDesigns(List.of(STRIPE, DOTS)).withArticles(List.of(
            sheet("a", DRAPED), sheet("b", Dressing.of(SAME)), sheet("bare", Dressing.BARE)));

    private static Lay lay(Article article) {
        return article.dressing(Article.Sheet.PIECE).lay().orElseThrow();
    }

    @Test
    void eachKeepsTheColourwayOfItsNameWhereThereIsOneAndAllElse() {
        Wear wear = new Wear(DOTS, Optional.empty());
        Project after = wear.everywhere(ALL);
        Article draped = after.articles().getFirst();
        assertThat(lay(draped)).isEqualTo(TURNED.withDesign(DOTS.id(), "Own"));
        assertThat(draped.dressing(Article.Sheet.PIECE).withLay(DRAPED.lay())).isEqualTo(DRAPED);
        assertThat(after.articles().subList(1, 3)).isEqualTo(ALL.articles().subList(1, 3));
        assertThat(after.designs()).isEqualTo(ALL.designs());
        assertThat(ALL.articles()).extracting(wear::count).containsExactly(1, 0, 0);
        assertThat(wear.told(ALL.articles(), ALL::design)).containsExactly("Evening becomes Own");
    }

    @Test
    void inOneColourwayAllAreInIt() {
        Wear wear = new Wear(DOTS, Optional.of("Own"));
        assertThat(ALL.articles()).extracting(wear::count).containsExactly(1, 1, 0);
        assertThat(wear.told(ALL.articles(), ALL::design)).as("nobody asks what they were").isEmpty();
        Project after = wear.everywhere(ALL);
        assertThat(lay(after.articles().get(1))).isEqualTo(SAME.withDesign(DOTS.id(), "Own"));
        assertThat(after.articles()).extracting(wear::count).containsExactly(0, 0, 0);
    }

    @Test
    void onSomePiecesTheOthersStay() {
        Id one = new Id("one");
        Id two = new Id("two");
        Article worn = ALL.articles().get(2)
                .withDressings(Dressings.NONE.with(one, DRAPED).with(two, Dressing.of(TURNED)));
        Article after = new Wear(DOTS, Optional.empty()).on(worn, Set.of(two, Article.Sheet.PIECE));
        assertThat(after.dressing(one)).isEqualTo(DRAPED);
        assertThat(after.dressing(two)).isEqualTo(Dressing.of(TURNED.withDesign(DOTS.id(), "Own")));
        assertThat(after.dressing(Article.Sheet.PIECE)).as("bare stays bare").isEqualTo(Dressing.BARE);
    }
}
