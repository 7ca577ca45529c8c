package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Round;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;

/** Plain cloth to judge by, and sheets that grow with what lies on them. */
class JudgeTest {

    private static final Design DOTS = Samples.design(30, 24, Arrangement.STRAIGHT, Samples.dots(4, 1, 3));
    private static final Lay LAY = new Lay(DOTS.id(), DOTS.palette().first().name()).with().scale(0.4).grainDeg(12)
            .startX(5).build();

    @Test
    void onlyWhatIsBentIsSeenInPlainCloth() {
        Id bent = new Id("bent");
        Id flat = new Id("flat");
        Id bare = new Id("bare");
        Round round = Round.of(new Box(0, 0, 90, 80));
        List<Piece> pieces = List.of(bent, flat, bare).stream().map(id -> new Piece(id, id.text(),
                Outline.of(new Rectangle2D.Double(0, 0, 90, 80)), Optional.empty())).toList();
        Article.Flat article = new Article.Flat(new Id("a"), "A", 100, 90, pieces, List.of(),
                new Dressings(Map.of(bent, Dressing.of(LAY).withDrape(Optional.of(round)), flat, Dressing.of(LAY), bare,
                        Dressing.BARE.withDrape(Optional.of(round)))));
        assertThat(Judge.NONE.on(article)).isEqualTo(article);
        Article judged = Judge.CHECK.on(article);
        Lay lay = judged.dressing(bent).lay().orElseThrow();
        assertThat(lay.design()).isEqualTo(Judge.CHECK.design().id());
        assertThat(lay.scale()).as("as large as it is").isEqualTo(1);
        assertThat(lay.grainDeg()).as("as it lies").isEqualTo(12);
        assertThat(judged.dressing(bent).drape()).contains(round);
        assertThat(judged.dressing(flat)).isEqualTo(article.dressing(flat));
        assertThat(judged.dressing(bare).lay()).isPresent();
        assertThat(Judge.STRIPE.design().id()).isNotEqualTo(Judge.CHECK.design().id());
    }

    @Test
    void aSheetGrowsWithItsFiguresAndNeverShrinks() {
        Article.Sheet sheet = new Article.Sheet(new Id("s"), "S", 200, 100, new Density(300), Dressings.NONE);
        // 30 x 24 mm at three times their size, upright: from 105 to 195 and from 64 to 136.
        Print inside = Print.whole(DOTS, LAY.colourway(), 150, 100).withScale(3);
        Dressing worn = Dressing.BARE.withPrints(List.of(inside));
        Rectangle2D box = Surround.figures(worn, id -> Optional.of(DOTS)).orElseThrow();
        assertThat(box).isEqualTo(new Rectangle2D.Double(105, 64, 90, 72));
        Article.Sheet grown = Surround.grown(sheet, box, 10);
        assertThat(grown.widthMm()).isEqualTo(205);
        assertThat(grown.heightMm()).isEqualTo(146);
        assertThat(Surround.grown(grown, new Rectangle2D.Double(0, 0, 5, 5), 0)).isEqualTo(grown);
        assertThat(Surround.figures(Dressing.BARE, id -> Optional.of(DOTS))).isEmpty();
        // Turned by a right angle it is as wide as it was high.
        Dressing turned = Dressing.BARE.withPrints(List.of(inside.withTurnDeg(90)));
        assertThat(Surround.figures(turned, id -> Optional.of(DOTS)).orElseThrow().getWidth())
                .isCloseTo(72, org.assertj.core.api.Assertions.within(1e-9));
    }
}
