package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.vatwright.core.band.Band;
import org.vatwright.core.family.check.Checks;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.woven.ThreadMask;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;

/** Plaids and checks by mouse and keys: the sett as text and on the rules, in step both ways. */
class PlaidByHandTest extends AtTheDemo {

    private Project before;

    @BeforeEach
    void chooseThePlaid() throws Exception {
        hand.click("shelf-Skarholm");
        before = hand.studio().project();
    }

    private Plaid plaid() {
        return (Plaid) design().layers().getFirst().structure();
    }

    private Fabric fabric() {
        return plaid().fabric();
    }

    @Test
    void theSettIsTypedAndFaultsAreMarkedWhileTheClothStays() throws Exception {
        hand.write("sett-warp", "B/6 G20 Y/4");
        assertThat(fabric().warp().bands()).extracting(Band::width).containsExactly(6.0, 20.0, 4.0);
        assertThat(fabric().warp().pivot()).isTrue();
        assertThat(hand.text("undo")).isEqualTo("Undo: sett B/6 G20 Y/4");
        hand.write("sett-warp", "B6 G20 Y4");
        assertThat(fabric().warp().pivot()).isFalse();
        Project good = hand.studio().project();
        hand.write("sett-warp", "B6 20 Y4");
        assertThat(hand.studio().project()).isEqualTo(good);
        assertThat(hand.text("sett-warp-error")).startsWith("\"20\" lacks its colour");
        assertThat(hand.shows("sett-warp-marks")).isTrue();
        hand.press(KeyCode.ESCAPE);
        assertThat(hand.text("sett-warp")).isEqualTo("B6 G20 Y4");
        assertThat(undoAll()).isEqualTo(before);
        assertThat(hand.text("sett-warp")).isEqualTo("W/4 B24 G8 B8 G24 Y4 A12 R/12");
    }

    @Test
    void usualLettersAreKnownAndNewOnesAskedForOnce() throws Exception {
        hand.write("sett-warp", "K8 B24 Q6");
        assertThat(fabric().warp().bands()).hasSize(8);
        hand.menu("letter-Q", 7);
        assertThat(fabric().warp().bands()).extracting(Band::ink).containsExactly(Ink.slot("Black"), Ink.slot("Navy"),
                Ink.slot("Q"));
        assertThat(design().palette().slots()).contains("Black", "Q");
        assertThat(hand.text("sett-letters")).isEqualTo("B Navy, K Black, Q Q");
        hand.write("sett-warp", "K8 B24 Q10");
        assertThat(hand.shows("letter-Q")).isFalse();
        assertThat(fabric().warp().bands().getLast().width()).isEqualTo(10);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void theWholeRepeatIsTurnedToAnAngleThatCloses() throws Exception {
        double side = design().repeat().widthMm();
        hand.write("turn-the-whole-repeat", "40");
        assertThat(hand.text("turn-all-1")).startsWith("Turn all by 39.8");
        hand.write("turn-the-whole-repeat", "45");
        hand.click("turn-all-1");
        assertThat(hand.text("undo")).startsWith("Undo: turn all by 45\u00b0");
        assertThat(design().repeat().widthMm()).isEqualTo(side * Math.sqrt(2), within(1e-9));
        assertThat(plaid().angleDeg()).isEqualTo(45, within(1e-9));
        assertThat(plaid().closes(design().repeat())).isTrue();
        assertThat(hand.shows("turn-all-1")).isFalse();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void bandsAreDraggedCarriedAndInkedOnBothRulesAndTheTextFollows() throws Exception {
        Node edge = hand.node("band-edge-2");
        hand.drag(edge, 4, 10, 30, 0);
        assertThat(fabric().warp().length()).isEqualTo(176);
        assertThat(fabric().warp().bands().get(1).width()).isGreaterThan(24);
        assertThat(hand.text("sett-warp")).isEqualTo(plaid().text(true).toString()).isNotEqualTo("W/4 B24 G8 B8");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);

        hand.click("weft-own");
        Node weftEdge = hand.node("weft-edge-5");
        hand.drag(weftEdge, 10, 4, 0, 16);
        assertThat(fabric().weft().bands().get(4).width()).isGreaterThan(24);
        assertThat(fabric().warp().bands().get(4).width()).isEqualTo(24);
        assertThat(hand.text("sett-weft")).isEqualTo(plaid().text(false).toString());

        Node rule = hand.node("warp-rule");
        Point2D navy = Hand.onFx(() -> rule.localToScreen(40, 10));
        Point2D kelp = Hand.onFx(() -> rule.localToScreen(120, 10));
        hand.dragBetween(navy, kelp);
        assertThat(fabric().warp().bands().get(1).ink()).isEqualTo(Ink.slot("Kelp"));
        assertThat(hand.text("undo")).isEqualTo("Undo: carry Navy band");
        hand.dragBetween(hand.middle(hand.node("swatch-Madder")), Hand.onFx(() -> rule.localToScreen(5, 10)));
        assertThat(fabric().warp().bands().getFirst().ink()).isEqualTo(Ink.slot("Madder"));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void theSettIsScaledPivotedAndWovenOtherwise() throws Exception {
        hand.write("threads-of-the-sett", "100");
        assertThat(fabric().warp().length()).isEqualTo(100);
        assertThat(fabric().warp().bands()).allMatch(b -> b.width() == Math.rint(b.width()) && b.width() >= 1);
        hand.click("sett-repeat");
        assertThat(hand.text("sett-warp")).doesNotContain("/");
        hand.click("sett-pivot");
        hand.click("weave-plain");
        assertThat(fabric().weave()).isEqualTo(Weave.plain());
        hand.write("weave", "twill 3/1");
        assertThat(fabric().weave().name()).isEqualTo("twill 3/1");
        hand.write("weave", "knit");
        assertThat(fabric().weave().name()).isEqualTo("twill 3/1");
        assertThat(hand.text("message-text")).contains("no weave we know");
        hand.click("look-blended");
        hand.write("share-of-the-warp", "70");
        assertThat(fabric().look()).isEqualTo(new Look.Blended(0.7));
        hand.click("look-woven");
        hand.write("ends-per-cm", "14");
        assertThat(fabric().endsPerCm()).isEqualTo(14);
        assertThat(plaid().closes(design().repeat())).isFalse();
        hand.click("closing-resize-cell");
        assertThat(plaid().closes(design().repeat())).isTrue();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void thePeriodIsSaidAndTheThreadThatMakesItSmallIsOffered() throws Exception {
        assertThat(hand.text("period-ends")).isEqualTo("176 ends: sett 176, weave 4, together again after 1 sett");
        hand.write("band-2-width", "25");
        assertThat(hand.text("period-ends")).startsWith("356 ends: sett 178");
        hand.click("fewer-ends");
        assertThat(fabric().endsInPeriod()).isLessThan(200);
        assertThat(hand.shows("fewer-ends")).isFalse();
    }

    @Test
    void onTheBiasItClosesOnALargerTile() throws Exception {
        hand.write("angle-of-the-cloth", "45");
        assertThat(plaid().closes(design().repeat())).isFalse();
        hand.click("closing-turn-1");
        assertThat(plaid().closes(design().repeat())).isTrue();
        assertThat(design().repeat().widthMm()).isBetween(155.5, 155.6);
        hand.click(hand.named("Delete this layer"));
        hand.addLayer("check");
        Checks checks = (Checks) design().layers().getFirst().structure();
        assertThat(checks.closes(design().repeat())).isTrue();
    }

    @Test
    void theFirstPlaidOfANewDesignHasACellOfOneSett() throws Exception {
        hand.click("new-design");
        hand.addLayer("plaid");
        assertThat(design().repeat().widthMm()).isEqualTo(fabric().periodWidthMm());
        assertThat(design().repeat().heightMm()).isEqualTo(fabric().periodHeightMm());
        assertThat(plaid().closes(design().repeat())).isTrue();
        hand.click("new-design");
        hand.addLayer("weave");
        assertThat(design().repeat().widthMm()).as("one period of four threads would be a speck").isGreaterThan(25);
    }

    @Test
    void aCheckIsMadeFromNumbersAndGoesOnAsAPlaid() throws Exception {
        hand.click("shelf-Saloon-Check");
        assertThat(hand.text("pixels-told")).contains("94.49 px");
        hand.click("whole-pixels");
        assertThat(hand.shows("pixels-told")).isFalse();
        hand.click("check-kind");
        for (int i = 0; i < 4; i++) {
            hand.press(KeyCode.DOWN);
        }
        hand.press(KeyCode.ENTER);
        Checks hounds = (Checks) design().layers().getFirst().structure();
        assertThat(hounds.kind()).isEqualTo(Checks.Kind.HOUNDSTOOTH);
        hand.write("threads-of-a-band", "900");
        assertThat(((Checks) design().layers().getFirst().structure()).band()).isEqualTo(4);
        hand.click("to-plaid");
        assertThat(fabric()).isEqualTo(hounds.fabric());
        assertThat(hand.text("sett-warp")).isEqualTo("F4 GA4");
    }

    @Test
    void theInksOfACheckStayWhereTheyAreWhileItsNumbersChange() throws Exception {
        hand.click("shelf-Saloon-Check");
        Node second = hand.node("check-ink-2");
        hand.write("threads-of-a-band", "12");
        assertThat(((Checks) design().layers().getFirst().structure()).band()).isEqualTo(12);
        Hand.onFx(() -> {
            second.requestFocus();
            return null;
        });
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);
        assertThat(hand.node("check-ink-2")).isSameAs(second);
        assertThat(Hand.onFx(second::isFocused)).as("keys go on where they were").isTrue();
    }

    @Test
    void aLayerIsWovenInWhereTheWarpIsOnTop() throws Exception {
        hand.addLayer("stripes");
        hand.click("shown-weft");
        assertThat(design().layers().getLast().mask())
                .contains(new ThreadMask(Weave.parse("twill 2/2"), false, 16, 16));
        hand.write("threads-of-the-mask", "8");
        hand.click("mask-weave-plain");
        assertThat(design().layers().getLast().mask()).contains(new ThreadMask(Weave.plain(), false, 8, 8));
        hand.click("shown-all");
        assertThat(design().layers().getLast().mask()).isEmpty();
    }

    @Test
    void aLongSettIsPastedAndThePointerCountsItsThreads() throws Exception {
        String sett = "B12 G24 W8 R6 ".repeat(8).strip();
        Hand.onFx(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(sett);
            return Clipboard.getSystemClipboard().setContent(content);
        });
        hand.click("sett-warp");
        hand.press(KeyCode.CONTROL, KeyCode.A);
        hand.press(KeyCode.CONTROL, KeyCode.V);
        hand.press(KeyCode.ENTER);
        assertThat(fabric().warp().length()).isEqualTo(400);
        assertThat(hand.text("sett-warp")).isEqualTo(sett);
        hand.click("closing-resize-cell");
        assertThat(design().repeat().widthMm()).isEqualTo(250);
        ClothPane pane = (ClothPane) hand.node("cell");
        Point2D place = Hand.onFx(() -> new Point2D(pane.viewport().pxX(250.5 / 16 * 10), pane.viewport().pxY(3.2)));
        hand.clickOn(pane, place.getX(), place.getY());
        assertThat(hand.text("read-out")).containsPattern("end 25[01], pick [56]");
        hand.click(hand.named("Mirror: turn the order of the bands round"));
        assertThat(fabric().warp().bands().getFirst().ink()).isEqualTo(Ink.slot("Madder"));
        hand.click(hand.named("Set all bands once more behind the last"));
        assertThat(fabric().warp().length()).isEqualTo(800);
    }
}
