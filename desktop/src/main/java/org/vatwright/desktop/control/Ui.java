package org.vatwright.desktop.control;

import java.util.List;

import org.kordamp.ikonli.javafx.FontIcon;

import javafx.beans.InvalidationListener;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The small parts every panel is made of. */
public final class Ui {

    private static final String TIP_WORDS = "vatwright-tip-words";
    private static final String TIP = "vatwright-tip";

    private Ui() {}

    public static Label label(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** @return text that may take several lines */
    public static Label prose(String text, String... styles) {
        Label label = label(text, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** @param icon name in the icon font; {@code words} say what it does, on pointing and to screen readers */
    public static Button icon(String icon, String words, Runnable action) {
        Button button = new Button(null, new FontIcon("fth-" + icon));
        named(button, words);
        button.getStyleClass().add("icon-button");
        button.setOnAction(e -> action.run());
        return button;
    }

    public static ToggleButton iconToggle(String icon, String words) {
        ToggleButton button = new ToggleButton(null, new FontIcon("fth-" + icon));
        named(button, words);
        button.getStyleClass().add("icon-button");
        return button;
    }

    public static void setIcon(ButtonBase button, String icon, String words) {
        ((FontIcon) button.getGraphic()).setIconLiteral("fth-" + icon);
        named(button, words);
    }

    private static void named(ButtonBase button, String words) {
        tip(button, words);
        button.setAccessibleText(words);
    }

    /** @return a button that looks like a word in a text */
    public static Button link(String words, Runnable action) {
        Button button = new Button(words);
        button.getStyleClass().add("link");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    public static Button button(String words, Runnable action) {
        Button button = new Button(words);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    public static HBox row(Node... nodes) {
        HBox row = new HBox(8, nodes);
        row.getStyleClass().add("row");
        return row;
    }

    /** @return a row that begins with a word in the column's label width */
    public static HBox labelled(String word, Node... nodes) {
        Label label = label(word, "field-label");
        HBox row = row(label);
        row.getChildren().addAll(nodes);
        if (nodes.length > 0) {
            label.setLabelFor(nodes[0]);
        }
        return row;
    }

    /** @return two numbers that belong together, on one line */
    public static HBox pair(Node first, Node second) {
        HBox pair = new HBox(8, first, second);
        pair.getStyleClass().add("pair");
        HBox.setHgrow(first, Priority.ALWAYS);
        HBox.setHgrow(second, Priority.ALWAYS);
        // One that is alone stands under those that never had another beside them.
        InvalidationListener alone = o -> pair.pseudoClassStateChanged(Styles.ALONE,
                first.isVisible() != second.isVisible());
        first.visibleProperty().addListener(alone);
        second.visibleProperty().addListener(alone);
        alone.invalidated(null);
        return pair;
    }

    /** @return what is seldom needed, behind its name; closed at first */
    public static Fold fold(String id, String words, Node content) {
        Fold fold = new Fold(words, content);
        fold.setId(id);
        return fold;
    }

    /** @return a list that takes no more than so much height, and is scrolled within it */
    public static ScrollPane capped(Node list, double most) {
        // By itself it would take room for a few lines even when there is one.
        ScrollPane scroll = new Scroll(list) {
            @Override
            protected double computePrefHeight(double width) {
                return list.prefHeight(width > 0 ? width : getWidth() > 0 ? getWidth() : -1);
            }

            @Override
            protected double computeMinHeight(double width) {
                return 0;
            }
        };
        scroll.getStyleClass().add("bare-scroll");
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFitToWidth(true);
        scroll.setMaxHeight(most);
        // What flows is as high as its width makes it.
        scroll.widthProperty().addListener((o, was, is) -> scroll.requestLayout());
        // What it holds lays itself out within the part that is seen, and asks nobody further out; and while it does, a
        // wish to be laid out again is not heard.
        list.layoutBoundsProperty().addListener((o, was, is) -> Platform.runLater(scroll::requestLayout));
        return scroll;
    }

    public static Region spring() {
        Region spring = new Region();
        HBox.setHgrow(spring, Priority.ALWAYS);
        return spring;
    }

    public static VBox column(double gap, Node... nodes) {
        return new VBox(gap, nodes);
    }

    public static VBox card(Node... nodes) {
        VBox card = new VBox(8, nodes);
        card.getStyleClass().add("card");
        return card;
    }

    /** Takes nodes out of their parent's own layout; whoever asks this places them. */
    public static void placedByHand(Node... nodes) {
        for (Node node : nodes) {
            node.setManaged(false);
        }
    }

    public static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    /** @return whether it and all that it is in is shown; what waits hidden in a stage or a chapter is not */
    public static boolean seen(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (!n.isVisible()) {
                return false;
            }
        }
        return node.getScene() != null;
    }

    /** Words shown beside the pointer. What shows them is made when it first comes near: each takes a window of its own. */
    public static void tip(Node node, String words) {
        if (node.getProperties().put(TIP_WORDS, words) == null) {
            node.addEventHandler(MouseEvent.MOUSE_ENTERED, e -> {
                Tooltip tip = (Tooltip) node.getProperties().computeIfAbsent(TIP, key -> {
                    Tooltip made = new Tooltip();
                    Tooltip.install(node, made);
                    return made;
                });
                tip.setText((String) node.getProperties().get(TIP_WORDS));
            });
        }
    }

    static boolean isTipped(Node node) {
        return node.getProperties().containsKey(TIP_WORDS);
    }

    /** Puts these into the pane in this order. What is in it stays: nodes that are put in anew are styled anew, which is felt. */
    public static void arrange(Pane pane, List<? extends Node> wanted) {
        List<Node> there = pane.getChildren();
        there.retainAll(wanted);
        for (int i = 0; i < wanted.size(); i++) {
            if (i == there.size() || there.get(i) != wanted.get(i)) {
                there.remove(wanted.get(i));
                there.add(i, wanted.get(i));
            }
        }
    }
}
