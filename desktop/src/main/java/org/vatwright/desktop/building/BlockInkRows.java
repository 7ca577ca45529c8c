package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Which inks blocks have, and which block gets which. */
final class BlockInkRows extends VBox {

    private record Line(InkChip ink, NumberRow share) {}

    private final Studio studio;
    private final Segments<Inking.Way> way;
    private final VBox list = new VBox(3);
    private final List<Line> lines = new ArrayList<>();

    BlockInkRows(Studio studio) {
        super(4);
        this.studio = studio;
        way = new Segments<>(List.of(Inking.Way.values()), w -> switch (w) {
            case BY_TURN -> "By turn";
            case BY_COURSE -> "By course";
            case AT_RANDOM -> "At random";
        }, w -> edit("inks " + w.words(), i -> i.withWay(w)));
        for (Inking.Way w : Inking.Way.values()) {
            way.button(w).setId("inks-" + w.words().replace(' ', '-'));
        }
        getChildren().addAll(way, Ui.capped(list, 170),
                Ui.icon("plus", "Add an ink to the blocks",
                        () -> edit("one more ink", i -> i.plus(i.inks().getLast()))));
    }

    private void edit(String name, UnaryOperator<Inking> change) {
        studio.editStructure(name, Blocks.class, b -> b.withInking(change.apply(b.inking())));
    }

    void show(Inking inking, Design design, Colourway colourway) {
        way.show(inking.way());
        if (lines.size() != inking.inks().size()) {
            lines.clear();
            list.getChildren().clear();
            for (int i = 0; i < inking.inks().size(); i++) {
                list.getChildren().add(line(i, inking.inks().size()));
            }
        }
        for (int i = 0; i < lines.size(); i++) {
            lines.get(i).ink().show(inking.inks().get(i), design, colourway);
            lines.get(i).share().show(inking.shares().get(i));
            Ui.show(lines.get(i).share(), inking.way() == Inking.Way.AT_RANDOM && lines.size() > 1);
        }
    }

    private HBox line(int index, int count) {
        String what = "block ink " + (index + 1);
        InkChip ink = new InkChip(what, i -> edit("ink blocks with " + i.words(), k -> k.with(index, i)));
        NumberRow share = NumberRow.number(studio, "", "share of " + what, "parts", 2, 1,
                n -> edit("share of an ink", k -> k.withShare(index, n)));
        lines.add(new Line(ink, share));
        HBox row = Ui.row(ink, share);
        if (count > 1) {
            row.getChildren().add(Ui.icon("x", "Remove " + what, () -> edit("one ink less", k -> k.without(index))));
        }
        return row;
    }
}
