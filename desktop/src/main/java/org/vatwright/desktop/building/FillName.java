package org.vatwright.desktop.building;

import java.util.function.UnaryOperator;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.ChosenInk;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The ink that is no slot and is open now: its name, and how it is changed and taken out. */
final class FillName extends VBox {

    private final Studio studio;
    private final TextField name = new TextField();
    private boolean showing;

    /** @param id before those of its parts, as in "fill-name" */
    FillName(Studio studio, String id) {
        this.studio = studio;
        name.setId(id + "-name");
        name.setAccessibleText("Name of the ink");
        name.setOnAction(e -> rename());
        getChildren().add(Ui.labelled("Ink name", name, Ui.spring(),
                Ui.link("done", () -> studio.select(s -> s.withInk(ChosenInk.NONE)))));
    }

    /** @return a line with which it is taken out */
    HBox removal(String id) {
        Button remove = Ui.link("take it out", this::remove);
        remove.setId(id + "-remove");
        return Ui.row(Ui.spring(), remove);
    }

    /** While the window shows what is, nothing is edited. */
    void showing(boolean is) {
        showing = is;
    }

    void show(Fill fill) {
        if (!name.isFocused()) {
            name.setText(fill.name());
        }
    }

    private String chosen() {
        int fill = studio.selection().fill();
        return studio.design().filter(d -> fill >= 0 && fill < d.fills().size()).map(d -> d.fills().get(fill).name())
                .orElse("");
    }

    void edit(String words, UnaryOperator<Fill> change) {
        String fill = chosen();
        if (!showing && !fill.isEmpty()) {
            studio.editDesign(words, d -> d.editFill(fill, change));
        }
    }

    private void rename() {
        String wanted = name.getText().strip();
        if (!wanted.equals(chosen())) {
            edit("rename an ink", f -> f.withName(wanted));
        }
    }

    /** Where it was there is the first ink that is not the ground. */
    private void remove() {
        String fill = chosen();
        studio.editDesign("take out the ink " + fill, d -> d.removeFill(fill, instead(d)));
        studio.select(s -> s.withInk(ChosenInk.NONE));
    }

    private static Ink instead(Design design) {
        return design.palette().slots().stream().map(Ink::slot).filter(i -> !i.equals(design.ground())).findFirst()
                .orElse(Ink.CLEAR);
    }
}
