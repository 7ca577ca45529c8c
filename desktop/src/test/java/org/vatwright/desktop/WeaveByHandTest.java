package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.files.wif.WifFile;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;

/** The draft grid and the weave's form by mouse and keys. Squares are 14 px, 24 by 24 threads are shown. */
class WeaveByHandTest extends AtTheDemo {

    private static final int SIDE = 14;
    private static final int LEFT = 26;
    private static final int SHAFTS = 44;
    private static final int TOP = SHAFTS + 4 * SIDE + 7;
    private static final int TREADLES = LEFT + 24 * SIDE + 7;

    private Project before;

    @BeforeEach
    void openTheDraft() throws Exception {
        hand.click("shelf-Bosun-Twill");
        hand.click("see-draft");
        hand.rest();
        before = hand.studio().project();
    }

    private Weaving weaving() {
        return (Weaving) design().layers().getFirst().structure();
    }

    private Draft draft() {
        return weaving().draft();
    }

    private void clickSquare(double x, double y) throws Exception {
        hand.clickOn(hand.node("draft"), x + SIDE / 2.0, y + SIDE / 2.0);
    }

    /** End 0 at the right, shaft 0 lowest. */
    private void clickThreading(int end, int shaft) throws Exception {
        clickSquare(LEFT + (23 - end) * SIDE, SHAFTS + (3 - shaft) * SIDE);
    }

    private void clickDrawdown(int end, int pick) throws Exception {
        clickSquare(LEFT + (23 - end) * SIDE, TOP + (23 - pick) * SIDE);
    }

    @Test
    void squaresAreClickedAndEveryPartFollows() throws Exception {
        clickThreading(1, 3);
        assertThat(draft().threading().columnMask(1)).isEqualTo(8);
        assertThat(hand.text("undo")).isEqualTo("Undo: thread end 2");
        assertThat(weaving().name()).isEqualTo("draft");
        // End 6 of the picture is end 2 of the second repeat.
        clickThreading(5, 0);
        assertThat(draft().threading().columnMask(1)).isEqualTo(1);
        // Treadle 1 lifts shaft 4 as well; pick 1 treads treadle 2.
        clickSquare(TREADLES, SHAFTS);
        assertThat(draft().tieUp().orElseThrow().columnMask(0)).isEqualTo(15);
        clickSquare(TREADLES + SIDE, TOP + 23 * SIDE);
        assertThat(draft().treadling().at(1, 0)).isTrue();
        assertThat(draft().treadling().at(0, 0)).isFalse();
        assertThat(weaving().fabric().weave().rows()).hasSize(4);
        assertThat(undoAll()).isEqualTo(before);
        boolean up = draft().drawdown().at(2, 1);
        clickDrawdown(2, 1);
        assertThat(draft().drawdown().at(2, 1)).isNotEqualTo(up);
        assertThat(draft().drawdown().marked()).isEqualTo(12 + (up ? -1 : 1));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void whatAWeaverReckonsWithFollowsTheWeave() throws Exception {
        Label numbers = (Label) hand.node("weave-numbers");
        hand.until("the floats of the twill are counted", () -> numbers.getText().contains("Longest float"));
        assertThat(numbers.getText()).isEqualTo("4 shafts, 4 treadles; 4 ends by 4 picks. Longest float: "
                + "warp 3 picks at end 1, pick 1; weft 1 end at end 4, pick 1. Warp on the face 75 %.");

        hand.write("weave", "plain");
        hand.until("the plain weave is counted", () -> numbers.getText().contains("50 %"));
        assertThat(numbers.getText()).isEqualTo("2 shafts, 2 treadles; 2 ends by 2 picks. Longest float: "
                + "warp 1 pick at end 1, pick 1; weft 1 end at end 2, pick 1. Warp on the face 50 %.");
    }

    @Test
    void aStrokePaintsAndIsOneUndo() throws Exception {
        hand.write("weave", "plain");
        hand.write("ends-of-the-draft", "24");
        hand.write("picks-of-the-draft", "24");
        Project blank = hand.studio().project();
        Squares plain = draft().drawdown();
        Node grid = hand.node("draft");
        // Along pick 12 from end 24 on, over eight squares.
        hand.drag(grid, LEFT + 7, 26 + 11 + 7 + 2 * SIDE + 7 + 12 * SIDE + 7, 7 * SIDE, 0);
        Squares painted = draft().drawdown();
        boolean mark = painted.at(23, 11);
        assertThat(mark).isNotEqualTo(plain.at(23, 11));
        for (int end = 16; end < 24; end++) {
            assertThat(painted.at(end, 11)).isEqualTo(mark);
        }
        assertThat(hand.text("undo")).isEqualTo("Undo: mark drawdown");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(blank);
    }

    @Test
    void areasAreCopiedFilledAdvancedMirroredAndShifted() throws Exception {
        hand.write("ends-of-the-draft", "16");
        Squares straight = draft().threading();
        Node grid = hand.node("draft");
        hand.click("draft-choose");
        // Ends 1 to 4 of 32 shown, all shafts.
        int right = LEFT + (int) Math.min(32, (grid.getLayoutBounds().getWidth() - LEFT - 107) / SIDE) * SIDE;
        hand.drag(grid, right - 4 * SIDE + 7, SHAFTS + 7, 3 * SIDE, 3 * SIDE);
        hand.click("draft-copy");
        assertThat(hand.messageText()).startsWith("4 by 4 squares copied");
        // Without an area the tools work on all of the part.
        hand.press(KeyCode.ESCAPE);
        hand.click("draft-advance");
        assertThat(draft().threading()).isEqualTo(
                Squares.by(16, 4, (end, shaft) -> Math.floorMod(shaft - end / 4, 4) == end % 4));
        hand.click("draft-fill");
        assertThat(draft().threading()).isEqualTo(straight);
        hand.click("draft-mirror-across");
        assertThat(draft().threading()).isEqualTo(straight.mirroredAcross());
        hand.click("draft-mirror-down");
        assertThat(draft().threading()).isEqualTo(straight);
        hand.click("draft-shift-right");
        assertThat(draft().threading()).isEqualTo(straight.shifted(-1, 0));
        hand.click("draft-shift-up");
        assertThat(draft().threading()).isEqualTo(straight.shifted(-1, 1));
        hand.click("draft-invert");
        assertThat(draft().threading().marked()).isEqualTo(48);
        hand.click("draft-clear");
        assertThat(draft().threading().marked()).isZero();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void theKeyboardDoesAllOfIt() throws Exception {
        clickDrawdown(0, 0);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.UP);
        // In the threading, above end 1, on the lowest shaft: up to shaft 3, and one end to the left.
        hand.press(KeyCode.UP);
        hand.press(KeyCode.UP);
        hand.press(KeyCode.LEFT);
        hand.press(KeyCode.SPACE);
        assertThat(draft().threading().columnMask(1)).isEqualTo(4);
        hand.press(KeyCode.CONTROL, KeyCode.RIGHT);
        hand.press(KeyCode.SPACE);
        assertThat(hand.text("undo")).isEqualTo("Undo: mark tie-up");
        hand.press(KeyCode.CONTROL, KeyCode.DOWN);
        hand.press(KeyCode.SHIFT, KeyCode.DOWN);
        hand.press(KeyCode.CONTROL, KeyCode.C);
        assertThat(hand.messageText()).contains("squares copied");
        hand.press(KeyCode.CONTROL, KeyCode.V);
        hand.press(KeyCode.CONTROL, KeyCode.RIGHT);
        hand.press(KeyCode.SPACE);
        assertThat(hand.text("undo")).startsWith("Undo: colour threads");
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void weavesAreNamedChosenAndRefused() throws Exception {
        hand.click("weave-satin-8-3");
        assertThat(draft()).isEqualTo(NamedWeave.parse("satin 8/3").draft());
        hand.write("weave", "satin 8/2");
        assertThat(hand.messageText()).contains("step 3, 5 will do");
        assertThat(weaving().name()).isEqualTo("satin 8/3");
        hand.write("weave", "herringbone 2/2 6");
        assertThat(draft().ends()).isEqualTo(12);
        hand.click("lift-plan");
        assertThat(draft().tieUp()).isEmpty();
        assertThat(draft().drawdown()).isEqualTo(NamedWeave.parse("herringbone 2/2 6").draft().drawdown());
        hand.click("tie-up");
        assertThat(draft().treadles()).isEqualTo(4);
        hand.click("sinking");
        assertThat(draft().rising()).isFalse();
        hand.click("first-end-left");
        assertThat(weaving().origin()).isEqualTo(new Origin(false, true));
        hand.write("shafts", "3");
        assertThat(draft().shafts()).as("told before it is done").isEqualTo(4);
        hand.click("draft-offer");
        assertThat(draft().shafts()).isEqualTo(3);
        hand.click("cloth-left");
        assertThat(hand.text("undo")).isEqualTo("Undo: move cloth left");
        hand.write("float-length", "3");
        assertThat(weaving().name()).isEqualTo("twill 3/3");
        hand.click("lines-falling");
        assertThat(weaving().name()).isEqualTo("twill 3/3 left");
        hand.write("gap-between-threads", "30");
        assertThat(((Look.Yarns) weaving().fabric().look()).yarn().warpWidth()).isEqualTo(0.7);
        hand.write("thread-width", "2mm");
        assertThat(weaving().fabric().picksPerCm()).isEqualTo(5);
        hand.click("yarn-linen");
        assertThat(weaving().fabric().look()).isEqualTo(new Look.Yarns(YarnLook.named("linen")));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void aWeaveShowsALayerAndTheCellThatHoldsBothIsOffered() throws Exception {
        hand.click("shown-warp");
        hand.write("mask-weave", "satin 7/2");
        hand.click("weaves-together");
        // 4 and 7 threads at 12 a cm begin anew after 28, which 40 mm hold nearly twice.
        assertThat(design().repeat().widthMm()).isCloseTo(2 * 280 / 12.0, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(hand.shows("weaves-together")).isFalse();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void threadsAreColouredOneByOneAndBySett() throws Exception {
        hand.menu("thread-colour", 3);
        // Ends 3 and 4 of each repeat, on the colour bar.
        hand.clickOn(hand.node("draft"), LEFT + 21 * SIDE + 7, 31);
        hand.clickOn(hand.node("draft"), LEFT + 20 * SIDE + 7, 31);
        assertThat(weaving().endInk(2)).isEqualTo(Ink.slot("Deep"));
        assertThat(weaving().endInk(7)).isEqualTo(Ink.slot("Deep"));
        assertThat(weaving().endInk(4)).isEqualTo(Ink.slot("Vat blue"));
        hand.write("sett-warp", "%s6 %s2".formatted(letter("Vat blue"), letter("Undyed")));
        assertThat(weaving().fabric().endsInPeriod()).isEqualTo(8);
        assertThat(undoAll()).isEqualTo(before);
    }

    private String letter(String slot) {
        return weaving().letters().entrySet().stream().filter(e -> e.getValue().equals(Ink.slot(slot))).findFirst()
                .map(java.util.Map.Entry::getKey).orElse(slot.substring(0, 1));
    }

    @Test
    void aWeavingFileIsDroppedAndWrittenAgain() throws Exception {
        Path file = folder.resolve("deck.wif");
        Files.writeString(file, """
                [WIF]
                Version=1.1
                [WEAVING]
                Shafts=2
                Treadles=2
                Rising Shed=yes
                [WARP]
                Threads=4
                Color=1
                [WEFT]
                Threads=4
                Color=2
                [COLOR PALETTE]
                Range=0,255
                [COLOR TABLE]
                1=20,40,90
                2=240,230,210
                [THREADING]
                1=1
                2=2
                3=1
                4=9
                [TIEUP]
                1=1
                2=2
                [TREADLING]
                1=1
                2=2
                3=1
                4=2
                [My Notes]
                moon=full
                """);
        hand.drop(file);
        assertThat(design().name()).isEqualTo("deck");
        assertThat(draft().shafts()).isEqualTo(9);
        assertThat(hand.messageText()).contains("[WEAVING] Shafts: says 2 shafts, 9 are used");
        Path out = folder.resolve("out.wif");
        hand.outside.answers.add(out);
        hand.click("see-draft");
        hand.menu("weaving-file", 2);
        assertThat(WifFile.read(out).draft()).isEqualTo(draft());
        assertThat(Files.readString(out)).contains("moon=full");
        Files.writeString(file, "[WEAVING]\nShafts=77\n[THREADING]\n1=77\n");
        Project good = hand.studio().project();
        hand.drop(file);
        assertThat(hand.studio().project()).isEqualTo(good);
        assertThat(hand.messageText()).contains("deck.wif was not read").contains("1 to 32");
    }

    @Test
    void aToolShowsItsWorkOnTheAreaBeforeItIsDone() throws Exception {
        assertThat(hand.shows("draft-choice")).as("nothing is chosen yet").isFalse();
        Node grid = hand.node("draft");
        hand.click("draft-choose");
        hand.drag(grid, LEFT + 7, TOP + 7, 3 * SIDE, 3 * SIDE);
        assertThat(hand.shows("draft-choice")).isTrue();
        javafx.scene.image.WritableImage before = picture(grid);
        hand.point(hand.node("draft-invert"));
        assertThat(same(before, picture(grid))).as("the squares are shown inverted").isFalse();
        assertThat(hand.studio().project()).as("and are not yet").isEqualTo(this.before);
        hand.point(hand.node("draft-threads"));
        assertThat(same(before, picture(grid))).isTrue();
        hand.click("draft-invert");
        assertThat(hand.text("undo")).startsWith("Undo: invert");
        hand.click("draft-mark");
        assertThat(hand.shows("draft-choice")).isFalse();
    }

    private static javafx.scene.image.WritableImage picture(Node node) throws Exception {
        return Hand.onFx(() -> node.snapshot(null, null));
    }

    private static boolean same(javafx.scene.image.Image a, javafx.scene.image.Image b) {
        int other = 0;
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                other += a.getPixelReader().getArgb(x, y) == b.getPixelReader().getArgb(x, y) ? 0 : 1;
            }
        }
        return other == 0;
    }
}
