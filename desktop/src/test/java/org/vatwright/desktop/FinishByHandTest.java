package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Project;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Circle;

/** Outlines and stitches by mouse and keys in the window. */
@Timeout(120)
class FinishByHandTest extends AtTheDemo {

    private Id piece;

    @BeforeEach
    void openTheCollar() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Crew-smock");
        hand.click("piece-3");
        hand.click("chapter-edge");
        piece = hand.studio().selection().pieces().iterator().next();
    }

    private Article.Flat smock() {
        return (Article.Flat) hand.studio().article().orElseThrow();
    }

    private Pen pen() {
        return smock().piece(piece).orElseThrow().stroke().orElseThrow();
    }

    private Stitching stitching(int n) {
        return smock().dressing(piece).stitches().get(n);
    }

    @Test
    void theOutlineHasItsInkBreadthDashesAndSide() throws Exception {
        Project before = hand.studio().project();
        Pen was = pen();
        hand.write("outline-ink", "#aa3311");
        hand.write("breadth-of-the-outline", "2.5");
        hand.write("dash-of-the-outline", "7");
        hand.write("gap-of-the-outline", "3");
        hand.click("outline-inside");
        assertThat(pen()).isEqualTo(new Pen(new Rgb(0xaa, 0x33, 0x11), 2.5, java.util.List.of(7.0, 3.0),
                Pen.Side.INSIDE)).isNotEqualTo(was);
        hand.write("gap-of-the-outline", "0");
        assertThat(pen().dashesMm()).isEmpty();
        hand.write("outline-ink", "reddish");
        assertThat(pen().colour()).as("no colour").isEqualTo(new Rgb(0xaa, 0x33, 0x11));
        hand.click("outline-drawn");
        assertThat(smock().piece(piece).orElseThrow().stroke()).isEmpty();
        assertThat(hand.text("undo")).isEqualTo("Undo: no outline");
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void stitchesAreSewnSetAndTakenOutAndAreSeen() throws Exception {
        Project before = hand.studio().project();
        hand.menu("stitch-add", 1);
        assertThat(stitching(0).kind()).isEqualTo(Stitching.Kind.RUNNING);
        hand.write("inset-of-the-stitches", "9");
        hand.write("length-of-a-stitch", "12");
        hand.write("gap-between-stitches", "6");
        hand.write("thickness-of-the-thread", "4");
        hand.write("thread-ink", "#ff00ff");
        hand.write("relief-of-the-stitches", "0");
        hand.click("stitch-rows-2");
        Stitching sewn = stitching(0);
        assertThat(sewn).isEqualTo(new Stitching(Stitching.Kind.RUNNING, 9, 12, 6, 0, 2, sewn.apartMm(),
                new Rgb(255, 0, 255), 4, 0));
        Stitching.Stitch one = sewn.along(smock().piece(piece).orElseThrow().outline()).get(2);
        ClothPane pane = (ClothPane) hand.node("article");
        hand.until("the thread is there", () -> thread(pane, (one.x1() + one.x2()) / 2, (one.y1() + one.y2()) / 2));

        hand.menu("stitch-add", 3);
        hand.write("slant-of-the-stitches", "15");
        assertThat(stitching(1).kind()).isEqualTo(Stitching.Kind.BLANKET);
        assertThat(stitching(1).slantDeg()).isEqualTo(15, within(1e-9));
        hand.click("stitching-0");
        hand.click("stitch-off");
        assertThat(smock().dressing(piece).stitches()).extracting(Stitching::kind)
                .containsExactly(Stitching.Kind.BLANKET);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(stitching(0)).isEqualTo(sewn);
        assertThat(undoAll()).isEqualTo(before);
    }

    private TrimForm trim() {
        return smock().dressings().whole().trims().getLast().form();
    }

    @Test
    void aTrimIsPutOnSetTakenByItsRepeatsAndTakenOff() throws Exception {
        Project before = hand.studio().project();
        hand.click("piece-2");
        hand.click("edge-trim");
        hand.click("trim-add");
        assertThat(smock().dressings().whole().trims().getLast().piece())
                .contains(hand.studio().selection().pieces().iterator().next());
        hand.write("breadth-of-the-trim", "60");
        hand.write("inset-of-the-trim", "40");
        hand.write("gap-of-the-trim", "10");
        hand.write("variety-of-sizes-in-the-trim", "20");
        hand.click("trim-corner-round");
        hand.click("trim-bent");
        TrimForm set = trim();
        assertThat(set).isEqualTo(TrimForm.fresh(60).with().insetMm(40).gapMm(10).sizeVary(0.2)
                .corner(TrimForm.Corner.ROUND).bent(false).build());
        hand.click("trim-chance");
        assertThat(trim().seed()).isEqualTo(set.seed() + 1);
        assertThat(hand.text("trim-told")).matches("\\d+ repeats.*");

        ClothPane pane = (ClothPane) hand.node("article");
        Node knob = hand.node("repeat-3");
        Point2D at = Hand.onFx(() -> pane.sceneToLocal(knob.localToScene(0, 0).add(((Circle) knob).getCenterX(),
                ((Circle) knob).getCenterY())));
        Point2D next = Hand.onFx(() -> {
            Circle other = (Circle) pane.lookup("#repeat-4");
            return new Point2D(other.getCenterX(), other.getCenterY());
        });
        hand.drag(pane, at.getX(), at.getY(), (next.getX() - at.getX()) / 4, (next.getY() - at.getY()) / 4);
        assertThat(trim().touch(3).slideMm()).isBetween(3.0, 40.0);
        hand.write("size-of-a-repeat-in-the-trim", "150");
        assertThat(trim().touch(3).size()).isEqualTo(1.5);
        hand.click("trim-repeat-out");
        assertThat(trim().touch(3).out()).isTrue();
        hand.write("size-of-a-repeat-in-the-trim", "3");
        assertThat(trim().touch(3).size()).as("10 % is the least").isEqualTo(1.5);
        hand.click("trim-off");
        assertThat(smock().dressings().whole().trims()).isEmpty();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void aTrimRunsAlongALineThatIsDrawn() throws Exception {
        hand.click("edge-trim");
        hand.click("trim-line");
        ClothPane pane = (ClothPane) hand.node("article");
        var v = pane.viewport();
        for (double[] p : new double[][]{{400, 300}, {650, 320}, {660, 600}}) {
            hand.clickOn(pane, v.pxX(p[0]), v.pxY(p[1]));
        }
        hand.press(KeyCode.ENTER);
        var line = smock().dressings().whole().trims().getLast().line().orElseThrow().bounds();
        assertThat(line.getX()).isCloseTo(400, within(2.0));
        assertThat(line.getMaxX()).isCloseTo(660, within(2.0));
        assertThat(line.getMaxY()).isCloseTo(600, within(2.0));
        assertThat(hand.text("undo")).isEqualTo("Undo: add a trim along a line");
    }

    @Test
    void stitchesRunAlongADrawnLineAndAlongSeams() throws Exception {
        Project before = hand.studio().project();
        hand.click("piece-2");
        hand.menu("stitch-add", 4);
        ClothPane pane = (ClothPane) hand.node("article");
        var v = pane.viewport();
        for (double[] p : new double[][]{{400, 500}, {600, 520}}) {
            hand.clickOn(pane, v.pxX(p[0]), v.pxY(p[1]));
        }
        hand.press(KeyCode.ENTER);
        Id front = hand.studio().selection().pieces().iterator().next();
        var line = smock().dressing(front).stitches().getLast().line().orElseThrow().bounds();
        assertThat(line.getX()).isCloseTo(400, within(2.0));
        assertThat(line.getMaxX()).isCloseTo(600, within(2.0));
        int sewn = smock().dressing(front).stitches().size();
        hand.menu("stitch-add", 5);
        long seams = smock().seams().stream().filter(s -> s.first().piece().equals(front)
                || s.second().piece().equals(front)).count();
        assertThat(seams).isPositive();
        assertThat(smock().dressing(front).stitches()).hasSize(sewn + (int) seams);
        assertThat(undoAll()).isEqualTo(before);
    }

    private static boolean thread(ClothPane pane, double x, double y) {
        org.vatwright.desktop.cloth.ClothImage cloth = (org.vatwright.desktop.cloth.ClothImage) pane.lookupAll("*")
                .stream().filter(org.vatwright.desktop.cloth.ClothImage.class::isInstance).findFirst().orElseThrow();
        double pxPerMm = pane.viewport().pxPerMm();
        int argb = cloth.argb(x * pxPerMm, y * pxPerMm);
        return (argb >> 16 & 255) > 200 && (argb >> 8 & 255) < 80 && (argb & 255) > 200;
    }
}
