package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.Viewport;

import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.SnapshotParameters;
import javafx.scene.input.KeyCode;

/** What is seen of a stroke while the hand still paints it. */
@Timeout(120)
class WetStrokeByHandTest extends AtTheDemo {

    private int foam;
    private int sea;
    private ClothImage cloth;

    private Node cell() throws Exception {
        return hand.node("cell");
    }

    /** @return a place of the cell in the pane's pixels */
    private Point2D at(double x, double y) throws Exception {
        Node cell = cell();
        return Hand.onFx(() -> {
            Viewport v = ((ClothPane) cell).viewport();
            return new Point2D(v.pxX(x), v.pxY(y));
        });
    }

    private void pull(double x, double y, double toX, double toY, java.util.concurrent.Callable<?> held)
            throws Exception {
        Node cell = cell();
        Point2D from = at(x, y);
        Point2D to = at(toX, toY);
        hand.dragBetween(Hand.onFx(() -> cell.localToScene(from)), Hand.onFx(() -> cell.localToScene(to)), held);
    }

    /** @return what is seen in the middle of the cell's place, with all that lies on it */
    private int seen(double x, double y) throws Exception {
        Node cell = cell();
        Point2D at = at(x, y);
        return Hand.onFx(() -> {
            SnapshotParameters one = new SnapshotParameters();
            Point2D there = cell.localToParent(at);
            one.setViewport(new Rectangle2D(Math.floor(there.getX()), Math.floor(there.getY()), 1, 1));
            return cell.snapshot(one, null).getPixelReader().getArgb(0, 0);
        });
    }

    /** @return what the picture of the cell has there */
    private int pictured(double x, double y) throws Exception {
        Point2D at = at(x, y);
        return Hand.onFx(() -> cloth.argb(at.getX(), at.getY()));
    }

    private int wet() throws Exception {
        Node wet = hand.node("wet-strokes");
        return Hand.onFx(() -> ((Parent) wet).getChildrenUnmodifiable().size());
    }

    private void begin() throws Exception {
        hand.click("shelf-Buoys");
        hand.addLayer("brush");
        hand.click("brush-Tar");
        cloth = (ClothImage) ((Parent) cell()).getChildrenUnmodifiable().getFirst();
        foam = design().palette().first().colours().get(design().palette().slot("Foam")).argb();
        sea = design().palette().first().colours().get(design().palette().slot("Sea")).argb();
        until(4, 30, sea);
    }

    private void until(double x, double y, int colour) throws Exception {
        Point2D at = at(x, y);
        hand.until("the picture of the cell is there",
                () -> cloth.settled() && cloth.argb(at.getX(), at.getY()) == colour);
        hand.rest();
    }

    @Test
    void itLiesOnTheClothInEveryCellInViewUntilThePictureHasIt() throws Exception {
        begin();
        double h = design().repeat().heightMm();
        pull(4, 30, 10, 40, () -> {
            assertThat(wet()).isOne();
            assertThat(seen(7, 35)).as("under the hand").isEqualTo(foam);
            assertThat(seen(7, 35 - h)).as("fainter in the cell above").isNotIn(foam, sea);
            assertThat(seen(24, 45)).as("beside it").isEqualTo(sea);
            assertThat(pictured(7, 35)).as("the picture waits").isEqualTo(sea);
            return null;
        });
        until(7, 35, foam);
        assertThat(wet()).isZero();
        assertThat(seen(7, 35)).isEqualTo(foam);
        assertThat(hand.studio().structure(Brushwork.class).orElseThrow().strokes()).hasSize(1);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        until(7, 35, sea);
        assertThat(seen(7, 35)).isEqualTo(sea);
    }

    @Test
    void underAnotherLayerOrErasingThePictureItselfFollows() throws Exception {
        begin();
        int painted = hand.studio().selection().layer();
        hand.addLayer("brush");
        Hand.onFx(() -> {
            hand.studio().select(s -> s.withLayer(painted));
            return null;
        });
        hand.rest();
        pull(4, 30, 10, 40, () -> {
            assertThat(wet()).as("another layer lies over it").isZero();
            until(7, 35, foam);
            return null;
        });
        hand.click(hand.words("Erase"));
        pull(4, 30, 10, 40, () -> {
            assertThat(wet()).as("what takes away cannot lie on top").isZero();
            until(7, 35, sea);
            return null;
        });
        assertThat(hand.studio().structure(Brushwork.class).orElseThrow().strokes()).hasSize(2);
    }

    @Test
    void inAnotherViewItIsPaintedOnWithoutLyingThere() throws Exception {
        begin();
        pull(4, 30, 10, 40, () -> {
            Node cell = cell();
            Hand.onFx(() -> {
                ((ClothPane) cell).trueSize();
                return null;
            });
            assertThat(wet()).isZero();
            return null;
        });
        until(4, 30, foam);
        assertThat(hand.studio().structure(Brushwork.class).orElseThrow().strokes()).hasSize(1);
    }
}
