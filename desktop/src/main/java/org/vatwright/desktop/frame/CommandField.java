package org.vatwright.desktop.frame;

import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;

import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A field that takes any command of the present stage by its words; behind the words of a number its value may stand. */
final class CommandField extends VBox {

    private static final int MOST_SHOWN = 9;

    private final TextField field = new TextField();
    private final VBox list = new VBox(1);
    private final Supplier<List<Command>> source;
    private List<Command> all = List.of();
    private List<Command> shown = List.of();
    private int now;
    private Node before;

    /** @param source the commands there are when it is opened */
    CommandField(Supplier<List<Command>> source) {
        super(4);
        this.source = source;
        getStyleClass().add("command-field");
        setId("commands");
        setMaxSize(440, USE_PREF_SIZE);
        field.setId("command");
        field.setAccessibleText("A command by its words");
        field.setPromptText("what is to be done, such as \u201copacity 40\u201d");
        field.textProperty().addListener((o, was, is) -> find());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                Ui.show(this, false);
            }
        });
        getChildren().addAll(field, list);
        Ui.show(this, false);
    }

    void open() {
        before = getScene().getFocusOwner();
        all = source.get();
        field.clear();
        find();
        Ui.show(this, true);
        toFront();
        field.requestFocus();
    }

    private void find() {
        Command.Typed typed = Command.Typed.of(field.getText());
        shown = typed.words().isEmpty()
                ? List.of()
                : all.stream().filter(c -> c.match(typed) >= 0)
                        .sorted(Comparator.comparingInt(c -> c.match(typed))).limit(MOST_SHOWN).toList();
        list.getChildren().setAll(shown.stream().map(this::line).toList());
        mark(0);
    }

    private Button line(Command command) {
        HBox content = Ui.row(Ui.label(command.words()), Ui.spring(), Ui.label(command.place(), "quiet"));
        Button line = new Button(null, content);
        content.prefWidthProperty().bind(line.widthProperty().subtract(18));
        line.setMaxWidth(Double.MAX_VALUE);
        line.setFocusTraversable(false);
        line.getStyleClass().add("command-line");
        line.setAccessibleText(command.words());
        // At the press: the field has not lost the focus yet.
        line.setOnMousePressed(e -> take(command));
        return line;
    }

    private void mark(int index) {
        now = Math.max(0, Math.min(shown.size() - 1, index));
        for (int i = 0; i < shown.size(); i++) {
            list.getChildren().get(i).pseudoClassStateChanged(Styles.CHOSEN, i == now);
        }
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close();
        } else if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
            mark(now + (e.getCode() == KeyCode.DOWN ? 1 : -1));
        } else if (e.getCode() == KeyCode.ENTER) {
            if (!shown.isEmpty()) {
                take(shown.get(now));
            }
        } else {
            return;
        }
        e.consume();
    }

    private void close() {
        Ui.show(this, false);
        if (before != null && before.getScene() != null) {
            before.requestFocus();
        }
    }

    private void take(Command command) {
        String value = Command.Typed.of(field.getText()).value();
        close();
        if (value.isEmpty()) {
            command.act().run();
        } else {
            command.value().ifPresent(v -> v.accept(value));
        }
    }
}
