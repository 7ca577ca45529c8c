package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Id;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;

/** Drawings of articles by hand: over a picture, pieces drawn and closed, panels, sheets that grow. */
class FlatByHandTest extends AtTheDemo {

    private Article.Flat flat() {
        return (Article.Flat) hand.studio().article().orElseThrow();
    }

    private Point2D screen(double x, double y) throws Exception {
        ClothPane pane = (ClothPane) hand.node("article");
        return Hand.onFx(() -> pane.localToScreen(new Point2D(pane.viewport().pxX(x), pane.viewport().pxY(y))));
    }

    private void at(double x, double y, KeyCode... held) throws Exception {
        Point2D p = screen(x, y);
        hand.clickAt(p.getX(), p.getY(), held);
    }

    @Test
    void aPieceIsTracedOverAPictureAndHangsInItsLight() throws Exception {
        BufferedImage photo = new BufferedImage(80, 60, BufferedImage.TYPE_INT_RGB);
        Path file = Files.createTempFile("wall", ".png");
        ImageIO.write(photo, "png", file.toFile());
        hand.click("stage-dress");
        hand.click("article-Tea-towel");
        at(2, 2);
        hand.click("chapter-drawing");
        double wide = flat().widthMm();
        hand.outside.answers.add(file);
        hand.click("article-picture");
        assertThat(flat().backing().orElseThrow().kept()).isFalse();
        assertThat(flat().backing().orElseThrow().picture().widthMm()).isEqualTo(wide, within(1e-6));
        hand.click("picture-kept");
        hand.write("opacity-of-the-picture", "60");
        assertThat(flat().backing().orElseThrow().kept()).isTrue();
        assertThat(flat().backing().orElseThrow().opacity()).isEqualTo(0.6);

        // A curve is pulled out of a corner; Backspace takes one back; Enter closes.
        hand.click("piece-draw");
        at(10, 10);
        at(30, 12);
        at(90, 80);
        hand.press(KeyCode.BACK_SPACE);
        hand.dragBetween(screen(30, 40), screen(20, 45));
        hand.press(KeyCode.ENTER);
        Id drawn = flat().pieces().getLast().id();
        assertThat(hand.studio().selection().pieces()).isEqualTo(Set.of(drawn));
        assertThat(flat().pieces().getLast().outline().data()).contains("C");
        hand.click("lay-here");
        hand.click("chapter-drape");
        hand.click("drape-corners");
        hand.write("light-of-the-picture", "80");
        assertThat(flat().dressing(drawn).light()).isEqualTo(0.8);
        Panel before = (Panel) flat().dressing(drawn).drape().orElseThrow();
        hand.dragBetween(screen(before.corners().get(2).x(), before.corners().get(2).y()),
                screen(before.corners().get(2).x() + 12, before.corners().get(2).y() + 9));
        Panel pulled = (Panel) flat().dressing(drawn).drape().orElseThrow();
        assertThat(pulled.corners().get(2).x()).isGreaterThan(before.corners().get(2).x() + 5);
        assertThat(pulled.cloth()).isEqualTo(before.cloth());
        // Folded in it would be no panel: the corner stays, and a sentence says why.
        hand.dragBetween(screen(pulled.corners().get(2).x(), pulled.corners().get(2).y()),
                screen(pulled.corners().get(0).x() - 4, pulled.corners().get(0).y() - 4));
        assertThat(hand.messageText()).contains("bulge outwards");
        Files.delete(file);
    }

    @Test
    void openShapesAreClosedPiecesHiddenAndSetAloneAndJoined() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Crew-smock");
        at(20, 20);
        hand.click("chapter-drawing");
        int lines = flat().lines().size();
        int pieces = flat().pieces().size();
        hand.click("close-0");
        assertThat(flat().lines()).hasSize(lines - 1);
        assertThat(flat().pieces()).hasSize(pieces + 1);
        hand.press(KeyCode.CONTROL, KeyCode.Z);

        at(420, 700);
        hand.click("chapter-piece");
        hand.click("piece-alone");
        assertThat(hand.studio().dressHand().alone()).containsExactly(new Id("front"));
        at(150, 480);
        assertThat(hand.studio().selection().pieces()).as("what is not seen is not taken").isEmpty();
        at(420, 700);
        hand.click("piece-alone");
        assertThat(hand.studio().dressHand().alone()).isEmpty();
        hand.click("piece-hidden");
        at(420, 700);
        assertThat(hand.studio().selection().pieces()).as("nothing lies under the hidden front").isEmpty();
        hand.click("piece-2");
        hand.click("piece-hidden");
        at(658, 400, KeyCode.SHIFT);
        assertThat(hand.studio().selection().pieces()).hasSize(2);
        hand.click("piece-join");
        assertThat(flat().pieces()).hasSize(pieces - 1);
    }

    @Test
    void aSheetGrowsWithAFigure() throws Exception {
        hand.click("stage-dress");
        hand.menu("add-article", 4);
        hand.click("chapter-figure");
        hand.menu("figure-add", 5);
        hand.write("figure-from-the-left", "300");
        hand.click("figure-grow");
        Article.Sheet sheet = (Article.Sheet) hand.studio().article().orElseThrow();
        assertThat(sheet.widthMm()).isGreaterThan(305);
        assertThat(hand.text("undo")).isEqualTo("Undo: let the sheet grow");
    }
}
