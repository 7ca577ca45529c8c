package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.FillClosing;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;

import javafx.scene.control.MenuButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;

/** Designs and pictures as inks, by mouse and keys. */
class FillsByHandTest extends AtTheDemo {

    private Fill fill() {
        return design().fills().getLast();
    }

    @Test
    void aDesignBecomesAnInkIsLaidAndMadeToCloseAndFollowsItsOwnChange() throws Exception {
        hand.click("shelf-Gangway");
        Project before = hand.studio().project();
        // Portholes shows Swell; Gangway may be shown by all others and shows what does not show it.
        hand.click("add-fill");
        MenuButton more = (MenuButton) hand.node("add-fill");
        hand.until("each design of the menu is seen", () -> more.getItems().stream().skip(5)
                .allMatch(i -> i.getGraphic() instanceof ImageView seen && seen.getImage() != null));
        hand.press(KeyCode.ESCAPE);
        hand.menu("add-fill", 8);
        assertThat(fill().name()).isEqualTo("Skarholm");
        hand.write("scale-of-the-fill", "30");
        assertThat(fill().wide()).isEqualTo(0.3);
        assertThat(hand.text("fill-closes")).startsWith("Does not close; drawn at 0\u00b0");
        hand.click("fill-scale-1");
        assertThat(FillClosing.closes(fill(), design().repeat().tile())).isTrue();
        assertThat(hand.text("fill-closes")).isEqualTo("Closes on this tile");
        hand.write("turn-of-the-fill", "90");
        hand.write("start-of-the-fill-across", "1/2in");
        assertThat(fill().startX()).isEqualTo(12.7);
        hand.click("fill-follows");
        assertThat(fill().follows()).isFalse();
        hand.click("fill-anew");
        assertThat(hand.text("fill-closes")).startsWith("Starts in the middle of each mark");
        hand.write("fill-name", "Cloth");
        assertThat(fill().name()).isEqualTo("Cloth");

        hand.click(hand.named("Add an ink to the palette"));
        int slots = design().palette().slots().size();
        hand.menu("ink-of-band-1", slots + 1);
        assertThat(((Stripes) hand.studio().layer().orElseThrow().structure()).inks())
                .contains(new Ink.Filled("Cloth"));
        hand.click("swatch-Cloth");
        hand.click("fill-remove");
        assertThat(design().fills()).isEmpty();
        assertThat(((Stripes) hand.studio().layer().orElseThrow().structure()).inks())
                .doesNotContain(new Ink.Filled("Cloth"));
        hand.click(hand.node("cell"));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void theLargerTileIsTakenAndGivenBackAndADesignThatIsShownCannotGo() throws Exception {
        hand.click("shelf-Portholes");
        hand.click("swatch-Swell");
        hand.click("fill-through");
        hand.write("scale-of-the-fill", "25");
        hand.click(hand.words("Holds both: tile 180 x 180 mm, 2 x 2 cells"));
        assertThat(design().repeat().tile().heightMm()).isEqualTo(180);
        assertThat(hand.text("fill-closes")).isEqualTo("Closes on this tile");
        hand.click("fill-least-tile");
        assertThat(design().repeat().tile().heightMm()).isEqualTo(90);
        hand.write("scale-the-whole-repeat", "200");
        assertThat(design().repeat().widthMm()).isEqualTo(180);
        // The one that runs through is scaled itself, the one in each hatch by its mark.
        assertThat(design().fills()).extracting(Fill::wide).containsExactly(0.5, 0.5);
        assertThat(hand.text("scale-the-whole-repeat")).isEqualTo("100 %");
        hand.click("swatch-Saloon Check");
        hand.click("fill-through");
        assertThat(hand.text("undo")).isEqualTo("Undo: run an ink through");
    }
}
