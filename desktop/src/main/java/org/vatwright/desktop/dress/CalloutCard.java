package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Callout;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Whole;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Windows in which a spot of the article is seen larger. They are pulled on the cloth; here are their numbers and words. */
final class CalloutCard extends VBox {

    private final Studio studio;
    private final FlowPane list = new FlowPane(5, 5);
    private final Segments<Callout.Form> form;
    private final NumberRow times;
    private final NumberRow size;
    private final NumberRow border;
    private final InkPick ink;
    private final TextField caption = new TextField();
    private final CheckBox line = new CheckBox("joined by a line");
    private final CheckBox scale = new CheckBox("with a measure");
    private final VBox numbers;

    CalloutCard(Studio studio) {
        super(7);
        this.studio = studio;
        setId("callouts");
        Button add = Ui.button("Add a callout", this::add);
        add.setId("callout-add");
        add.setMinWidth(USE_PREF_SIZE);
        form = new Segments<>(List.of(Callout.Form.values()), Callout.Form::keyword,
                f -> set("callout " + f.keyword(), c -> c.withForm(f)));
        form.getStyleClass().add("tight");
        for (Callout.Form each : Callout.Form.values()) {
            form.button(each).setId("callout-" + each.keyword());
        }
        times = NumberRow.number(studio, "Larger", "enlargement of the callout", "%", 0, 50,
                n -> set("enlargement of the callout", c -> c.withTimes(n / 100)));
        size = NumberRow.length(studio, "Size", "size of the callout",
                mm -> set("size of the callout", c -> c.withSizeMm(mm)));
        border = NumberRow.length(studio, "Border", "border of the callout",
                mm -> set("border of the callout", c -> c.withBorder(c.border().withWidthMm(mm))));
        ink = new InkPick(studio, "callout-border", "border of the callout",
                rgb -> set("ink of the callout", c -> c.withBorder(c.border().withColour(rgb))));
        caption.setId("callout-caption");
        caption.setPromptText("a caption");
        caption.setAccessibleText("caption of the callout");
        caption.setOnAction(e -> caption());
        caption.focusedProperty().addListener((o, was, is) -> {
            if (was) {
                caption();
            }
        });
        line.setId("callout-line");
        line.setOnAction(e -> set("line of the callout", c -> c.withLine(line.isSelected())));
        scale.setId("callout-scale");
        scale.setOnAction(e -> set("measure of the callout", c -> c.withScale(scale.isSelected())));
        Button off = Ui.link("take it off", () -> DressEdits.whole(studio, "take a callout off",
                w -> w.editCallout(at(w), c -> Optional.empty())));
        off.setId("callout-off");
        numbers = Ui.column(7, Ui.prose("Pull the window, its spot, or the knob at its side.", "quiet"), form,
                Ui.pair(times, size), caption, Ui.pair(line, scale), border, ink, Ui.row(Ui.spring(), off));
        HBox.setHgrow(list, Priority.ALWAYS);
        getChildren().addAll(Ui.row(list, add), numbers);
    }

    private int at(Whole whole) {
        return Math.max(0, Math.min(studio.dressHand().callout(), whole.callouts().size() - 1));
    }

    private void caption() {
        set("caption of the callout", c -> c.withCaption(caption.getText().strip()));
    }

    private void set(String name, UnaryOperator<Callout> change) {
        DressEdits.whole(studio, name, w -> w.editCallout(at(w), c -> c.map(change)));
    }

    /** Of the middle of the largest piece, beside the article. */
    private void add() {
        studio.article().ifPresent(a -> {
            Cut cut = studio.cut(a);
            double side = Math.rint(0.32 * Math.min(cut.widthMm(), cut.heightMm()));
            var piece = cut.pieces().stream().filter(p -> cut.dressing(p).seen())
                    .max(java.util.Comparator.comparingDouble(p -> p.outline().bounds().getWidth()
                            * p.outline().bounds().getHeight()));
            double x = piece.map(p -> p.outline().bounds().getCenterX()).orElse(cut.widthMm() / 2);
            double y = piece.map(p -> p.outline().bounds().getCenterY()).orElse(cut.heightMm() / 2);
            Callout fresh = new Callout(Callout.Form.ROUND, new Place(x, y), new Place(cut.widthMm() + 0.6 * side,
                    0.6 * side), Math.max(1, side), 3, new Pen(InkPick.INK, Math.max(0.2, side / 120)), true, "", true);
            int place = a.dressings().whole().callouts().size();
            studio.holdDress(h -> h.withCallout(place));
            DressEdits.whole(studio, "add a callout", w -> {
                List<Callout> all = new ArrayList<>(w.callouts());
                all.add(fresh);
                return w.withCallouts(all);
            });
        });
    }

    void show(Article article) {
        Whole whole = article.dressings().whole();
        int at = at(whole);
        list.getChildren().clear();
        for (int i = 0; i < whole.callouts().size(); i++) {
            int place = i;
            ToggleButton one = new ToggleButton(String.valueOf(i + 1));
            one.getStyleClass().addAll("pill", "small-pill");
            one.setId("callout-" + i);
            one.setSelected(i == at);
            one.setOnAction(e -> studio.holdDress(h -> h.withCallout(place)));
            list.getChildren().add(one);
        }
        Ui.show(numbers, !whole.callouts().isEmpty());
        if (!whole.callouts().isEmpty()) {
            Callout c = whole.callouts().get(at);
            form.show(c.form());
            times.show(100 * c.times());
            size.show(c.sizeMm());
            border.show(c.border().widthMm());
            ink.show(article, c.border().colour());
            if (!caption.isFocused()) {
                caption.setText(c.caption());
            }
            line.setSelected(c.line());
            scale.setSelected(c.scale());
        }
    }
}
