package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.flow.Ribbon;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Colours along a line, by their place; the last goes over into the first. */
final class FlowAlongRows extends VBox {

    private record Line(InkChip ink, NumberRow place) {}

    private final Studio studio;
    private final VBox list = new VBox(3);
    private final Pool<HBox> rows = new Pool<>(list, this::line);
    private final List<Line> lines = new ArrayList<>();
    private final Node begin;

    FlowAlongRows(Studio studio) {
        super(3);
        this.studio = studio;
        begin = Ui.link("colours along the line", () -> edit("colours along the line", s -> List.of(
                new Ribbon.Stop(0, s.inks().getFirst()), new Ribbon.Stop(0.5, s.inks().getLast()))));
        begin.setId("colours-along");
        getChildren().addAll(begin, list);
    }

    private void edit(String name, java.util.function.Function<Ribbon, List<Ribbon.Stop>> change) {
        studio.editStructure(name, FlowLines.class,
                f -> f.withStroke(f.stroke().withAlong(change.apply(f.stroke()))));
    }

    private void stop(String name, int index, UnaryOperator<Ribbon.Stop> change) {
        edit(name, s -> {
            List<Ribbon.Stop> stops = new ArrayList<>(s.along());
            stops.set(index, change.apply(stops.get(index)));
            return stops;
        });
    }

    void show(Ribbon stroke, Design design, Colourway colourway) {
        Ui.show(begin, stroke.along().isEmpty());
        rows.show(stroke.along().size());
        for (int i = 0; i < stroke.along().size(); i++) {
            lines.get(i).ink().show(stroke.along().get(i).ink(), design, colourway);
            lines.get(i).place().show(100 * stroke.along().get(i).place());
        }
    }

    private HBox line(int index) {
        InkChip ink = new InkChip("colour %d along the line".formatted(index + 1),
                i -> stop("ink along the line", index, s -> new Ribbon.Stop(s.place(), i)));
        NumberRow place = NumberRow.number(studio, "", "place of colour " + (index + 1), "%", 1, 5,
                n -> stop("colour at %s %%".formatted(Numbers.plain(n)), index,
                        s -> new Ribbon.Stop(n / 100, s.ink())));
        place.field().setPrefWidth(64);
        lines.add(new Line(ink, place));
        return Ui.row(ink, place,
                Ui.icon("plus", "Add a colour after this one", () -> edit("add a colour", s -> {
                    List<Ribbon.Stop> stops = new ArrayList<>(s.along());
                    Ribbon.Stop here = stops.get(index);
                    double next = index + 1 < stops.size() ? stops.get(index + 1).place() : 0.999;
                    stops.add(new Ribbon.Stop((here.place() + next) / 2, here.ink()));
                    return stops;
                })),
                Ui.icon("x", "Remove colour %d along the line".formatted(index + 1),
                        () -> edit("remove a colour", s -> {
                            List<Ribbon.Stop> stops = new ArrayList<>(s.along());
                            stops.remove(index);
                            return stops;
                        })));
    }
}
