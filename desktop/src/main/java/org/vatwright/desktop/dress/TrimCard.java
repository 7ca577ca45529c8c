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
import org.vatwright.core.stitch.TrimRun;
import org.vatwright.desktop.control.TrimNumbers;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand.Tool;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
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
    private final TrimNumbers form;
    private final VBox numbers;

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
        Button off = Ui.link("take it off", () -> DressEdits.whole(studio, "take a trim off", w -> w.editTrim(place(w),
                t -> Optional.empty())));
        off.setId("trim-off");
        form = new TrimNumbers(studio, "trim", List.of(), this::form, () -> studio.dressHand().repeat(), off);
        numbers = Ui.column(7, Ui.labelled("Design", design), form);
        HBox.setHgrow(list, Priority.ALWAYS);
        getChildren().addAll(Ui.row(list, add), Ui.row(Ui.spring(), line), numbers);
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
        design.setText(studio.project().design(trim.figure().design()).map(Design::name).orElse("nothing"));
        design.getItems().clear();
        for (Design each : studio.project().designs()) {
            MenuItem item = new MenuItem(each.name());
            item.setOnAction(e -> DressEdits.whole(studio, "a trim of " + each.name(), w -> w.editTrim(place(w),
                    t -> t.map(x -> x.withFigure(figure(each))))));
            design.getItems().add(item);
        }
        form.show(trim.form(), TrimSteps.run(trim, studio.cut(article), studio.project()::design).map(TrimRun::told)
                .orElse(""));
    }
}
