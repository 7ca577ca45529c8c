package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.flow.Knot;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.VBox;

/** Flow lines as numbers: the point in hand, copies, thickness and inks, beads, blobs, sway and motion. */
final class FlowForm implements StructureForm {

    private final Studio studio;
    private final VBox node = new VBox(8);
    private final Label point = Ui.label("", "card-title");
    private final NumberRow x;
    private final NumberRow y;
    private final NumberRow swell;
    private final NumberRow period;
    private final NumberRow pitch;
    private final NumberRow copies;
    private final NumberRow stepX;
    private final NumberRow stepY;
    private final NumberRow thicker;
    private final NumberRow thickness;
    private final InkList inks;
    private final FlowAlongRows along;
    private final FlowBeadRows beads;
    private final FlowBlobRows blobs;
    private final NumberRow sway;
    private final NumberRow waves;
    private final NumberRow travel;
    private final Slider phase = new Slider(0, 1, 0);
    private final LaidTurn turn;
    private final Segments<Boolean> sizes;
    private boolean together;
    private boolean showing;

    FlowForm(Studio studio) {
        this.studio = studio;
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
        copies = copy("Copies", "copies of the line", "", 0, 1, (c, n) -> new FlowLines.Copies((int) Math.rint(n),
                c.dxMm(), c.dyMm(), c.thickerMm()));
        stepX = copy("Step across", "step across", "mm", 3, 1,
                (c, n) -> new FlowLines.Copies(c.count(), n, c.dyMm(), c.thickerMm()));
        stepY = copy("Step down", "step down", "mm", 3, 1,
                (c, n) -> new FlowLines.Copies(c.count(), c.dxMm(), n, c.thickerMm()));
        thicker = copy("Thicker by", "step of thickness", "mm", 3, 0.1,
                (c, n) -> new FlowLines.Copies(c.count(), c.dxMm(), c.dyMm(), n));
        thickness = NumberRow.length(studio, "Thickness", "thickness of the line",
                mm -> edit("line %s mm".formatted(Numbers.plain(mm)),
                        f -> f.withStroke(f.stroke().withThicknessMm(mm))));
        inks = new InkList("line", 24, list -> edit("inks of the lines", f -> f.withStroke(f.stroke().withInks(list))));
        along = new FlowAlongRows(studio);
        beads = new FlowBeadRows(studio);
        blobs = new FlowBlobRows(studio);
        sway = NumberRow.length(studio, "Sway", "sway of the lines",
                mm -> edit("sway %s mm".formatted(Numbers.plain(mm)), f -> f.withSway(f.sway().withAmountMm(mm))));
        waves = NumberRow.number(studio, "Waves", "waves of the sway", "in a period", 0, 1,
                n -> edit("%s waves".formatted(Numbers.plain(n)),
                        f -> f.withSway(f.sway().withWaves((int) Math.rint(n)))));
        travel = NumberRow.number(studio, "Travel", "travel of the beads", "lists a loop", 0, 1,
                n -> edit("travel %s".formatted(Numbers.plain(n)), f -> f.withTravel((int) Math.rint(n))));
        phase.setId("phase");
        phase.setAccessibleText("phase of the motion");
        phase.valueProperty().addListener((o, was, is) -> {
            if (!showing) {
                if (!studio.dragging() && phase.isValueChanging()) {
                    studio.beginDrag("phase");
                }
                edit("phase", f -> f.withPhase(is.doubleValue()));
            }
        });
        phase.valueChangingProperty().addListener((o, was, is) -> {
            if (!is && studio.dragging()) {
                studio.endDrag();
            }
        });
        turn = new LaidTurn(studio, "lines");
        sizes = new Segments<>(List.of(false, true), t -> t ? "All together" : "Each alone", t -> together = t);
        sizes.button(true).setId("sizes-together");
        node.getChildren().addAll(
                Ui.row(point, Ui.spring(), Ui.icon("plus", "Set a point after this one", this::split),
                        Ui.icon("trash-2", "Remove this point", this::remove)),
                x, y, swell, period, pitch, Ui.labelled("Sizes", sizes), Ui.label("Line", "card-title"), thickness,
                inks, along,
                Ui.label("Copies", "card-title"), copies, stepX, stepY, thicker, beads, blobs,
                Ui.label("Sway and motion", "card-title"), sway, waves,
                Ui.link("sway otherwise", () -> edit("sway otherwise", f -> f.withSway(f.sway().withSeed(
                        f.sway().seed() + 1)))),
                travel, Ui.labelled("Phase", phase), turn);
    }

    private NumberRow copy(String word, String what, String sign, int decimals, double step,
            java.util.function.BiFunction<FlowLines.Copies, Double, FlowLines.Copies> change) {
        return NumberRow.number(studio, word, what, sign, decimals, step,
                n -> edit("%s %s".formatted(what, Numbers.plain(n)), f -> f.withCopies(change.apply(f.copies(), n))));
    }

    private void edit(String name, UnaryOperator<FlowLines> change) {
        studio.editStructure(name, FlowLines.class, change);
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
    public Node node() {
        return node;
    }

    @Override
    public void show(Design design, Colourway colourway, Structure structure) {
        showing = true;
        FlowLines f = (FlowLines) structure;
        Knot k = f.knots().get(chosen(f));
        point.setText("Point %d of %d%s".formatted(chosen(f) + 1, f.knots().size(),
                chosen(f) == 0 ? ", both ends" : ""));
        x.show(k.x());
        y.show(k.y());
        swell.show(100 * k.swell());
        sizes.show(together);
        period.show(f.periodMm());
        pitch.show(f.pitchMm());
        copies.show(f.copies().count());
        stepX.show(f.copies().dxMm());
        stepY.show(f.copies().dyMm());
        thicker.show(f.copies().thickerMm());
        for (Node row : new Node[]{stepX, stepY, thicker}) {
            Ui.show(row, f.copies().count() > 1);
        }
        thickness.show(f.stroke().thicknessMm());
        Ui.show(inks, f.stroke().along().isEmpty());
        inks.show(f.stroke().inks(), design, colourway);
        along.show(f.stroke(), design, colourway);
        beads.show(f, design, colourway);
        blobs.show(f, design, colourway);
        sway.show(f.sway().amountMm());
        waves.show(f.sway().waves());
        travel.show(f.travel());
        if (!phase.isValueChanging()) {
            phase.setValue(f.phase());
        }
        turn.show(design, f);
        showing = false;
    }
}
