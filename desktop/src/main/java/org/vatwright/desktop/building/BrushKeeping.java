package org.vatwright.desktop.building;

import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

import org.vatwright.core.brush.Brush;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** A name under which the brush in hand is kept among the user's own, and a way to throw an own one away. */
final class BrushKeeping extends HBox {

    private final Studio studio;
    private final TextField name = new TextField();
    private final Button drop;
    private Brush brush;

    BrushKeeping(Studio studio) {
        super(8);
        this.studio = studio;
        getStyleClass().add("row");
        name.setId("brush-name");
        name.setPromptText("a name of your own");
        name.setAccessibleText("Name to keep the brush under");
        name.setPrefColumnCount(11);
        Button keep = Ui.link("keep", () -> {
            studio.attempt(() -> studio.holdBrush(h -> h.keeping(brush.withName(name.getText()))));
            name.clear();
        });
        keep.setId("brush-keep");
        name.setOnAction(e -> keep.fire());
        drop = Ui.icon("trash-2", "Throw this brush of yours away",
                () -> studio.holdBrush(h -> h.dropping(brush.name())));
        drop.setId("brush-drop");
        getChildren().addAll(name, keep, Ui.spring(), drop);
    }

    void show(Brush shown) {
        brush = shown;
        drop.setVisible(studio.brushHand().own().stream().anyMatch(b -> b.name().equals(shown.name())));
    }
}
