package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.CutShape;
import org.vatwright.core.project.Output;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.files.picture.PictureWriter;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;

/** A picture cut out on the cloth that is made of it, by mouse and keys in the window. */
@Timeout(120)
class CutOnClothTest extends AtTheDemo {

    private static final int W = 240;
    private static final int H = 160;
    /** A grip is let go to the pixel of the window, a share of a picture of some hundred. */
    private static final double NEARLY = 0.02;

    @BeforeEach
    void bringAPicture() throws Exception {
        Raster raster = new Raster(W, H);
        for (int i = 0; i < raster.argb().length; i++) {
            raster.argb()[i] = i % W < 80 ? 0xFF2C5A6E : 0xFFE8DCC0;
        }
        Path file = folder.resolve("Sail.png");
        PictureWriter.write(raster, new Density(100), Output.Format.PNG, 90, file);
        hand.click("shelf-Gangway");
        hand.outside.answers.add(file);
        hand.addFrom("read-cover-picture");
        hand.until("the picture is read", () -> design().fills().stream().anyMatch(f -> f.name().equals("Sail")));
        hand.click("chapter-cut-out");
        hand.until("all of it is there", () -> hand.showsNow("cut-invert") && hand.showsNow("cut-on-cloth"));
        hand.rest();
    }

    private CutOut cut() {
        return design().fills().getLast().picture().orElseThrow().cut();
    }

    private CutPullPlace place() throws Exception {
        Node pull = hand.node("cut-on-cloth");
        Node cell = hand.node("cell");
        return Hand.onFx(() -> {
            Viewport v = ((ClothPane) cell).viewport();
            double wide = ((Region) pull).getWidth();
            double high = ((Region) pull).getHeight();
            return new CutPullPlace(pull, wide, high, cell.localToScene(v.x(), v.y()));
        });
    }

    /** @param wide,high of the whole picture in the window @param corner of the cell */
    private record CutPullPlace(Node pull, double wide, double high, Point2D corner) {

        Point2D at(double across, double down) {
            return pull.localToScene(across * wide, down * high);
        }
    }

    /** From one place of the picture so far, in shares of its sides. */
    private void pull(double x, double y, double dx, double dy) throws Exception {
        CutPullPlace place = place();
        Point2D from = Hand.onFx(() -> place.at(x, y));
        hand.dragBetween(from, from.add(dx * place.wide(), dy * place.high()));
    }

    /** What is taken begins where the cell begins. */
    private void liesOnTheCell() throws Exception {
        CutPullPlace place = place();
        Point2D at = Hand.onFx(() -> place.at(cut().left(), cut().top()));
        assertThat(at.distance(place.corner())).as("%s at %s", cut(), at).isLessThan(0.5);
    }

    @Test
    void theFrameIsPulledByItsSidesAndThePictureIsMovedUnderIt() throws Exception {
        liesOnTheCell();
        pull(0, 0.5, 0.25, 0);
        assertThat(cut().left()).isEqualTo(0.25, within(NEARLY));
        assertThat(cut().right()).isEqualTo(1);
        assertThat(hand.text("undo")).isEqualTo("Undo: take a part of the picture");
        liesOnTheCell();
        pull(1, 1, -0.25, -0.5);
        assertThat(cut().right()).isEqualTo(0.75, within(NEARLY));
        assertThat(cut().bottom()).isEqualTo(0.5, within(NEARLY));
        liesOnTheCell();
        CutOut before = cut();
        pull(0.5, 0.2, 0.15, -0.3);
        assertThat(cut().left()).as("the picture goes with the hand, so that more of its left is seen")
                .isEqualTo(before.left() - 0.15, within(NEARLY));
        assertThat(cut().top()).isEqualTo(0.3, within(NEARLY));
        assertThat(cut().right() - cut().left()).isEqualTo(before.right() - before.left(), within(1e-9));
        liesOnTheCell();
        hand.press(KeyCode.LEFT);
        assertThat(cut().left()).isEqualTo(before.left() - 0.15 - 0.01, within(NEARLY));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(cut()).isEqualTo(before);
    }

    /** What does not close is drawn at the nearest that does; the frame is where it is drawn. */
    @Test
    void theFrameIsAsLargeAsTheClothThatIsDrawn() throws Exception {
        pull(1, 0.5, -0.3, 0);
        CutPullPlace place = place();
        Node cell = hand.node("cell");
        Tile tile = design().repeat().tile();
        Lattice drawn = LatticeFit.of(design().fills().getLast().lattice(), tile).drawn();
        assertThat(drawn.ax()).as("it is stretched so that it closes")
                .isNotCloseTo(design().fills().getLast().picture().orElseThrow().widthMm(), within(0.5));
        Point2D corner = Hand.onFx(() -> place.at(cut().right(), cut().bottom()));
        Point2D wanted = Hand.onFx(() -> {
            Viewport v = ((ClothPane) cell).viewport();
            return cell.localToScene(v.pxX(drawn.ax()), v.pxY(drawn.by()));
        });
        assertThat(corner.distance(wanted)).isLessThan(1);
    }

    @Test
    void aTurnedAndScaledPictureIsPulledAlongItsOwnSides() throws Exception {
        Fill fill = design().fills().getLast();
        Hand.onFx(() -> hand.studio().editDesign("turn it",
                d -> d.editFill(fill.name(), f -> f.withTurnDeg(90).withScale(0.5, 0.5).withStart(4, 6))));
        hand.rest();
        CutPullPlace place = place();
        // A quarter counter-clockwise: its own left is below.
        Point2D left = Hand.onFx(() -> place.pull().localToScene(0, place.high() / 2));
        hand.dragBetween(left, left.add(0, -0.3 * place.wide()));
        assertThat(cut().left()).isEqualTo(0.3, within(NEARLY));
        assertThat(cut().top()).isZero();
        assertThat(cut().bottom()).isEqualTo(1);
    }

    @Test
    void shapesAndLikeColoursAreTakenOnTheClothToo() throws Exception {
        hand.click("cut-by-ellipse");
        pull(0.2, 0.2, 0.5, 0.4);
        assertThat(cut().shapes()).hasSize(1);
        CutShape.Form.Ellipse ellipse = (CutShape.Form.Ellipse) cut().shapes().getFirst().form();
        assertThat(ellipse.left()).isEqualTo(0.2, within(NEARLY));
        assertThat(ellipse.bottom()).isEqualTo(0.6, within(NEARLY));
        hand.click("cut-by-like");
        hand.click("cut-subtract");
        CutPullPlace place = place();
        Point2D dark = Hand.onFx(() -> place.at(0.25, 0.4));
        hand.clickAt(dark.getX(), dark.getY());
        assertThat(cut().shapes()).hasSize(2);
        assertThat(cut().shapes().getLast().how()).isEqualTo(CutShape.How.SUBTRACT);
        assertThat(cut().shapes().getLast().form()).isInstanceOf(CutShape.Form.Like.class);
    }

    @Test
    void itIsThereOnlyWhileItsChapterIsOpen() throws Exception {
        hand.click("chapter-surface");
        assertThat(hand.shows("cut-on-cloth")).isFalse();
        hand.click("chapter-cut-out");
        assertThat(hand.shows("cut-on-cloth")).isTrue();
        hand.click("roll");
        assertThat(hand.shows("cut-on-cloth")).as("rolled, the cell does not lie as the picture").isFalse();
        hand.click("roll");
        hand.click("shelf-Buoys");
        assertThat(hand.shows("cut-on-cloth")).isFalse();
    }
}
