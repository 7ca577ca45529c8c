package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** The dots of a small cell: their inks, sizes and places. */
final class DotsChapter extends Chapter.Of<Dots> {

    private final VBox list = new VBox(3);
    private final Pool<InkLine> lines = new Pool<>(list, this::line);
    private final NumberRow x;
    private final NumberRow y;
    private final VBox place;

    DotsChapter(Studio studio) {
        super(studio, Dots.class);
        x = NumberRow.length(studio, "From left", "dot from the left", mm -> dot("place dot", d -> d.at(mm, d.y())));
        y = NumberRow.length(studio, "From top", "dot from the top", mm -> dot("place dot", d -> d.at(d.x(), mm)));
        place = Ui.column(4, Ui.pair(x, y),
                Ui.prose("Arrow keys on the cloth nudge it; with Ctrl it moves by exactly one cell.",
                        "quiet"));
        hold(Ui.capped(list, 170), Ui.row(Ui.icon("plus", "Add a dot", this::add),
                Ui.icon("trash-2", "Remove the chosen dot", this::remove)), place);
    }

    private int chosen(Dots dots) {
        return Math.max(0, Math.min(dots.dots().size() - 1, studio.selection().own()));
    }

    private void dot(String name, UnaryOperator<Dot> change) {
        edit(name, d -> d.with(chosen(d), change.apply(d.dots().get(chosen(d)))));
    }

    private void add() {
        studio.design().ifPresent(design -> edit("add dot", d -> {
            Repeat small = d.smallCell(design.repeat());
            Dot like = d.dots().get(chosen(d));
            List<Dot> more = new ArrayList<>(d.dots());
            more.add(like.at(like.x() + small.widthMm() / 2, like.y() + small.heightMm() / 2));
            return d.withDots(more);
        }));
        studio.select(s -> s.withOwn(lines.seen().size() - 1));
    }

    private void remove() {
        edit("remove dot", d -> {
            List<Dot> fewer = new ArrayList<>(d.dots());
            fewer.remove(chosen(d));
            return d.withDots(fewer);
        });
    }

    @Override
    void show(Design design, Colourway colourway, Dots dots) {
        int chosen = chosen(dots);
        List<InkLine> seen = lines.show(dots.dots().size());
        for (int i = 0; i < seen.size(); i++) {
            Dot dot = dots.dots().get(i);
            seen.get(i).show(dot.ink(), dot.diameterMm(), i == chosen, design, colourway);
        }
        x.show(dots.dots().get(chosen).x());
        y.show(dots.dots().get(chosen).y());
    }

    private InkLine line(int index) {
        String what = "dot " + (index + 1);
        InkChip ink = new InkChip("ink of " + what,
                i -> edit("ink dot with " + i.words(), d -> d.with(index, d.dots().get(index).withInk(i))));
        NumberRow diameter = NumberRow.length(studio, "", what + " size",
                mm -> edit("dot %s mm".formatted(Numbers.plain(mm)),
                        d -> d.with(index, d.dots().get(index).withDiameterMm(mm))));
        InkLine line = new InkLine(ink, diameter);
        line.setOnMousePressed(e -> studio.select(s -> s.withOwn(index)));
        return line;
    }
}
