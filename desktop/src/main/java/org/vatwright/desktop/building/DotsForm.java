package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.control.ArrangementPicker;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Dots as numbers. */
final class DotsForm implements StructureForm {

    private record Line(HBox row, InkChip ink, NumberRow diameter) {}

    private final Studio studio;
    private final VBox node = new VBox(8);
    private final VBox list = new VBox(3);
    private final List<Line> lines = new ArrayList<>();
    private final NumberRow x;
    private final NumberRow y;
    private final VBox place;
    private final NumberRow across;
    private final NumberRow down;
    private final ArrangementPicker arrangement;
    private final Label spacing = Ui.prose("", "quiet");

    DotsForm(Studio studio) {
        this.studio = studio;
        x = NumberRow.length(studio, "From left", "dot from the left", mm -> dot("place dot", d -> d.at(mm, d.y())));
        y = NumberRow.length(studio, "From top", "dot from the top", mm -> dot("place dot", d -> d.at(d.x(), mm)));
        place = Ui.column(4, x, y, Ui.prose("Arrow keys on the cloth nudge it; with Ctrl it moves by exactly one cell.",
                "quiet"));
        across = NumberRow.number(studio, "Across", "dots across", "in a cell", 0, 1,
                n -> edit("%s dots across".formatted(Numbers.plain(n)), d -> spread(d, (int) Math.rint(n), d.down())));
        down = NumberRow.number(studio, "Down", "dots down", "in a cell", 0, 1,
                n -> edit("%s dots down".formatted(Numbers.plain(n)), d -> spread(d, d.across(), (int) Math.rint(n))));
        arrangement = new ArrangementPicker(studio, "dot arrangement",
                a -> edit("dots " + a, d -> d.withArrangement(a)));
        node.getChildren().addAll(list,
                Ui.row(Ui.icon("plus", "Add a dot", this::add),
                        Ui.icon("trash-2", "Remove the chosen dot", this::remove)),
                place, across, down, Ui.labelled("Arranged", arrangement), spacing);
    }

    /** The places of the dots stay the same share of their small cells. */
    private Dots spread(Dots dots, int newAcross, int newDown) {
        double sx = (double) dots.across() / Math.max(1, newAcross);
        double sy = (double) dots.down() / Math.max(1, newDown);
        return dots.withDots(dots.dots().stream().map(d -> d.at(d.x() * sx, d.y() * sy)).toList()).withCounts(newAcross,
                newDown);
    }

    private void edit(String name, UnaryOperator<Dots> change) {
        studio.editStructure(name, Dots.class, change);
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
        studio.select(s -> s.withOwn(lines.size() - 1));
    }

    private void remove() {
        edit("remove dot", d -> {
            List<Dot> fewer = new ArrayList<>(d.dots());
            fewer.remove(chosen(d));
            return d.withDots(fewer);
        });
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void show(Design design, Colourway colourway, Structure structure) {
        Dots dots = (Dots) structure;
        if (lines.size() != dots.dots().size()) {
            lines.clear();
            list.getChildren().clear();
            for (int i = 0; i < dots.dots().size(); i++) {
                lines.add(line(i));
                list.getChildren().add(lines.get(i).row());
            }
        }
        int chosen = chosen(dots);
        for (int i = 0; i < lines.size(); i++) {
            lines.get(i).ink().show(dots.dots().get(i).ink(), design, colourway);
            lines.get(i).diameter().show(dots.dots().get(i).diameterMm());
            lines.get(i).row().pseudoClassStateChanged(Styles.CHOSEN, i == chosen);
        }
        x.show(dots.dots().get(chosen).x());
        y.show(dots.dots().get(chosen).y());
        across.show(dots.across());
        down.show(dots.down());
        arrangement.show(dots.arrangement());
        Repeat small = dots.smallCell(design.repeat());
        spacing.setText("%s mm apart across, %s mm down".formatted(Numbers.plain(small.widthMm(), 2),
                Numbers.plain(small.heightMm(), 2)));
    }

    private Line line(int index) {
        String what = "dot " + (index + 1);
        InkChip ink = new InkChip("ink of " + what,
                i -> edit("ink dot with " + i.words(), d -> d.with(index, d.dots().get(index).withInk(i))));
        NumberRow diameter = NumberRow.length(studio, "", what + " size",
                mm -> edit("dot %s mm".formatted(Numbers.plain(mm)),
                        d -> d.with(index, d.dots().get(index).withDiameterMm(mm))));
        HBox row = Ui.row(ink, Ui.spring(), diameter);
        row.getStyleClass().add("band-line");
        row.setOnMousePressed(e -> studio.select(s -> s.withOwn(index)));
        return new Line(row, ink, diameter);
    }
}
