package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Lab;
import org.vatwright.core.colour.Oklch;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** Colours by every notation and by eye, colourways, inks of the palette. */
class ColourByHandTest extends AtTheDemo {

    private Palette palette() {
        return hand.studio().design().map(Design::palette).orElseThrow();
    }

    private Rgb navy() {
        return palette().find("Night Crossing").orElseThrow().colours().get(1);
    }

    private void chooseNavyAtNight() throws Exception {
        hand.click("stage-colour");
        hand.click(hand.named("Navy in Night Crossing"));
    }

    @Test
    void everyNotationSetsTheColourAndWrongOnesKeepIt() throws Exception {
        chooseNavyAtNight();
        hand.write("colour-rgb", "31, 52, 96");
        assertThat(navy()).isEqualTo(new Rgb(31, 52, 96));
        assertThat(hand.text("colour-hex")).isEqualTo("#1f3460");
        hand.write("colour-cmyk", "0, 100, 100, 20");
        assertThat(navy()).isEqualTo(new Rgb(204, 0, 0));
        hand.write("colour-lab", "52 -3.3 -25.8");
        assertThat(navy()).isEqualTo(new Lab(52, -3.3, -25.8).toRgb());
        hand.write("colour-hex", "#0af");
        assertThat(navy()).isEqualTo(Rgb.parse("#00aaff"));
        for (String wrong : new String[]{"#12", "sea"}) {
            hand.write("colour-hex", wrong);
            assertThat(navy()).isEqualTo(Rgb.parse("#00aaff"));
            assertThat(hand.text("colour-hex")).isEqualTo("#00aaff");
            assertThat(hand.text("colour-error")).startsWith("The colour stays #00aaff: ");
        }
        hand.write("colour-rgb", "300, 0, 0");
        assertThat(navy()).isEqualTo(Rgb.parse("#00aaff"));
        assertThat(hand.text("undo")).isEqualTo("Undo: recolour Navy in Night Crossing");
    }

    @Test
    void aColourIsTypedAsSoonAsItsSwatchIsChosen() throws Exception {
        chooseNavyAtNight();
        hand.type("#0af");
        hand.press(KeyCode.ENTER);
        assertThat(navy()).isEqualTo(Rgb.parse("#00aaff"));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(navy()).isNotEqualTo(Rgb.parse("#00aaff"));
    }

    @Test
    void aDragOnThePlaneIsOneUndoAndTheHueStripTurns() throws Exception {
        chooseNavyAtNight();
        Project before = hand.studio().project();
        Oklch start = Oklch.of(navy());
        Node plane = hand.node("colour-plane");
        hand.middle(plane);
        hand.drag(plane, 60, 40, 60, -20);
        Oklch lighter = Oklch.of(navy());
        assertThat(lighter.lightness()).isBetween(0.75, 0.83);
        assertThat(Math.abs(lighter.hue() - start.hue())).isLessThan(4);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);
        hand.clickOn(plane, 25, 112);
        assertThat(Oklch.of(navy()).hue()).isBetween(32.0, 40.0);
        hand.press(KeyCode.DOWN);
        assertThat(Oklch.of(navy()).lightness()).isLessThan(start.lightness());
    }

    @Test
    void colourwaysAreCopiedRenamedKeptOpenedAndRemoved() throws Exception {
        Project before = hand.studio().project();
        hand.click("stage-colour");
        hand.click(hand.named("Copy Morning"));
        assertThat(palette().colourways()).extracting(c -> c.name()).contains("Morning 2");
        assertThat(hand.studio().selection().colourway()).isEqualTo("Morning 2");
        hand.click(hand.named("Let the first colourway be changed"));
        hand.click(hand.named("Weld in Morning"));
        hand.write("colour-hex", "#808000");
        assertThat(palette().first().colours().get(3)).isEqualTo(Rgb.parse("#808000"));
        hand.click(hand.named("Weld in Morning 2"));
        hand.click(hand.named("Remove this colourway"));
        assertThat(palette().colourways()).hasSize(2);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void inksAreAddedAndRenamedInThePalette() throws Exception {
        hand.click(hand.named("Add an ink to the palette"));
        hand.write("slot-name", "Kelp");
        assertThat(palette().slots()).containsExactly("Linen", "Navy", "Madder", "Weld", "Kelp");
        hand.write("slot-name", "Navy");
        assertThat(palette().slots()).containsExactly("Linen", "Navy", "Madder", "Weld", "Kelp");
        assertThat(hand.text("message-text")).contains("Navy");
        hand.write("colour-hex", "#3f5a2a");
        assertThat(hand.studio().selection().colourway()).isEqualTo("Morning 2");
        assertThat(palette().find("Morning 2").orElseThrow().colours().getLast()).isEqualTo(Rgb.parse("#3f5a2a"));
    }
}
