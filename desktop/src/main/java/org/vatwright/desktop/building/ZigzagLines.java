package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The lines of one set of a zigzag: their inks and thicknesses. */
final class ZigzagLines extends Chapter.Of<Zigzag> {

    private record Line(InkChip ink, NumberRow thickness) {}

    private final VBox list = new VBox(3);
    private final Pool<HBox> rows = new Pool<>(list, this::line);
    private final List<Line> lines = new ArrayList<>();

    ZigzagLines(Studio studio) {
        super(studio, Zigzag.class);
        hold(Ui.capped(list, 230), Ui.row(Ui.icon("plus", "Add a line", this::add),
                Ui.icon("trash-2", "Remove the chosen line", this::remove)));
    }

    private int chosen(Zigzag z) {
        return Math.max(0, Math.min(z.lines().size() - 1, studio.selection().own()));
    }

    private void add() {
        edit("add a line", z -> {
            List<Zigzag.Line> more = new ArrayList<>(z.lines());
            more.add(chosen(z) + 1, z.lines().get(chosen(z)));
            return z.withLines(more);
        });
    }

    private void remove() {
        edit("remove a line", z -> {
            List<Zigzag.Line> fewer = new ArrayList<>(z.lines());
            fewer.remove(chosen(z));
            return z.withLines(fewer);
        });
    }

    @Override
    void show(Design design, Colourway colourway, Zigzag z) {
        List<HBox> seen = rows.show(z.lines().size());
        for (int i = 0; i < seen.size(); i++) {
            lines.get(i).ink().show(z.lines().get(i).ink(), design, colourway);
            lines.get(i).thickness().show(z.lines().get(i).thicknessMm());
            seen.get(i).pseudoClassStateChanged(Styles.CHOSEN, i == chosen(z));
        }
    }

    private HBox line(int index) {
        String what = "line " + (index + 1);
        InkChip ink = new InkChip("ink of " + what,
                i -> edit("ink line with " + i.words(), z -> z.with(index, z.lines().get(index).withInk(i))));
        NumberRow thickness = NumberRow.length(studio, "", what + " thickness",
                mm -> edit("line %s mm".formatted(Numbers.plain(mm)),
                        z -> z.with(index, z.lines().get(index).withThicknessMm(mm))));
        HBox row = Ui.row(ink, Ui.spring(), thickness);
        row.getStyleClass().add("band-line");
        row.setOnMousePressed(e -> studio.select(s -> s.withOwn(index)));
        lines.add(new Line(ink, thickness));
        return row;
    }
}
