package org.vatwright.desktop.control;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;

import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;

/** A few choices side by side, one of them taken. */
public final class Segments<T> extends HBox {

    private final Map<T, ToggleButton> buttons = new LinkedHashMap<>();
    private boolean showing;

    public Segments(Iterable<T> choices, Function<T, String> words, Consumer<T> take) {
        this(choices, words, c -> null, take);
    }

    /** @param graphic drawn instead of the words when present; the words then name it */
    public Segments(Iterable<T> choices, Function<T, String> words, Function<T, Node> graphic, Consumer<T> take) {
        getStyleClass().add("segments");
        ToggleGroup group = new ToggleGroup();
        for (T choice : choices) {
            Node drawn = graphic.apply(choice);
            ToggleButton button = new ToggleButton(drawn == null ? words.apply(choice) : null, drawn);
            button.setAccessibleText(words.apply(choice));
            if (drawn != null) {
                Ui.tip(button, words.apply(choice));
            }
            button.setToggleGroup(group);
            button.setOnAction(e -> {
                button.setSelected(true);
                if (!showing) {
                    take.accept(choice);
                }
            });
            buttons.put(choice, button);
            getChildren().add(button);
        }
    }

    /** Shows which is taken; none when it is not among the choices. */
    public void show(T taken) {
        showing = true;
        buttons.forEach((choice, button) -> button.setSelected(choice.equals(taken)));
        showing = false;
    }

    public ToggleButton button(T choice) {
        return buttons.get(choice);
    }
}
