package org.vatwright.desktop.recipe;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** The recipe by keys, while one of its lines has the focus. */
final class RecipeKeys {

    private static final KeyCombination.Modifier SHORTCUT = KeyCombination.SHORTCUT_DOWN;

    private final RecipeActions actions;
    private final Consumer<Node> rename;
    private final List<Map.Entry<KeyCombination, Runnable>> keys;

    /** @param rename of the line in focus */
    RecipeKeys(RecipeActions actions, Consumer<Node> rename) {
        this.actions = actions;
        this.rename = rename;
        keys = List.of(Map.entry(new KeyCodeCombination(KeyCode.UP, KeyCombination.ALT_DOWN), () -> actions.order(1)),
                Map.entry(new KeyCodeCombination(KeyCode.DOWN, KeyCombination.ALT_DOWN), () -> actions.order(-1)),
                Map.entry(new KeyCodeCombination(KeyCode.DELETE), actions::delete),
                Map.entry(new KeyCodeCombination(KeyCode.BACK_SPACE), actions::delete),
                Map.entry(new KeyCodeCombination(KeyCode.D, SHORTCUT), actions::duplicate),
                Map.entry(new KeyCodeCombination(KeyCode.G, SHORTCUT), actions::group),
                Map.entry(new KeyCodeCombination(KeyCode.G, SHORTCUT, KeyCombination.SHIFT_DOWN), actions::ungroup),
                Map.entry(new KeyCodeCombination(KeyCode.L, SHORTCUT), actions::toggleLock),
                Map.entry(new KeyCodeCombination(KeyCode.SPACE), actions::toggleEye),
                Map.entry(new KeyCodeCombination(KeyCode.C, SHORTCUT), actions::copy),
                Map.entry(new KeyCodeCombination(KeyCode.V, SHORTCUT), actions::paste));
    }

    /** @param line in focus. @param lines all of them from the top; layers are told by their numbers */
    void pressed(KeyEvent e, LayerLine line, List<LayerLine> lines) {
        int by = e.getCode() == KeyCode.UP ? -1 : e.getCode() == KeyCode.DOWN ? 1 : 0;
        if (by != 0 && !e.isAltDown()) {
            int at = lines.indexOf(line) + by;
            if (at >= 0 && at < lines.size()) {
                actions.choose(lines.get(at).layerId(), lines.stream().map(LayerLine::layerId).toList(),
                        e.isShiftDown(), false);
                lines.get(at).requestFocus();
            }
            e.consume();
            return;
        }
        if (e.getCode() == KeyCode.F2 || e.getCode() == KeyCode.ENTER) {
            rename.accept(line);
            e.consume();
            return;
        }
        keys.stream().filter(k -> k.getKey().match(e)).findFirst().ifPresent(k -> {
            k.getValue().run();
            e.consume();
        });
    }
}
