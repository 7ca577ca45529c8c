package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.kordamp.ikonli.javafx.FontIcon;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;

/** Around black everything is still to be read: light words stand on black, dark ones on paper. */
class BlackSurroundByHandTest extends AtTheDemo {

    private static final double READABLE = 0.4;

    private void black() throws Exception {
        Node any = hand.node("stage-dress");
        for (int i = 0; i < 3 && !Hand.onFx(() -> any.getScene().getRoot().lookup(".surround-black") != null); i++) {
            hand.press(KeyCode.F10);
            hand.rest();
        }
        assertThat(Hand.onFx(() -> any.getScene().getRoot().lookupAll(".surround-black"))).isNotEmpty();
    }

    private static double brightness(Paint paint) {
        return ((Color) paint).getBrightness();
    }

    /** @return brightness of what lies under a node, the nearest that has a ground, or else the window */
    private static double under(Node node) {
        for (Node n = node.getParent(); n != null; n = n.getParent()) {
            if (n instanceof Region r && r.getBackground() != null && r.getBackground().getFills().stream()
                    .anyMatch(f -> f.getFill() instanceof Color c && c.getOpacity() == 1)) {
                return brightness(r.getBackground().getFills().getLast().getFill());
            }
        }
        return brightness(node.getScene().getFill());
    }

    @Test
    void theDocketsWordsAreReadOnItsPaper() throws Exception {
        black();
        hand.click("stage-produce");
        hand.rest();
        Node head = hand.node("add-tile").getParent();
        Hand.onFx(() -> {
            assertThat(head.lookupAll(".label").stream().filter(Label.class::isInstance).map(Label.class::cast)
                    .filter(l -> !l.getText().isEmpty() && l.isVisible()))
                    .extracting(Label::getText).anyMatch(t -> t.startsWith("into"));
            head.lookupAll(".label").stream().filter(Label.class::isInstance).map(Label.class::cast)
                    .forEach(l -> assertThat(Math.abs(brightness(l.getTextFill()) - under(l))).as(l.getText())
                            .isGreaterThan(READABLE));
            return null;
        });
    }

    @Test
    void aColourwaysSignsAreSeenOnItsCardAndTheLinkBelowOnBlack() throws Exception {
        black();
        hand.click("stage-colour");
        hand.rest();
        Button add = (Button) hand.node("add-colourway");
        Hand.onFx(() -> {
            assertThat(Math.abs(brightness(add.getTextFill()) - under(add))).isGreaterThan(READABLE);
            var signs = add.getScene().getRoot().lookupAll(".colourway-row .ikonli-font-icon");
            assertThat(signs).isNotEmpty();
            signs.stream().map(FontIcon.class::cast).filter(i -> i.getParent().isVisible())
                    .forEach(i -> assertThat(Math.abs(brightness(i.getIconColor()) - under(i.getParent())))
                            .as("%s", i.getIconLiteral()).isGreaterThan(READABLE));
            return null;
        });
    }
}
