package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.dress.Surround;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.sewing.Across;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Figures laid on a piece once: whole designs or motifs of them, in the order in which they lie. */
final class FigureCard extends VBox {

    private static final double SHARE = 0.5;

    private final Studio studio;
    private final FlowPane list = new FlowPane(5, 5);
    private final MenuButton add = new MenuButton("Add a figure");
    private final NumberRow x;
    private final NumberRow y;
    private final NumberRow along;
    private final NumberRow scale;
    private final NumberRow turn;
    private final NumberRow opacity;
    private final CheckBox ground = new CheckBox("with its ground");
    private final VBox numbers;
    private final Button grow;
    private final Button seam;

    FigureCard(Studio studio) {
        super(8);
        this.studio = studio;
        setId("figures");
        add.setId("figure-add");
        add.getStyleClass().addAll("pill", "small-pill");
        // A menu without entries does not open.
        add.getItems().add(new MenuItem(""));
        add.setOnShowing(e -> entries());
        x = NumberRow.length(studio, "Middle", "figure from the left",
                mm -> set("move the figure", p -> p.at(mm, p.y())));
        y = NumberRow.length(studio, "down", "figure from the top", mm -> set("move the figure", p -> p.at(p.x(), mm)));
        scale = NumberRow.number(studio, "Scale", "scale of the figure", "%", 1, 5,
                n -> set("scale the figure", p -> p.withScale(n / 100)));
        turn = NumberRow.number(studio, "Turn", "turn of the figure", "\u00b0", 1, 5,
                n -> set("turn the figure", p -> p.withTurnDeg(Angle.turn(n))));
        opacity = NumberRow.number(studio, "Opacity", "opacity of the figure", "%", 0, 5,
                n -> set("opacity of the figure", p -> p.withOpacity(n / 100)));
        ground.setId("figure-ground");
        ground.setOnAction(e -> set("ground of the figure", p -> p.withGround(ground.isSelected())));
        Button middle = Ui.link("to the middle", this::middle);
        middle.setId("figure-middle");
        seam = Ui.link("across a seam", this::acrossSeam);
        seam.setId("figure-seam");
        Button off = Ui.link("take it off", this::remove);
        off.setId("figure-off");
        along = NumberRow.number(studio, "On seam", "figure along the seam", "%", 0, 5, this::slide);
        numbers = Ui.column(7, Ui.pair(x, y), along, Ui.pair(scale, turn), Ui.pair(opacity, ground),
                Ui.row(middle, seam, Ui.spring(), off));
        grow = Ui.link("let the sheet grow to hold them", this::grow);
        grow.setId("figure-grow");
        getChildren().addAll(Ui.prose("Laid once, over the cloth or on a bare piece; it is bent with the cloth.",
                "quiet"), list, Ui.row(add), numbers, grow);
    }

    private void entries() {
        add.getItems().clear();
        for (Design design : studio.project().designs()) {
            List<MenuItem> motifs = new ArrayList<>();
            MenuItem whole = new MenuItem("all of " + design.name());
            whole.setOnAction(e -> add(design, 0, 0));
            for (Layer layer : design.layers()) {
                if (layer.structure() instanceof Motifs m) {
                    for (Motif motif : m.motifs()) {
                        MenuItem item = new MenuItem(motif.name());
                        item.setOnAction(e -> add(design, layer.id(), motif.id()));
                        motifs.add(item);
                    }
                }
            }
            if (motifs.isEmpty()) {
                whole.setText(design.name());
                add.getItems().add(whole);
            } else {
                Menu menu = new Menu(design.name());
                menu.getItems().add(whole);
                menu.getItems().addAll(motifs);
                add.getItems().add(menu);
            }
        }
    }

    private Optional<Piece> piece() {
        return studio.article().flatMap(a -> DressEdits.piece(studio).flatMap(studio.cut(a)::piece));
    }

    /** In the middle of the piece, half as wide as it at most. */
    private void add(Design design, int layer, int motif) {
        piece().ifPresent(piece -> {
            var box = piece.outline().bounds();
            Print print = Print.whole(design, studio.colourway(design).name(), box.getCenterX(), box.getCenterY())
                    .with().layer(layer).motif(motif).build();
            var cell = print.alone(design).repeat();
            double fits = Math.min(SHARE * box.getWidth() / cell.widthMm(), SHARE * box.getHeight() / cell.heightMm());
            Print fitted = print.withScale(Math.max(0.01, Math.min(motif > 0 ? 100 : 1, Math.rint(fits * 100) / 100)));
            int[] at = {0};
            DressEdits.dressings(studio, "lay a figure of " + design.name(), d -> {
                List<Print> prints = new ArrayList<>(d.prints());
                prints.add(fitted);
                at[0] = prints.size() - 1;
                return d.withPrints(prints);
            });
            studio.holdDress(h -> h.withFigure(at[0]));
        });
    }

    private void set(String name, UnaryOperator<Print> change) {
        DressEdits.figure(studio, name, change);
    }

    private void middle() {
        piece().ifPresent(p -> set("figure to the middle", f -> f.at(p.outline().bounds().getCenterX(),
                p.outline().bounds().getCenterY())));
    }

    /** On the middle of the next seam of the piece, on both pieces that are sewn there. */
    private void acrossSeam() {
        int at = studio.dressHand().figure();
        Optional<Across.Spot> now = DressEdits.acrossSeam(studio);
        DressEdits.piece(studio).ifPresent(piece -> DressEdits.flat(studio, "lay the figure across a seam", f -> {
            List<Seam> seams = Across.seams(f, piece);
            int next = (now.map(s -> seams.indexOf(s.seam())).orElse(-1) + 1) % seams.size();
            return Across.laid(f, piece, at, new Across.Spot(seams.get(next), 0.5));
        }));
    }

    private void slide(double percent) {
        int at = studio.dressHand().figure();
        DressEdits.acrossSeam(studio)
                .ifPresent(spot -> DressEdits.flat(studio, "slide the figure along the seam", f -> Across.laid(f,
                        DressEdits.piece(studio).orElseThrow(), at, new Across.Spot(spot.seam(), percent / 100))));
    }

    private void remove() {
        int at = studio.dressHand().figure();
        DressEdits.dressings(studio, "take a figure off", d -> {
            List<Print> prints = new ArrayList<>(d.prints());
            if (at >= 0 && at < prints.size()) {
                prints.remove(at);
            }
            return d.withPrints(prints);
        });
        studio.holdDress(h -> h.withFigure(-1));
    }

    private void grow() {
        studio.editArticle("let the sheet grow", a -> a instanceof Article.Sheet sheet
                ? Surround.figures(sheet.dressing(Article.Sheet.PIECE), studio.project()::design)
                        .<Article>map(box -> Surround.grown(sheet, box, 10)).orElse(sheet)
                : a);
    }

    void show(Cut cut) {
        Optional<Dressing> worn = DressEdits.piece(studio).flatMap(cut::piece).map(cut::dressing);
        List<Print> prints = worn.map(Dressing::prints).orElse(List.of());
        int at = studio.dressHand().figure();
        list.getChildren().clear();
        for (int i = 0; i < prints.size(); i++) {
            int place = i;
            ToggleButton one = new ToggleButton(
                    "%d  %s".formatted(i + 1, studio.project().design(prints.get(i).design())
                            .map(Design::name).orElse("gone")));
            one.getStyleClass().addAll("pill", "small-pill");
            one.setId("figure-" + i);
            one.setSelected(i == at);
            one.setOnAction(e -> studio.holdDress(h -> h.withFigure(place)));
            list.getChildren().add(one);
        }
        add.setDisable(worn.isEmpty());
        boolean chosen = at >= 0 && at < prints.size();
        Ui.show(numbers, chosen);
        Ui.show(seam, cut.article() instanceof Article.Flat f && DressEdits.piece(studio)
                .filter(p -> !Across.seams(f, p).isEmpty()).isPresent());
        Optional<Across.Spot> spot = DressEdits.acrossSeam(studio);
        Ui.show(along, spot.isPresent());
        spot.ifPresent(s -> along.show(100 * s.share()));
        Ui.show(grow, cut.article() instanceof Article.Sheet && !prints.isEmpty());
        if (chosen) {
            Print print = prints.get(at);
            x.show(print.x());
            y.show(print.y());
            scale.show(100 * print.scale());
            turn.show(print.turnDeg());
            opacity.show(100 * print.opacity());
            ground.setSelected(print.ground());
            Ui.show(ground, print.motif() == 0);
        }
    }
}
