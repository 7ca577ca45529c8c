package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.project.Project;
import org.vatwright.core.stitch.TrimForm.Corner;
import org.vatwright.core.stitch.TrimForm.Touch;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;

/** Motifs as a trim in a design: laid, pulled at its line and its breadth, single repeats treated, by mouse and keys. */
class TrimInDesignByHandTest extends AtTheDemo {

    @BeforeEach
    void open() throws Exception {
        hand.click("shelf-Galley-napkin");
        hand.click("chapter-placing");
    }

    private Motifs motifs() {
        return hand.studio().structure(Motifs.class).orElseThrow();
    }

    private Placing.Trim trim() {
        return (Placing.Trim) motifs().placing();
    }

    private Point2D on(double mmX, double mmY) throws Exception {
        ClothPane cell = (ClothPane) hand.node("cell");
        return Hand.onFx(() -> cell.localToScreen(cell.viewport().pxX(mmX), cell.viewport().pxY(mmY)));
    }

    private void click(double mmX, double mmY) throws Exception {
        Point2D at = on(mmX, mmY);
        hand.clickAt(at.getX(), at.getY());
    }

    @Test
    void itsBreadthIsPulledTypedOverAndEachIsOneStep() throws Exception {
        Project before = hand.studio().project();
        click(210, 210);
        Point2D knob = hand.middle(hand.node("grip-breadth"));
        Point2D wanted = on(210, 210 + 86 + 17);
        assertThat(knob.distance(wanted)).as("at the outer side of the ring").isLessThan(4);
        hand.dragBetween(knob, on(210, 210 + 86 + 10));
        assertThat(trim().form().breadthMm()).isEqualTo(20, within(2.0));
        assertThat(hand.text("hand-number")).endsWith(" mm");
        hand.type("28");
        hand.press(KeyCode.ENTER);
        assertThat(trim().form().breadthMm()).isEqualTo(28);
        hand.click("undo");
        hand.click("undo");
        assertThat(hand.studio().project()).isEqualTo(before);
    }

    @Test
    void aCornerOfItsLineIsPulledAndRepeatsStayWhole() throws Exception {
        hand.click(hand.words("Flags around"));
        assertThat(trim().corner()).contains(4);
        int repeats = motifs().trimRun().orElseThrow().seen().size();
        hand.dragBetween(on(368, 368), on(330, 368));
        FreePath line = FreePath.of(trim().line());
        assertThat(line.point(0, 2).x()).isEqualTo(330, within(2.5));
        assertThat(line.point(0, 1).x()).isEqualTo(368);
        assertThat(motifs().trimRun().orElseThrow().seen().size()).isEqualTo(repeats - 1);
        assertThat(motifs().trimRun().orElseThrow().corners()).hasSize(4);
        assertThat(hand.text("undo")).isEqualTo("Undo: move the line");
    }

    @Test
    void aRepeatThatIsClickedIsTreatedAlone() throws Exception {
        assertThat(hand.shows("way-of-a-repeat-in-the-run")).isFalse();
        // Far from the line's points, at which a press takes hold of them.
        int number = motifs().trimRun().orElseThrow().at(210 - 61, 210 - 61);
        click(210 - 61, 210 - 61);
        assertThat(hand.studio().selection().placed()).as("marked once, as the trim's").isEqualTo(-1);
        hand.write("size-of-a-repeat-in-the-run", "150");
        assertThat(trim().form().touched()).isEqualTo(Map.of(number, new Touch(0, 1.5, false)));
        hand.click("run-repeat-out");
        assertThat(motifs().trimRun().orElseThrow().seen()).hasSize(9).noneMatch(r -> r.number() == number);
        click(210, 210);
        assertThat(hand.shows("way-of-a-repeat-in-the-run")).isFalse();
    }

    @Test
    void cornersAreTurnedByAnyMotifOfTheLayerAndItCanBeSetByHand() throws Exception {
        hand.click(hand.words("Flags around"));
        hand.menu("run-turned-by", 2);
        assertThat(trim().corner()).contains(1);
        hand.click("run-corner-mitre");
        assertThat(trim().form().corner()).isEqualTo(Corner.MITRE);
        assertThat(hand.shows("run-turned-by")).isFalse();
        int all = motifs().placed(hand.studio().design().orElseThrow().repeat()).size();
        hand.click("set-all");
        assertThat(motifs().placing()).isEqualTo(new Placing.ByHand());
        assertThat(motifs().byHand()).hasSize(all);
    }

    @Test
    void whatItRunsAlongIsChosenByAWord() throws Exception {
        List<String> lines = List.of(trim().line().data());
        hand.click("run-across");
        double[] ends = {FreePath.of(trim().line()).point(0, 0).x(), FreePath.of(trim().line()).point(0, 2).x()};
        assertThat(ends).containsExactly(0, 420);
        hand.click("run-frame");
        assertThat(FreePath.of(trim().line()).runs().getFirst().points()).hasSize(4);
        hand.click("run-ring");
        assertThat(trim().line().data()).isNotIn(lines);
        assertThat(hand.text("run-told")).matches("\\d+ repeats(, drawn out [+-]?[0-9.]+ %)?");
    }
}
