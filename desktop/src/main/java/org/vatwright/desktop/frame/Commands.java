package org.vatwright.desktop.frame;

import org.vatwright.desktop.control.Fold;
import org.vatwright.desktop.control.InkChip;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;

/** The commands that controls stand for: whatever can be pressed, chosen or typed into, by the words it says itself. */
public final class Commands {

    private final Map<String, Command> found = new LinkedHashMap<>();

    private Commands() {}

    /** @return those of all controls that are shown in there, or would be with a fold opened */
    public static List<Command> of(Node... roots) {
        Commands commands = new Commands();
        for (Node root : roots) {
            commands.walk(root, () -> {});
        }
        return new ArrayList<>(commands.found.values());
    }

    private void add(String words, Command command) {
        if (words != null && !words.isBlank() && words.length() < 80) {
            found.putIfAbsent(words, command);
        }
    }

    /** @param open what has to be opened before it is seen */
    private void walk(Node node, Runnable open) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        switch (node) {
            case Fold fold -> walk(fold.inside(), () -> {
                open.run();
                fold.setExpanded(true);
            });
            case ScrollPane scroll when scroll.getContent() != null -> walk(scroll.getContent(), open);
            case InkChip chip -> {
                chip.fill();
                chip.getItems().forEach(i -> item(chip.getAccessibleText(), i));
            }
            case MenuButton menu -> menu.getItems().forEach(i -> item(words(menu.getText(), menu), i));
            case ButtonBase button -> add(words(button.getText(), button),
                    new Command(words(button.getText(), button), "", () -> {
                        open.run();
                        button.fire();
                    }));
            case ComboBox<?> box -> choices(box, open);
            case TextField field when field.isEditable() -> add(field.getAccessibleText(),
                    new Command(named(field), "", () -> {
                        open.run();
                        // Once it is there.
                        Platform.runLater(() -> {
                            field.requestFocus();
                            field.selectAll();
                        });
                    }, Optional.of(text -> {
                        open.run();
                        field.setText(text);
                        field.fireEvent(new ActionEvent());
                    })));
            case Parent parent -> parent.getChildrenUnmodifiable().forEach(c -> walk(c, open));
            default -> {
                // A picture or a shape can do nothing.
            }
        }
    }

    private <T> void choices(ComboBox<T> box, Runnable open) {
        for (T item : box.getItems()) {
            String words = "%s: %s".formatted(box.getAccessibleText(), item);
            add(words, new Command(words, "", () -> {
                open.run();
                box.setValue(item);
            }));
        }
    }

    private void item(String menu, MenuItem item) {
        if (item instanceof Menu more) {
            more.getItems().forEach(i -> item(menu + ": " + more.getText(), i));
        } else if (item.getText() != null && !item.getText().isBlank() && !item.isDisable()) {
            String words = menu.isBlank() ? item.getText() : menu + ": " + item.getText();
            add(words, new Command(words, "", item::fire));
        }
    }

    /** What a field is for, and the word that stands before it where that is another. */
    private static String named(TextField field) {
        String what = String.valueOf(field.getAccessibleText());
        String word = field.getAccessibleHelp();
        return word == null || word.isBlank() || what.toLowerCase(Locale.ROOT).contains(word.toLowerCase(Locale.ROOT))
                ? what
                : "%s, %s".formatted(word, what);
    }

    private static String words(String text, Node node) {
        return node.getAccessibleText() != null ? node.getAccessibleText() : text == null ? "" : text;
    }
}
