package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Path;

/** Numbers dragged and stepped, dials, bands as a list, a design begun from nothing. */
class NumbersByHandTest extends AtTheDemo {

    private Stripes stripes() {
        return (Stripes) design().layers().getFirst().structure();
    }

    @Test
    void aNumberIsDraggedByItsNameAndSteppedByTheArrows() throws Exception {
        Project before = hand.studio().project();
        Node name = hand.words("Width");
        hand.middle(name);
        hand.drag(name, 10, 8, 30, 0);
        assertThat(design().repeat().widthMm()).isEqualTo(106);
        assertThat(hand.text("undo")).isEqualTo("Undo: cell width 106 mm");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);
        hand.click("cell-height");
        hand.press(KeyCode.UP);
        hand.press(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(design().repeat().heightMm()).isEqualTo(87);
        hand.type("55");
        hand.press(KeyCode.ESCAPE);
        assertThat(hand.text("cell-height")).isEqualTo("87 mm");
        assertThat(design().repeat().heightMm()).isEqualTo(87);
    }

    @Test
    void theDialRestsOnAnglesThatClose() throws Exception {
        Node dial = hand.node("stripe-angle-dial");
        hand.middle(dial);
        hand.drag(dial, 75, 42, -32, -31);
        assertThat(stripes().angleDeg()).isEqualTo(90);
        assertThat(hand.shows("offer-resize-tile")).isFalse();
        hand.drag(dial, 42, 12, 15, 3);
        assertThat(stripes().angleDeg()).isNotEqualTo(90).isEqualTo(Math.rint(stripes().angleDeg()));
        hand.click("offer-angle-1");
        assertThat(hand.shows("offer-angle-1")).isFalse();
    }

    /** They are looked for beside the window, and those of the design before are gone at once. */
    @ParameterizedTest
    @CsvSource({"Quay, angle, blocks-angle-dial", "Sailcloth, grain, cloth-angle-dial"})
    void theDialMarksTheAnglesThatCloseOnceTheyAreFound(String design, String chapter, String id) throws Exception {
        hand.click("shelf-" + design);
        hand.click("layer-1");
        hand.click("chapter-" + chapter);
        Node dial = hand.node(id);
        hand.until("upright, and turned by a right angle", () -> marks(dial) >= 4);
        int found = Hand.onFx(() -> marks(dial));
        hand.click("shelf-Gangway");
        hand.click("shelf-" + design);
        hand.click("layer-1");
        hand.until("they are there again", () -> marks(dial) == found);
    }

    /** Each is a way from one point to another. */
    private static int marks(Node dial) {
        return ((Path) dial.lookup(".dial-mark")).getElements().size() / 2;
    }

    @Test
    void bandsAreAddedSplitMovedEdgedAndRemovedInTheList() throws Exception {
        BandRun before = stripes().run();
        hand.click("band-4-width");
        hand.click(hand.named("Add a band behind the chosen one"));
        assertThat(stripes().run().bands()).hasSize(before.bands().size() + 1);
        hand.click(hand.named("Split the chosen band"));
        assertThat(stripes().run().bands()).hasSize(before.bands().size() + 2);
        hand.click(hand.named("Move the chosen band back"));
        hand.write("feather-of-the-edges", "0.8");
        hand.write("irregular-edge", "0.5");
        hand.click(hand.words("these edges on all bands"));
        assertThat(stripes().run().bands()).allMatch(b -> b.edge().featherMm() == 0.8 && b.edge().wobbleMm() == 0.5);
        long seed = stripes().seed();
        hand.click(hand.words("cut anew"));
        assertThat(stripes().seed()).isEqualTo(seed + 1);
        hand.click(hand.named("Remove the chosen band"));
        assertThat(stripes().run().bands()).hasSize(before.bands().size() + 1);
        hand.write("band-1-width", "0");
        assertThat(stripes().run().bands().getFirst().width()).isEqualTo(26);
    }

    @Test
    void aDesignIsBegunFromNothing() throws Exception {
        hand.menu("project-menu", 1);
        assertThat(hand.studio().project().designs()).hasSize(1);
        hand.addLayer("stripes");
        hand.addLayer("dots");
        assertThat(design().layers()).hasSize(2);
        hand.write("arrangement", "drop 2/5");
        assertThat(design().repeat().arrangement()).isEqualTo(Arrangement.parse("drop 2/5"));
        hand.write("arrangement", "spiral");
        assertThat(hand.text("message-text")).contains("spiral");
        hand.write("dots-across", "6");
        assertThat(((Dots) design().layers().getLast().structure()).across()).isEqualTo(6);
        hand.write("design-name", "Pier");
        hand.menu("ground-ink", 4);
        assertThat(design().ground()).isEqualTo(Ink.CLEAR);
        assertThat(design().name()).isEqualTo("Pier");
        hand.click("shelf-toggle");
        hand.click("new-design");
        assertThat(hand.studio().project().designs()).hasSize(2);
        hand.click(hand.named("Search the shelf"));
        hand.type("pie");
        assertThat(hand.shows("shelf-Pier")).isTrue();
        assertThat(hand.shows("shelf-New-design")).isFalse();
    }

    @Test
    void keysFitTheClothAndShowItsTrueSize() throws Exception {
        ClothPane cell = (ClothPane) hand.node("cell");
        double fitted = cell.viewport().pxPerMm();
        hand.press(KeyCode.F7);
        assertThat(hand.text("zoom")).startsWith("100 %");
        assertThat(cell.viewport().pxPerMm()).isNotEqualTo(fitted);
        hand.press(KeyCode.F6);
        assertThat(cell.viewport().pxPerMm()).isEqualTo(fitted);
        hand.press(KeyCode.ALT, KeyCode.DIGIT2);
        hand.write("cells-across", "9");
        ClothPane field = (ClothPane) hand.node("field");
        hand.until("nine cells are seen", () -> Math.abs(
                field.getWidth() / field.viewport().pxPerMm() / design().repeat().widthMm() - 9) < 0.5);
        hand.click("sight-seams");
        hand.click("sight-plain");
        hand.write("density-of-the-output", "10");
        assertThat(hand.studio().project().density().dpi()).isEqualTo(10);
    }
}
