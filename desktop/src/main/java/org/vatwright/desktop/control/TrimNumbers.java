package org.vatwright.desktop.control;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.IntSupplier;
import java.util.function.UnaryOperator;

import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimForm.Corner;
import org.vatwright.core.stitch.TrimForm.Touch;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How a trim runs along its line, on an article or in a design, and the repeat of it that was clicked on the cloth. */
public final class TrimNumbers extends VBox {

    /** What takes a change of the form: the undo's name first. */
    @FunctionalInterface
    public interface Edit {
        void form(String name, UnaryOperator<TrimForm> change);
    }

    private final Studio studio;
    private final String noun;
    private final Edit edit;
    private final IntSupplier repeat;
    private final Segments<Corner> corner;
    private final NumberRow breadth;
    private final NumberRow inset;
    private final NumberRow gap;
    private final NumberRow gaps;
    private final NumberRow sizes;
    private final NumberRow rows;
    private final NumberRow shift;
    private final CheckBox whole = new CheckBox("whole repeats");
    private final CheckBox bent = new CheckBox("bent");
    private final Label told = Ui.label("", "quiet");
    private final NumberRow slide;
    private final NumberRow size;
    private final CheckBox out = new CheckBox("left out");
    private final VBox single;
    private final Label hint = Ui.prose("Click a repeat on the cloth to treat it alone.", "quiet");

    /**
     * @param noun the first part of the ids, and what the undo calls it: "trim", "run"
     * @param turnedBy what says which motif turns the corners, beside them; may be none
     * @param repeat number of the repeat that was clicked, -1 for none
     * @param last beside what is told
     */
    public TrimNumbers(Studio studio, String noun, List<? extends Node> turnedBy, Edit edit, IntSupplier repeat,
            Node... last) {
        super(5);
        this.studio = studio;
        this.noun = noun;
        this.edit = edit;
        this.repeat = repeat;
        corner = new Segments<>(List.of(Corner.values()), Corner::keyword,
                c -> edit.form("corners of the " + noun + " " + c.keyword(), f -> f.withCorner(c)));
        corner.getStyleClass().add("tight");
        for (Corner each : Corner.values()) {
            corner.button(each).setId(noun + "-corner-" + each.keyword());
        }
        breadth = length("Breadth", "breadth of the ", TrimForm::withBreadthMm);
        inset = length("Inset", "inset of the ", TrimForm::withInsetMm);
        gap = length("Gap", "gap of the ", TrimForm::withGapMm);
        gaps = percent("Gaps \u00b1", "variety of gaps in the ", TrimForm::withGapVary);
        sizes = percent("Sizes \u00b1", "variety of sizes in the ", TrimForm::withSizeVary);
        rows = NumberRow.number(studio, "Rows", "rows of the " + noun, "", 0, 1,
                n -> edit.form("rows of the " + noun, f -> f.withRows((int) Math.rint(n))));
        shift = percent("Shift", "shift of rows in the ", TrimForm::withRowShift);
        whole.setId(noun + "-whole");
        whole.setOnAction(e -> edit.form(whole.isSelected() ? "whole repeats" : "repeats cut at the ends",
                f -> f.withWhole(whole.isSelected())));
        bent.setId(noun + "-bent");
        bent.setOnAction(e -> edit.form("%s the repeats of the %s".formatted(bent.isSelected() ? "bend" : "turn", noun),
                f -> f.withBent(bent.isSelected())));
        told.setId(noun + "-told");
        var chance = Ui.link("otherwise", () -> edit.form("another chance", f -> f.withSeed(f.seed() + 1)));
        chance.setId(noun + "-chance");
        slide = NumberRow.length(studio, "Slid by", "way of a repeat in the " + noun,
                mm -> touch("slide a repeat", t -> new Touch(mm, t.size(), t.out())));
        size = NumberRow.number(studio, "Size", "size of a repeat in the " + noun, "%", 0, 10,
                n -> touch("resize a repeat", t -> new Touch(t.slideMm(), n / 100, t.out())));
        out.setId(noun + "-repeat-out");
        out.setOnAction(e -> touch(out.isSelected() ? "leave a repeat out" : "put a repeat back",
                t -> new Touch(t.slideMm(), t.size(), out.isSelected())));
        single = Ui.column(5, Ui.pair(slide, size), out);
        var corners = Ui.labelled("Corners", corner);
        corners.getChildren().addAll(turnedBy);
        var came = Ui.row(told, Ui.spring());
        came.getChildren().addAll(last);
        getChildren().addAll(Ui.pair(breadth, inset), corners, Ui.pair(gap, gaps), Ui.pair(sizes, rows), shift,
                Ui.row(whole, bent, Ui.spring(), chance), came, hint, single);
    }

    private NumberRow length(String word, String what, BiFunction<TrimForm, Double, TrimForm> with) {
        return NumberRow.length(studio, word, what + noun, mm -> edit.form(what + noun, f -> with.apply(f, mm)));
    }

    private NumberRow percent(String word, String what, BiFunction<TrimForm, Double, TrimForm> with) {
        return NumberRow.number(studio, word, what + noun, "%", 0, 5,
                n -> edit.form(what + noun, f -> with.apply(f, n / 100)));
    }

    private void touch(String name, UnaryOperator<Touch> change) {
        int number = repeat.getAsInt();
        edit.form(name, f -> number < 0 ? f : f.touching(number, change.apply(f.touch(number))));
    }

    /** @param words what came of it: how many repeats, how much drawn out */
    public void show(TrimForm f, String words) {
        corner.show(f.corner());
        breadth.show(f.breadthMm());
        inset.show(f.insetMm());
        gap.show(f.gapMm());
        gaps.show(100 * f.gapVary());
        sizes.show(100 * f.sizeVary());
        rows.show(f.rows());
        shift.show(100 * f.rowShift());
        Ui.show(shift, f.rows() > 1);
        whole.setSelected(f.whole());
        bent.setSelected(f.bent());
        told.setText(words);
        int number = repeat.getAsInt();
        Ui.show(single, number >= 0);
        Ui.show(hint, number < 0);
        slide.show(f.touch(number).slideMm());
        size.show(100 * f.touch(number).size());
        out.setSelected(f.touch(number).out());
    }
}
