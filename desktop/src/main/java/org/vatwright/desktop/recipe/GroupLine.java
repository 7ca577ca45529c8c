package org.vatwright.desktop.recipe;

import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** A group of the recipe: its eye, its name, how many it holds; folded, its layers are not listed. */
final class GroupLine extends HBox {

    private final Button fold;
    private final Button eye;
    private final NameInPlace name;
    private final Label count = Ui.label("", "quiet");
    private Set<Integer> members = Set.of();

    /** @param toggle folds and unfolds it */
    GroupLine(Studio studio, String group, Runnable toggle) {
        super(7);
        getStyleClass().addAll("layer-line", "group-line");
        setId("group-line-" + group);
        setFocusTraversable(true);
        setAccessibleText("Group " + group);
        fold = Ui.icon("chevron-down", "Fold this group", toggle);
        eye = Ui.icon("eye", "Hide this group", () -> studio.editDesign("show or hide " + group, d -> {
            boolean seen = d.layers().stream().anyMatch(l -> members.contains(l.id()) && l.visible());
            return Recipe.changed(d, members, l -> l.withVisible(!seen));
        }));
        eye.setId("group-eye-" + group);
        name = new NameInPlace("group-name", "Name of the group", text -> studio.editDesign("rename group",
                d -> Recipe.changed(d, members, l -> l.withGroup(text))));
        name.show(group);
        HBox.setHgrow(name, Priority.ALWAYS);
        count.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(eye, fold, name, count);
    }

    Set<Integer> members() {
        return members;
    }

    void rename() {
        name.open();
    }

    void show(List<Layer> layers, Set<Integer> chosen, boolean folded) {
        members = layers.stream().map(Layer::id).collect(Collectors.toUnmodifiableSet());
        boolean seen = layers.stream().anyMatch(Layer::visible);
        Ui.setIcon(eye, seen ? "eye" : "eye-off", seen ? "Hide this group" : "Show this group");
        Ui.setIcon(fold, folded ? "chevron-right" : "chevron-down", folded ? "Unfold this group" : "Fold this group");
        count.setText("%d layer%s".formatted(layers.size(), layers.size() == 1 ? "" : "s"));
        pseudoClassStateChanged(Styles.ALSO, chosen.containsAll(members));
    }
}
