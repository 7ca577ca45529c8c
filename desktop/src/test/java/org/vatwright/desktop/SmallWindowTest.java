package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.Ui;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;

/** The smallest window, the shelf open: nothing is pushed out of it, and no tool loses its name half. */
class SmallWindowTest extends AtTheDemo {

    private static final double WIDE = 1100;
    private static final double HIGH = 700;

    private Parent root;

    private void resize(double wide, double high) throws Exception {
        Node any = hand.node("shelf-toggle");
        root = any.getScene().getRoot();
        Hand.onFx(() -> {
            Window window = any.getScene().getWindow();
            window.setWidth(wide);
            window.setHeight(high);
            return null;
        });
        hand.rest();
    }

    /** @return what lies outside the window, and the buttons and titles whose words are cut */
    private List<String> wrong(String where) throws Exception {
        hand.rest();
        return Hand.onFx(() -> {
            List<String> found = new ArrayList<>();
            double wide = root.getScene().getWidth();
            for (Node node : List.of(root.lookup(".column"), root.lookup("#shelf-toggle"))) {
                Bounds b = node.localToScene(node.getLayoutBounds());
                if (b.getMinX() < 0 || b.getMaxX() > wide) {
                    found.add("%s: %s reaches from %.0f to %.0f".formatted(where, node, b.getMinX(), b.getMaxX()));
                }
            }
            for (String kind : List.of(".button", ".toggle-button", ".menu-button", ".pane-title")) {
                root.lookupAll(kind).stream().filter(Ui::seen).filter(n -> !(n instanceof InkChip))
                        .map(Labeled.class::cast).filter(b -> !b.isWrapText() && b.getWidth() < b.prefWidth(-1) - 0.5)
                        .forEach(b -> found.add("%s: %s is cut".formatted(where, b)));
            }
            return found;
        });
    }

    private void choose(Design design, Layer layer) throws Exception {
        Hand.onFx(() -> {
            hand.studio().select(s -> s.withDesign(design).withLayer(layer.id()));
            return null;
        });
        hand.rest();
    }

    @Test
    void nothingIsPushedOutAndNoToolIsCutWithTheShelfOpen() throws Exception {
        resize(WIDE, HIGH);
        hand.click("shelf-toggle");
        List<String> wrong = new ArrayList<>();
        int sights = 0;
        for (Design design : hand.studio().project().designs()) {
            for (Layer layer : design.layers()) {
                choose(design, layer);
                wrong.addAll(wrong(design.name() + ", " + layer.name()));
                for (String sight : List.of("see-draft", "see-motif")) {
                    if (hand.shows(sight)) {
                        sights++;
                        hand.click(sight);
                        wrong.addAll(wrong(design.name() + ", " + sight));
                        hand.click(sight.equals("see-draft") ? "see-cloth" : "see-all");
                    }
                }
            }
        }
        assertThat(sights).isGreaterThan(3);
        for (KeyCode stage : List.of(KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5)) {
            hand.press(KeyCode.ALT, stage);
            wrong.addAll(wrong("stage " + stage.getName()));
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void wordsOfToolsGiveWayToIconsThatWorkAsTheyDoAndComeBackWithTheRoom() throws Exception {
        hand.click("shelf-Terns");
        assertThat(shown("roll")).as("1280 wide").isEqualTo(ContentDisplay.TEXT_ONLY);
        resize(WIDE, HIGH);
        hand.click("shelf-toggle");
        hand.until("there is no room for words", () -> display("roll") == ContentDisplay.GRAPHIC_ONLY);
        assertThat(Hand.onFx(() -> Optional.ofNullable(root.lookup("#crowding").getAccessibleText())))
                .hasValue("Crowding");
        hand.click("roll");
        assertThat(Hand.onFx(() -> root.lookupAll(".pane-title").stream()
                .map(t -> ((Labeled) t).getText()).toList())).anyMatch(t -> t.contains("rolled by half"));
        assertThat(titles()).as("no stump of it, nor of its name").containsExactly("Worn   field, Morning");
        resize(1280, 800);
        hand.click("shelf-toggle");
        hand.until("words again", () -> display("roll") == ContentDisplay.TEXT_ONLY);
        resize(1600, 800);
        assertThat(titles()).anyMatch(t -> t.startsWith("Tile rolled by half"));
    }

    private List<String> titles() throws Exception {
        return Hand.onFx(() -> root.lookupAll(".pane-title").stream().filter(Ui::seen)
                .map(t -> ((Labeled) t).getText()).toList());
    }

    private ContentDisplay shown(String id) throws Exception {
        root = hand.node("shelf-toggle").getScene().getRoot();
        return Hand.onFx(() -> display(id));
    }

    /** To be asked on the window's thread. */
    private ContentDisplay display(String id) {
        return ((Labeled) root.lookup("#" + id)).getContentDisplay();
    }
}
