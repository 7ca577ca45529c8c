package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.MeshHand;
import org.vatwright.core.drape.Place;
import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;

/** Pieces cut, joined, closed, measured and mirrored, against areas and places that are known. */
class CuttingTest {

    private static final Id LEFT = new Id("left");
    private static final Id RIGHT = new Id("right");
    private static final Pen PEN = new Pen(new Rgb(0, 0, 0), 2);
    private static final Lay LAY = new Lay(new Id("d"), "Morning").with().grainDeg(20).startX(30).startY(40)
            .shearDeg(5).build();

    private static Piece piece(Id id, String name, String outline) {
        return new Piece(id, name, Outline.parse(outline), Optional.of(PEN));
    }

    /** A left and a right sleeve that mirror each other about x = 200. */
    private static Article.Flat sleeves() {
        return new Article.Flat(new Id("a"), "Sleeves", 400, 300, List.of(
                piece(LEFT, "left sleeve", "M 20 20 L 120 40 L 100 240 L 20 200 Z"),
                piece(RIGHT, "right sleeve", "M 380 20 L 280 40 L 300 240 L 380 200 Z")),
                List.of(new Article.Line(Outline.parse("M 150 50 L 250 50 L 250 150 L 150 150"), PEN),
                        new Article.Line(Outline.parse("M 150 200 L 250 200"), PEN)),
                new Dressings(Map.of(LEFT, Dressing.of(LAY))));
    }

    @Test
    void aPieceCutInTwoIsAsMuchAsBefore() {
        Article.Flat cut = Cutting.split(sleeves(), LEFT, new Place(0, 100), new Place(10, 103));
        assertThat(cut.pieces()).extracting(Piece::name).containsExactly("left sleeve 1", "left sleeve 2",
                "right sleeve");
        double whole = sleeves().pieces().getFirst().outline().area();
        double one = cut.pieces().get(0).outline().area();
        double other = cut.pieces().get(1).outline().area();
        assertThat(one + other).isEqualTo(whole, within(0.01));
        assertThat(Math.min(one, other)).isGreaterThan(1000);
        // The line through (0, 100) and (10, 103) parts them: what lies above it is all of one of the two.
        assertThat(cut.pieces().get(0).outline().contains(60, 60)).isNotEqualTo(
                cut.pieces().get(1).outline().contains(60, 60));
        assertThat(cut.pieces().subList(0, 2)).allSatisfy(p -> assertThat(cut.dressing(p.id()).lay()).contains(LAY));
        assertThat(Cutting.joined(cut, Set.of(cut.pieces().get(0).id(), cut.pieces().get(1).id())).pieces().getFirst()
                .outline().area()).isEqualTo(whole, within(0.01));
        assertThatThrownBy(() -> Cutting.split(sleeves(), LEFT, new Place(0, 290), new Place(10, 290)))
                .hasMessageContaining("does not cross left sleeve");
        assertThatThrownBy(() -> Cutting.joined(sleeves(), Set.of(LEFT))).hasMessageContaining("choose two or more");
    }

    @Test
    void whatIsOpenAndEnclosesSomethingCanBeClosed() {
        assertThat(Cutting.closable(sleeves())).singleElement().satisfies(line -> {
            assertThat(line.outline().gapMm()).isEqualTo(100);
            Article.Flat closed = Cutting.closed(sleeves(), line, "yoke");
            assertThat(closed.lines()).hasSize(1);
            assertThat(closed.pieces().getLast().outline().area()).isEqualTo(10_000, within(1e-6));
            assertThat(closed.pieces().getLast().stroke()).contains(PEN);
        });
    }

    @Test
    void oneKnownMeasureMakesItAsLargeAsItIs() {
        Dressing bent = Dressing.of(LAY).with().drape(Optional.of(new MeshHand(Set.of(3), 0).moved(
                Mesh.of(new Box(20, 20, 100, 220), 2, 2), 7, 9)))
                .prints(List.of(new Print(new Id("d"), "Morning", 0, 0, false, 60, 80, 0.5, 0, 1))).build();
        Article.Flat worn = sleeves().withDressings(new Dressings(Map.of(LEFT, bent)));
        // 50 mm on the drawing are 75 in truth.
        Article.Flat large = Cutting.measured(worn, 50, 75);
        assertThat(large.widthMm()).isEqualTo(600);
        assertThat(large.pieces().getFirst().outline().area())
                .isEqualTo(2.25 * worn.pieces().getFirst().outline().area(), within(1e-6));
        Dressing dressing = large.dressing(LEFT);
        assertThat(dressing.lay()).contains(LAY.withStart(45, 60));
        assertThat(((Mesh) dressing.drape().orElseThrow()).points().get(3).x()).isEqualTo(1.5 * 27, within(1e-9));
        assertThat(dressing.prints().getFirst()).isEqualTo(bent.prints().getFirst().at(90, 120));
        assertThat(large.pieces().getFirst().stroke().orElseThrow().widthMm()).isEqualTo(3);
        assertThatThrownBy(() -> Cutting.measured(worn, 0, 75)).hasMessageContaining("measure on the drawing 0 mm");
    }

    @Test
    void whatIsDoneToOnePartnerIsDoneToTheOther() {
        Article.Flat linked = Partners.linked(sleeves(), LEFT, RIGHT, false);
        Lay other = linked.dressing(RIGHT).lay().orElseThrow();
        assertThat(other).isEqualTo(LAY.with().grainDeg(-20).startX(370).shearDeg(-5).build());
        assertThat(linked.partner(RIGHT)).contains(LEFT);
        Article after = linked.withLay(RIGHT, List.of(LEFT, RIGHT), Optional.of(other.withStart(360, 50)));
        Article followed = Partners.follow(linked, after);
        assertThat(followed.dressing(LEFT).lay()).contains(LAY.withStart(40, 50));
        assertThat(followed.dressing(RIGHT)).isEqualTo(after.dressing(RIGHT));
        // When both are set at once each keeps its own.
        Article both = after.withLay(LEFT, List.of(LEFT, RIGHT), Optional.of(LAY.withScale(2)));
        assertThat(Partners.follow(linked, both)).isEqualTo(both);
        // Parted, they go their own ways.
        Article.Flat parted = Partners.parted(linked, LEFT);
        Article alone = parted.withLay(RIGHT, List.of(LEFT, RIGHT), Optional.empty());
        assertThat(Partners.follow(parted, alone)).isEqualTo(alone);
    }

    @Test
    void theShapeOfAPartnerFollowsAndTheGlassMirrorsTheDesign() {
        Article.Flat linked = Partners.linked(sleeves(), LEFT, RIGHT, true);
        assertThat(linked.dressing(RIGHT).lay().orElseThrow().flipped()).isTrue();
        Article.Flat changed = linked.editPiece(LEFT,
                p -> p.withOutline(Outline.parse("M 20 20 L 130 40 L 100 240 L 20 200 Z")));
        Article.Flat followed = (Article.Flat) Partners.follow(linked, changed);
        assertThat(followed.piece(RIGHT).orElseThrow().outline())
                .isEqualTo(Outline.parse("M 380 20 L 270 40 L 300 240 L 380 200 Z"));
        assertThat(Partners.likely(sleeves(), LEFT)).map(Piece::id).contains(RIGHT);
        Article.Flat one = Cutting.removed(sleeves(), Set.of(RIGHT));
        Article.Flat made = Partners.made(one, LEFT);
        assertThat(made.pieces().getLast().name()).isEqualTo("right sleeve");
        assertThat(made.pieces().getLast().outline()).isEqualTo(sleeves().pieces().getLast().outline());
        assertThatThrownBy(() -> Partners.linked(linked, LEFT, RIGHT, false)).hasMessageContaining("has a partner");
    }

    @Test
    void aLayOnItsHeadIsOneTurnedByMoreThanAThird() {
        for (double grain : new double[]{0, 90, -90, 119, -119, 350}) {
            assertThat(LAY.withGrainDeg(grain).onItsHead()).as("grain %s", grain).isFalse();
        }
        for (double grain : new double[]{180, -180, 121, -135, 200}) {
            assertThat(LAY.withGrainDeg(grain).onItsHead()).as("grain %s", grain).isTrue();
        }
    }
}
