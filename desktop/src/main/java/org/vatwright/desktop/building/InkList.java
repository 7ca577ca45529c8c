package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Ui;

import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Inks that are given in turn: each changed, removed, one more added. */
final class InkList extends VBox {

    private final String what;
    private final int most;
    private final Consumer<List<Ink>> take;
    private final Pool<HBox> rows = new Pool<>(this, this::line);
    private final List<Line> lines = new ArrayList<>();
    private List<Ink> now = List.of();

    private record Line(InkChip chip, Button less, Button more) {}

    InkList(String what, int most, Consumer<List<Ink>> take) {
        super(3);
        this.what = what;
        this.most = most;
        this.take = take;
    }

    void show(List<Ink> inks, Design design, Colourway colourway) {
        now = inks;
        rows.show(inks.size());
        for (int i = 0; i < inks.size(); i++) {
            Line line = lines.get(i);
            line.chip().show(inks.get(i), design, colourway);
            Ui.show(line.less(), inks.size() > 1);
            Ui.show(line.more(), i == inks.size() - 1 && inks.size() < most);
        }
    }

    private HBox line(int index) {
        InkChip chip = new InkChip("%s ink %d".formatted(what, index + 1), ink -> {
            List<Ink> changed = new ArrayList<>(now);
            changed.set(index, ink);
            take.accept(changed);
        });
        Button less = Ui.icon("x", "Remove %s ink %d".formatted(what, index + 1), () -> {
            List<Ink> fewer = new ArrayList<>(now);
            fewer.remove(index);
            take.accept(fewer);
        });
        Button more = Ui.icon("plus", "Add an ink to the " + what, () -> {
            List<Ink> longer = new ArrayList<>(now);
            longer.add(now.getLast());
            take.accept(longer);
        });
        lines.add(new Line(chip, less, more));
        return Ui.row(chip, less, more);
    }
}
