package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.sewing.SeamChain;
import org.vatwright.core.sewing.SeamFinder;
import org.vatwright.core.sewing.SeamMatch;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand.Tool;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Where the pieces are sewn, how far what is on them goes on over each seam, and what makes it go on. */
final class SeamCard extends VBox {

    private static final double USUAL_MM = 3;

    private final Studio studio;
    private final SeamMarks marks;
    private final VBox lines = new VBox(5);
    private final Label none = Ui.prose("No seams yet. Neighbours are sewn where their edges lie along each other.",
            "quiet");
    private final NumberRow tolerance;
    private final CheckBox turning = new CheckBox("the grain may turn");
    private final Button all;
    private final Button notch;
    private double toleranceMm = USUAL_MM;

    SeamCard(Studio studio, SeamMarks marks) {
        super(8);
        this.studio = studio;
        this.marks = marks;
        setId("seams");
        tolerance = NumberRow.length(studio, "Within", "how far apart edges may lie", mm -> {
            toleranceMm = Math.max(0.1, mm);
            find();
        });
        Button find = Ui.button("Find seams", this::find);
        find.setId("seams-find");
        Button draw = Ui.link("sew one", () -> studio.holdDress(h -> h.withTool(Tool.SEW)));
        draw.setId("seam-sew");
        notch = Ui.link("notch", () -> studio.holdDress(h -> h.withTool(Tool.NOTCH)));
        notch.setId("seam-notch");
        turning.setId("seam-turning");
        all = Ui.button("Match all", this::matchAll);
        all.setId("seams-match");
        getChildren().addAll(none, lines, turning, Ui.row(all, Ui.spring(), notch, draw), Ui.pair(find, tolerance));
    }

    private Optional<Article.Flat> flat() {
        return studio.article().filter(Article.Flat.class::isInstance).map(Article.Flat.class::cast);
    }

    private void find() {
        DressEdits.flat(studio, "find the seams", f -> SeamFinder.sewn(f, toleranceMm));
        flat().filter(f -> f.seams().isEmpty()).ifPresent(f -> studio.say(Message.hint(
                "No edges lie within %s mm of each other; try more, or sew one by hand.".formatted(toleranceMm))));
    }

    /** From the chosen piece on, or from the largest that wears something. */
    private void matchAll() {
        flat().ifPresent(f -> {
            Id from = studio.selection().pieces().stream().findFirst().orElseGet(() -> f.seams().getFirst().first()
                    .piece());
            SeamChain[] chain = {null};
            DressEdits.flat(studio, "match the seams", flat -> {
                chain[0] = SeamChain.matched(flat, from, turning.isSelected(), studio.project()::design);
                return chain[0].article();
            });
            if (chain[0] != null) {
                studio.say(Message.hint(told(f, from, chain[0])));
            }
        });
    }

    private static String told(Article.Flat flat, Id from, SeamChain chain) {
        List<String> order = new ArrayList<>(List.of(name(flat, from)));
        double most = 0;
        for (SeamChain.Step step : chain.steps()) {
            step.laid().ifPresent(p -> order.add(name(flat, p)));
            most = Math.max(most, step.left().map(SeamMatch.Left::most).orElse(0.0));
        }
        return "Matched in this order: %s. %s".formatted(String.join(", ", order), most < 0.01
                ? "All of it meets."
                : "At most %.2f mm are left.".formatted(most));
    }

    private static String name(Article.Flat flat, Id piece) {
        return flat.piece(piece).map(Piece::name).orElse("a piece");
    }

    private void match(Seam seam) {
        DressEdits.flat(studio, "match a seam", f -> {
            // The chosen piece is the one that is laid anew; else the second.
            boolean first = studio.selection().pieces().equals(Set.of(seam.first().piece()));
            Seam way = first ? seam.turned() : seam;
            return f.withDressings(f.dressings().with(way.second().piece(), Optional.of(
                    SeamMatch.of(f, way, studio.project()::design).matched(turning.isSelected()))));
        });
    }

    private void meets(Seam seam, Seam.Meets meets) {
        each("what meets at a seam", seam, s -> s.withMeets(meets));
    }

    private void each(String name, Seam seam, UnaryOperator<Seam> change) {
        DressEdits.flat(studio, name, f -> f.editSeam(seam, change));
    }

    private void remove(Seam seam) {
        DressEdits.flat(studio, "take a seam off", f -> f.with().seams(f.seams().stream().filter(s -> !s.equals(seam))
                .toList()).build());
    }

    void show(Article article) {
        lines.getChildren().clear();
        if (!(article instanceof Article.Flat flat)) {
            none.setText("Only pieces of a garment or a product are sewn.");
            return;
        }
        Set<Id> chosen = studio.selection().pieces();
        List<Seam> shown = flat.seams().stream().filter(s -> chosen.isEmpty() || chosen.stream().anyMatch(s::concerns))
                .toList();
        Ui.show(none, shown.isEmpty());
        Ui.show(all, !flat.seams().isEmpty());
        Ui.show(notch, !flat.seams().isEmpty());
        Ui.show(turning, !flat.seams().isEmpty());
        tolerance.show(toleranceMm);
        for (int i = 0; i < shown.size(); i++) {
            Seam seam = shown.get(i);
            Optional<SeamMatch.Left> left = marks.left(flat, seam);
            Label words = Ui.prose(left.map(SeamMatch.Left::words).orElse("nothing goes on: another cloth, or bare"),
                    "quiet");
            Button match = Ui.link("match", () -> match(seam));
            match.setId("seam-match-" + i);
            match.setDisable(left.isEmpty());
            Segments<Seam.Meets> meets = new Segments<>(List.of(Seam.Meets.values()), Seam.Meets::words,
                    m -> meets(seam, m));
            meets.getStyleClass().add("tight");
            meets.show(seam.meets());
            Button notches = Ui.link(
                    seam.notches().size() == 1 ? "1 notch off" : seam.notches().size() + " notches off",
                    () -> each("take notches off", seam, Seam::withoutNotches));
            Ui.show(notches, !seam.notches().isEmpty());
            lines.getChildren().add(Ui.column(3, Ui.row(Ui.label("%s to %s".formatted(name(flat, seam.first().piece()),
                    name(flat, seam.second().piece()))), Ui.spring(), match,
                    Ui.icon("x", "Take this seam off", () -> remove(seam))), meets, words, notches));
        }
    }
}
