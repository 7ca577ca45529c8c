package org.vatwright.core.sewing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;

class AcrossTest {

    private static final Design DOTS = Samples.design(30, 24, Arrangement.STRAIGHT, Samples.dots(4, 1, 3));
    private static final Id FRONT = new Id("front");
    private static final Id SIDE = new Id("side");
    private static final Id FAR = new Id("far");
    /** Right edge of the front, 1/4 to 2/4 of its outline; left edge of the side, drawn upwards. */
    private static final Seam BESIDE = new Seam(new Seam.Edge(FRONT, 0.25, 0.5, false),
            new Seam.Edge(SIDE, 0.75, 1, true));
    /** Upper edge of the front, on the left edge of a piece that is drawn elsewhere, on its side. */
    private static final Seam APART = new Seam(new Seam.Edge(FRONT, 0, 0.25, false),
            new Seam.Edge(FAR, 0.75, 1, true));

    private static Piece piece(Id id, String outline) {
        return new Piece(id, id.text(), Outline.parse(outline), Optional.empty());
    }

    private static Article.Flat worn(Print print) {
        return new Article.Flat(new Id("a"), "Smock", 600, 400, List.of(
                piece(FRONT, "M 100 100 L 200 100 L 200 200 L 100 200 Z"),
                piece(SIDE, "M 200 100 L 300 100 L 300 200 L 200 200 Z"),
                piece(FAR, "M 400 250 L 500 250 L 500 350 L 400 350 Z")), List.of(),
                Dressings.NONE.with(FRONT, Dressing.BARE.withPrints(List.of(print))))
                .with().seams(List.of(BESIDE, APART)).build();
    }

    private static final Print PRINT = Print.whole(DOTS, "Day", 130, 140);

    private static Print on(Article.Flat article, Id piece) {
        return article.dressing(piece).prints().getFirst();
    }

    @Test
    void piecesThatLieBesideEachOtherHaveItAtOnePlace() {
        Article.Flat laid = Across.laid(worn(PRINT), FRONT, 0, new Across.Spot(BESIDE, 0.3));
        assertThat(on(laid, FRONT)).isEqualTo(PRINT.at(200, 130));
        assertThat(on(laid, SIDE)).isEqualTo(PRINT.at(200, 130));
        assertThat(Across.spot(laid, FRONT, on(laid, FRONT)).orElseThrow().share()).isEqualTo(0.3, within(1e-9));
        Across.Spot other = Across.spot(laid, SIDE, on(laid, SIDE)).orElseThrow();
        assertThat(other.seam()).isEqualTo(BESIDE.turned());

        Article.Flat slid = Across.laid(laid, SIDE, 0, new Across.Spot(other.seam(), 0.9));
        assertThat(on(slid, FRONT)).isEqualTo(PRINT.at(200, 190));
        assertThat(slid.dressing(SIDE).prints()).containsExactly(PRINT.at(200, 190));
    }

    /** Along the front's upper edge to the right is down the other's left edge: a quarter turn clockwise. */
    @Test
    void aPieceDrawnElsewhereHasItTurnedAsItsEdgeIs() {
        Article.Flat laid = Across.laid(worn(PRINT.withTurnDeg(20)), FRONT, 0, new Across.Spot(APART, 0.25));
        assertThat(on(laid, FRONT)).isEqualTo(PRINT.at(125, 100).withTurnDeg(20));
        Print there = on(laid, FAR);
        assertThat(there.x()).isEqualTo(400, within(1e-9));
        assertThat(there.y()).isEqualTo(275, within(1e-9));
        assertThat(there.turnDeg()).isEqualTo(-70, within(1e-6));
        // 10 mm over the front's edge, outwards, is 10 mm into the other piece.
        Article.Flat moved = Across.edited(laid, FRONT, 0, p -> p.at(125, 90).withScale(0.5));
        assertThat(on(moved, FAR).x()).isEqualTo(410, within(1e-6));
        assertThat(on(moved, FAR).y()).isEqualTo(275, within(1e-6));
        assertThat(on(moved, FAR).scale()).isEqualTo(0.5);
        Article.Flat back = Across.edited(moved, FAR, 0, p -> p.at(400, 300));
        assertThat(on(back, FRONT).x()).isEqualTo(150, within(1e-6));
        assertThat(on(back, FRONT).y()).isEqualTo(100, within(1e-6));
    }

    /** On bent cloth it lies where the cloth is that is seen at the seam. */
    @Test
    void onADrapedPieceItLiesWhereTheClothIsSeenAtTheSeam() {
        Panel bent = new Panel(new Box(200, 100, 100, 100), List.of(new Place(200, 100), new Place(300, 100),
                new Place(290, 190), new Place(200, 160)));
        Article.Flat flat = worn(PRINT);
        Article.Flat draped = flat
                .withDressings(flat.dressings().with(SIDE, Dressing.BARE.withDrape(Optional.of(bent))));
        Article.Flat laid = Across.laid(draped, FRONT, 0, new Across.Spot(BESIDE, 0.3));
        assertThat(on(laid, FRONT)).isEqualTo(PRINT.at(200, 130));
        // The panel's left edge, 100 mm of cloth, is seen 60 mm long; halfway down lies half of it or more.
        Print there = on(laid, SIDE);
        assertThat(there.x()).isEqualTo(200, within(0.01));
        assertThat(there.y()).isBetween(140.0, 175.0);
        Article.Flat slid = Across.laid(laid, FRONT, 0, new Across.Spot(BESIDE, 0.1));
        assertThat(slid.dressing(SIDE).prints()).singleElement()
                .satisfies(p -> assertThat(p.y()).isLessThan(there.y() - 20));
    }

    @Test
    void onAnotherSeamNothingStaysBehindAndFiguresOfTheirOwnAreLeftAlone() {
        Print own = PRINT.at(250, 150);
        Article.Flat one = worn(PRINT);
        Article.Flat article = one.withDressings(one.dressings().with(SIDE, Dressing.BARE.withPrints(List.of(own))));
        Article.Flat laid = Across.laid(article, FRONT, 0, new Across.Spot(BESIDE, 0.5));
        assertThat(laid.dressing(SIDE).prints()).containsExactly(own, PRINT.at(200, 150));
        Article.Flat other = Across.laid(laid, FRONT, 0, new Across.Spot(APART, 0.5));
        assertThat(other.dressing(SIDE).prints()).containsExactly(own);
        assertThat(other.dressing(FAR).prints()).hasSize(1);
        assertThat(Across.edited(article, SIDE, 0, p -> p.withScale(2)).dressing(FRONT).prints())
                .containsExactly(PRINT);
        assertThat(Across.edited(article, SIDE, 7, p -> p.withScale(2))).isEqualTo(article);
        assertThat(Across.spot(article, FRONT, PRINT)).isEmpty();
        assertThat(Across.nearest(article, FRONT, new Place(197, 140), 5)).contains(new Place(200, 140));
        assertThat(Across.nearest(article, FRONT, new Place(190, 140), 5)).isEmpty();
    }
}
