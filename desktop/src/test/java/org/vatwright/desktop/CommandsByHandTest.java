package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.studio.Stage;

import javafx.scene.input.KeyCode;

/** Whatever the present stage can do is taken by its words, wherever its control stands. */
class CommandsByHandTest extends AtTheDemo {

    private void say(String words) throws Exception {
        hand.press(KeyCode.F5);
        hand.type(words);
        hand.press(KeyCode.ENTER);
        hand.rest();
    }

    @Test
    void aNumberIsSetFromAnywhereAndItsChapterOpens() throws Exception {
        Project before = hand.studio().project();
        hand.click("chapter-bands");
        say("opacity 40");
        assertThat(hand.studio().layer().orElseThrow().opacity()).isEqualTo(0.4);
        assertThat(hand.text("undo")).isEqualTo("Undo: opacity 40 %");
        assertThat(hand.shows("opacity")).as("its chapter is open").isTrue();
        assertThat(hand.shows("commands")).isFalse();
        say("angle stripe 30");
        assertThat(((Stripes) hand.studio().layer().orElseThrow().structure()).angleDeg()).isEqualTo(30);
        say("cell width 120mm");
        assertThat(design().repeat().widthMm()).isEqualTo(120);
        assertThat(hand.shows("cell-width")).isTrue();
        say("cell height wide");
        assertThat(design().repeat().heightMm()).as("nothing is called so").isEqualTo(96);
        hand.press(KeyCode.ESCAPE);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void layersArrangementsFoldsAndStagesAreTakenByTheirWords() throws Exception {
        say("add dots");
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Deck stripe", "Dots");
        say("dup lay");
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Deck stripe", "Dots", "Dots copy");
        say("half drop repeat");
        assertThat(design().repeat().arrangement().toString()).isEqualTo("drop 1/2");
        say("blend multiply");
        hand.click("shelf-Terns");
        // In a fold of a chapter that is not open.
        say("even steps 7");
        assertThat(((Placing.Scattered) ((Motifs) hand.studio().layer().orElseThrow().structure()).placing()).relax())
                .isEqualTo(7);
        say("produce");
        assertThat(hand.studio().selection().stage()).isEqualTo(Stage.PRODUCE);
        int jobs = hand.studio().project().jobs().size();
        say("add field");
        assertThat(hand.studio().project().jobs()).hasSize(jobs + 1);
    }

    @Test
    void theListFollowsTheTypingAndEscapeGoesBackToWhereTheHandWas() throws Exception {
        hand.click("chapter-edges");
        hand.press(KeyCode.F5);
        hand.type("fea");
        assertThat(hand.shows("commands")).isTrue();
        assertThat(hand.named("feather of the edges").getStyleClass()).contains("command-line");
        hand.press(KeyCode.ESCAPE);
        assertThat(hand.shows("commands")).isFalse();
        hand.press(KeyCode.LEFT);
        assertThat(hand.shows("ink-of-band-1")).as("the keys are where they were: on the chapters").isTrue();
    }
}
