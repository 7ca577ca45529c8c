package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.BlendMode;

import javafx.scene.input.KeyCode;

/** Layers in the recipe, and files that cannot be opened. */
class LayersAndRefusalsTest extends AtTheDemo {

    @Test
    void layersAreDuplicatedNamedOrderedHiddenMixedAndDeleted() throws Exception {
        Project before = hand.studio().project();
        hand.click(hand.named("Duplicate this layer"));
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Deck stripe", "Deck stripe copy");
        hand.twice(hand.words("Deck stripe copy"));
        hand.write("layer-name", "Over it");
        hand.press(KeyCode.ALT, KeyCode.DOWN);
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Over it", "Deck stripe");
        hand.write("opacity", "40");
        assertThat(design().layers().getFirst().opacity()).isEqualTo(0.4);
        hand.click("blend-multiply");
        assertThat(design().layers().getFirst().mode()).isEqualTo(BlendMode.MULTIPLY);
        hand.click("measure-threads");
        assertThat(((Stripes) design().layers().getFirst().structure()).measure())
                .isEqualTo(new BandMeasure.Threads(10));
        hand.click(hand.named("Hide this layer"));
        assertThat(design().layers()).filteredOn(l -> !l.visible()).hasSize(1);
        hand.click(hand.named("Delete this layer"));
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Deck stripe");
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void aLayerIsMadeSoftAndShownInTheMarksBelow() throws Exception {
        Project before = hand.studio().project();
        assertThat(hand.node("shown-marks").isDisabled()).as("nothing lies below the lowest").isTrue();
        hand.click("effect-blur");
        hand.write("spread-of-the-blur", "1.5");
        assertThat(design().layers().getFirst().effects()).containsExactly(new Blur(1.5));
        hand.write("spread-of-the-blur", "-1");
        assertThat(design().layers().getFirst().effects()).containsExactly(new Blur(1.5));
        hand.click("effect-blur");
        hand.click(hand.named("Duplicate this layer"));
        hand.click("shown-marks");
        assertThat(design().layers().getLast().shows()).isEqualTo(Shows.IN_MARKS_BELOW);
        assertThat(design().layers().getLast().effects()).as("the copy is soft as well").containsExactly(new Blur(1.5));
        hand.click("knot-blur");
        assertThat(design().layers().getLast().effects()).isEmpty();
        hand.click("shown-all");
        assertThat(design().layers().getLast().shows()).isEqualTo(Shows.EVERYWHERE);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void whatCannotBeOpenedIsSaidAndLosesNothing() throws Exception {
        Project before = hand.studio().project();
        Path broken = folder.resolve("broken.vatwright");
        Files.write(broken, new byte[]{'P', 'K', 3, 4, 0, 0, 9});
        hand.outside.answers.add(broken);
        hand.press(KeyCode.CONTROL, KeyCode.O);
        assertThat(hand.text("message-text")).startsWith("broken.vatwright is broken or was cut short");
        assertThat(hand.studio().project()).isEqualTo(before);

        Path hostile = folder.resolve("hostile.svg");
        Files.writeString(hostile, "<!DOCTYPE svg [<!ENTITY a 'b'>]><svg>&a;</svg>");
        hand.outside.answers.add(hostile);
        hand.click("stage-dress");
        hand.menu("add-article", 2);
        assertThat(hand.text("message-text")).contains("declares entities");
        assertThat(hand.studio().project()).isEqualTo(before);
        assertThat(hand.studio().history().undoName()).isEmpty();
    }
}
