package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** Blocks, zigzags, interlace and flow lines by mouse and keys, on the cloth and as numbers. */
class LaidByHandTest extends AtTheDemo {

    private <S> S structure(Class<S> type) {
        return type.cast(design().layers().getFirst().structure());
    }

    private void clickCloth(double mmX, double mmY) throws Exception {
        ClothPane cell = (ClothPane) hand.node("cell");
        hand.clickOn(cell, cell.viewport().pxX(mmX), cell.viewport().pxY(mmY));
    }

    private void pull(String grip, double dx, double dy) throws Exception {
        Node knob = hand.node("grip-" + grip);
        var at = Hand.onFx(() -> knob.localToScreen(((javafx.scene.shape.Circle) knob).getCenterX(),
                ((javafx.scene.shape.Circle) knob).getCenterY()));
        hand.dragBetween(at, at.add(dx, dy));
    }

    @Test
    void blocksAreLaidPulledPickedAndMadeToRecurLater() throws Exception {
        hand.click("shelf-Quay");
        hand.click("layer-1");
        Project before = hand.studio().project();
        pull("breadth", 0, 8);
        Blocks pulled = structure(Blocks.class);
        assertThat(pulled.breadthMm()).isGreaterThan(48);
        assertThat(pulled.lengthMm()).isEqualTo(3 * (pulled.breadthMm() + 4) - 4, within(1e-9));
        assertThat(hand.text("undo")).isEqualTo("Undo: pull breadth");
        assertThat(hand.text("closes")).startsWith("Does not close");
        hand.click("closing-resize-cell");
        assertThat(pulled.closes(design().repeat())).isTrue();
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);

        clickCloth(425, 425);
        assertThat(hand.text("picked-block")).startsWith("This block");
        int picked = hand.studio().selection().own();
        hand.click(hand.named("Lighten this block"));
        hand.menu("ink-of-this-block", 4);
        assertThat(structure(Blocks.class).touches().values()).singleElement().satisfies(t -> {
            assertThat(t.tone()).isEqualTo(0.05, within(1e-9));
            assertThat(t.ink()).contains(Ink.slot("Fog"));
        });
        hand.write("block-length", "100");
        assertThat(structure(Blocks.class).lengthMm()).isEqualTo(146);
        assertThat(hand.studio().selection().own()).isEqualTo(picked);
        hand.click("block-as-others");
        assertThat(structure(Blocks.class).touches()).isEmpty();

        hand.click("bond-hexagons");
        hand.write("block-breadth", "160");
        hand.click("inks-by-turn");
        assertThat(structure(Blocks.class).bond()).isEqualTo(new Bond.Hexagons());
        assertThat(structure(Blocks.class).inking().way()).isEqualTo(Inking.Way.BY_TURN);
        hand.write("blocks-before-all-recurs", "40");
        assertThat(structure(Blocks.class).closes(design().repeat())).isTrue();
        assertThat(structure(Blocks.class).count(design().repeat())).isGreaterThanOrEqualTo(40);
        hand.click("sizes-together");
        double length = structure(Blocks.class).lengthMm();
        hand.write("block-breadth", "80");
        assertThat(structure(Blocks.class).lengthMm()).isEqualTo(length / 2, within(1e-9));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void zigzagsArePulledRoundedAndWarnedOf() throws Exception {
        hand.click("shelf-Swell");
        Project before = hand.studio().project();
        pull("amplitude", 0, -16);
        assertThat(structure(Zigzag.class).amplitudeMm()).isGreaterThan(6);
        pull("thickness-0", 0, 80);
        assertThat(structure(Zigzag.class).lines().getFirst().thicknessMm()).isGreaterThan(14);
        assertThat(hand.text("clear-gap")).startsWith("Lines touch");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.click("corner-round");
        hand.write("periods-in-the-cell", "3");
        assertThat(structure(Zigzag.class).periodMm()).isEqualTo(16, within(1e-9));
        assertThat(structure(Zigzag.class).closes(design().repeat())).isTrue();
        hand.click(hand.words("run upright"));
        assertThat(structure(Zigzag.class).angleDeg()).isEqualTo(90);
        assertThat(hand.text("clear-gap")).startsWith("Clear gap");
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void crossingsAreTurnedAboutByAClick() throws Exception {
        hand.click("shelf-Mooring");
        Project before = hand.studio().project();
        Interlace interlace = structure(Interlace.class);
        Interlace.Place place = interlace.crossings(design().repeat()).stream()
                .filter(p -> p.x() > 20 && p.x() < 70 && p.y() > 20 && p.y() < 70).findFirst().orElseThrow();
        clickCloth(place.x(), place.y());
        assertThat(structure(Interlace.class).flipped()).containsExactly(place.spot());
        assertThat(hand.text("crossings")).startsWith("1 crossing turned about");
        pull("size", 10, 0);
        assertThat(structure(Interlace.class).sizeMm()).isGreaterThan(56);
        assertThat(structure(Interlace.class).flipped()).containsExactly(place.spot());
        hand.click("crossings-alternate");
        assertThat(structure(Interlace.class).flipped()).isEmpty();
        hand.click("mesh-braid");
        hand.write("strands-of-the-braid", "4");
        assertThat(structure(Interlace.class).mesh()).isEqualTo(new Mesh.Braid(4));
        hand.write("count-across", "2");
        assertThat(structure(Interlace.class).spacingMm()).isEqualTo(40);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void flowLinesAreDrawnWithPointsBeadsAndMotion() throws Exception {
        hand.click("shelf-Wake");
        Project before = hand.studio().project();
        FlowLines start = structure(FlowLines.class);
        pull("point-1", 10, 12);
        FlowLines moved = structure(FlowLines.class);
        assertThat(moved.knots().get(1).y()).isGreaterThan(start.knots().get(1).y() + 4);
        assertThat(hand.studio().selection().own()).isEqualTo(1);
        pull("handle-1", 0, 15);
        assertThat(structure(FlowLines.class).knots().get(1).handleY())
                .isGreaterThan(moved.knots().get(1).handleY() + 4);
        hand.click(hand.named("Set a point after this one"));
        assertThat(structure(FlowLines.class).knots()).hasSize(4);
        hand.click("tied-1");
        hand.write("gap-1-of-row-1", "5");
        assertThat(structure(FlowLines.class).beads().getFirst().steps().getFirst().lengthMm())
                .isEqualTo(1.6, within(1e-9));
        assertThat(hand.text("beads-fit-1")).contains("times");
        hand.click("add-blob");
        assertThat(structure(FlowLines.class).blobs()).hasSize(start.blobs().size() + 1);
        hand.click("phase");
        assertThat(structure(FlowLines.class).phase()).isEqualTo(0.5, within(0.05));
        hand.write("copies-of-the-line", "2");
        assertThat(structure(FlowLines.class).copies().count()).isEqualTo(2);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void everyFamilyStartsClosed() throws Exception {
        hand.click("new-design");
        for (String family : new String[]{"blocks", "zigzag", "interlace", "flow"}) {
            hand.addLayer(family);
            assertThat(hand.text("closes")).as(family).isEqualTo("Closes on this tile");
        }
        assertThat(design().layers()).hasSizeGreaterThanOrEqualTo(4);
        assertThat(design().repeat().arrangement()).isEqualTo(Arrangement.STRAIGHT);
    }
}
