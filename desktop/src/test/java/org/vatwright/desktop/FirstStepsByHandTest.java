package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.dress.Article;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Task;

import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;

/** An empty place shows what can be done first, and a click on the picture does it. */
class FirstStepsByHandTest {

    @TempDir
    private Path folder;
    private Hand hand;

    @BeforeEach
    void anEmptyCommission() throws Exception {
        hand = Hand.onWelcome(folder);
        hand.press(KeyCode.CONTROL, KeyCode.N);
        if (!hand.shows("family-sheet")) {
            hand.click("welcome-new");
        }
        hand.addLayer("stripes");
    }

    @AfterEach
    void leave() throws Exception {
        hand.close();
    }

    @Test
    void nothingToDressOffersWordsASheetAndAFlat() throws Exception {
        hand.click("stage-dress");
        assertThat(hand.shows("first-flat")).isTrue();
        hand.click("first-words");
        assertThat(hand.studio().article().orElseThrow()).isInstanceOf(Article.Lettering.class);
        assertThat(hand.shows("first-words")).as("it is no longer empty").isFalse();
        assertThat(hand.shows("article-Words")).isTrue();
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.shows("first-words")).isTrue();
        hand.click("first-sheet");
        assertThat(hand.studio().article().orElseThrow()).isInstanceOf(Article.Sheet.class);
        assertThat(hand.studio().cut(hand.studio().article().orElseThrow()).dressed()).isEqualTo(1);
    }

    @Test
    void anEmptyDocketOffersATileAFieldAndWhatIsWorn() throws Exception {
        hand.click("stage-produce");
        hand.click("first-tile");
        assertThat(hand.studio().project().jobs()).extracting(Job::task).hasOnlyElementsOfType(Task.Tile.class);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.click("first-dressed");
        assertThat(hand.text("message-text")).isEqualTo("There is nothing of that kind to produce yet.");
        hand.click("first-field");
        assertThat(hand.studio().project().jobs()).extracting(Job::task).hasOnlyElementsOfType(Task.Field.class);
        assertThat(hand.shows("first-tile")).isFalse();
        hand.click("add-tile");
        assertThat(hand.studio().project().jobs()).hasSize(2);
    }

    @Test
    void withOnlyTheClothInViewTheWayBackIsTold() throws Exception {
        hand.press(KeyCode.F9);
        assertThat(hand.shows("recipe")).isFalse();
        Node told = hand.node("message-text");
        assertThat(Hand.onFx(() -> ((Labeled) told).getText()))
                .isEqualTo("Only the cloth is shown; F9 brings the rest back.");
        hand.press(KeyCode.F9);
        assertThat(hand.shows("recipe")).isTrue();
    }
}
