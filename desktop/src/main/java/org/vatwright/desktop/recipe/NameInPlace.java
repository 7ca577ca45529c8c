package org.vatwright.desktop.recipe;

import org.vatwright.desktop.control.Ui;

import java.util.function.Consumer;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;

/** A name that becomes a field where it stands: by a double click or from the keys. Enter takes it, Escape leaves it. */
final class NameInPlace extends StackPane {

    private final Label label = Ui.label("");
    private final TextField field = new TextField();
    private final Consumer<String> take;

    /** @param take is given a name that is another one and not empty */
    NameInPlace(String id, String words, Consumer<String> take) {
        this.take = take;
        setAlignment(Pos.CENTER_LEFT);
        setMinWidth(0);
        label.setMinWidth(0);
        label.getStyleClass().add("line-name");
        field.setId(id);
        field.setAccessibleText(words);
        field.setMinWidth(0);
        Ui.show(field, false);
        getChildren().addAll(label, field);
        setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                open();
                e.consume();
            }
        });
        field.setOnAction(e -> close(true));
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close(false);
            }
            // What is typed here is not meant for the line.
            if (e.getCode() != KeyCode.ENTER && e.getCode() != KeyCode.TAB) {
                e.consume();
            }
        });
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                close(true);
            }
        });
    }

    void open() {
        field.setText(label.getText());
        Ui.show(field, true);
        label.setVisible(false);
        field.requestFocus();
        field.selectAll();
    }

    private void close(boolean taken) {
        if (!field.isVisible()) {
            return;
        }
        Ui.show(field, false);
        label.setVisible(true);
        String wanted = field.getText().strip();
        if (taken && !wanted.isEmpty() && !wanted.equals(label.getText())) {
            take.accept(wanted);
        }
        if (getParent() != null) {
            getParent().requestFocus();
        }
    }

    void show(String name) {
        label.setText(name);
        Ui.tip(label, name);
    }
}
