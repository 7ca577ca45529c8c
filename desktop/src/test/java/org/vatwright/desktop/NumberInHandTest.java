package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.studio.Stage;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** What is pulled on the cloth says its number beside the hand, and what is typed at once takes its place. */
class NumberInHandTest extends AtTheDemo {

    private <S extends Structure> S open(Class<S> type) {
        return type.cast(hand.studio().layer().orElseThrow().structure());
    }

    private void pull(String grip, double dx, double dy) throws Exception {
        // Grips show when the hand is on the cloth.
        Node cell = hand.node("cell");
        hand.clickOn(cell, 2, 2);
        Point2D from = hand.middle(hand.node(grip));
        hand.dragBetween(from, from.add(dx, dy));
    }

    @Test
    void theCellIsPulledAtItsCornerTypedOverAndEachIsOneStep() throws Exception {
        hand.click("shelf-Buoys");
        Project before = hand.studio().project();
        pull("repeat-corner", 40, 0);
        double wide = design().repeat().widthMm();
        assertThat(wide).isGreaterThan(48).isEqualTo(Math.rint(wide));
        assertThat(design().repeat().heightMm()).isEqualTo(48);
        assertThat(hand.text("hand-number")).isEqualTo("%.0f x 48 mm".formatted(wide));
        hand.type("60 x 5cm");
        hand.press(KeyCode.ENTER);
        assertThat(design().repeat().widthMm()).isEqualTo(60);
        assertThat(design().repeat().heightMm()).isEqualTo(50);
        assertThat(hand.shows("hand-number")).isFalse();
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(design().repeat().widthMm()).isEqualTo(wide);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).as("a drag is one step").isEqualTo(before);
    }

    @Test
    void aBandEdgeSaysItsWidthAndATypedOneIsTaken() throws Exception {
        pull("band-edge-4", 30, 0);
        double pulled = open(Stripes.class).run().bands().get(3).width();
        assertThat(pulled).isNotEqualTo(14);
        assertThat(hand.text("hand-number")).endsWith(" mm");
        hand.type("9");
        hand.press(KeyCode.ENTER);
        assertThat(open(Stripes.class).run().bands().get(3).width()).isEqualTo(9);
        assertThat(hand.text("undo")).isEqualTo("Undo: band 4 9 mm");

        pull("band-edge-4", 10, 0);
        hand.press(KeyCode.ESCAPE);
        assertThat(hand.shows("hand-number")).isFalse();
        pull("band-edge-4", 10, 0);
        hand.type("wide");
        hand.press(KeyCode.ENTER);
        assertThat(hand.text("message-text")).contains("wide");
    }

    @Test
    void aDotIsPulledLargerWithoutBeingMoved() throws Exception {
        hand.click("shelf-Buoys");
        hand.click("layer-1");
        Dots before = open(Dots.class);
        pull("grip-dot", 10, 10);
        Dots pulled = open(Dots.class);
        int chosen = hand.studio().selection().own();
        double now = pulled.dots().get(Math.max(0, chosen)).diameterMm();
        assertThat(now).isGreaterThan(before.dots().get(Math.max(0, chosen)).diameterMm() + 1);
        assertThat(pulled.dots()).extracting(d -> d.x()).isEqualTo(before.dots().stream().map(d -> d.x()).toList());
        hand.type("7.5");
        hand.press(KeyCode.ENTER);
        assertThat(open(Dots.class).dots().get(Math.max(0, chosen)).diameterMm()).isEqualTo(7.5);
        assertThat(hand.text("undo")).isEqualTo("Undo: size of the dot 7.5 mm");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(open(Dots.class)).as("a drag is one step").isEqualTo(before);
    }

    @Test
    void stripesAndClothsAreTurnedByTheArmInTheMiddle() throws Exception {
        pull("grip-turn", -10, -40);
        double turned = open(Stripes.class).angleDeg();
        assertThat(turned).isBetween(30.0, 60.0);
        hand.type("30");
        hand.press(KeyCode.ENTER);
        assertThat(open(Stripes.class).angleDeg()).isEqualTo(30);
        assertThat(hand.text("undo")).isEqualTo("Undo: turn to 30\u00b0");

        hand.click("shelf-Skarholm");
        double ends = open(Plaid.class).fabric().endsPerCm();
        hand.hold(KeyCode.SHIFT, true);
        pull("grip-turn", -12, -30);
        hand.hold(KeyCode.SHIFT, false);
        assertThat(open(Plaid.class).angleDeg() % 15).isEqualTo(0);
        assertThat(open(Plaid.class).angleDeg()).isGreaterThan(0);
        assertThat(open(Plaid.class).fabric().endsPerCm()).isEqualTo(ends);
    }

    @Test
    void aGripOfALengthTakesATypedLengthInAnyUnit() throws Exception {
        hand.click("shelf-Swell");
        double before = open(Zigzag.class).amplitudeMm();
        pull("grip-amplitude", 0, -20);
        double pulled = open(Zigzag.class).amplitudeMm();
        assertThat(pulled).isGreaterThan(before);
        assertThat(Double.parseDouble(hand.text("hand-number").replace(" mm", ""))).isCloseTo(pulled, within(0.006));
        hand.type("0.6cm");
        hand.press(KeyCode.ENTER);
        assertThat(open(Zigzag.class).amplitudeMm()).isEqualTo(6);
        assertThat(hand.text("undo")).isEqualTo("Undo: amplitude 6 mm");
    }

    @Test
    void theGapOfAScatterIsPulledAtTheRingAroundAMotif() throws Exception {
        hand.click("shelf-Terns");
        double before = gap();
        pull("grip-gap", 12, 0);
        assertThat(gap()).isGreaterThan(before);
        assertThat(hand.text("hand-number")).isEqualTo("%s mm".formatted(Numbers.plain(gap(), 2)));
        hand.type("3");
        hand.press(KeyCode.ENTER);
        assertThat(gap()).isEqualTo(3);
        assertThat(hand.text("undo")).isEqualTo("Undo: gap between motifs 3 mm");
    }

    @Test
    void aDotSaysItsPlaceATypedOneIsTakenAndDeleteStillReachesTheCloth() throws Exception {
        hand.click("shelf-Buoys");
        hand.click("layer-1");
        Node cell = hand.node("cell");
        Point2D dot = Hand.onFx(() -> {
            var view = ((ClothPane) cell).viewport();
            return cell.localToScreen(view.pxX(24), view.pxY(24));
        });
        hand.dragBetween(dot, dot.add(17, 23));
        assertThat(hand.text("hand-number")).matches("[\\d.]+, [\\d.]+ mm");
        hand.type("10, 1cm");
        hand.press(KeyCode.ENTER);
        assertThat(open(Dots.class).dots()).anySatisfy(d -> {
            assertThat(d.x()).isEqualTo(10);
            assertThat(d.y()).isEqualTo(10);
        });
        assertThat(hand.text("undo")).isEqualTo("Undo: place dot");
        hand.press(KeyCode.RIGHT);
        assertThat(hand.text("undo")).as("the arrows are the cloth's again").isEqualTo("Undo: nudge dot");
        assertThat(Hand.onFx(cell::isFocused)).isTrue();
    }

    @Test
    void arrowsAreNotForTheNumberUntilItIsTypedAndItGoesByItself() throws Exception {
        hand.click("shelf-Swell");
        pull("grip-amplitude", 0, -12);
        double pulled = open(Zigzag.class).amplitudeMm();
        hand.press(KeyCode.RIGHT);
        assertThat(hand.shows("hand-number")).isFalse();
        assertThat(open(Zigzag.class).amplitudeMm()).isEqualTo(pulled);
        pull("grip-amplitude", 0, 6);
        assertThat(hand.shows("hand-number")).isTrue();
        hand.click("chapter-surface");
        assertThat(hand.shows("hand-number")).as("the hand is elsewhere").isFalse();
        assertThat(hand.text("undo")).isEqualTo("Undo: pull amplitude");
    }

    private double gap() {
        return ((Placing.Scattered) open(Motifs.class).placing()).gapMm();
    }

    @Test
    void aDoubleClickOnWhatIsWornGoesToDressThatPiece() throws Exception {
        hand.click("worn-Crew-apron");
        Node worn = hand.node("worn");
        double wide = Hand.onFx(() -> worn.getLayoutBounds().getWidth());
        hand.twice(worn, wide / 2, 300);
        assertThat(hand.studio().selection().stage()).isEqualTo(Stage.DRESS);
        assertThat(hand.studio().article().orElseThrow().name()).isEqualTo("Crew apron");
        assertThat(hand.studio().selection().pieces()).hasSize(1);
        assertThat(hand.shows("grain-of-the-lay")).isTrue();
    }

    @Test
    void theRepeatIsRearrangedInItsLineAndAnInkIsTypedAtOnce() throws Exception {
        hand.click("recurs-drop-1/2");
        assertThat(design().repeat().arrangement().toString()).isEqualTo("drop 1/2");
        hand.click("swatch-Weld");
        hand.rest();
        hand.type("#336699");
        hand.press(KeyCode.ENTER);
        assertThat(design().palette().orFirst(hand.studio().selection().colourway()).colours()
                .get(design().palette().slot("Weld")).hex()).isEqualTo("#336699");
    }
}
