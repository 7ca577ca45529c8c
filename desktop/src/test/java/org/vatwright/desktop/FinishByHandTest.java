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
import org.vatwright.desktop.cloth.ClothPane;

import javafx.scene.input.KeyCode;

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

    private static boolean thread(ClothPane pane, double x, double y) {
        org.vatwright.desktop.cloth.ClothImage cloth = (org.vatwright.desktop.cloth.ClothImage) pane.lookupAll("*")
                .stream().filter(org.vatwright.desktop.cloth.ClothImage.class::isInstance).findFirst().orElseThrow();
        double pxPerMm = pane.viewport().pxPerMm();
        int argb = cloth.argb(x * pxPerMm, y * pxPerMm);
        return (argb >> 16 & 255) > 200 && (argb >> 8 & 255) < 80 && (argb & 255) > 200;
    }
}
