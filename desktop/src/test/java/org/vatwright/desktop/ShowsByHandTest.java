package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Fade;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.project.Project;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** Where a layer shows, fades, and layers taken together, by mouse and keys in the window. */
@Timeout(120)
class ShowsByHandTest extends AtTheDemo {

    private Layer layer() {
        return hand.studio().layer().orElseThrow();
    }

    private void sheen() throws Exception {
        hand.click("shelf-Tarpaulin");
        hand.click("layer-3");
        hand.click("chapter-surface");
    }

    @Test
    void aLayerShowsByTheMarksOfAnyLowerOneOrOutsideThem() throws Exception {
        sheen();
        hand.click("shown-outside");
        assertThat(layer().shows()).isEqualTo(new Shows.InMarks(Shows.InMarks.BELOW, true));
        hand.click("shown-of");
        hand.press(KeyCode.DOWN);
        hand.press(KeyCode.DOWN);
        hand.press(KeyCode.ENTER);
        assertThat(layer().shows()).as("of the ghost, the lowest").isEqualTo(new Shows.InMarks(1, true));
        hand.click("shown-marks");
        assertThat(layer().shows()).isEqualTo(new Shows.InMarks(1, false));
        hand.click("layer-1");
        assertThat(hand.node("shown-marks").isDisabled()).as("nothing lies below the lowest").isTrue();
    }

    @Test
    void aFadeIsPutOnAndItsEndsArePulledOnTheCloth() throws Exception {
        sheen();
        Project before = hand.studio().project();
        hand.click("faded");
        assertThat(layer().fade()).contains(new Fade(new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5, true), 1, 0));
        Point2D from = hand.middle(hand.node("grip-course-from"));
        Point2D to = hand.middle(hand.node("grip-course-to"));
        hand.dragBetween(to, from.add(0, (to.getX() - from.getX()) / 2));
        Course pulled = layer().fade().orElseThrow().course();
        assertThat(pulled.toU()).isBetween(-0.01, 0.01);
        assertThat(pulled.toV()).isBetween(0.99, 1.01);
        assertThat(hand.text("undo")).isEqualTo("Undo: ends of a fade");
        hand.click("fade-radial");
        hand.write("share-where-the-fade-ends", "30");
        assertThat(layer().fade().orElseThrow()).isEqualTo(new Fade(pulled.withKind(Course.Kind.RADIAL), 1, 0.3));
        hand.click("faded");
        assertThat(layer().fade()).isEmpty();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void layersAreTakenTogetherHiddenWithinAndOpenedAgain() throws Exception {
        hand.click("shelf-Tarpaulin");
        List<Layer> before = design().layers();
        hand.click("layer-4");
        Node other = hand.node("layer-5");
        hand.click(other, KeyCode.SHIFT);
        hand.click("take-together");
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Ghost", "Check", "Sheen", "Together");
        assertThat(layer().name()).as("it is the open one").isEqualTo("Together");
        hand.click("together-eye-5");
        assertThat(((Together) layer().structure()).layers()).extracting(Layer::visible).containsExactly(true, false);
        hand.click("chapter-surface");
        hand.click("effect-relief");
        assertThat(layer().effects()).hasSize(1);
        hand.click("take-together");
        assertThat(design().layers()).extracting(Layer::name)
                .containsExactlyElementsOf(before.stream().map(Layer::name).toList());
        assertThat(design().layers().getLast().visible()).isFalse();
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(design().layers()).hasSize(4);
    }
}
