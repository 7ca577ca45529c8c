package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Set;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.vatwright.core.drape.Along;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.Round;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Judge;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;

/** Drapes, seams, figures and pieces of the smock, by hand. */
class DrapeByHandTest extends AtTheDemo {

    private static final Id FRONT = new Id("front");
    private static final Id LEFT = new Id("left-sleeve");
    private static final Id RIGHT = new Id("right-sleeve");
    private static final Id POCKET = new Id("pocket");

    @BeforeEach
    void chooseTheFront() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Crew-smock");
        at(420, 700);
        assertThat(hand.studio().selection().pieces()).containsExactly(FRONT);
    }

    private Article.Flat smock() {
        return (Article.Flat) hand.studio().article().orElseThrow();
    }

    private Dressing worn(Id piece) {
        return smock().dressing(piece);
    }

    private <D extends Drape> D drape(Class<D> kind) {
        return kind.cast(worn(FRONT).drape().orElseThrow());
    }

    /** @return a place of the article in the window */
    private Point2D screen(double x, double y) throws Exception {
        ClothPane pane = (ClothPane) hand.node("article");
        return Hand.onFx(() -> pane.localToScreen(new Point2D(pane.viewport().pxX(x), pane.viewport().pxY(y))));
    }

    private double mm(double px) throws Exception {
        ClothPane pane = (ClothPane) hand.node("article");
        return Hand.onFx(() -> px / pane.viewport().pxPerMm());
    }

    private void at(double x, double y, KeyCode... held) throws Exception {
        Point2D p = screen(x, y);
        hand.clickAt(p.getX(), p.getY(), held);
    }

    private void pull(double x, double y, double toX, double toY) throws Exception {
        hand.dragBetween(screen(x, y), screen(toX, toY));
    }

    @Test
    void pointsOfAMeshArePulledInGroupsWithoutAMode() throws Exception {
        hand.click("chapter-drape");
        hand.click("drape-mesh");
        Mesh rest = drape(Mesh.class);
        assertThat(rest.atRest()).isTrue();
        Place middle = rest.points().get(5);
        pull(middle.x(), middle.y(), middle.x() + 60, middle.y() + 30);
        Mesh pulled = drape(Mesh.class);
        assertThat(pulled.points().get(5).far(middle.moved(60, 30))).isLessThan(mm(1.6));
        assertThat(pulled.points().get(6)).isEqualTo(rest.points().get(6));
        assertThat(hand.text("undo")).isEqualTo("Undo: pull the drape");

        // A second one with Shift: both move together, by keys as well; a pinned one stays.
        at(rest.points().get(9).x(), rest.points().get(9).y(), KeyCode.SHIFT);
        assertThat(hand.studio().dressHand().points()).isEqualTo(Set.of(5, 9));
        hand.press(KeyCode.SHIFT, KeyCode.RIGHT);
        assertThat(drape(Mesh.class).points().get(9).x()).isEqualTo(rest.points().get(9).x() + 5, within(1e-9));
        assertThat(drape(Mesh.class).points().get(5).x()).isEqualTo(pulled.points().get(5).x() + 5, within(1e-9));
        hand.click("points-pin");
        assertThat(drape(Mesh.class).pins()).isEqualTo(Set.of(5, 9));
        Mesh pinned = drape(Mesh.class);
        hand.click("points-smooth");
        assertThat(drape(Mesh.class)).isEqualTo(pinned);

        // Between the points the hand has the cloth: the lay moves, the drape does not.
        Lay lay = worn(FRONT).lay().orElseThrow();
        pull(420, 700, 440, 700);
        assertThat(worn(FRONT).lay().orElseThrow().startX()).isEqualTo(lay.startX() + 20, within(mm(1.6)));
        assertThat(drape(Mesh.class)).isEqualTo(pinned);

        hand.write("patches-across", "6");
        assertThat(drape(Mesh.class).columns()).isEqualTo(6);
        hand.click("points-flatten");
        assertThat(drape(Mesh.class).atRest()).isTrue();
        hand.click("drape-flat");
        assertThat(worn(FRONT).drape()).isEmpty();
    }

    @Test
    void anAreaFromBesideTheArticleTakesPointsAndTheKnobTurnsThem() throws Exception {
        hand.click("chapter-drape");
        hand.click("drape-mesh");
        Mesh rest = drape(Mesh.class);
        Place low = rest.points().get(12);
        // From left below to right of the second point of the lowest row.
        pull(low.x() - 60, low.y() + 25, rest.points().get(13).x() + 20, low.y() - 30);
        assertThat(hand.studio().dressHand().points()).isEqualTo(Set.of(12, 13));
        assertThat(hand.studio().selection().pieces()).containsExactly(FRONT);
        javafx.scene.Node knob = hand.node("drape-turn");
        Point2D from = Hand.onFx(() -> {
            javafx.scene.shape.Circle c = (javafx.scene.shape.Circle) knob;
            return c.getParent().localToScreen(c.getCenterX(), c.getCenterY());
        });
        Point2D middle = screen((low.x() + rest.points().get(13).x()) / 2, low.y());
        hand.dragBetween(from, new Point2D(middle.getX(), middle.getY() - (from.getX() - middle.getX())));
        Mesh turned = drape(Mesh.class);
        double half = (rest.points().get(13).x() - low.x()) / 2;
        // A quarter turn counter-clockwise: the left one below the middle, the right one above it.
        assertThat(turned.points().get(12).far(new Place(low.x() + half, low.y() + half))).isLessThan(mm(4));
        assertThat(turned.points().get(13).far(new Place(low.x() + half, low.y() - half))).isLessThan(mm(4));
        assertThat(hand.text("undo")).isEqualTo("Undo: turn points of the drape");
    }

    @Test
    void everyKindBeginsAsThePieceIsShapedAndIsTunedByNumber() throws Exception {
        hand.click("chapter-drape");
        hand.click("drape-corners");
        assertThat(drape(Panel.class).atRest()).isTrue();
        hand.write("panel-width", "300");
        assertThat(drape(Panel.class).cloth().width()).isEqualTo(300);
        hand.click("drape-round");
        Round round = drape(Round.class);
        assertThat(round.start().x()).isEqualTo(round.end().x(), within(1e-6));
        assertThat(round.halfMm()).isGreaterThan(200);
        hand.write("how-much-around-is-seen", "120");
        hand.write("how-far-lines-around-hang", "15");
        hand.write("shade-of-the-drape", "40");
        assertThat(drape(Round.class)).isEqualTo(round.with().seenDeg(120).sagMm(15).build());
        assertThat(worn(FRONT).shade()).isEqualTo(0.4);
        hand.click("drape-line");
        assertThat(drape(Along.class).points()).hasSize(3);
        hand.click("line-more");
        assertThat(drape(Along.class).points()).hasSize(4);
        hand.click("line-less");
        assertThat(drape(Along.class).points()).hasSize(3);
        // Plain cloth to judge by is no part of the document.
        Project before = hand.studio().project();
        hand.click("judge-check");
        assertThat(hand.studio().dressHand().judge()).isEqualTo(Judge.CHECK);
        hand.click("judge-none");
        assertThat(hand.studio().project()).isEqualTo(before);
    }

    @Test
    void partnersFollowEachOtherUntilTheyAreParted() throws Exception {
        hand.click("piece-0");
        hand.click("chapter-lay");
        hand.write("grain-of-the-lay", "-20");
        assertThat(worn(LEFT).lay().orElseThrow().grainDeg()).isEqualTo(-20);
        assertThat(worn(RIGHT).lay().orElseThrow().grainDeg()).isEqualTo(20);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(worn(RIGHT).lay().orElseThrow().grainDeg()).isEqualTo(28);
        hand.click("chapter-piece");
        hand.click("partner-part");
        hand.click("chapter-lay");
        hand.write("lean-of-the-lay", "10");
        assertThat(worn(LEFT).lay().orElseThrow().shearDeg()).isEqualTo(10);
        assertThat(worn(RIGHT).lay().orElseThrow().shearDeg()).isZero();
    }

    @Test
    void seamsAreFoundMatchedAndSewnByHand() throws Exception {
        hand.click("chapter-seams");
        assertThat(smock().seams()).hasSize(2);
        hand.click("seams-find");
        assertThat(smock().seams()).hasSize(3).anyMatch(Seam::laidOn);
        Dressing pocket = worn(POCKET);
        Dressing front = worn(FRONT);
        hand.click("seam-turning");
        hand.click("seams-match");
        assertThat(worn(FRONT)).isEqualTo(front);
        assertThat(worn(POCKET).lay().orElseThrow().grainDeg()).as("as the front's").isZero();
        assertThat(worn(POCKET)).isNotEqualTo(pocket);
        assertThat(hand.messageText()).startsWith("Matched in this order: front,");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(worn(POCKET)).isEqualTo(pocket);

        hand.click("seam-sew");
        pull(600, 335, 600, 435);
        pull(297, 700, 296.3, 780);
        assertThat(smock().seams()).hasSize(4);
        assertThat(smock().seams().getLast().first().piece()).isEqualTo(POCKET);
        assertThat(smock().seams().getLast().second().piece()).isEqualTo(FRONT);
    }

    @Test
    void aFigureIsLaidMovedTurnedAndTakenOff() throws Exception {
        hand.click("chapter-figure");
        hand.menu("figure-add", 5);
        Print print = worn(FRONT).prints().getFirst();
        assertThat(print.x()).isEqualTo(540, within(5.0));
        pull(print.x(), print.y(), print.x() - 80, print.y() + 40);
        Print moved = worn(FRONT).prints().getFirst();
        assertThat(moved.x()).isEqualTo(print.x() - 80, within(mm(1.6)));
        assertThat(moved.y()).isEqualTo(print.y() + 40, within(mm(1.6)));
        hand.write("scale-of-the-figure", "50");
        hand.write("turn-of-the-figure", "30");
        assertThat(worn(FRONT).prints().getFirst()).isEqualTo(moved.with().scale(0.5).turnDeg(30).build());
        hand.click("figure-middle");
        assertThat(worn(FRONT).prints().getFirst().x()).isEqualTo(print.x());
        hand.click("figure-off");
        assertThat(worn(FRONT).prints()).isEmpty();
    }

    @Test
    void piecesAreCutJoinedMovedAsideAndTheDrawingIsMeasured() throws Exception {
        hand.click("piece-4");
        hand.click("chapter-piece");
        hand.write("piece-name", "breast pocket");
        assertThat(smock().piece(POCKET).orElseThrow().name()).isEqualTo("breast pocket");
        hand.click("piece-split");
        pull(590, 390, 730, 392);
        assertThat(smock().pieces()).hasSize(6).anyMatch(p -> p.name().equals("breast pocket 2"));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.write("aside-to-the-right", "120");
        assertThat(smock().piece(POCKET).orElseThrow().asideX()).isEqualTo(120);
        at(658 + 120, 400);
        assertThat(hand.studio().selection().pieces()).containsExactly(POCKET);
        hand.click("piece-back");
        assertThat(smock().piece(POCKET).orElseThrow().aside()).isFalse();
        hand.click("piece-locked");
        at(658, 400);
        assertThat(hand.studio().selection().pieces()).as("the hand passes a locked one by").containsExactly(FRONT);

        at(40, 60);
        assertThat(hand.studio().selection().pieces()).isEmpty();
        hand.click("chapter-drawing");
        hand.click("article-measure");
        pull(296, 800, 784, 800);
        assertThat(hand.studio().dressHand().measuredMm()).isEqualTo(488, within(mm(2)));
        hand.write("true-length-of-the-measure", "610");
        assertThat(smock().widthMm()).isEqualTo(1080 * 610 / 488.0, within(8.0));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.click("piece-draw");
        at(60, 60);
        at(160, 60);
        at(160, 160);
        at(60, 60);
        assertThat(smock().pieces().getLast().outline().area()).isEqualTo(5000, within(300.0));
        assertThat(smock().pieces().getLast().outline().gapMm()).isZero();
    }

    /** Notches of a seam, clicked on both edges; a figure over it; the drape of another piece; a piece pulled aside by hand. */
    @Test
    void seamsAreNotchedFiguresLieAcrossThemAndDrapesAreTaken() throws Exception {
        hand.click("chapter-seams");
        Seam seam = smock().seams().getFirst();
        var line = org.vatwright.core.sewing.SeamLine.of(smock(), seam);
        Place first = line.first().get(80);
        Place second = line.second().get(100);
        hand.click("seam-notch");
        at(first.x(), first.y());
        at(second.x(), second.y());
        assertThat(smock().seams().getFirst().notches()).singleElement().satisfies(n -> {
            // Where edges lie on each other either may be taken for the first.
            assertThat(Math.min(n.onFirst(), n.onSecond())).isBetween(0.30, 0.44);
            assertThat(Math.max(n.onFirst(), n.onSecond())).isBetween(0.30, 0.44);
        });
        assertThat(hand.studio().dressHand().tool()).isEqualTo(org.vatwright.desktop.studio.DressHand.Tool.NONE);

        hand.click("chapter-figure");
        hand.menu("figure-add", 5);
        hand.click("figure-seam");
        Print print = worn(FRONT).prints().getFirst();
        Id other = seam.first().piece().equals(FRONT) ? seam.second().piece() : seam.first().piece();
        assertThat(worn(other).prints()).singleElement()
                .satisfies(p -> assertThat(org.vatwright.core.sewing.Across.spot(smock(), other, p)).isPresent());
        // A number and a hand slide it along; both halves go together, also when it is made smaller.
        hand.write("figure-along-the-seam", "30");
        Print slid = worn(FRONT).prints().getFirst();
        assertThat(Math.hypot(slid.x() - print.x(), slid.y() - print.y())).isGreaterThan(20);
        pull(slid.x(), slid.y(), print.x() + 3, print.y());
        Print back = worn(FRONT).prints().getFirst();
        assertThat(Math.hypot(back.x() - print.x(), back.y() - print.y())).isLessThan(mm(3));
        assertThat(org.vatwright.core.sewing.Across.spot(smock(), FRONT, back)).isPresent();
        hand.write("scale-of-the-figure", "20");
        assertThat(worn(FRONT).prints().getFirst().scale()).isEqualTo(0.2);
        assertThat(worn(other).prints()).singleElement().satisfies(p -> assertThat(p.scale()).isEqualTo(0.2));

        hand.click("piece-2");
        hand.click("chapter-drape");
        hand.click("drape-take");
        at(200, 450);
        assertThat(drape(Round.class).seenDeg()).isEqualTo(150);

        Point2D from = screen(420, 700);
        hand.hold(KeyCode.ALT, true);
        hand.dragBetween(from, screen(520, 700));
        hand.hold(KeyCode.ALT, false);
        assertThat(smock().piece(FRONT).orElseThrow().asideX()).isEqualTo(100, within(mm(1.6)));
        hand.click("chapter-lay");
        hand.write("repeat-of-the-lay", "55");
        assertThat(worn(FRONT).lay().orElseThrow().scale()).isEqualTo(0.5, within(1e-9));
    }
}
