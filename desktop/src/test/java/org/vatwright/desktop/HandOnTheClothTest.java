package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Path;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.studio.Stage;

import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** What a hand does on cloth, rules and fields, by mouse and keys. */
class HandOnTheClothTest extends AtTheDemo {

    private Stripes stripes() {
        return (Stripes) design().layers().getFirst().structure();
    }

    private Dot spray() {
        return ((Dots) design().layers().getLast().structure()).dots().getFirst();
    }

    /** @return where that place of the cell is, in the pane's pixels */
    private Point2D cell(double x, double y) throws Exception {
        ClothPane pane = (ClothPane) hand.node("cell");
        return Hand.onFx(() -> new Point2D(pane.viewport().pxX(x), pane.viewport().pxY(y)));
    }

    private static final Id POCKET = new Id("right-pocket");

    @Test
    void aDotIsDraggedOverTheEdgeRestsOnGuidesAndMovesByWholeCells() throws Exception {
        hand.click("shelf-Buoys");
        Project before = hand.studio().project();
        Point2D from = cell(0, 12);
        Point2D to = cell(-10, 30);
        Node pane = hand.node("cell");
        hand.drag(pane, from.getX(), from.getY(), to.getX() - from.getX(), to.getY() - from.getY());
        assertThat(spray().x()).isBetween(36.0, 40.0);
        assertThat(spray().y()).isBetween(28.0, 32.0);
        assertThat(hand.text("undo")).isEqualTo("Undo: move dot");

        Dot here = spray();
        hand.press(KeyCode.CONTROL, KeyCode.RIGHT);
        hand.press(KeyCode.CONTROL, KeyCode.DOWN);
        assertThat(spray()).isEqualTo(here);
        hand.press(KeyCode.RIGHT);
        assertThat(spray().x()).isEqualTo(here.x() + 0.5);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);

        hand.menu("guides", 3);
        assertThat(design().guides().across()).hasSize(2);
        Point2D start = cell(0, 12);
        Point2D near = cell(16.2, 12);
        hand.drag(pane, start.getX(), start.getY(), near.getX() - start.getX(), 0);
        assertThat(spray().x()).isEqualTo(16);
    }

    @Test
    void guidesComeOutOfTheRulersAndTheTileIsRolled() throws Exception {
        Node ruler = hand.node("ruler-down");
        Point2D third = cell(96.0 / 3, 40);
        Point2D scene = hand.node("cell").localToScreen(third);
        hand.dragBetween(Hand.onFx(() -> ruler.localToScreen(9, 200)), scene);
        assertThat(design().guides().across()).containsExactly(1.0 / 3);
        hand.click("roll");
        assertThat(hand.shows("band-rule")).isFalse();
        hand.click("roll");
        assertThat(hand.shows("band-rule")).isTrue();
    }

    @Test
    void wrongTextKeepsTheOldValueAndSaysWhy() throws Exception {
        hand.write("cell-width", "12 furlong");
        assertThat(design().repeat().widthMm()).isEqualTo(96);
        assertThat(hand.text("cell-width")).isEqualTo("96 mm");
        assertThat(hand.words("cell width: \"furlong\" is no unit we know; mm, cm, in and px are. It stays 96 mm."))
                .isNotNull();
        hand.write("cell-width", "0");
        assertThat(design().repeat().widthMm()).isEqualTo(96);
        assertThat(hand.text("message-text")).contains("must be from 0.5 to 20000 mm");
        hand.write("cell-width", "200/2 mm");
        assertThat(design().repeat().widthMm()).isEqualTo(100);
        hand.click("offer-angle-1");
        assertThat(stripes().periodMm()).isEqualTo(100);
    }

    @Test
    void anInkIsDroppedOnABandAndABandIsSplitByADoubleClick() throws Exception {
        Node rule = hand.node("band-rule");
        Node swatch = hand.node("swatch-Madder");
        Point2D first = Hand.onFx(() -> rule.localToScreen(20, 10));
        hand.dragBetween(hand.middle(swatch), first);
        assertThat(stripes().run().bands().getFirst().ink()).isEqualTo(Ink.slot("Madder"));
        int count = stripes().run().bands().size();
        hand.clickAt(first.getX(), first.getY());
        hand.clickAt(first.getX(), first.getY());
        assertThat(stripes().run().bands()).hasSizeGreaterThan(count);
    }

    @Test
    void aColourIsTakenFromAPictureAndTheFirstColourwayStays() throws Exception {
        BufferedImage picture = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 800; i++) {
            picture.setRGB(i % 40, i / 40, i % 40 < 20 ? 0x336699 : 0xCC8844);
        }
        Path file = folder.resolve("shore.png");
        ImageIO.write(picture, "png", file.toFile());
        hand.click("stage-colour");
        hand.click(hand.named("Weld in Night Crossing"));
        hand.outside.answers.add(file);
        hand.click("take-from-picture");
        Node shown = hand.node("picture-to-take-from");
        hand.middle(shown);
        hand.clickOn(shown, Hand.onFx(() -> shown.getBoundsInLocal().getWidth() * 0.8), 10);
        Design after = design();
        assertThat(after.palette().find("Night Crossing").orElseThrow().colours().get(3))
                .isEqualTo(Rgb.parse("#cc8844"));
        assertThat(after.palette().first())
                .isEqualTo(hand.studio().project().design(new Id("gangway")).orElseThrow().palette().first());
        assertThat(hand.text("undo")).isEqualTo("Undo: recolour Weld in Night Crossing");
    }

    @Test
    void aLayIsDraggedNudgedAndSetBack() throws Exception {
        hand.click("stage-dress");
        ClothPane pane = (ClothPane) hand.node("article");
        Point2D pocket = Hand.onFx(() -> new Point2D(pane.viewport().pxX(500), pane.viewport().pxY(560)));
        hand.clickOn(pane, pocket.getX(), pocket.getY());
        assertThat(hand.studio().selection().pieces()).containsExactly(POCKET);
        Lay before = hand.studio().article().orElseThrow().dressing(POCKET).lay().orElseThrow();
        hand.drag(pane, pocket.getX(), pocket.getY(), 20, 10);
        Lay moved = hand.studio().article().orElseThrow().dressing(POCKET).lay().orElseThrow();
        assertThat(moved.startX()).isGreaterThan(430);
        assertThat(moved.startY()).isGreaterThan(490);
        hand.press(KeyCode.LEFT);
        assertThat(hand.studio().article().orElseThrow().dressing(POCKET).lay().orElseThrow().startX())
                .isEqualTo(moved.startX() - 0.5);
        hand.click("start-home");
        Lay home = hand.studio().article().orElseThrow().dressing(POCKET).lay().orElseThrow();
        assertThat(home.startX()).isZero();
        assertThat(home.startY()).isZero();
        assertThat(home).isEqualTo(before.withStart(0, 0));
    }

    @Test
    void keysChangeTheStageHoldTheStateBeforeAndClearTheWindow() throws Exception {
        hand.write("cell-height", "50");
        hand.hold(KeyCode.F8, true);
        assertThat(design().repeat().heightMm()).isEqualTo(96);
        hand.hold(KeyCode.F8, false);
        assertThat(design().repeat().heightMm()).isEqualTo(50);
        hand.press(KeyCode.ALT, KeyCode.DIGIT2);
        assertThat(hand.studio().selection().stage()).isEqualTo(Stage.INSPECT);
        hand.click("sight-seams");
        hand.press(KeyCode.F9);
        assertThat(hand.shows("project-menu")).isFalse();
        hand.press(KeyCode.F9);
        assertThat(hand.shows("project-menu")).isTrue();
    }

    /** Not rarely what was just clicked is gone with the click. */
    @Test
    void undoIsHeardThoughTheControlInFocusHasGone() throws Exception {
        Project before = hand.studio().project();
        Scene scene = hand.node("undo").getScene();
        Hand.onFx(() -> {
            hand.studio().edit("rename", p -> p.withName("Refit"));
            // Keys without a focus owner in the scene go to the scene itself.
            Event.fireEvent(scene, new KeyEvent(KeyEvent.KEY_PRESSED, "", "",
                    KeyCode.Z, false, true, false, false));
            return null;
        });
        assertThat(hand.studio().project()).isEqualTo(before);
    }
}
