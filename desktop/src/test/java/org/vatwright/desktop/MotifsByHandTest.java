package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.motif.Form;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.geometry.Point2D;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;

/** Motifs by mouse and keys: drawn, combined, read, set and moved on the cloth, scattered, in groups. */
class MotifsByHandTest extends AtTheDemo {

    private Motifs motifs() {
        return (Motifs) hand.studio().layer().orElseThrow().structure();
    }

    private Point2D onCloth(double mmX, double mmY) throws Exception {
        ClothPane cell = (ClothPane) hand.node("cell");
        return Hand.onFx(() -> cell.localToScreen(cell.viewport().pxX(mmX), cell.viewport().pxY(mmY)));
    }

    @Test
    void aMotifIsSetDraggedOverAnEdgeMovedByACellAndChangedAlone() throws Exception {
        hand.click("shelf-Terns");
        Project before = hand.studio().project();
        hand.click("place-hand");
        hand.click("set-one");
        assertThat(motifs().byHand()).singleElement().isEqualTo(new Instance(1, 120, 120));
        hand.dragBetween(onCloth(121, 122), onCloth(236, 40));
        Instance moved = motifs().byHand().getFirst();
        assertThat(moved.x()).isBetween(225.0, 240.0);
        assertThat(moved.y()).isBetween(30.0, 45.0);
        assertThat(hand.text("undo")).isEqualTo("Undo: move a motif");
        hand.press(KeyCode.RIGHT);
        assertThat(motifs().byHand().getFirst().x()).isEqualTo(moved.x() + 0.5, within(1e-6));
        Instance nudged = motifs().byHand().getFirst();
        hand.press(KeyCode.CONTROL, KeyCode.DOWN);
        assertThat(motifs().byHand().getFirst()).isEqualTo(nudged);
        assertThat(hand.text("picked-motif")).isEqualTo("This Tern, 1 of 1 set by hand");
        hand.write("turn-of-the-motif", "30");
        assertThat(motifs().byHand().getFirst().turnDeg()).isEqualTo(30);
        hand.click("set-one");
        hand.click("unlink");
        assertThat(motifs().motifs()).hasSize(3);
        assertThat(motifs().byHand().get(1).motif()).isEqualTo(3);
        hand.click(hand.node("cell"));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void shapesAreDrawnSizedAndCombined() throws Exception {
        hand.click("new-design");
        hand.addLayer("motifs");
        assertThat(motifs().motifs().getFirst().parts()).hasSize(1);
        hand.menu("add-shape", 3);
        hand.write("form-size", "20");
        hand.write("form-hole", "40");
        assertThat(motifs().motifs().getFirst().parts().get(1).form()).isEqualTo(new Form.Ring(20, 0.4));
        hand.write("outline-of-the-shape", "1.5");
        assertThat(motifs().motifs().getFirst().parts().get(1).edge().orElseThrow().widthMm()).isEqualTo(1.5);
        hand.menu("with-below", 1);
        assertThat(motifs().motifs().getFirst().parts()).singleElement()
                .satisfies(p -> assertThat(p.form()).isInstanceOf(Form.Free.class));
        hand.menu("with-below", 1);
        hand.until("it is refused", () -> hand.messageText().contains("othing lies below"));
        hand.menu("draw-motif", 6);
        assertThat(motifs().motifs()).hasSize(2);
        hand.write("form-points", "8");
        assertThat(((Form.Star) motifs().motifs().get(1).parts().getFirst().form()).points()).isEqualTo(8);
        hand.click("place-scattered");
        hand.write("scattered-motifs", "9");
        hand.write("motifs-put-into-gaps", "2");
        hand.write("steps-apart", "4");
        Placing.Scattered scattered = (Placing.Scattered) motifs().placing();
        assertThat(scattered.count()).isEqualTo(9);
        Labeled told = (Labeled) hand.node("placed");
        hand.until("it says how many there are", () -> told.getText().startsWith("11 placed"));
        hand.click(hand.named("Scatter anew"));
        assertThat(((Placing.Scattered) motifs().placing()).seed()).isEqualTo(scattered.seed() + 1);
    }

    @Test
    void lettersAreShapesAndCopiesGoByNumberAndStep() throws Exception {
        hand.click("new-design");
        hand.addLayer("motifs");
        hand.click("part-extras");
        hand.write("shape-down", "-20");
        hand.write("copies-of-the-shape", "6");
        hand.write("turn-of-copies", "60");
        hand.click("make-copies");
        assertThat(motifs().motifs().getFirst().parts()).hasSize(6);
        assertThat(motifs().motifs().getFirst().parts().get(3).y()).isEqualTo(20, within(1e-9));
        assertThat(hand.text("undo")).isEqualTo("Undo: copy a shape");
        hand.write("letters-text", "QK");
        assertThat(motifs().motifs().getFirst().parts().getLast().form())
                .isInstanceOfSatisfying(Form.Letters.class, l -> assertThat(l.text()).isEqualTo("QK"));
        assertThat(motifs().motifs().getFirst().parts().getLast().form().shape().getBounds2D().getCenterX())
                .isEqualTo(0, within(1e-6));
    }

    @Test
    void aGroupMakesTheCellFit() throws Exception {
        hand.click("shelf-Terns");
        hand.click("group-p6m");
        assertThat(motifs().group()).isEqualTo(WallpaperGroup.P6M);
        assertThat(design().repeat().heightMm()).isEqualTo(240 * Math.sqrt(3), within(1e-9));
        assertThat(design().repeat().arrangement()).isEqualTo(Arrangement.STRAIGHT);
        assertThat(hand.text("group-words")).startsWith("p6m, turned by sixths, mirrored: each motif 24 times");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(design().repeat().arrangement()).isEqualTo(Arrangement.HALF_DROP);
    }

    @Test
    void aDrawingBecomesAMotifWithItsColoursAsSlots() throws Exception {
        hand.click("shelf-Gangway");
        Path drawing = folder.resolve("anchor.svg");
        Files.writeString(drawing,
                "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='20mm' viewBox='0 0 20 20'>"
                        + "<rect width='20' height='20' fill='#123456'/><circle cx='10' cy='10' r='4' fill='#ab3b2c'/>"
                        + "<text>no</text></svg>");
        hand.outside.answers.add(drawing);
        hand.addFrom("read-motif");
        hand.until("it is told", () -> hand.messageText().contains("left out: text"));
        assertThat(motifs().motifs()).singleElement().satisfies(m -> {
            assertThat(m.name()).isEqualTo("anchor");
            assertThat(m.bounds().getWidth()).isEqualTo(20, within(1e-9));
        });
        assertThat(design().palette().slots()).contains("anchor 1");
        hand.drop(drawing);
        assertThat(motifs().motifs()).hasSize(2);
    }
}
