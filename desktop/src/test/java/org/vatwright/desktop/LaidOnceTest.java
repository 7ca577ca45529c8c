package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Predicate;

import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.studio.Stage;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Shape;

/** What the window costs each time it is drawn: where software draws it, large grounds over one another are most of that. */
@Timeout(120)
class LaidOnceTest extends AtTheDemo {

    /** Smaller things hardly count, in pixels. */
    private static final double LARGE = 20_000;

    @ParameterizedTest
    @EnumSource
    void groundsAreNotLaidOverOneAnother(Stage stage) throws Exception {
        hand.click("stage-" + stage.name().toLowerCase(java.util.Locale.ROOT));
        Scene scene = hand.node("stage-build").getScene();
        double window = scene.getWidth() * scene.getHeight();
        double laid = Hand.onFx(() -> sum(scene.getRoot(), LaidOnceTest::hasGround));
        assertThat(laid / window).as("grounds, by the window").isLessThan(1.5);
        assertThat(Hand.onFx(() -> sum(scene.getRoot(), LaidOnceTest::isSheer))).as("drawn, yet not to be seen")
                .isZero();
        assertThat(Hand.onFx(() -> sum(scene.getRoot(), n -> n.getOpacity() < 1 || n.getEffect() != null)))
                .as("takes a picture between").isZero();
    }

    @ParameterizedTest
    @EnumSource(names = {"BUILD", "INSPECT"})
    void clothIsLaidPixelByPixel(Stage stage) throws Exception {
        hand.click("stage-" + stage.name().toLowerCase(java.util.Locale.ROOT));
        Scene scene = hand.node("stage-build").getScene();
        Predicate<Node> cloth = n -> n instanceof ClothImage c && c.settled() && c.getImage() != null;
        hand.until("cloth is there", () -> sum(scene.getRoot(), cloth) > 200_000);
        assertThat(Hand.onFx(() -> sum(scene.getRoot(), cloth.and(n -> ((ClothImage) n).isSmooth())))).isZero();
    }

    private static boolean hasGround(Node node) {
        return node instanceof Region r && r.getBackground() != null && !r.getBackground().getFills().isEmpty();
    }

    private static boolean isSheer(Node node) {
        return node instanceof Region r && r.getBackground() != null
                && r.getBackground().getFills().stream().anyMatch(f -> clear(f.getFill()))
                || node instanceof Shape s && clear(s.getFill());
    }

    private static boolean clear(Object paint) {
        return paint instanceof Color c && c.getOpacity() == 0;
    }

    /** @return pixels of the large ones in view that are so */
    private static double sum(Node node, Predicate<Node> so) {
        if (!node.isVisible()) {
            return 0;
        }
        Bounds at = node.localToScene(node.getLayoutBounds());
        double wide = Math.min(node.getScene().getWidth(), at.getMaxX()) - Math.max(0, at.getMinX());
        double high = Math.min(node.getScene().getHeight(), at.getMaxY()) - Math.max(0, at.getMinY());
        double own = wide > 0 && high > 0 && wide * high > LARGE && so.test(node) ? wide * high : 0;
        return own + (node instanceof Parent p
                ? p.getChildrenUnmodifiable().stream().mapToDouble(n -> sum(n, so)).sum()
                : 0);
    }
}
