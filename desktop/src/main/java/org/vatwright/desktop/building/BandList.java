package org.vatwright.desktop.building;

import java.util.List;
import java.util.stream.IntStream;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.band.Edge;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.Gradual;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The bands of a run as a list of inks and widths, and what can be done with the chosen one. */
final class BandList extends VBox {

    private interface RunChange {
        BandRun at(BandRun run, int index);
    }

    private static final double MOST_HEIGHT = 113;

    private final Studio studio;
    private final RunEditor runs;
    private final String prefix;
    private final VBox list = new VBox(3);
    private final Pool<InkLine> lines = new Pool<>(list, this::line);
    /** Many bands come some at a time: few of their lines are in view. */
    private final Gradual making = new Gradual();
    private String unit = "";

    /** @param prefix in front of "band 3" in names, such as "weft "; may be empty */
    BandList(Studio studio, RunEditor runs, String prefix) {
        super(6);
        this.studio = studio;
        this.runs = runs;
        this.prefix = prefix;
        list.setId((prefix + "band list").replace(' ', '-'));
        HBox actions = Ui.row(Ui.icon("plus", "Add a band behind the chosen one", this::add),
                Ui.icon("scissors", "Split the chosen band",
                        () -> onChosen("split band", (r, i) -> r.split(i, runs.step()))),
                Ui.icon("arrow-up", "Move the chosen band forward", () -> move(-1)),
                Ui.icon("arrow-down", "Move the chosen band back", () -> move(1)),
                Ui.icon("copy", "Set all bands once more behind the last",
                        () -> runs.edit("copy the bands", BandRun::copied)),
                Ui.icon("repeat", "Mirror: turn the order of the bands round",
                        () -> runs.edit("mirror the bands", BandRun::mirrored)),
                Ui.icon("trash-2", "Remove the chosen band", () -> onChosen("remove band", BandRun::remove)));
        getChildren().addAll(Ui.capped(list, MOST_HEIGHT), actions);
    }

    private int chosen() {
        return Math.max(0, runs.chosen(studio));
    }

    private void select(int band) {
        studio.select(s -> s.withPart(runs.part(band)));
    }

    private void onChosen(String name, RunChange change) {
        int at = chosen();
        runs.edit(name, r -> change.at(r, at));
    }

    private void add() {
        int at = chosen();
        runs.edit("add band", r -> r.insert(at + 1, r.bands().get(at).withEdge(Edge.HARD)));
        select(at + 1);
    }

    private void move(int by) {
        int at = chosen();
        runs.edit("move band", r -> at + by < 0 || at + by >= r.bands().size() ? r : r.move(at, at + by));
        select(Math.max(0, at + by));
    }

    void show(Design design, Colourway colourway) {
        List<Band> bands = runs.run().map(BandRun::bands).orElse(List.of());
        if (!unit.equals(runs.unit())) {
            unit = runs.unit();
            lines.clear();
        }
        int missing = lines.showMade(bands.size());
        List<InkLine> there = lines.seen();
        for (int i = 0; i < there.size(); i++) {
            show(i, there.get(i), bands.get(i), design, colourway);
        }
        making.start(IntStream.range(there.size(), there.size() + missing).<Runnable>mapToObj(i -> () -> {
            InkLine line = lines.another();
            show(i, line, bands.get(i), design, colourway);
            line.applyCss();
        }).toList());
    }

    /** Makes lines beforehand, measured as those that were shown last. */
    void ready(int bands) {
        lines.ready(bands);
    }

    /** Makes at once what is still to come. */
    void complete() {
        making.rest();
    }

    private void show(int index, InkLine line, Band band, Design design, Colourway colourway) {
        line.show(band.ink(), band.width(), index == runs.chosen(studio), design, colourway);
    }

    private InkLine line(int index) {
        String what = prefix + "band " + (index + 1);
        InkChip ink = new InkChip("ink of " + what, i -> runs.edit("ink band with " + i.words(),
                r -> r.with(index, r.bands().get(index).withInk(i))));
        NumberRow width = unit.equals("threads")
                ? NumberRow.number(studio, "", what + " width", "threads", 2, 1, n -> width(index, n))
                : NumberRow.length(studio, "", what + " width", n -> width(index, n));
        InkLine line = new InkLine(ink, width);
        line.setOnMousePressed(e -> select(index));
        width.field().focusedProperty().addListener((o, was, is) -> {
            if (is) {
                select(index);
            }
        });
        return line;
    }

    private void width(int index, double width) {
        runs.edit("band %d %s %s".formatted(index + 1, Numbers.plain(width, 2), unit),
                r -> r.with(index, r.bands().get(index).withWidth(width)));
    }
}
