package org.vatwright.desktop.frame;

import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** The line at the head: project, stages, undo and redo by name. */
final class Head extends StackPane {

    private final Studio studio;
    private final TextField name = new TextField();
    private final Label note = Ui.label("", "quiet");
    private final StageLine stages;
    private final Button undo;
    private final Button redo;

    /** @param words opens the field that takes commands */
    Head(Studio studio, Desk desk, Runnable surround, Runnable words) {
        this.studio = studio;
        getStyleClass().add("head");
        stages = new StageLine(studio);
        undo = Ui.link("", studio::undo);
        undo.setId("undo");
        redo = Ui.link("", studio::redo);
        redo.setId("redo");
        name.getStyleClass().add("title-field");
        name.setId("project-name");
        name.setAccessibleText("Name of the project");
        name.setPrefColumnCount(12);
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                rename();
            }
        });
        HBox left = Ui.row(menu(desk, surround, words), new VBox(name, note));
        VBox right = new VBox(undo, redo);
        right.setAlignment(Pos.CENTER_RIGHT);
        right.setMaxWidth(300);
        HBox sides = new HBox(left, Ui.spring(), right);
        sides.setAlignment(Pos.CENTER);
        sides.setPickOnBounds(false);
        stages.setPickOnBounds(false);
        getChildren().addAll(sides, stages);
        stages.setMaxHeight(USE_PREF_SIZE);
    }

    private void rename() {
        String wanted = name.getText().strip();
        if (wanted.isEmpty() || wanted.equals(studio.project().name())) {
            name.setText(studio.project().name());
        } else {
            studio.edit("rename the project", p -> p.withName(wanted));
        }
    }

    private MenuButton menu(Desk desk, Runnable surround, Runnable words) {
        MenuButton menu = new MenuButton(null, mark());
        menu.setId("project-menu");
        menu.setAccessibleText("Project");
        menu.getStyleClass().add("mark-button");
        menu.getItems().addAll(item("New project", "Shortcut+N", desk::newProject),
                item("Open\u2026", "Shortcut+O", desk::open), item("Save", "Shortcut+S", desk::save),
                item("Save as\u2026", "Shortcut+Shift+S", desk::saveAs), new SeparatorMenuItem(),
                item("Read a weaving file\u2026", null, desk.weavings()::read), new SeparatorMenuItem(),
                item("Open the demo commission", null, () -> {
                    if (desk.mayLeave()) {
                        desk.openDemo();
                    }
                }), new SeparatorMenuItem(), item("Do it by its words\u2026", "F5", words),
                item("Next surround: grey, white, black", "F10", surround));
        return menu;
    }

    private static MenuItem item(String words, String key, Runnable action) {
        MenuItem item = new MenuItem(words);
        if (key != null) {
            item.setAccelerator(KeyCombination.keyCombination(key));
        }
        item.setOnAction(e -> action.run());
        return item;
    }

    /** Four ends over four picks. */
    private static Node mark() {
        GridPane mark = new GridPane(2, 2);
        for (int pick = 0; pick < 3; pick++) {
            for (int end = 0; end < 3; end++) {
                Rectangle crossing = new Rectangle(7, 7);
                crossing.getStyleClass().add((end + pick) % 2 == 0 ? "mark-warp" : "mark-weft");
                mark.add(crossing, end, pick);
            }
        }
        return mark;
    }

    void refresh() {
        if (!name.isFocused()) {
            name.setText(studio.project().name());
        }
        note.setText((studio.showsBefore() ? "before the last change" : studio.project().note())
                + (studio.history().unsaved() ? "  \u2022 not saved" : ""));
        stages.show(studio.selection().stage());
        undo.setText(studio.history().undoName().map(n -> "Undo: " + n).orElse("Nothing to undo"));
        undo.setDisable(studio.history().undoName().isEmpty());
        redo.setText(studio.history().redoName().map(n -> "Redo: " + n).orElse(""));
        redo.setDisable(studio.history().redoName().isEmpty());
    }
}
