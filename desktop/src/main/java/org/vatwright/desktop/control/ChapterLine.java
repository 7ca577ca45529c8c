package org.vatwright.desktop.control;

import java.util.List;
import java.util.function.Consumer;

import org.vatwright.desktop.studio.WindowFirst;

import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;

/** The names of the chapters of the column on one line; the open one has a stitch under it. Arrow keys go along. */
public final class ChapterLine extends HBox {

    /** @param id for its button, as "chapter-" and this */
    public record Name(String id, String title) {}

    private static final PseudoClass MANY = PseudoClass.getPseudoClass("many");
    private static final int FEW = 6;

    private final Consumer<String> open;
    private final Pool<Button> buttons = new Pool<>(this, this::button);
    private List<Name> names = List.of();

    /** @param open is told the id of the chapter that is to be open */
    public ChapterLine(Consumer<String> open) {
        this.open = open;
        getStyleClass().add("chapter-line");
    }

    /** @param now the open one; an id that is none of them when none is open */
    public void show(List<Name> all, String now) {
        if (!all.equals(names)) {
            names = all;
            pseudoClassStateChanged(MANY, all.size() > FEW);
        }
        List<Button> seen = buttons.show(all.size());
        for (int i = 0; i < all.size(); i++) {
            Name name = all.get(i);
            seen.get(i).setText(name.title());
            seen.get(i).setId("chapter-" + name.id());
            seen.get(i).pseudoClassStateChanged(Styles.CHOSEN, name.id().equals(now));
        }
    }

    private Button button(int at) {
        Button button = new Button();
        button.getStyleClass().add("chapter");
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(e -> open(at));
        button.setOnKeyPressed(e -> {
            int by = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
            int next = at + by;
            if (by != 0) {
                e.consume();
                if (next >= 0 && next < names.size()) {
                    getChildren().get(next).requestFocus();
                    open(next);
                }
            }
        });
        return button;
    }

    private void open(int at) {
        WindowFirst.changes();
        open.accept(names.get(at).id());
    }
}
