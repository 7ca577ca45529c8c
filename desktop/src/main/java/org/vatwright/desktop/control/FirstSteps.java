package org.vatwright.desktop.control;

import java.util.List;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What stands in an empty place: the first steps that can be taken there, each as a picture that takes it. */
public final class FirstSteps extends VBox {

    /** Side of a picture, in the window's pixels. */
    public static final double WIDE = 168;
    public static final double HIGH = 132;
    private static final double TWO_LINES = 36;

    /** @param id of its button */
    public record Step(String id, String title, String words, Node picture, Runnable take) {}

    public FirstSteps(String title, List<Step> steps) {
        super(18);
        getStyleClass().add("first-steps");
        setAlignment(Pos.CENTER);
        HBox row = new HBox(18);
        row.setAlignment(Pos.CENTER);
        steps.forEach(s -> row.getChildren().add(card(s)));
        getChildren().addAll(Ui.label(title, "column-title", "on-cloth"), row);
    }

    private static Button card(Step step) {
        StackPane frame = new StackPane(step.picture());
        frame.setMinSize(WIDE, HIGH);
        frame.setMaxSize(WIDE, HIGH);
        frame.getStyleClass().add("first-picture");
        Label words = Ui.prose(step.words(), "quiet");
        words.setPrefWidth(WIDE);
        words.setMaxWidth(WIDE);
        // A button does not ask how high its words are at that width.
        words.setMinHeight(TWO_LINES);
        words.setPrefHeight(TWO_LINES);
        words.setAlignment(Pos.TOP_LEFT);
        Button card = new Button(null, Ui.column(6, frame, Ui.label(step.title(), "card-title"), words));
        card.setId(step.id());
        card.setAccessibleText(step.title());
        card.getStyleClass().add("first-step");
        card.setMaxHeight(USE_PREF_SIZE);
        card.setOnAction(e -> step.take().run());
        return card;
    }
}
