package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.flow.Knot;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;

/** Where the line runs: its points, its period and the pitch of its sets. */
final class FlowRun extends Chapter.Of<FlowLines> {

    private final Label point = Ui.label("", "card-title");
    private final NumberRow x;
    private final NumberRow y;
    private final NumberRow swell;
    private final NumberRow period;
    private final NumberRow pitch;
    private final Segments<Boolean> sizes;
    private final LaidTurn turn;
    private boolean together;

    FlowRun(Studio studio) {
        super(studio, FlowLines.class);
        x = NumberRow.length(studio, "Across", "point across", mm -> knot("place a point", k -> k.at(mm, k.y())));
        y = NumberRow.length(studio, "Down", "point down", mm -> knot("place a point", k -> k.at(k.x(), mm)));
        swell = NumberRow.number(studio, "Swell", "swell of the line", "%", 1, 5,
                n -> knot("swell %s %%".formatted(Numbers.plain(n)), k -> k.withSwell(n / 100)));
        period = NumberRow.length(studio, "Period", "period of the line",
                mm -> edit("period %s mm".formatted(Numbers.plain(mm)),
                        f -> together && mm > 0 ? f.scaled(mm / f.periodMm()) : f.withPeriod(mm)));
        pitch = NumberRow.length(studio, "Pitch", "pitch of the sets",
                mm -> edit("pitch %s mm".formatted(Numbers.plain(mm)),
                        f -> together && mm > 0 ? f.scaled(mm / f.pitchMm()) : f.withPitchMm(mm)));
        sizes = new Segments<>(List.of(false, true), t -> t ? "All together" : "Each alone", t -> together = t);
        sizes.button(true).setId("sizes-together");
        turn = new LaidTurn(studio, "lines");
        hold(Ui.row(point, Ui.spring(), Ui.icon("plus", "Set a point after this one", this::split),
                Ui.icon("trash-2", "Remove this point", this::remove)), Ui.pair(x, y), swell,
                Ui.pair(period, pitch), Ui.labelled("Sizes", sizes), turn);
    }

    private int chosen(FlowLines f) {
        return Math.max(0, Math.min(f.knots().size() - 1, studio.selection().own()));
    }

    private void knot(String name, UnaryOperator<Knot> change) {
        edit(name, f -> f.with(chosen(f), change.apply(f.knots().get(chosen(f)))));
    }

    private void split() {
        int[] at = {0};
        edit("set a point", f -> {
            at[0] = chosen(f) + 1;
            return f.splitAfter(chosen(f));
        });
        studio.select(s -> s.withOwn(at[0]));
    }

    private void remove() {
        edit("remove a point", f -> {
            List<Knot> fewer = new ArrayList<>(f.knots());
            fewer.remove(chosen(f));
            return f.withKnots(fewer);
        });
    }

    @Override
    void show(Design design, Colourway colourway, FlowLines f) {
        Knot k = f.knots().get(chosen(f));
        point.setText("Point %d of %d%s".formatted(chosen(f) + 1, f.knots().size(),
                chosen(f) == 0 ? ", both ends" : ""));
        x.show(k.x());
        y.show(k.y());
        swell.show(100 * k.swell());
        sizes.show(together);
        period.show(f.periodMm());
        pitch.show(f.pitchMm());
        turn.show(design, f);
    }
}
