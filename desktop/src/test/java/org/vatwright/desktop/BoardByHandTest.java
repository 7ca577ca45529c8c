package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Density;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.files.picture.PictureWriter;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Circle;

/** A motif drawn on the board, and placed along a line and by single throws, by mouse and keys. */
class BoardByHandTest extends AtTheDemo {

    private Node board;

    private Motifs motifs() {
        return (Motifs) hand.studio().layer().orElseThrow().structure();
    }

    private Motif motif() {
        return hand.studio().motifHand().in(motifs());
    }

    private Point2D on(String pane, double mmX, double mmY) throws Exception {
        ClothPane cell = (ClothPane) hand.node(pane);
        return Hand.onFx(() -> cell.localToScreen(cell.viewport().pxX(mmX), cell.viewport().pxY(mmY)));
    }

    private void click(String pane, double x, double y, KeyCode... held) throws Exception {
        Point2D at = on(pane, x, y);
        hand.clickAt(at.getX(), at.getY(), held);
    }

    private Part part(int index) {
        return motif().parts().get(index);
    }

    @Test
    void aPathIsDrawnChangedByItsPointsAndUndone() throws Exception {
        hand.click("shelf-Portholes");
        Project before = hand.studio().project();
        hand.click("see-motif");
        hand.click("board-draw");
        click("board", -20, -36);
        hand.dragBetween(on("board", 0, -40), on("board", 10, -40));
        click("board", 20, -36);
        click("board", -20, -36);
        assertThat(motif().parts()).hasSize(3);
        FreePath drawn = FreePath.of(((Form.Free) part(2).form()).outline());
        assertThat(drawn.runs()).singleElement().satisfies(r -> assertThat(r.points()).hasSize(3));
        assertThat(drawn.point(0, 1).smooth()).isTrue();
        assertThat(drawn.point(0, 1).x()).isEqualTo(0, within(0.3));

        hand.click("board-points");
        hand.dragBetween(on("board", drawn.point(0, 2).x(), drawn.point(0, 2).y()), on("board", 26, -33));
        FreePath moved = FreePath.of(((Form.Free) part(2).form()).outline());
        assertThat(moved.point(0, 2).x()).isEqualTo(26, within(0.7));
        assertThat(hand.text("undo")).isEqualTo("Undo: move a point");
        hand.click("board-smooth");
        assertThat(FreePath.of(((Form.Free) part(2).form()).outline()).point(0, 2).smooth()).isTrue();
        click("board", moved.point(0, 0).x(), moved.point(0, 0).y());
        hand.press(KeyCode.DELETE);
        assertThat(FreePath.of(((Form.Free) part(2).form()).outline()).runs().getFirst().points()).hasSize(2);
        hand.click("see-all");
        hand.click(hand.node("cell"));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void shapesAreChosenMovedOntoEachOtherBroughtInLineGroupedAndLeant() throws Exception {
        hand.click("new-design");
        hand.addLayer("motifs");
        hand.menu("draw-motif", 1);
        hand.menu("add-shape", 2);
        hand.write("shape-across", "20");
        hand.click("see-motif");
        // Near the middle of the other shape it comes to rest just there, and says so.
        hand.dragBetween(on("board", 20, 0), on("board", 20.2, 0.25));
        assertThat(part(1).y()).isEqualTo(0, within(1e-9));
        hand.dragBetween(on("board", part(1).x(), 0), on("board", part(1).x() + 3, 12));
        assertThat(part(1).y()).isEqualTo(12, within(1.0));
        // A guide out of the ruler holds what comes near it.
        double top = part(1).shape().getBounds2D().getMinY();
        hand.dragBetween(hand.middle(hand.node("board-ruler")), on("board", 0, top - 0.5));
        hand.dragBetween(on("board", part(1).x(), part(1).y()), on("board", part(1).x() + 9, part(1).y() - 0.4));
        double edge = part(1).shape().getBounds2D().getMinY();
        assertThat(edge).isEqualTo(Math.rint(edge * 10) / 10, within(1e-9));
        click("board", 0, 0, KeyCode.SHIFT);
        assertThat(hand.studio().motifHand().parts()).containsExactlyInAnyOrder(0, 1);
        assertThat(hand.shows("board-choice")).isTrue();
        double right = box(1).getCenterX();
        int plain = seen();
        hand.point(hand.named("Mirror left and right about the point"));
        hand.until("it is shown mirrored", () -> seenNow() != plain);
        assertThat(box(1).getCenterX()).as("and not yet so").isEqualTo(right);
        hand.click(hand.named("Mirror left and right about the point"));
        assertThat(box(1).getCenterX()).isLessThan(box(0).getCenterX());
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        showsUntilLeft("board-align", "middles, level");
        hand.menu("board-align", 5);
        assertThat(part(0).shape().getBounds2D().getCenterY())
                .isEqualTo(part(1).shape().getBounds2D().getCenterY(), within(1e-9));
        hand.menu("board-group", 1);
        assertThat(part(0).group()).isEqualTo(part(1).group()).isPositive();
        double gap = part(1).x() - part(0).x();
        hand.write("lean-about-the-point", "20");
        assertThat(part(0).shearDeg()).isEqualTo(20, within(1e-9));
        click("board", 0, 0, KeyCode.CONTROL);
        hand.write("turn-about-the-point", "90");
        assertThat(Math.abs(part(1).y() - part(0).y())).isEqualTo(gap, within(1e-6));
        assertThat(hand.text("turn-about-the-point")).isEqualTo("0\u00b0");
        hand.click(hand.node("board"));
        hand.click("board-outlines");
        assertThat(hand.text("board-told")).isEqualTo("0 mm of doubled edges, 0 mm of slivers");
    }

    /** @return what the board looks like, as one number; on the window's thread */
    private int seenNow() {
        Image image = board.snapshot(null, null);
        int[] argb = new int[(int) image.getWidth() * (int) image.getHeight()];
        image.getPixelReader().getPixels(0, 0, (int) image.getWidth(), (int) image.getHeight(),
                PixelFormat.getIntArgbInstance(), argb, 0, (int) image.getWidth());
        return Arrays.hashCode(argb);
    }

    private int seen() throws Exception {
        board = hand.node("board");
        return Hand.onFx(this::seenNow);
    }

    /** Points at an entry of a menu: the board shows what it would do, and as it was once the menu is left. */
    private void showsUntilLeft(String menu, String entry) throws Exception {
        Motif before = motif();
        hand.click(menu);
        int plain = seen();
        hand.point(hand.words(entry));
        hand.until("the board shows " + entry, () -> seenNow() != plain);
        assertThat(motif()).as("and nothing is done yet").isEqualTo(before);
        hand.press(KeyCode.ESCAPE);
        hand.until("the board is as it was", () -> seenNow() == plain);
    }

    private Rectangle2D box(int index) {
        return part(index).shape().getBounds2D();
    }

    @Test
    void whatIsChosenIsScaledTurnedNudgedAndTakenAwayByItsGrips() throws Exception {
        hand.click("new-design");
        hand.addLayer("motifs");
        hand.menu("draw-motif", 1);
        hand.menu("add-shape", 1);
        hand.write("shape-across", "24");
        hand.click("see-motif");
        Project drawn = hand.studio().project();
        // An area around both; the first click on bare ground leaves the hand empty.
        click("board", (box(0).getMaxX() + box(1).getMinX()) / 2, 0);
        assertThat(hand.studio().motifHand().parts()).isEmpty();
        double far = box(1).getMaxX() + 3;
        double low = box(1).getMaxY() + 3;
        hand.dragBetween(on("board", box(0).getMinX() - 3, -low), on("board", far, low));
        assertThat(hand.studio().motifHand().parts()).containsExactlyInAnyOrder(0, 1);
        assertThat(hand.studio().project()).isEqualTo(drawn);

        Rectangle2D both = box(0).createUnion(box(1));
        hand.dragBetween(on("board", both.getMaxX(), both.getMaxY()),
                on("board", both.getCenterX() + both.getWidth(), both.getCenterY() + both.getHeight()));
        Rectangle2D twice = box(0).createUnion(box(1));
        assertThat(twice.getWidth() / both.getWidth()).as("alike both ways, about the middle").isCloseTo(2,
                within(0.03));
        assertThat(twice.getHeight() / both.getHeight()).isCloseTo(2, within(0.03));
        assertThat(twice.getCenterX()).isCloseTo(both.getCenterX(), within(0.05));
        assertThat(hand.text("undo")).isEqualTo("Undo: scale a shape");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(drawn);

        Node knob = hand.node("board-turn");
        Point2D at = Hand.onFx(() -> knob.localToScreen(((Circle) knob).getCenterX(), ((Circle) knob).getCenterY()));
        Point2D middle = on("board", both.getCenterX(), both.getCenterY());
        hand.hold(KeyCode.SHIFT, true);
        // A quarter to the right of what was above: clockwise, which counts below 0; Shift rests on steps of 15.
        hand.dragBetween(at, middle.add(at.distance(middle), 9));
        hand.hold(KeyCode.SHIFT, false);
        assertThat(part(0).turnDeg()).isCloseTo(-90, within(1e-9));
        assertThat(part(1).x()).isCloseTo(both.getCenterX(), within(1e-6));
        hand.press(KeyCode.CONTROL, KeyCode.Z);

        double x = part(0).x();
        hand.press(KeyCode.RIGHT);
        assertThat(part(0).x()).isGreaterThan(x);
        hand.press(KeyCode.LEFT);
        assertThat(part(0).x()).isCloseTo(x, within(1e-9));
        click("board", part(1).x(), part(1).y());
        assertThat(hand.studio().motifHand().parts()).as("part of what was chosen: all stay in hand")
                .containsExactlyInAnyOrder(0, 1);
        click("board", part(1).x(), part(1).y(), KeyCode.SHIFT);
        assertThat(hand.studio().motifHand().parts()).containsExactly(0);
        hand.press(KeyCode.DELETE);
        assertThat(motif().parts()).hasSize(1);
        assertThat(part(0).x()).isEqualTo(24);
    }

    @Test
    void aShapeIsShadedItsOutlineDashed() throws Exception {
        hand.click("shelf-Portholes");
        hand.click("motif-2");
        hand.click("part-paint");
        hand.click("shade-round");
        hand.click("add-shade-2");
        hand.write("place-of-ink-2-of-the-shading", "40");
        assertThat(part(0).gradient().orElseThrow().radial()).isTrue();
        assertThat(part(0).gradient().orElseThrow().stops()).extracting(s -> s.place()).containsExactly(0.0, 0.4, 1.0);
        hand.write("dashes", "4 1/8in");
        assertThat(part(0).edge().orElseThrow().dashesMm()).containsExactly(4.0, 3.175);
        hand.click("shade-none");
        assertThat(part(0).gradient()).isEmpty();
        assertThat(part(0).fill()).isInstanceOf(Ink.Filled.class);
    }

    @Test
    void motifsStandAlongALineOneIsThrownAnewAndOthersComeFromDesignsAndPictures() throws Exception {
        hand.click("shelf-Terns");
        hand.click("place-along");
        hand.write("motifs-along-the-line", "5");
        Placing.Along along = (Placing.Along) motifs().placing();
        assertThat(motifs().placed(design().repeat())).hasSize(5);
        FreePath line = FreePath.of(along.line());
        hand.dragBetween(on("cell", 0, 120), on("cell", 0, 90));
        FreePath after = FreePath.of(((Placing.Along) motifs().placing()).line());
        // Its ends are one place of the cloth.
        assertThat(after.point(0, 0).y() - line.point(0, 0).y()).isEqualTo(-30, within(2.0));
        assertThat(after.point(0, 2).y() - after.point(0, 0).y())
                .isEqualTo(line.point(0, 2).y() - line.point(0, 0).y(), within(1e-9));

        hand.click("place-scattered");
        hand.click("crowding");
        assertThat(hand.shows("crowding-map")).isTrue();
        List<Instance> before = motifs().placed(design().repeat());
        click("cell", before.getFirst().x(), before.getFirst().y());
        hand.node("throw-anew");
        assertThat(hand.text("picked-motif")).startsWith("This Tern, ").endsWith(" of 15 placed");
        hand.click("throw-anew");
        List<Instance> thrown = motifs().placed(design().repeat());
        assertThat(thrown).isNotEqualTo(before);
        assertThat(thrown.stream().filter(before::contains).count()).isEqualTo(before.size() - 1);

        hand.click("vary-ink");
        assertThat(((Placing.Scattered) motifs().placing()).inks()).containsExactly(Ink.slot("Navy"));

        Path leaf = folder.resolve("leaf.png");
        PictureWriter.write(new Raster(40, 20, new int[800]), new Density(254), Output.Format.PNG, 90, leaf);
        hand.outside.answers.add(leaf);
        hand.addFrom("read-motif-picture");
        Fill picture = design().fills().getLast();
        assertThat(picture.name()).isEqualTo("leaf");
        assertThat(motifs().motifs().getLast().parts().getFirst().form()).isEqualTo(new Form.Rectangle(4, 2, 0));
    }
}
