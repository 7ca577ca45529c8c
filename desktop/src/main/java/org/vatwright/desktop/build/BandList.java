package org.vatwright.desktop.build;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.loom.Band;
import org.vatwright.core.loom.BandRun;
import org.vatwright.core.loom.Edge;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.stripe.Stripes;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The bands as a list of inks and widths; the chosen one shows its edges and what can be done with it. */
final class BandList extends VBox {

    private record Line(HBox row, InkChip ink, NumberRow width) {}

    private final Studio studio;
    private final VBox list = new VBox(3);
    private final List<Line> lines = new ArrayList<>();
    private final NumberRow feather;
    private final NumberRow wobble;
    private final NumberRow wobbleLength;
    private final VBox edges;
    private final HBox actions;
    private boolean threads;

    BandList(Studio studio) {
        super(6);
        this.studio = studio;
        list.setId("band-list");
        feather = edgeRow("Feather", "feather of the edges",
                (e, mm) -> new Edge(mm, e.wobbleMm(), e.wobbleLengthMm()));
        wobble = edgeRow("Irregular", "irregular edge",
                (e, mm) -> new Edge(e.featherMm(), mm, e.wobbleLengthMm()));
        wobbleLength = edgeRow("Stray length", "length of a stray",
                (e, mm) -> new Edge(e.featherMm(), e.wobbleMm(), mm));
        edges = Ui.column(4, feather, wobble, wobbleLength,
                Ui.row(Ui.link("these edges on all bands", this::edgesOnAll), Ui.spring(),
                        Ui.link("cut anew", () -> edit("cut edges anew", s -> s.withSeed(s.seed() + 1)))));
        actions = Ui.row(Ui.icon("plus", "Add a band behind the chosen one", this::add),
                Ui.icon("scissors", "Split the chosen band", () -> onChosen("split band", BandRun::split)),
                Ui.icon("arrow-up", "Move the chosen band forward", () -> move(-1)),
                Ui.icon("arrow-down", "Move the chosen band back", () -> move(1)),
                Ui.icon("trash-2", "Remove the chosen band", () -> onChosen("remove band", BandRun::remove)));
        getChildren().addAll(list, actions, edges);
    }

    private interface EdgeChange {
        Edge with(Edge edge, double mm);
    }

    private NumberRow edgeRow(String word, String what, EdgeChange change) {
        return NumberRow.length(studio, word, what, mm -> {
            int at = chosen();
            edit(what, s -> {
                Band band = s.run().bands().get(at);
                return s.withRun(s.run().with(at, band.withEdge(change.with(band.edge(), mm))));
            });
        });
    }

    private int chosen() {
        return studio.layer().filter(l -> l.structure() instanceof Stripes).map(l -> (Stripes) l.structure())
                .map(s -> Math.max(0, Math.min(s.run().bands().size() - 1, studio.selection().part()))).orElse(0);
    }

    private void edit(String name, UnaryOperator<Stripes> change) {
        studio.editStructure(name, Stripes.class, change);
    }

    private interface RunChange {
        BandRun at(BandRun run, int index);
    }

    private void onChosen(String name, RunChange change) {
        int at = chosen();
        edit(name, s -> s.withRun(change.at(s.run(), at)));
    }

    private void add() {
        int at = chosen();
        edit("add band", s -> s.withRun(s.run().insert(at + 1, s.run().bands().get(at).withEdge(Edge.HARD))));
        studio.select(s -> s.withPart(at + 1));
    }

    private void move(int by) {
        int at = chosen();
        edit("move band", s -> at + by < 0 || at + by >= s.run().bands().size()
                ? s
                : s.withRun(s.run().move(at, at + by)));
        studio.select(s -> s.withPart(Math.max(0, at + by)));
    }

    private void edgesOnAll() {
        int at = chosen();
        edit("edges on all bands", s -> {
            Edge edge = s.run().bands().get(at).edge();
            return s.withRun(
                    new BandRun(s.run().bands().stream().map(b -> b.withEdge(edge)).toList(), s.run().pivot()));
        });
    }

    void show(Design design, Colourway colourway, Stripes stripes) {
        List<Band> bands = stripes.run().bands();
        boolean nowThreads = !stripes.measure().unit().equals("mm");
        if (lines.size() != bands.size() || nowThreads != threads) {
            threads = nowThreads;
            lines.clear();
            list.getChildren().clear();
            for (int i = 0; i < bands.size(); i++) {
                lines.add(line(i));
                list.getChildren().add(lines.get(i).row());
            }
        }
        int chosen = studio.selection().part();
        for (int i = 0; i < bands.size(); i++) {
            Line line = lines.get(i);
            line.ink().show(bands.get(i).ink(), design, colourway);
            line.width().show(bands.get(i).width());
            line.row().pseudoClassStateChanged(Styles.CHOSEN, i == chosen);
        }
        boolean any = chosen >= 0 && chosen < bands.size();
        Ui.show(edges, any);
        if (any) {
            Edge edge = bands.get(chosen).edge();
            feather.show(edge.featherMm());
            wobble.show(edge.wobbleMm());
            wobbleLength.show(edge.wobbleLengthMm());
        }
    }

    private Line line(int index) {
        String what = "band " + (index + 1);
        InkChip ink = new InkChip("ink of " + what,
                i -> edit("ink band with " + i.words(),
                        s -> s.withRun(s.run().with(index, s.run().bands().get(index).withInk(i)))));
        NumberRow width = threads
                ? NumberRow.number(studio, "", what + " width", "threads", 2, 1, n -> width(index, n, "threads"))
                : NumberRow.length(studio, "", what + " width", n -> width(index, n, "mm"));
        HBox row = Ui.row(ink, Ui.spring(), width);
        row.getStyleClass().add("band-line");
        row.setOnMousePressed(e -> studio.select(s -> s.withPart(index)));
        width.field().focusedProperty().addListener((o, was, is) -> {
            if (is) {
                studio.select(s -> s.withPart(index));
            }
        });
        return new Line(row, ink, width);
    }

    private void width(int index, double width, String unit) {
        edit("band %d %s %s".formatted(index + 1, Numbers.plain(width, 2), unit),
                s -> s.withRun(s.run().with(index, s.run().bands().get(index).withWidth(width))));
    }
}
