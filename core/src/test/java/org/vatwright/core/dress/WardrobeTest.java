package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.MeshHand;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;

/** What is kept changes no picture, and never hides a change. */
class WardrobeTest {

    private static final Id FRONT = new Id("front");
    private static final Id SLEEVE = new Id("sleeve");
    private static final Density DENSITY = new Density(60);

    private static Piece piece(Id id, String outline) {
        return new Piece(id, id.text(), Outline.parse(outline), Optional.of(new Pen(new Rgb(20, 30, 60), 1.5)));
    }

    private static Design dots(double gap) {
        return Samples.design(30, 24, Arrangement.HALF_DROP, Samples.dots(6, 1, gap));
    }

    private static final Lay LAY = new Lay(dots(3).id(), dots(3).palette().first().name());
    private static final Mesh BENT = new MeshHand(Set.of(1, 4), 0).moved(Mesh.of(new Box(100, 20, 90, 120), 2, 2), 9,
            7);

    private static Article.Flat worn() {
        return new Article.Flat(new Id("a"), "Smock", 220, 160, List.of(
                piece(FRONT, "M 10 10 L 120 12 L 110 140 L 20 150 Z"),
                piece(SLEEVE, "M 100 30 L 190 20 L 185 140 L 105 130 Z")), List.of(),
                Dressings.NONE.with(FRONT, Dressing.of(LAY.withScale(0.5)).withPrints(List.of(Print.whole(dots(3),
                        LAY.colourway(), 60, 70)))).with(SLEEVE, Dressing
                                .of(LAY.with().mode(BlendMode.MULTIPLY)
                                        .opacity(0.8).build())
                                .with().drape(Optional.of(BENT)).shade(0.6).build()));
    }

    private static Raster drawn(Article article, Design design, Optional<Wardrobe> wardrobe) {
        ArticleRenderer plain = new ArticleRenderer(id -> Optional.of(design), TileSource.PAINTED, Optional.empty());
        return wardrobe.map(plain::keeping).orElse(plain).render(Cut.of(article, null), DENSITY,
                Work.on(2));
    }

    @Test
    void whatEverChangesThePictureIsTheOneThatIsDrawnAnew() {
        Wardrobe kept = new Wardrobe(4_000_000);
        Article.Flat worn = worn();
        List<Article> changes = new ArrayList<>(List.of(worn, worn));
        changes.add(worn.withDressing(SLEEVE, List.of(), d -> d.withDrape(Optional.of(new MeshHand(Set.of(3), 0)
                .moved(BENT, 4, -6)))));
        changes.add(worn.withDressing(SLEEVE, List.of(), d -> d.withShade(0)));
        changes.add(worn.withDressing(FRONT, List.of(), d -> d.editPrint(0, p -> p.at(70, 60))));
        changes.add(worn.withDressing(FRONT, List.of(), d -> d.withLay(d.lay().map(l -> l.withStart(3, 4)))));
        changes.add(worn.editPieces(Set.of(FRONT), p -> p.withAsideX(12)));
        changes.add(worn.editPieces(Set.of(SLEEVE), p -> p.withHidden(true)));
        changes.add(worn.editPieces(Set.of(SLEEVE), p -> p.withStroke(Optional.empty())));
        changes.add(worn);
        List<int[]> pictures = new ArrayList<>();
        for (Article change : changes) {
            Raster with = drawn(change, dots(3), Optional.of(kept));
            assertThat(with.argb()).isEqualTo(drawn(change, dots(3), Optional.empty()).argb());
            pictures.add(with.argb());
        }
        for (int i = 2; i < changes.size() - 1; i++) {
            assertThat(pictures.get(i)).as("change %d is one", i).isNotEqualTo(pictures.getFirst());
        }
        assertThat(drawn(worn, dots(5), Optional.of(kept)).argb()).as("another design of the same id")
                .isEqualTo(drawn(worn, dots(5), Optional.empty()).argb()).isNotEqualTo(pictures.getFirst());
    }

    private static Article.Flat hung(int from, int to) {
        Raster shadow = new Raster(50, 40);
        for (int i = 0; i < shadow.argb().length; i++) {
            int grey = from + (to - from) * (i % 50) / 49;
            shadow.argb()[i] = 0xFF000000 | 0x010101 * grey;
        }
        return (Article.Flat) worn().withBacking(Optional.of(new Backing(new Picture(shadow, 25.4), true, 1)))
                .withDressing(FRONT, List.of(), d -> d.withLight(0.8));
    }

    /** The picture is made as large as the article once for all drawings, so another one must not hang in its light. */
    @Test
    void lightIsThatOfThePictureThatIsThere() {
        Wardrobe kept = new Wardrobe(4_000_000);
        List<int[]> pictures = new ArrayList<>();
        for (Article change : List.of(hung(40, 250), hung(250, 40), hung(40, 250), hung(40, 250).withWidthMm(260))) {
            Raster with = drawn(change, dots(3), Optional.of(kept));
            assertThat(with.argb()).isEqualTo(drawn(change, dots(3), Optional.empty()).argb());
            pictures.add(with.argb());
        }
        assertThat(pictures.get(1)).isNotEqualTo(pictures.getFirst());
        assertThat(pictures.get(2)).isEqualTo(pictures.getFirst());
    }

    @Test
    void theLightOfAPictureIsMadeOnceForEachSize() {
        Wardrobe kept = new Wardrobe(4_000_000);
        Backing one = hung(40, 250).backing().orElseThrow();
        Backing again = hung(40, 250).backing().orElseThrow();
        PictureLight first = light(kept, one, 30);
        assertThat(light(kept, again, 30)).isSameAs(first);
        assertThat(light(kept, one, 31)).isNotSameAs(first);
        assertThat(light(kept, hung(41, 250).backing().orElseThrow(), 30)).isNotSameAs(first);
    }

    private static PictureLight light(Wardrobe kept, Backing backing, int width) {
        return kept.light(backing.picture(), width, 20, Work.on(1),
                () -> PictureLight.of(backing, width, 20, Work.on(1)));
    }

    @Test
    void aPieceThatIsTooLargeForItIsDrawnAsEver() {
        Wardrobe small = new Wardrobe(1000);
        assertThat(drawn(worn(), dots(3), Optional.of(small)).argb())
                .isEqualTo(drawn(worn(), dots(3), Optional.empty()).argb());
    }
}
