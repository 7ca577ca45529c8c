package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimForm.Corner;
import org.vatwright.core.stitch.TrimForm.Touch;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** Motifs as a trim along a line: how it runs, what turns its corners, and the repeat that was clicked on the cloth. */
final class TrimRows extends VBox {

    /** Of the cell's shorter side: how far a frame is from its edge, how broad a fresh trim is. */
    private static final double EDGE = 8;
    private static final double BREADTH = 10;

    private final Studio studio;
    private final Segments<Corner> corner;
    private final MenuButton turning = new MenuButton();
    private final NumberRow breadth;
    private final NumberRow aside;
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

    TrimRows(Studio studio) {
        super(5);
        this.studio = studio;
        corner = new Segments<>(List.of(Corner.values()), Corner::keyword,
                c -> form("corners " + c.keyword(), f -> f.withCorner(c)));
        corner.getStyleClass().add("tight");
        for (Corner each : Corner.values()) {
            corner.button(each).setId("run-corner-" + each.keyword());
        }
        turning.setId("run-turned-by");
        breadth = length("Breadth", "breadth of the run", TrimForm::withBreadthMm);
        aside = length("Aside", "inset of the run", TrimForm::withInsetMm);
        gap = length("Gap", "gap of the run", TrimForm::withGapMm);
        gaps = percent("Gaps \u00b1", "variety of gaps in the run", TrimForm::withGapVary);
        sizes = percent("Sizes \u00b1", "variety of sizes in the run", TrimForm::withSizeVary);
        rows = NumberRow.number(studio, "Rows", "rows of the run", "", 0, 1,
                n -> form("rows of the trim", f -> f.withRows((int) Math.rint(n))));
        shift = percent("Shift", "shift of rows in the run", TrimForm::withRowShift);
        check(whole, "run-whole", () -> form(whole.isSelected() ? "whole repeats" : "repeats cut at the ends",
                f -> f.withWhole(whole.isSelected())));
        check(bent, "run-bent", () -> form(bent.isSelected() ? "bend the trim" : "turn repeats as a whole",
                f -> f.withBent(bent.isSelected())));
        told.setId("run-told");
        var chance = Ui.link("otherwise", () -> form("another chance", f -> f.withSeed(f.seed() + 1)));
        chance.setId("run-chance");
        slide = NumberRow.length(studio, "Slid by", "way of a repeat in the run",
                mm -> touch("slide a repeat", t -> new Touch(mm, t.size(), t.out())));
        size = NumberRow.number(studio, "Size", "size of a repeat in the run", "%", 0, 10,
                n -> touch("resize a repeat", t -> new Touch(t.slideMm(), n / 100, t.out())));
        check(out, "run-repeat-out", () -> touch(out.isSelected() ? "leave a repeat out" : "put a repeat back",
                t -> new Touch(t.slideMm(), t.size(), out.isSelected())));
        single = Ui.column(5, Ui.pair(slide, size), out);
        getChildren().addAll(Ui.row(line("frame", TrimRows::frame), line("ring", TrimRows::ring),
                line("across", PlacingRows::wave)), Ui.pair(breadth, aside),
                Ui.labelled("Corners", corner, turning), Ui.pair(gap, gaps), Ui.pair(rows, shift),
                Ui.pair(sizes, bent), Ui.row(whole, Ui.spring(), chance), told, hint, single);
    }

    /** @return as it is laid at first, a frame along the cell's edges */
    static Placing.Trim fresh(Design design, Motifs motifs) {
        double side = Math.min(design.repeat().widthMm(), design.repeat().heightMm());
        Optional<Integer> corner = motifs.motifs().size() > 1
                ? Optional.of(motifs.motifs().getLast().id())
                : Optional.empty();
        double broad = Math.max(0.5, Math.rint(20 * side / BREADTH) / 20);
        return new Placing.Trim(frame(design), corner, TrimForm.fresh(broad).with().insetMm(0)
                .corner(corner.isPresent() ? Corner.MOTIF : Corner.MITRE).build());
    }

    private static Outline frame(Design design) {
        double w = design.repeat().widthMm();
        double h = design.repeat().heightMm();
        double in = Math.min(w, h) / EDGE;
        return new FreePath(List.of(new FreePath.Run(List.of(FreePath.Point.corner(in, in),
                FreePath.Point.corner(w - in, in), FreePath.Point.corner(w - in, h - in),
                FreePath.Point.corner(in, h - in)), true))).outline();
    }

    private static Outline ring(Design design) {
        double x = design.repeat().widthMm() / 2;
        double y = design.repeat().heightMm() / 2;
        double r = Math.min(x, y) * 0.7;
        double k = r * 4 / 3 * Math.tan(Math.PI / 8);
        return new FreePath(List.of(new FreePath.Run(List.of(FreePath.Point.smooth(x, y - r, x + k, y - r),
                FreePath.Point.smooth(x + r, y, x + r, y + k), FreePath.Point.smooth(x, y + r, x - k, y + r),
                FreePath.Point.smooth(x - r, y, x - r, y - k)), true))).outline();
    }

    private javafx.scene.Node line(String word, java.util.function.Function<Design, Outline> line) {
        var link = Ui.link(word, () -> studio.design().ifPresent(
                d -> edit("a trim " + word, t -> t.withLine(line.apply(d)))));
        link.setId("run-" + word);
        return link;
    }

    private static void check(CheckBox box, String id, Runnable then) {
        box.setId(id);
        box.setOnAction(e -> then.run());
    }

    private NumberRow length(String word, String what, BiFunction<TrimForm, Double, TrimForm> with) {
        return NumberRow.length(studio, word, what, mm -> form("%s %s mm".formatted(what, Numbers.plain(mm)),
                f -> with.apply(f, mm)));
    }

    private NumberRow percent(String word, String what, BiFunction<TrimForm, Double, TrimForm> with) {
        return NumberRow.number(studio, word, what, "%", 0, 5, n -> form(what, f -> with.apply(f, n / 100)));
    }

    private void edit(String name, UnaryOperator<Placing.Trim> change) {
        studio.editStructure(name, Motifs.class, m -> m.placing() instanceof Placing.Trim t
                ? m.withPlacing(change.apply(t))
                : m);
    }

    private void form(String name, UnaryOperator<TrimForm> change) {
        edit(name, t -> t.withForm(change.apply(t.form())));
    }

    private void touch(String name, UnaryOperator<Touch> change) {
        int number = studio.motifHand().repeat();
        form(name, f -> number < 0 ? f : f.touching(number, change.apply(f.touch(number))));
    }

    void show(Motifs motifs, Placing.Trim trim) {
        TrimForm f = trim.form();
        corner.show(f.corner());
        turning.setText(trim.corner().flatMap(motifs::motif).map(Motif::name).orElse("the others"));
        turning.getItems().setAll(turning("the others", Optional.empty()));
        motifs.motifs().forEach(m -> turning.getItems().add(turning(m.name(), Optional.of(m.id()))));
        Ui.show(turning, f.corner() == Corner.MOTIF);
        breadth.show(f.breadthMm());
        aside.show(f.insetMm());
        gap.show(f.gapMm());
        gaps.show(100 * f.gapVary());
        sizes.show(100 * f.sizeVary());
        rows.show(f.rows());
        shift.show(100 * f.rowShift());
        shift.setDisable(f.rows() == 1);
        whole.setSelected(f.whole());
        bent.setSelected(f.bent());
        told.setText(motifs.trimRun().orElseThrow().told());
        int number = studio.motifHand().repeat();
        Ui.show(single, number >= 0);
        Ui.show(hint, number < 0);
        slide.show(f.touch(number).slideMm());
        size.show(100 * f.touch(number).size());
        out.setSelected(f.touch(number).out());
    }

    private MenuItem turning(String word, Optional<Integer> motif) {
        MenuItem item = new MenuItem(word);
        item.setOnAction(e -> edit("corners turned by " + word, t -> new Placing.Trim(t.line(), motif, t.form())));
        return item;
    }
}
