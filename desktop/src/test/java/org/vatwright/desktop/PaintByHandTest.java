package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.brush.Tip;
import org.vatwright.core.brush.TipForm;
import org.vatwright.core.brush.Track;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.project.BrushFile;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;

/** Painting on the cloth, by mouse and keys in the window. */
@Timeout(120)
class PaintByHandTest extends AtTheDemo {

    private Brushwork work() {
        return hand.studio().structure(Brushwork.class).orElseThrow();
    }

    private BrushStroke last() {
        return work().strokes().getLast();
    }

    private void begin(String design) throws Exception {
        hand.click("shelf-" + design);
        hand.addLayer("brush");
        assertThat(work()).isEqualTo(Brushwork.empty());
    }

    /** @return a place of the cell in the window's pixels */
    private Point2D at(double x, double y) throws Exception {
        Node cell = hand.node("cell");
        return Hand.onFx(() -> {
            Viewport v = ((ClothPane) cell).viewport();
            return cell.localToScene(v.pxX(x), v.pxY(y));
        });
    }

    private void pull(double x, double y, double toX, double toY) throws Exception {
        hand.dragBetween(at(x, y), at(toX, toY));
    }

    @Test
    void aPullIsOneStrokeInTheInkAndTheBrushThatStandAboveAndOneUndo() throws Exception {
        hand.click("shelf-Buoys");
        Project before = hand.studio().project();
        begin("Buoys");
        assertThat(hand.shows("brush-bar")).isTrue();
        hand.click("brush-Tar");
        double w = design().repeat().widthMm();
        double h = design().repeat().heightMm();
        pull(w * 0.25, h * 0.25, w * 0.75, h * 0.5);
        assertThat(work().strokes()).hasSize(1);
        assertThat(last().brush().name()).isEqualTo("Tar");
        assertThat(last().ink()).as("what is seen best on the ground").isEqualTo(Ink.slot("Foam"));
        Track track = last().track();
        assertThat(track.x(0)).isCloseTo(w * 0.25, within(0.6));
        assertThat(track.y(0)).isCloseTo(h * 0.25, within(0.6));
        assertThat(track.x(track.size() - 1)).isCloseTo(w * 0.75, within(0.6));
        assertThat(hand.text("undo")).isEqualTo("Undo: paint with Tar");

        hand.click("brush-Rush");
        hand.write("size-of-the-brush", "3.5mm");
        hand.menu("ink-of-the-brush", 2);
        pull(w * 0.2, h * 0.8, w * 0.6, h * 0.8);
        assertThat(last().brush().tip()).isEqualTo(Tip.BRISTLE);
        assertThat(last().brush().sizeMm()).isEqualTo(3.5);
        assertThat(last().ink()).isEqualTo(Ink.slot(design().palette().slots().get(1)));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(work().strokes()).hasSize(1);
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void paintingBesideTheCellIsPaintingInItAndOverTheEdgeItGoesOn() throws Exception {
        begin("Gangway");
        double w = design().repeat().widthMm();
        double h = design().repeat().heightMm();
        pull(w * 0.9, h * 0.4, w * 1.08, h * 0.4);
        Track over = last().track();
        assertThat(over.x(0)).isCloseTo(w * 0.9, within(0.6));
        assertThat(over.x(over.size() - 1)).isGreaterThan(w);
        pull(-w * 0.05, h * 0.7, w * 0.1, h * 0.7);
        assertThat(last().track().x(0)).as("brought into the cell").isCloseTo(w * 0.95, within(0.6));
        assertThat(last().track().x(last().track().size() - 1)).isCloseTo(w * 1.1, within(0.6));
    }

    @Test
    void mirrorsAreTakenPulledOnTheClothAndPaintedWith() throws Exception {
        begin("Gangway");
        double w = design().repeat().widthMm();
        double h = design().repeat().heightMm();
        hand.click("chapter-mirrors");
        hand.click("mirrors-mirrored");
        assertThat(work().symmetry()).isEqualTo(new Symmetry.Axes(3, w / 2, h / 2, 90));
        hand.write("number-of-mirrors", "2");
        hand.write("angle-of-the-mirrors", "30");
        hand.dragBetween(at(w / 2, h / 2), at(w / 4, h / 2));
        Symmetry.Axes pulled = (Symmetry.Axes) work().symmetry();
        assertThat(pulled.x()).isCloseTo(w / 4, within(1.0));
        assertThat(pulled.count()).isEqualTo(2);
        assertThat(pulled.angleDeg()).isEqualTo(30);
        assertThat(work().strokes()).as("the point was pulled, nothing was painted").isEmpty();
        hand.write("number-of-mirrors", "40");
        assertThat(((Symmetry.Axes) work().symmetry()).count()).as("16 at most").isEqualTo(2);
        pull(w * 0.6, h * 0.2, w * 0.7, h * 0.3);
        assertThat(last().symmetry()).isEqualTo(work().symmetry());
        assertThat(hand.text("mirrors-told")).contains("4 times");
        hand.click("mirrors-turned");
        hand.write("number-of-mirrors", "7");
        assertThat(work().symmetry()).isInstanceOf(Symmetry.Turns.class);
        assertThat(last().symmetry()).as("what is painted stays").isInstanceOf(Symmetry.Axes.class);
        hand.click("mirrors-by-a-group");
        hand.click("group-p4");
        assertThat(work().symmetry()).isEqualTo(new Symmetry.Group(WallpaperGroup.P4));
        assertThat(design().repeat().heightMm()).as("the cell is made to fit").isEqualTo(w);
        hand.click("mirrors-once");
        pull(w * 0.6, h * 0.6, w * 0.7, h * 0.7);
        assertThat(last().symmetry()).isEqualTo(Symmetry.NONE);
    }

    @Test
    void whatIsErasedIsAStrokeTooAndShiftPullsStraight() throws Exception {
        begin("Gangway");
        double w = design().repeat().widthMm();
        double h = design().repeat().heightMm();
        hand.hold(KeyCode.SHIFT, true);
        pull(w * 0.2, h * 0.2, w * 0.8, h * 0.6);
        hand.hold(KeyCode.SHIFT, false);
        assertThat(last().track().size()).isEqualTo(2);
        hand.click("brush-erase");
        pull(w * 0.5, h * 0.2, w * 0.5, h * 0.6);
        assertThat(last().erases()).isTrue();
        assertThat(hand.text("undo")).startsWith("Undo: erase with ");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(work().strokes()).hasSize(1);
    }

    @Test
    void strokesAreChosenPaintedAnewMovedDoubledAndThrownAway() throws Exception {
        begin("Gangway");
        double w = design().repeat().widthMm();
        double h = design().repeat().heightMm();
        hand.click("brush-Tar");
        pull(w * 0.2, h * 0.3, w * 0.4, h * 0.3);
        pull(w * 0.6, h * 0.7, w * 0.8, h * 0.7);
        hand.click("brush-choose");
        Point2D first = at(w * 0.3, h * 0.3);
        hand.clickAt(first.getX(), first.getY());
        assertThat(hand.studio().selection().strokes()).containsExactly(0);
        Point2D second = at(w * 0.7, h * 0.7);
        hand.clickAt(second.getX(), second.getY(), KeyCode.SHIFT);
        assertThat(hand.studio().selection().strokes()).containsExactlyInAnyOrder(0, 1);
        hand.click("brush-Scrub");
        assertThat(work().strokes()).extracting(s -> s.brush().tip()).containsExactly(Tip.DRY, Tip.DRY);
        assertThat(work().strokes()).extracting(s -> s.brush().sizeMm()).as("their size stays").containsExactly(8.0,
                8.0);
        hand.menu("ink-of-the-brush", 3);
        assertThat(work().inks()).containsExactly(Ink.slot(design().palette().slots().get(2)));

        List<BrushStroke> before = work().strokes();
        hand.dragBetween(first, at(w * 0.35, h * 0.3));
        assertThat(work().strokes().get(1).track().x(0) - before.get(1).track().x(0)).isCloseTo(w * 0.05, within(0.6));
        assertThat(hand.text("undo")).isEqualTo("Undo: move strokes");
        hand.click("chapter-strokes");
        hand.write("scale-of-strokes", "50");
        assertThat(work().strokes().get(0).brush().sizeMm()).isEqualTo(4);
        hand.click("strokes-twice");
        assertThat(work().strokes()).hasSize(4);
        assertThat(hand.studio().selection().strokes()).containsExactlyInAnyOrder(2, 3);
        hand.click("strokes-below");
        assertThat(hand.studio().selection().strokes()).containsExactlyInAnyOrder(0, 1);
        hand.click(hand.node("strokes-away"));
        assertThat(work().strokes()).hasSize(2);
        assertThat(hand.studio().selection().strokes()).isEmpty();
        hand.click("strokes-all");
        assertThat(hand.studio().selection().strokes()).containsExactlyInAnyOrder(0, 1);
        hand.write("scale-of-strokes", "0");
        assertThat(work().strokes()).hasSize(2);
    }

    @Test
    void aSteadyHandTrailsBehind() throws Exception {
        begin("Gangway");
        double w = design().repeat().widthMm();
        double h = design().repeat().heightMm();
        hand.click("chapter-strokes");
        hand.write("steady-hand", "10mm");
        pull(w * 0.2, h * 0.5, w * 0.6, h * 0.5);
        Track track = last().track();
        assertThat(track.x(track.size() - 1)).isCloseTo(w * 0.6 - 10, within(0.8));
        hand.write("steady-hand", "0");
        pull(w * 0.2, h * 0.6, w * 0.6, h * 0.6);
        assertThat(last().track().x(last().track().size() - 1)).isCloseTo(w * 0.6, within(0.8));
    }

    @Test
    void aBrushIsMadeKeptAndPaintedWithAndKeysChangeItsSize() throws Exception {
        begin("Gangway");
        hand.click("tip-seed");
        hand.write("breadth-of-the-brush", "40 %");
        hand.write("spacing-of-dabs", "700");
        assertThat(hand.studio().brushHand().brush().spacing()).as("500 % at most").isLessThan(5);
        hand.write("brush-name", "Reed");
        assertThat(hand.studio().brushHand().own()).as("that name is taken").isEmpty();
        assertThat(hand.messageText()).contains("comes with the program");
        hand.write("brush-name", "Herring");
        assertThat(hand.studio().brushHand().own()).extracting(b -> b.name()).containsExactly("Herring");
        hand.click("brush-Tar");
        hand.click("brush-Herring");
        assertThat(hand.studio().brushHand().brush().tip()).isEqualTo(Tip.SEED);
        assertThat(hand.studio().brushHand().brush().breadth()).isEqualTo(0.4);
        pull(20, 20, 60, 40);
        double size = hand.studio().brushHand().brush().sizeMm();
        hand.press(KeyCode.PLUS);
        assertThat(hand.studio().brushHand().brush().sizeMm()).isGreaterThan(size);
        assertThat(last().brush().sizeMm()).as("what is painted stays").isEqualTo(size);
        hand.click("brush-drop");
        assertThat(hand.studio().brushHand().own()).isEmpty();
        assertThat(last().brush().name()).isEqualTo("Herring");
    }

    @Test
    void aLockedLayerIsNotPaintedOnAndSaysSo() throws Exception {
        begin("Gangway");
        hand.click(hand.named("Lock or unlock the chosen layers"));
        assertThat(hand.studio().layer().orElseThrow().locked()).isTrue();
        pull(20, 20, 60, 40);
        assertThat(work().strokes()).isEmpty();
        assertThat(hand.messageText()).contains("locked");
        assertThat(hand.studio().dragging()).isFalse();
    }

    @Test
    void ownBrushesAreHandedOnAsFilesAndThereTheNextDay() throws Exception {
        begin("Gangway");
        hand.click("brush-Tar");
        hand.write("hardness-of-the-brush", "30");
        hand.write("brush-name", "Soft tar");
        Path file = folder.resolve("Soft tar.json");
        hand.outside.answers.add(file);
        hand.menu("brush-files", 2);
        assertThat(BrushFile.read(file)).containsExactly(hand.studio().brushHand().brush());
        hand.click("brush-drop");
        hand.outside.answers.add(file);
        hand.menu("brush-files", 1);
        hand.until("it is read", () -> hand.studio().brushHand().own().size() == 1);
        Brush own = hand.studio().brushHand().own().getFirst();
        assertThat(own.name()).isEqualTo("Soft tar");
        Files.writeString(file, "{ \"format\": \"vatwright-design\" }");
        hand.outside.answers.add(file);
        hand.menu("brush-files", 1);
        hand.until("it is refused", () -> hand.messageText().contains("holds no brushes"));
        hand.close();
        hand = Hand.onDemo(folder);
        assertThat(hand.studio().brushHand().own()).containsExactly(own);
    }

    @Test
    void aMotifOrAPictureIsTheTip() throws Exception {
        begin("Gangway");
        MenuButton files = (MenuButton) hand.node("brush-files");
        Hand.onFx(() -> {
            files.show();
            Menu motifs = (Menu) files.getItems().getLast();
            motifs.getItems().stream().filter(i -> i.getText().endsWith("of Terns")).findFirst().orElseThrow().fire();
            files.hide();
            return null;
        });
        assertThat(hand.studio().brushHand().brush().tip()).isEqualTo(Tip.MOTIF);
        pull(20, 20, 60, 40);
        assertThat(last().brush().form()).containsInstanceOf(TipForm.OfOutline.class);
        Raster dark = new Raster(30, 20);
        java.util.Arrays.fill(dark.argb(), 0xFF202020);
        Path file = folder.resolve("Stamp.png");
        PictureWriter.write(dark, new Density(100), Output.Format.PNG, 90, file);
        hand.outside.answers.add(file);
        hand.menu("brush-files", 4);
        hand.until("it is read", () -> hand.studio().brushHand().brush().tip() == Tip.PICTURE);
        pull(20, 40, 60, 60);
        assertThat(last().brush().form()).contains(hand.studio().brushHand().brush().form().orElseThrow());
        assertThat(((TipForm.OfPicture) last().brush().form().orElseThrow()).at(3, 3)).isBetween(200, 240);
        hand.click("tip-round");
        assertThat(hand.studio().brushHand().brush().form()).isEmpty();
    }

    @Test
    void aClickOnAnOutlinePullsTheBrushAlongIt() throws Exception {
        begin("Buoys");
        Dots dots = design().layers().stream().map(l -> l.structure()).filter(Dots.class::isInstance)
                .map(Dots.class::cast).findFirst().orElseThrow();
        Dot dot = dots.dots().getLast();
        hand.click("brush-along");
        Point2D edge = at(dot.x() + dot.diameterMm() / 2, dot.y());
        hand.clickAt(edge.getX(), edge.getY());
        hand.until("it is pulled", () -> !work().strokes().isEmpty());
        Track track = last().track();
        for (int i = 0; i < track.size(); i++) {
            assertThat(Math.hypot(track.x(i) - dot.x(), track.y(i) - dot.y())).isCloseTo(dot.diameterMm() / 2,
                    within(0.05));
        }
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(work().strokes()).isEmpty();
        Point2D nothing = at(dot.x(), dot.y());
        hand.clickAt(nothing.getX(), nothing.getY());
        hand.until("it says so", () -> hand.messageText().contains("no outline there"));
    }
}
