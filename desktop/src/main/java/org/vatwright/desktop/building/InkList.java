package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.Ui;

import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Inks that are given in turn: each changed, removed, one more added. */
final class InkList extends VBox {

    private final String what;
    private final int most;
    private final Consumer<List<Ink>> take;
    private final List<InkChip> chips = new ArrayList<>();
    private List<Ink> now = List.of();

    InkList(String what, int most, Consumer<List<Ink>> take) {
        super(3);
        this.what = what;
        this.most = most;
        this.take = take;
    }

    void show(List<Ink> inks, Design design, Colourway colourway) {
        if (inks.size() != now.size()) {
            getChildren().clear();
            chips.clear();
            for (int i = 0; i < inks.size(); i++) {
                getChildren().add(line(i, inks.size()));
            }
        }
        now = inks;
        for (int i = 0; i < inks.size(); i++) {
            chips.get(i).show(inks.get(i), design, colourway);
        }
    }

    private HBox line(int index, int count) {
        InkChip chip = new InkChip("%s ink %d".formatted(what, index + 1), ink -> {
            List<Ink> changed = new ArrayList<>(now);
            changed.set(index, ink);
            take.accept(changed);
        });
        chips.add(chip);
        HBox row = Ui.row(chip);
        if (count > 1) {
            row.getChildren().add(Ui.icon("x", "Remove %s ink %d".formatted(what, index + 1), () -> {
                List<Ink> fewer = new ArrayList<>(now);
                fewer.remove(index);
                take.accept(fewer);
            }));
        }
        if (index == count - 1 && count < most) {
            row.getChildren().add(Ui.icon("plus", "Add an ink to the " + what, () -> {
                List<Ink> more = new ArrayList<>(now);
                more.add(now.getLast());
                take.accept(more);
            }));
        }
        return row;
    }
}
