package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.files.blank.Blanks;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** Articles of our own drawing, chosen from pictures that wear the design in hand. */
@Timeout(120)
class BlanksByHandTest extends AtTheDemo {

    private void openBlanks() throws Exception {
        hand.click("shelf-Gangway");
        hand.press(KeyCode.ALT, KeyCode.DIGIT4);
        hand.until("the stage is there", () -> hand.studio().selection().stage() == Stage.DRESS);
        hand.menu("add-article", 1);
        hand.until("the sheet is there", () -> hand.showsNow("blank-sheet"));
    }

    @Test
    void eachWearsTheDesignInHandAndAClickTakesItAmongTheArticles() throws Exception {
        Project before = hand.studio().project();
        openBlanks();
        for (String name : Blanks.names()) {
            Node button = hand.node("blank-" + name.replace(' ', '-').toLowerCase(java.util.Locale.ROOT));
            ClothImage image = Hand.onFx(() -> (ClothImage) button.lookupAll("*").stream()
                    .filter(ClothImage.class::isInstance).findFirst().orElseThrow());
            hand.until(name + " is drawn", () -> image.getImage() != null && image.settled());
        }
        hand.click("blank-tee");
        assertThat(hand.shows("blank-sheet")).isFalse();
        Article.Flat tee = (Article.Flat) hand.studio().article().orElseThrow();
        assertThat(tee.name()).isEqualTo("Tee");
        for (Piece piece : tee.pieces()) {
            Lay lay = tee.dressing(piece.id()).lay().orElseThrow();
            assertThat(lay.design()).isEqualTo(design().id());
            assertThat(lay.scale()).isEqualTo(1);
            if (piece.name().equals("left sleeve")) {
                assertThat(lay.grainDeg()).as("along the sleeve").isBetween(-60.0, -20.0);
            } else if (piece.name().equals("front")) {
                assertThat(lay.grainDeg()).isZero();
            }
        }
        hand.menu("add-article", 1);
        hand.click("blank-tee");
        assertThat(hand.studio().article().orElseThrow().name()).isEqualTo("Tee 2");
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void whoWantsNoneClosesTheSheetAndNothingIsChanged() throws Exception {
        Project before = hand.studio().project();
        openBlanks();
        hand.press(KeyCode.ESCAPE);
        hand.until("it is closed", () -> !hand.showsNow("blank-sheet"));
        hand.menu("add-article", 1);
        hand.click("blanks-close");
        hand.until("it is closed", () -> !hand.showsNow("blank-sheet"));
        assertThat(hand.studio().project()).isEqualTo(before);
    }
}
