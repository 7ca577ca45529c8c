package org.vatwright.desktop.dress;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Id;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;

/** The outline of the chosen pieces, or of all letters: whether it is drawn, its ink out of what is worn, breadth, dashes, side. */
final class OutlineCard extends VBox {

    private static final Pen FRESH = new Pen(InkPick.INK, 1);

    private final Studio studio;
    private final CheckBox drawn = new CheckBox("outline");
    private final InkPick ink;
    private final NumberRow width;
    private final NumberRow dash;
    private final NumberRow gap;
    private final Segments<Pen.Side> side;
    private final VBox all;

    OutlineCard(Studio studio) {
        super(7);
        this.studio = studio;
        setId("outline");
        drawn.setId("outline-drawn");
        drawn.setOnAction(e -> change(drawn.isSelected() ? "draw the outline" : "no outline",
                pen -> drawn.isSelected() ? Optional.of(pen.orElse(FRESH)) : Optional.empty()));
        ink = new InkPick(studio, "outline", "outline", rgb -> set("ink of the outline", p -> p.withColour(rgb)));
        width = NumberRow.length(studio, "Breadth", "breadth of the outline",
                mm -> set("breadth of the outline", p -> p.withWidthMm(mm)));
        dash = NumberRow.length(studio, "Dash", "dash of the outline", mm -> dashes(mm, null));
        gap = NumberRow.length(studio, "gap", "gap of the outline", mm -> dashes(null, mm));
        side = new Segments<>(List.of(Pen.Side.values()), Pen.Side::keyword,
                s -> set("outline " + s.keyword(), p -> p.withSide(s)));
        side.getStyleClass().add("tight");
        for (Pen.Side each : Pen.Side.values()) {
            side.button(each).setId("outline-" + each.keyword());
        }
        all = Ui.column(7, ink, width, Ui.pair(dash, gap), side);
        getChildren().addAll(drawn, all);
    }

    /** No gap is a line without dashes. */
    private void dashes(Double newDash, Double newGap) {
        set("dashes of the outline", p -> {
            double was = p.dashesMm().isEmpty() ? 4 * p.widthMm() : p.dashesMm().getFirst();
            double wasGap = p.dashesMm().isEmpty() ? 2 * p.widthMm() : p.dashesMm().get(1);
            double one = newDash == null ? was : newDash;
            double other = newGap == null ? wasGap : newGap;
            return p.withDashesMm(one == 0 || other == 0 ? List.of() : List.of(one, other));
        });
    }

    private void set(String name, UnaryOperator<Pen> change) {
        change(name, pen -> pen.map(change));
    }

    private void change(String name, UnaryOperator<Optional<Pen>> change) {
        studio.editArticle(name, a -> switch (a) {
            case Article.Flat f ->
                f.editPieces(studio.selection().pieces(), p -> p.withStroke(change.apply(p.stroke())));
            case Article.Lettering l -> l.withStroke(change.apply(l.stroke()));
            case Article.Sheet s -> s;
        });
    }

    private static Optional<Pen> pen(Article article, Set<Id> chosen) {
        return switch (article) {
            case Article.Flat f -> f.pieces().stream().filter(p -> chosen.contains(p.id())).map(Piece::stroke)
                    .flatMap(Optional::stream).findFirst();
            case Article.Lettering l -> l.stroke();
            case Article.Sheet _ -> Optional.empty();
        };
    }

    void show(Article article) {
        Optional<Pen> pen = pen(article, studio.selection().pieces());
        drawn.setSelected(pen.isPresent());
        Ui.show(all, pen.isPresent());
        pen.ifPresent(p -> {
            width.show(p.widthMm());
            dash.show(p.dashesMm().isEmpty() ? 0 : p.dashesMm().getFirst());
            gap.show(p.dashesMm().isEmpty() ? 0 : p.dashesMm().get(1));
            side.show(p.side());
            ink.show(article, p.colour());
        });
    }
}
