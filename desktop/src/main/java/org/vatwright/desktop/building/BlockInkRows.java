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
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Which inks blocks have, and which block gets which. */
final class BlockInkRows extends VBox {

    private record Line(InkChip ink, NumberRow share, Button less) {}

    private final Studio studio;
    private final Segments<Inking.Way> way;
    private final VBox list = new VBox(3);
    private final Pool<HBox> rows = new Pool<>(list, this::line);
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
        int count = rows.show(inking.inks().size()).size();
        for (int i = 0; i < count; i++) {
            lines.get(i).ink().show(inking.inks().get(i), design, colourway);
            lines.get(i).share().show(inking.shares().get(i));
            Ui.show(lines.get(i).share(), inking.way() == Inking.Way.AT_RANDOM && count > 1);
            Ui.show(lines.get(i).less(), count > 1);
        }
    }

    private HBox line(int index) {
        String what = "block ink " + (index + 1);
        InkChip ink = new InkChip(what, i -> edit("ink blocks with " + i.words(), k -> k.with(index, i)));
        NumberRow share = NumberRow.number(studio, "", "share of " + what, "parts", 2, 1,
                n -> edit("share of an ink", k -> k.withShare(index, n)));
        Button less = Ui.icon("x", "Remove " + what, () -> edit("one ink less", k -> k.without(index)));
        lines.add(new Line(ink, share, less));
        return Ui.row(ink, share, less);
    }
}
