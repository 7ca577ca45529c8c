package org.vatwright.desktop.dress;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cutting;
import org.vatwright.core.dress.Partners;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Id;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand.Tool;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** The chosen pieces themselves: name, whether they are seen and free, aside or alone, partners, cut and joined. */
final class PieceCard extends VBox {

    private final Studio studio;
    private final TextField name = new TextField();
    private final CheckBox hidden = new CheckBox("hidden");
    private final CheckBox locked = new CheckBox("locked");
    private final CheckBox alone = new CheckBox("set alone");
    private final NumberRow asideX;
    private final NumberRow asideY;
    private final Button back;
    private final Label partner = Ui.prose("", "quiet");
    private final Button link;
    private final Button part;
    private final Button make;
    private final Button glass;
    private final Button split;
    private final Button join;
    private final VBox flat;

    PieceCard(Studio studio) {
        super(8);
        this.studio = studio;
        setId("piece");
        name.setId("piece-name");
        name.setAccessibleText("Name of the piece");
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                rename();
            }
        });
        hidden.setId("piece-hidden");
        hidden.setOnAction(e -> each(hidden.isSelected() ? "hide pieces" : "show pieces",
                p -> p.withHidden(hidden.isSelected())));
        locked.setId("piece-locked");
        locked.setOnAction(e -> each(locked.isSelected() ? "lock pieces" : "free pieces",
                p -> p.withLocked(locked.isSelected())));
        alone.setId("piece-alone");
        alone.setOnAction(e -> studio.holdDress(h -> h.withAlone(alone.isSelected()
                ? studio.selection().pieces()
                : Set.of())));
        asideX = NumberRow.length(studio, "Aside", "aside to the right",
                mm -> each("move pieces aside", p -> p.withAside(mm, p.asideY())));
        asideY = NumberRow.length(studio, "down", "aside down",
                mm -> each("move pieces aside", p -> p.withAside(p.asideX(), mm)));
        back = Ui.link("put back", () -> each("put pieces back", p -> p.withAside(0, 0)));
        back.setId("piece-back");
        link = Ui.link("link", this::link);
        link.setId("partner-link");
        part = Ui.link("part them", () -> one().ifPresent(p -> DressEdits.flat(studio, "part partners",
                f -> Partners.parted(f, p))));
        part.setId("partner-part");
        make = Ui.link("make its mirror image", () -> one().ifPresent(p -> DressEdits.flat(studio,
                "make a mirror image", f -> Partners.made(f, p))));
        make.setId("partner-make");
        glass = Ui.link("mirror the design too", this::glass);
        glass.setId("partner-glass");
        split = Ui.link("cut in two", () -> studio.holdDress(h -> h.withTool(Tool.SPLIT)));
        split.setId("piece-split");
        join = Ui.link("join them", this::join);
        join.setId("piece-join");
        Button remove = Ui.link("remove", this::remove);
        remove.setId("piece-remove");
        flat = Ui.column(8, Ui.labelled("Name", name), Ui.row(hidden, Ui.spring(), locked), Ui.pair(asideX, asideY),
                Ui.row(Ui.label("With Alt the hand pulls it aside.", "quiet"), Ui.spring(), back), partner,
                Ui.row(link, part, Ui.spring(), glass, make),
                Ui.row(split, join, Ui.spring(), remove));
        getChildren().addAll(alone, flat);
    }

    private Optional<Id> one() {
        return DressEdits.piece(studio);
    }

    private void each(String what, UnaryOperator<Piece> change) {
        DressEdits.pieces(studio, what, change);
    }

    private void rename() {
        String wanted = name.getText().strip();
        one().flatMap(id -> flat(f -> f.piece(id))).filter(p -> !wanted.isEmpty() && !wanted.equals(p.name()))
                .ifPresent(p -> each("rename " + p.name(), x -> x.withName(wanted)));
    }

    private <T> Optional<T> flat(java.util.function.Function<Article.Flat, Optional<T>> read) {
        return studio.article().filter(Article.Flat.class::isInstance).map(Article.Flat.class::cast).flatMap(read);
    }

    private void link() {
        List<Id> chosen = studio.selection().pieces().stream().toList();
        DressEdits.flat(studio, "link partners", f -> {
            Id one = chosen.getFirst();
            Id other = chosen.size() == 2 ? chosen.get(1) : Partners.likely(f, one).orElseThrow().id();
            return Partners.linked(f, one, other, false);
        });
    }

    private void glass() {
        one().ifPresent(p -> DressEdits.flat(studio, "mirror the design of the partner", f -> {
            var pair = f.pairs().stream().filter(x -> x.other(p).isPresent()).findFirst().orElseThrow();
            return Partners.linked(Partners.parted(f, p), p, pair.other(p).orElseThrow(), !pair.glass());
        }));
    }

    private void join() {
        Set<Id> chosen = studio.selection().pieces();
        DressEdits.flat(studio, "join pieces", f -> Cutting.joined(f, chosen));
    }

    private void remove() {
        Set<Id> chosen = studio.selection().pieces();
        DressEdits.flat(studio, "remove pieces", f -> Cutting.removed(f, chosen));
    }

    void show(Article article) {
        Set<Id> chosen = studio.selection().pieces();
        alone.setSelected(!studio.dressHand().alone().isEmpty());
        Ui.show(flat, article instanceof Article.Flat);
        if (!(article instanceof Article.Flat f)) {
            return;
        }
        List<Piece> pieces = f.pieces().stream().filter(p -> chosen.contains(p.id())).toList();
        if (pieces.isEmpty()) {
            return;
        }
        Piece first = pieces.getFirst();
        boolean single = pieces.size() == 1;
        name.getParent().setVisible(single);
        name.getParent().setManaged(single);
        if (!name.isFocused()) {
            name.setText(first.name());
        }
        hidden.setSelected(first.hidden());
        locked.setSelected(first.locked());
        asideX.show(first.asideX());
        asideY.show(first.asideY());
        Ui.show(back, pieces.stream().anyMatch(Piece::aside));
        Optional<Piece> linked = f.partner(first.id()).flatMap(f::piece);
        Optional<Piece> likely = single ? Partners.likely(f, first.id()) : Optional.empty();
        boolean free = linked.isEmpty() && (pieces.size() == 2 || likely.isPresent());
        partner.setText(linked.map(p -> "Partner of %s: what is done to one is done to the other.".formatted(p.name()))
                .orElse(pieces.size() == 2
                        ? "Two pieces; they can be partners."
                        : likely.map(p -> "%s lies as its mirror image.".formatted(p.name())).orElse("No partner.")));
        Ui.show(link, free);
        Ui.show(part, linked.isPresent());
        Ui.show(glass, linked.isPresent() && single);
        Ui.show(make, linked.isEmpty() && single && likely.isEmpty());
        Ui.show(split, single);
        Ui.show(join, pieces.size() > 1);
    }
}
