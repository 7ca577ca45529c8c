package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.BlendMode;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;

/** The recipe: chosen, ordered, grouped, locked, named and copied, by mouse and by keys. */
class RecipeByHandTest extends AtTheDemo {

    private Project before;

    /** Buoys with two more layers: floats 1, spray 2, stripes 3, zigzag 4. */
    @BeforeEach
    void fourLayers() throws Exception {
        hand.click("shelf-Buoys");
        hand.addLayer("stripes");
        hand.addLayer("zigzag");
        before = hand.studio().project();
    }

    private List<Integer> order() {
        return design().layers().stream().map(Layer::id).toList();
    }

    private Layer layer(int id) {
        return design().layer(id).orElseThrow();
    }

    private void drag(String line, String onto, double share) throws Exception {
        Point2D from = hand.middle(hand.node(line));
        Node target = hand.node(onto);
        Point2D to = hand.middle(target);
        double height = ((Region) target).getHeight();
        hand.dragBetween(from, to.add(0, (share - 0.5) * height));
    }

    @Test
    void layersAreDraggedToAnotherPlaceOneOrSeveral() throws Exception {
        drag("layer-4", "layer-2", 0.9);
        assertThat(order()).containsExactly(1, 4, 2, 3);
        assertThat(hand.text("undo")).isEqualTo("Undo: move Zigzag");
        drag("layer-1", "layer-3", 0.1);
        assertThat(order()).containsExactly(4, 2, 3, 1);

        hand.click("layer-4");
        hand.click(hand.node("layer-3"), KeyCode.CONTROL);
        assertThat(hand.studio().selection().layers()).containsExactlyInAnyOrder(3, 4);
        drag("layer-3", "layer-1", 0.1);
        assertThat(order()).containsExactly(2, 1, 4, 3);
        assertThat(hand.text("undo")).isEqualTo("Undo: move 2 layers");
        hand.click("layer-4");
        assertThat(hand.studio().selection().layers()).as("a click without a drag chooses the one").containsExactly(4);
    }

    @Test
    void severalAreChosenAndChangedTogetherAsOneStep() throws Exception {
        hand.click("layer-2");
        hand.click(hand.node("layer-4"), KeyCode.SHIFT);
        assertThat(hand.studio().selection().layers()).containsExactly(2, 3, 4);
        hand.write("opacity", "50");
        hand.click("blend-multiply");
        assertThat(design().layers()).extracting(Layer::opacity).containsExactly(1.0, 0.5, 0.5, 0.5);
        assertThat(design().layers()).extracting(Layer::mode).containsExactly(BlendMode.NORMAL, BlendMode.MULTIPLY,
                BlendMode.MULTIPLY, BlendMode.MULTIPLY);
        hand.click("layer-2");
        hand.click(hand.node("layer-3"), KeyCode.CONTROL);
        hand.press(KeyCode.SPACE);
        assertThat(design().layers()).extracting(Layer::visible).containsExactly(true, false, false, true);
        hand.press(KeyCode.CONTROL, KeyCode.D);
        assertThat(order()).containsExactly(1, 2, 3, 5, 6, 4);
        assertThat(hand.studio().selection().layers()).containsExactly(5, 6);
        hand.click(hand.named("Delete this layer"));
        assertThat(order()).containsExactly(1, 2, 3, 4);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(order()).as("both were deleted in one step").containsExactly(1, 2, 3, 5, 6, 4);
    }

    @Test
    void aGroupIsNamedFoldedHiddenAndTakenApart() throws Exception {
        hand.click("layer-1");
        hand.click(hand.node("layer-3"), KeyCode.CONTROL);
        hand.press(KeyCode.CONTROL, KeyCode.G);
        assertThat(order()).containsExactly(2, 1, 3, 4);
        assertThat(design().layers()).extracting(Layer::group).containsExactly("", "Group", "Group", "");
        hand.twice(hand.words("Group"));
        hand.write("group-name", "Water");
        assertThat(layer(1).group()).isEqualTo("Water");
        hand.click("group-eye-Water");
        assertThat(design().layers()).extracting(Layer::visible).containsExactly(true, false, false, true);
        hand.click(hand.named("Fold this group"));
        assertThat(hand.shows("layer-1")).isFalse();
        assertThat(hand.shows("layer-2")).isTrue();
        hand.click(hand.named("Unfold this group"));
        assertThat(hand.shows("layer-1")).isTrue();
        hand.click("group-line-Water");
        assertThat(hand.studio().selection().layers()).containsExactly(1, 3);
        hand.click(hand.named("Group the chosen layers, or take them out of their group"));
        assertThat(design().layers()).extracting(Layer::group).containsOnly("");
        assertThat(undoTo(before)).isTrue();
    }

    private boolean undoTo(Project wanted) throws Exception {
        for (int i = 0; i < 30 && !hand.studio().project().equals(wanted); i++) {
            hand.press(KeyCode.CONTROL, KeyCode.Z);
        }
        return hand.studio().project().equals(wanted);
    }

    @Test
    void aLockedLayerWithstandsFieldsGripsAndDeletionAndCanStillBeHidden() throws Exception {
        hand.click("layer-1");
        hand.press(KeyCode.CONTROL, KeyCode.L);
        assertThat(layer(1).locked()).isTrue();
        Design locked = design();
        hand.write("dots-across", "3");
        assertThat(hand.text("message-text")).isEqualTo("Floats is locked; unlock it in the recipe to change it.");
        assertThat(hand.text("dots-across")).isEqualTo("1");
        hand.write("opacity", "20");
        hand.click("layer-1");
        hand.press(KeyCode.DELETE);
        assertThat(design()).isEqualTo(locked);
        hand.press(KeyCode.SPACE);
        assertThat(layer(1).visible()).isFalse();
        hand.click("unlock-1");
        hand.write("dots-across", "3");
        assertThat(hand.studio().history().undoName()).contains("3 dots across");
    }

    @Test
    void keysWalkTheRecipeOrderItAndNameALayerInItsPlace() throws Exception {
        hand.click("layer-4");
        hand.press(KeyCode.DOWN);
        hand.press(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(hand.studio().selection().layers()).containsExactly(2, 3);
        hand.press(KeyCode.ALT, KeyCode.UP);
        assertThat(order()).containsExactly(1, 4, 2, 3);
        hand.press(KeyCode.UP);
        hand.press(KeyCode.F2);
        hand.type("Rail");
        hand.press(KeyCode.ENTER);
        assertThat(layer(3).name()).isEqualTo("Rail");
        hand.press(KeyCode.F2);
        hand.type("Nothing of it");
        hand.press(KeyCode.ESCAPE);
        assertThat(layer(3).name()).isEqualTo("Rail");
    }

    private void copyTheFloatsIntoGangway() throws Exception {
        hand.click("layer-1");
        hand.press(KeyCode.CONTROL, KeyCode.C);
        hand.click("shelf-Gangway");
        hand.click("layer-1");
        hand.press(KeyCode.CONTROL, KeyCode.V);
    }

    @Test
    void layersGoIntoAnotherDesignWithTheirInksByKeysAndOntoTheShelf() throws Exception {
        copyTheFloatsIntoGangway();
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Deck stripe", "Floats");
        assertThat(design().palette().slots()).contains("Cork", "Sea");
        assertThat(design().layers().getLast().structure().inks()).contains(Ink.slot("Cork"));
        assertThat(hand.studio().layer().orElseThrow().name()).isEqualTo("Floats");

        hand.click("shelf-Buoys");
        hand.dragBetween(hand.middle(hand.node("layer-2")), hand.middle(hand.node("shelf-Swell")));
        Design swell = hand.studio().project().design(new Id("swell")).orElseThrow();
        assertThat(swell.layers()).extracting(Layer::name).containsExactly("Waves", "Spray");
        assertThat(hand.text("message-text")).isEqualTo("1 layer copied into Swell with its inks.");
        assertThat(design().name()).as("the one in view stays").isEqualTo("Buoys");
    }

    @Test
    void keysGoOnFromWhatWasPastedDoubledOrLeftByDeleting() throws Exception {
        copyTheFloatsIntoGangway();
        hand.press(KeyCode.DOWN);
        assertThat(hand.studio().layer().orElseThrow().name()).as("below what was pasted").isEqualTo("Deck stripe");
        hand.press(KeyCode.CONTROL, KeyCode.D);
        hand.press(KeyCode.DELETE);
        hand.press(KeyCode.DELETE);
        assertThat(design().layers()).as("the doubled one, then the one that is chosen after it").hasSize(1);
        hand.press(KeyCode.F2);
        hand.type("Rail");
        hand.press(KeyCode.ENTER);
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Rail");
    }

    private ImageView strip(String line) throws Exception {
        Node node = hand.node(line);
        return Hand.onFx(() -> (ImageView) node.lookup(".image-view"));
    }

    @Test
    void theStripOfALayerNeverShowsThatOfAnotherDesign() throws Exception {
        ImageView strip = strip("layer-1");
        hand.until("the strip is there", () -> strip.getImage() != null);
        Image floats = strip.getImage();
        // At once: its own picture takes a moment.
        assertThat(Hand.onFx(() -> {
            hand.studio().select(s -> s.withDesign(hand.studio().project().design(new Id("skarholm")).orElseThrow()));
            return Optional.ofNullable(strip.getImage());
        })).isEmpty();
        hand.until("its own is there", () -> strip.getImage() != null);
        assertThat(strip.getImage()).isNotSameAs(floats);
        // An edit of the same one leaves it there meanwhile.
        Image sett = strip.getImage();
        assertThat(Hand.onFx(() -> {
            hand.studio().editDesign("ground", d -> d.withName("Other"));
            return strip.getImage();
        })).isSameAs(sett);
    }
}
