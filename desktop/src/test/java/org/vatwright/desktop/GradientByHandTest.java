package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.studio.Stage;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;

/** Gradients and textures as inks, by mouse and keys in the window. */
@Timeout(120)
class GradientByHandTest extends AtTheDemo {

    private Fill last() {
        return design().fills().getLast();
    }

    private Fill.OfGradient gradient() {
        return last().gradient().orElseThrow();
    }

    private void fresh() throws Exception {
        hand.click("shelf-Buoys");
        hand.menu("add-fill", 1);
    }

    @Test
    void aGradientIsMadeItsBeadsAreStrungMovedAndTakenOff() throws Exception {
        hand.click("shelf-Buoys");
        Project before = hand.studio().project();
        hand.menu("add-fill", 1);
        assertThat(gradient().stops()).extracting(Gradient.Stop::ink).containsExactly(Ink.slot("Foam"),
                Ink.slot("Sea"));
        Node ramp = hand.node("ramp");
        // The strip is 260 px long and begins 7 px from the left; its beads hang 10 px under its 26.
        hand.clickOn(ramp, 7 + 130, 12);
        assertThat(gradient().stops()).extracting(Gradient.Stop::place).containsExactly(0.0, 0.5, 1.0);
        hand.drag(ramp, 7 + 130, 36, 65, 0);
        assertThat(gradient().stops().get(1).place()).isEqualTo(0.75);
        assertThat(hand.text("undo")).isEqualTo("Undo: inks of a gradient");
        hand.press(KeyCode.LEFT);
        assertThat(gradient().stops().get(1).place()).isEqualTo(0.74);
        hand.menu("ramp-ink", 2);
        assertThat(gradient().stops().get(1).ink()).isEqualTo(Ink.slot("Cork"));
        hand.write("opacity-of-the-gradient's-ink", "40");
        assertThat(gradient().stops().get(1).opacity()).isEqualTo(0.4);
        hand.drag(ramp, 7 + 0.74 * 260, 36, 0, 60);
        assertThat(gradient().stops()).as("pulled away it comes off").hasSize(2);
        hand.press(KeyCode.DELETE);
        assertThat(gradient().stops()).as("two are the least").hasSize(2);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void itsEndsArePulledOnTheClothAndADragIsOneStep() throws Exception {
        fresh();
        Project before = hand.studio().project();
        Point2D to = hand.middle(hand.node("grip-course-to"));
        Point2D from = hand.middle(hand.node("grip-course-from"));
        assertThat(to.getX() - from.getX()).as("once across the cell").isGreaterThan(100);
        hand.dragBetween(to, from.add((to.getX() - from.getX()) / 2, 0));
        assertThat(gradient().course().toU()).isBetween(0.245, 0.255);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);
        hand.click("gradient-kind-radial");
        assertThat(gradient().course().kind()).isEqualTo(Course.Kind.RADIAL);
        hand.click("gradient-across-mark");
        assertThat(gradient().across()).isEqualTo(Fill.Across.MARK);
    }

    @Test
    void thePlaceOfAnEndIsTypedBesideTheHand() throws Exception {
        fresh();
        Point2D to = hand.middle(hand.node("grip-course-to"));
        hand.dragBetween(to, to.add(-60, 20));
        hand.type("24, 36");
        hand.press(KeyCode.ENTER);
        // The tile is 96 x 48 mm.
        assertThat(gradient().course()).isEqualTo(new Course(Course.Kind.LINEAR, 0, 0.5, 0.25, 0.75, true));
    }

    @Test
    void whatItAsksForIsOfferedAndTold() throws Exception {
        fresh();
        hand.click("gradient-back");
        assertThat(((Label) hand.node("gradient-agrees")).getText()).startsWith("Sea meets Foam");
        hand.click("offer-gradient-again");
        assertThat(gradient().agrees()).isTrue();
        assertThat(gradient().stops()).hasSize(3);
        assertThat(((Label) hand.node("gradient-agrees")).getText()).startsWith("Both ends agree");
    }

    @Test
    void whatColoursNothingYetIsOfferedToTheInksOfTheLayerAndTheGround() throws Exception {
        fresh();
        Ink ink = last().ink();
        hand.click("offer-use-1");
        assertThat(hand.studio().layer().orElseThrow().inks()).as("all its cork").contains(ink)
                .doesNotContain(Ink.slot("Foam"));
        assertThat(hand.shows("offer-use-1")).as("it is in use now").isFalse();
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.click("offer-use-2");
        assertThat(design().ground()).isEqualTo(ink);
    }

    @Test
    void aTextureComesIntoTheInksWithItsSizeAndDensity() throws Exception {
        hand.click("shelf-Buoys");
        int fills = design().fills().size();
        hand.click("add-fill");
        hand.press(KeyCode.ESCAPE);
        MenuButton more = (MenuButton) hand.node("add-fill");
        int at = Hand.onFx(() -> more.getItems().stream().map(MenuItem::getText).toList().indexOf("Texture: Stone"));
        hand.menu("add-fill", at + 1);
        hand.until("the texture", () -> design().fills().size() > fills);
        assertThat(last().source()).isInstanceOfSatisfying(Fill.OfPicture.class,
                of -> assertThat(of.picture().dpi()).isEqualTo(300));
        assertThat(((Label) hand.node("fill-what")).getText()).startsWith("A picture of 945 x 945 px")
                .contains("12 x 12 mm here: 2000.3 dpi. Enough for 300 dpi up to 80 mm wide.");
    }

    @Test
    void whetherItRunsOverAllPiecesIsDecidedAtTheLay() throws Exception {
        Id left = new Id("left-front");
        Hand.onFx(() -> {
            hand.studio().select(s -> s.withStage(Stage.DRESS)
                    .withArticle(hand.studio().project().article(new Id("lifejacket-cover")).orElseThrow())
                    .withPieces(Set.of(left)));
            return null;
        });
        hand.click("lay-together");
        Lay lay = hand.studio().article().orElseThrow().dressing(left).lay().orElseThrow();
        assertThat(lay.together()).isFalse();
        assertThat(hand.text("undo")).isEqualTo("Undo: gradient over each piece");
        Hand.onFx(() -> {
            hand.studio().select(s -> s.withPieces(Set.of(new Id("collar"))));
            return null;
        });
        assertThat(hand.shows("lay-together")).as("Buoys have no such gradient").isFalse();
    }
}
