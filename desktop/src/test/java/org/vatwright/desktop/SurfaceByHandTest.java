package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.OutlineEffect;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.desktop.cloth.ClothImage;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;

/** Effects and teeth, by mouse and keys in the window. */
@Timeout(120)
class SurfaceByHandTest extends AtTheDemo {

    private Layer layer() {
        return hand.studio().layer().orElseThrow();
    }

    private <E extends Effect> E effect(Class<E> type) {
        return layer().effects().stream().filter(type::isInstance).map(type::cast).findFirst().orElseThrow();
    }

    @Test
    void anEffectIsPutOnTunedPutOffAndComesBackAsItWas() throws Exception {
        hand.click("shelf-Quay");
        Project before = hand.studio().project();
        hand.click("effect-relief");
        assertThat(layer().effects()).hasSize(1);
        assertThat(hand.text("undo")).isEqualTo("Undo: relief on");
        hand.write("height-of-the-relief", "3");
        hand.click("relief-sunk");
        assertThat(effect(Relief.class).heightMm()).isEqualTo(3);
        assertThat(effect(Relief.class).sunk()).isTrue();
        hand.click("knot-relief");
        assertThat(layer().effects()).isEmpty();
        hand.click("knot-relief");
        assertThat(effect(Relief.class).heightMm()).as("its numbers were kept").isEqualTo(3);
        hand.click("effect-outline");
        hand.click("outline-outside");
        assertThat(effect(OutlineEffect.class).side()).isEqualTo(OutlineEffect.Side.OUTSIDE);
        assertThat(layer().effects()).extracting(Effect::kind).containsExactly("outline", "relief");
        hand.write("width-of-the-outline", "a lot");
        assertThat(effect(OutlineEffect.class).widthMm()).as("what is no length changes nothing").isBetween(0.1, 5.0);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void theLightIsDraggedOnTheClothForReliefAndShadowTogether() throws Exception {
        hand.click("shelf-Quay");
        hand.click("effect-relief");
        hand.click("effect-cast-shadow");
        Node cell = hand.node("cell");
        hand.clickOn(cell, 2, 2);
        Point2D knob = hand.middle(hand.node("grip-light"));
        Project lit = hand.studio().project();
        hand.dragBetween(knob, knob.add(140, 0));
        double light = effect(Relief.class).lightDeg();
        assertThat(light).isBetween(20.0, 80.0);
        assertThat(effect(CastShadow.class).lightDeg()).isEqualTo(light);
        hand.type("90");
        hand.press(KeyCode.ENTER);
        assertThat(effect(CastShadow.class).lightDeg()).isEqualTo(90);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).as("a drag is one step").isEqualTo(lit);
    }

    @Test
    void numbersThatStandOpenCloseOnALayerThatHasNone() throws Exception {
        hand.click("shelf-Quay");
        hand.click("effect-relief");
        assertThat(hand.shows("height-of-the-relief")).isTrue();
        hand.click("shelf-Buoys");
        assertThat(hand.text("effect-now")).isEqualTo("none");
        assertThat(hand.shows("shown-all")).as("where it is seen takes the room again").isTrue();
        hand.click("shelf-Quay");
        hand.click("effect-relief");
        assertThat(hand.shows("shown-all")).isFalse();
    }

    /** Numbers, weaves and fades open below what is clicked for them, and what makes room for them is below it too. */
    @Test
    void nothingMovesAwayFromUnderTheHand() throws Exception {
        hand.click("shelf-Buoys");
        for (String id : List.of("effect-relief", "knot-relief", "shown-marks", "shown-warp",
                "faded", "shown-all")) {
            Node clicked = hand.node(id);
            Point2D before = hand.middle(clicked);
            hand.click(clicked);
            assertThat(hand.middle(clicked)).as(id).isEqualTo(before);
        }
        assertThat(layer().shows()).isEqualTo(Shows.EVERYWHERE);
    }

    @Test
    void whatIsPutOnLiesInTheLightThatIsThere() throws Exception {
        hand.click("shelf-Buoys");
        hand.click("effect-relief");
        hand.write("light-of-the-relief", "48");
        hand.click("effect-cast-shadow");
        assertThat(effect(CastShadow.class).lightDeg()).isEqualTo(48);
    }

    @Test
    void aStartPutsOnWhatItIsNamedFor() throws Exception {
        hand.click("shelf-Buoys");
        hand.menu("effect-starts", 5);
        assertThat(layer().effects()).extracting(Effect::kind).containsExactly("break-up", "tooth");
        hand.click("effect-tooth");
        hand.click("wear-crystals");
        assertThat(effect(ToothWear.class).form().kind()).isEqualTo(ToothKind.CRYSTALS);
        hand.menu("effect-starts", 6);
        assertThat(layer().effects()).isEmpty();
    }

    /** The ground, and the marks themselves, would hide what is in their own ink. */
    @Test
    void effectsBeginInInksThatAreSeen() throws Exception {
        hand.click("shelf-Quay");
        Ink ground = design().ground();
        hand.click("effect-cast-shadow");
        assertThat(effect(CastShadow.class).ink()).isNotEqualTo(ground);
        hand.click("shelf-Buoys");
        assertThat(layer().inks()).containsExactly(Ink.slot("Foam"));
        hand.click("effect-outline");
        assertThat(effect(OutlineEffect.class).ink()).as("neither of the ground nor its own")
                .isEqualTo(Ink.slot("Cork"));
        assertThat(hand.shows("shadow-unseen")).isFalse();
        hand.click("effect-cast-shadow");
        assertThat(effect(CastShadow.class).ink()).isEqualTo(Ink.slot("Cork"));
        assertThat(hand.shows("shadow-unseen")).as("nothing is darker than the sea").isTrue();
        hand.click("shelf-Gangway");
        hand.click("knot-cast-shadow");
        assertThat(effect(CastShadow.class).ink()).isEqualTo(Ink.slot("Navy"));
        assertThat(hand.shows("shadow-unseen")).isFalse();
    }

    /** Who puts on what does nothing is told why, before anything is taken for broken. */
    @Test
    void anEffectThatHasNoEdgeToWorkOnSaysSo() throws Exception {
        hand.click("shelf-Gangway");
        hand.click("effect-relief");
        assertThat(effect(Relief.class).heightMm()).as("a number that a hand would choose").isEqualTo(0.6);
        hand.until("a stripe covers everything", () -> hand.showsNow("effect-edgeless"));
        assertThat(hand.text("effect-edgeless")).contains("no edge to raise").contains("by lightness");
        hand.click("relief-lightness");
        assertThat(hand.shows("effect-edgeless")).as("heights need no edge").isFalse();
        hand.click("effect-cast-shadow");
        hand.until("its shadow", () -> hand.showsNow("effect-edgeless"));
        assertThat(hand.text("effect-edgeless")).contains("shadow falls nowhere");
        hand.click("knot-tooth");
        hand.until("worn tooth leaves gaps that throw a shadow", () -> !hand.showsNow("effect-edgeless"));
        hand.click("effect-halo");
        hand.rest();
        assertThat(hand.shows("effect-edgeless")).isFalse();
        hand.click("effect-blur");
        assertThat(hand.shows("effect-edgeless")).as("what is soft needs no edge").isFalse();
    }

    @Test
    void kindsOfToothAreToldApartEvenInTheInkOfTheGround() throws Exception {
        hand.click("shelf-Quay");
        Tooth stone = (Tooth) layer().structure();
        assertThat(stone.inks()).containsExactly(hand.studio().design().orElseThrow().ground());
        for (ToothKind kind : List.of(ToothKind.FINE, ToothKind.CRYSTALS, ToothKind.PAPER)) {
            ClothImage picture = (ClothImage) ((Labeled) hand.node("tooth-" + kind.words())).getGraphic();
            hand.until(kind.words() + " is seen", () -> IntStream.range(2, 30)
                    .map(x -> picture.argb(x, 12)).distinct().count() > 3
                    && picture.argb(2, 12) >>> 24 == 255);
        }
    }

    @Test
    void newBlendsAreChosenFromTheirPictures() throws Exception {
        hand.click("shelf-Buoys");
        hand.click("blend-linear-burn");
        assertThat(layer().mode()).isEqualTo(BlendMode.LINEAR_BURN);
    }

    @Test
    void aToothIsAddedChosenByItsPictureAndTuned() throws Exception {
        hand.click("shelf-Buoys");
        hand.addLayer("tooth");
        assertThat(layer().structure()).isInstanceOf(Tooth.class);
        hand.click("tooth-marble");
        hand.write("size-of-the-tooth", "9");
        hand.write("amount-of-the-tooth", "20");
        Tooth tooth = (Tooth) layer().structure();
        assertThat(tooth.form().kind()).isEqualTo(ToothKind.MARBLE);
        assertThat(tooth.form().sizeMm()).isEqualTo(9);
        assertThat(tooth.form().amount()).isEqualTo(0.2);
        hand.click("tooth-strew");
        assertThat(((Tooth) layer().structure()).form().seed()).isEqualTo(2);
        hand.menu("tooth-starts", 1);
        assertThat(((Tooth) layer().structure()).form().kind()).isEqualTo(ToothKind.FIBRE);
        assertThat(((Tooth) layer().structure()).form().seed()).as("strewn as it was").isEqualTo(2);
        hand.click("tooth-moves");
        assertThat(layer().moves()).isTrue();
        hand.click(hand.named("Add an ink to the tooth"));
        assertThat(((Tooth) layer().structure()).inks()).hasSize(2);
    }

    private List<ClothImage> pictures() throws Exception {
        List<Node> pickers = List.of(hand.node("effect-blur").getParent().getParent(), hand.node("blend-screen"));
        return Hand.onFx(() -> pickers.stream().flatMap(p -> p.lookupAll(".image-view").stream())
                .filter(ClothImage.class::isInstance).map(ClothImage.class::cast).toList());
    }

    /** Painting may be late: what is seen meanwhile must not be another layer's. */
    @Test
    void picturesOfEffectsAndBlendsAreOfTheChosenLayerOrNotThere() throws Exception {
        hand.click("shelf-Quay");
        List<ClothImage> seen = pictures();
        assertThat(seen).hasSizeGreaterThan(2);
        hand.until("they are there", () -> seen.stream().allMatch(p -> p.getImage() != null));
        CountDownLatch late = new CountDownLatch(1);
        Hand.onFx(() -> {
            for (int i = 0; i < 16; i++) {
                new ClothImage().draw(i, (fineness, work) -> {
                    try {
                        late.await();
                    } catch (InterruptedException e) {
                        throw new IllegalStateException(e);
                    }
                    return new Raster(1, 1);
                }, 300, 300);
            }
            return null;
        });
        hand.click("shelf-Buoys");
        hand.until("those of before are gone", () -> seen.stream().allMatch(p -> p.getImage() == null));
        late.countDown();
        hand.until("these are there", () -> seen.stream().allMatch(p -> p.getImage() != null));
    }
}
