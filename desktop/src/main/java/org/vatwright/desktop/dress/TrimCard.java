package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Trim;
import org.vatwright.core.dress.TrimSteps;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimForm.Corner;
import org.vatwright.core.stitch.TrimForm.Touch;
import org.vatwright.core.stitch.TrimRun;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand.Tool;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Trims along the outline of the chosen pieces or a line of their own: a design again and again. Single repeats are taken on the cloth. */
final class TrimCard extends VBox {

    private static final int NARROWER = 6;

    private final Studio studio;
    private final FlowPane list = new FlowPane(5, 5);
    private final MenuButton design = new MenuButton();
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
    private final VBox numbers;
    private final NumberRow slide;
    private final NumberRow size;
    private final CheckBox out = new CheckBox("left out");
    private final VBox single;

    TrimCard(Studio studio) {
        super(7);
        this.studio = studio;
        setId("trim");
        Button add = Ui.button("Add a trim", this::add);
        add.setId("trim-add");
        add.setMinWidth(USE_PREF_SIZE);
        Button line = Ui.link("along a line of its own", () -> studio.holdDress(h -> h.withTool(Tool.LINE)));
        line.setId("trim-line");
        design.setId("trim-design");
        corner = new Segments<>(List.of(Corner.values()), Corner::keyword,
                c -> form("corners of the trim " + c.keyword(), f -> f.withCorner(c)));
        corner.getStyleClass().add("tight");
        for (Corner each : Corner.values()) {
            corner.button(each).setId("trim-corner-" + each.keyword());
        }
        breadth = length("Breadth", "breadth of the trim", TrimForm::withBreadthMm);
        inset = length("Inset", "inset of the trim", TrimForm::withInsetMm);
        gap = length("Gap", "gap of the trim", TrimForm::withGapMm);
        gaps = percent("Gaps \u00b1", "variety of gaps", TrimForm::withGapVary);
        sizes = percent("Sizes \u00b1", "variety of sizes", TrimForm::withSizeVary);
        rows = NumberRow.number(studio, "Rows", "rows of the trim", "", 0, 1,
                n -> form("rows of the trim", f -> f.withRows((int) Math.rint(n))));
        shift = percent("Shift", "shift of rows", TrimForm::withRowShift);
        whole.setId("trim-whole");
        whole.setOnAction(e -> form(whole.isSelected() ? "whole repeats" : "repeats cut at the ends",
                f -> f.withWhole(whole.isSelected())));
        bent.setId("trim-bent");
        bent.setOnAction(e -> form(bent.isSelected() ? "bend the trim" : "turn repeats as a whole",
                f -> f.withBent(bent.isSelected())));
        told.setId("trim-told");
        Button chance = Ui.link("otherwise", () -> form("another chance", f -> f.withSeed(f.seed() + 1)));
        chance.setId("trim-chance");
        Button off = Ui.link("take it off", () -> DressEdits.whole(studio, "take a trim off", w -> w.editTrim(place(w),
                t -> Optional.empty())));
        off.setId("trim-off");
        slide = NumberRow.length(studio, "Slid by", "way of the repeat",
                mm -> touch("slide a repeat", t -> new Touch(mm,
                        t.size(), t.out())));
        size = NumberRow.number(studio, "Size", "size of the repeat", "%", 0, 10, n -> touch("resize a repeat",
                t -> new Touch(t.slideMm(), n / 100, t.out())));
        out.setId("repeat-out");
        out.setOnAction(e -> touch(out.isSelected() ? "leave a repeat out" : "put a repeat back",
                t -> new Touch(t.slideMm(), t.size(), out.isSelected())));
        single = Ui.column(5, Ui.pair(slide, size), out);
        numbers = Ui.column(7, Ui.labelled("Design", design), Ui.pair(breadth, inset), Ui.labelled("Corners", corner),
                Ui.pair(gap, gaps), Ui.pair(sizes, rows), Ui.pair(shift, bent), Ui.row(whole, told), single,
                Ui.row(chance, Ui.spring(), off));
        HBox.setHgrow(list, Priority.ALWAYS);
        getChildren().addAll(Ui.row(list, add), Ui.row(Ui.spring(), line), numbers);
    }

    private NumberRow length(String word, String what, java.util.function.BiFunction<TrimForm, Double, TrimForm> with) {
        return NumberRow.length(studio, word, what, mm -> form(what, f -> with.apply(f, mm)));
    }

    private NumberRow percent(String word, String what,
            java.util.function.BiFunction<TrimForm, Double, TrimForm> with) {
        return NumberRow.number(studio, word, what, "%", 0, 5, n -> form(what, f -> with.apply(f, n / 100)));
    }

    /** @return those along the chosen pieces and along lines of their own, by their places */
    private List<Integer> here(Whole w) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < w.trims().size(); i++) {
            if (w.trims().get(i).piece().map(studio.selection().pieces()::contains).orElse(true)) {
                all.add(i);
            }
        }
        return all;
    }

    private int place(Whole w) {
        List<Integer> here = here(w);
        int now = studio.dressHand().trim();
        return here.contains(now) ? now : here.isEmpty() ? -1 : here.getLast();
    }

    private void form(String name, UnaryOperator<TrimForm> change) {
        DressEdits.whole(studio, name, w -> w.editTrim(place(w), t -> t.map(x -> x.withForm(change.apply(x.form())))));
    }

    private void touch(String name, UnaryOperator<Touch> change) {
        int number = studio.dressHand().repeat();
        form(name, f -> number < 0 ? f : f.touching(number, change.apply(f.touch(number))));
    }

    /** Along the outline of the chosen piece, in the design that is in view. */
    private void add() {
        studio.design().ifPresent(d -> studio.article().ifPresent(a -> {
            Cut cut = studio.cut(a);
            Id piece = studio.selection().pieces().stream().findFirst().orElseGet(() -> cut.pieces().getFirst().id());
            double broad = cut.piece(piece).map(p -> Math.max(1, Math.rint(Math.min(p.outline().bounds().getWidth(),
                    p.outline().bounds().getHeight()) / 9))).orElse(20.0);
            Trim fresh = fitting(new Trim(Optional.of(piece), Optional.empty(), figure(d), Optional.empty(),
                    TrimForm.fresh(broad)), cut);
            int at = a.dressings().whole().trims().size();
            studio.holdDress(h -> h.with().trim(at).repeat(-1).build());
            DressEdits.whole(studio, "add a trim", w -> {
                List<Trim> all = new ArrayList<>(w.trims());
                all.add(fresh);
                return w.withTrims(all);
            });
        }));
    }

    /** @return so narrow that it runs all around */
    private Trim fitting(Trim trim, Cut cut) {
        Trim narrow = trim;
        for (int i = 0; i < NARROWER && TrimSteps.run(narrow, cut, studio.project()::design)
                .filter(r -> !r.repeats().isEmpty()).isEmpty(); i++) {
            narrow = trim.withForm(TrimForm.fresh(Math.max(0.5, trim.form().breadthMm() / Math.pow(2, i + 1.0))));
        }
        return narrow;
    }

    private Print figure(Design d) {
        return Print.whole(d, studio.colourway(d).name(), 0, 0).withGround(true);
    }

    void show(Article article) {
        Whole w = article.dressings().whole();
        int at = place(w);
        list.getChildren().clear();
        for (int i : here(w)) {
            ToggleButton one = new ToggleButton(studio.project().design(w.trims().get(i).figure().design())
                    .map(Design::name).orElse("nothing"));
            one.getStyleClass().addAll("pill", "small-pill");
            one.setId("trim-" + i);
            one.setSelected(i == at);
            one.setOnAction(e -> studio.holdDress(h -> h.with().trim(i).repeat(-1).build()));
            list.getChildren().add(one);
        }
        Ui.show(numbers, at >= 0);
        if (at >= 0) {
            show(article, w.trims().get(at));
        }
    }

    private void show(Article article, Trim trim) {
        TrimForm f = trim.form();
        design.setText(studio.project().design(trim.figure().design()).map(Design::name).orElse("nothing"));
        design.getItems().clear();
        for (Design each : studio.project().designs()) {
            MenuItem item = new MenuItem(each.name());
            item.setOnAction(e -> DressEdits.whole(studio, "a trim of " + each.name(), w -> w.editTrim(place(w),
                    t -> t.map(x -> x.withFigure(figure(each))))));
            design.getItems().add(item);
        }
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
        told.setText(TrimSteps.run(trim, studio.cut(article), studio.project()::design).map(TrimRun::told).orElse(""));
        int number = studio.dressHand().repeat();
        Ui.show(single, number >= 0);
        slide.show(f.touch(number).slideMm());
        size.show(100 * f.touch(number).size());
        out.setSelected(f.touch(number).out());
    }
}
