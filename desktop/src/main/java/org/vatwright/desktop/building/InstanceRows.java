package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The motif picked on the cloth, where it stands. */
final class InstanceRows extends VBox {

    private final Studio studio;
    private final PlacedMotifs placedOnes = new PlacedMotifs();
    private final Label title = Ui.label("", "card-title");
    private final NumberRow x;
    private final NumberRow y;
    private final NumberRow turn;
    private final NumberRow scale;
    private final CheckBox flip = new CheckBox("mirrored");
    private final InkChip ink;
    private final VBox one = new VBox(4);
    private final Button anew;

    InstanceRows(Studio studio) {
        super(4);
        this.studio = studio;
        x = NumberRow.length(studio, "From left", "motif from the left",
                mm -> edit("place a motif", i -> i.at(mm, i.y())));
        y = NumberRow.length(studio, "From top", "motif from the top",
                mm -> edit("place a motif", i -> i.at(i.x(), mm)));
        turn = NumberRow.number(studio, "Turned", "turn of the motif", "\u00b0", 2, 5,
                n -> edit("turn a motif", i -> i.withTurnDeg(n)));
        scale = NumberRow.number(studio, "Scale", "scale of the motif", "%", 1, 5,
                n -> edit("scale a motif", i -> i.withScale(n / 100)));
        flip.setId("motif-mirrored");
        flip.setOnAction(e -> edit("mirror a motif", i -> i.withFlip(flip.isSelected())));
        ink = new InkChip("ink of this motif", k -> edit("ink a motif with " + k.words(),
                i -> i.withInk(Optional.of(k))));
        title.setId("picked-motif");
        var alone = Ui.link("change it alone", () -> studio.editStructure("unlink a motif", Motifs.class,
                m -> chosen(m).isPresent() ? m.unlinked(studio.selection().own()) : m));
        alone.setId("unlink");
        anew = Ui.link("throw it anew", this::throwAnew);
        anew.setId("throw-anew");
        one.getChildren().addAll(x, y, turn, scale, Ui.labelled("First ink", ink), Ui.row(flip, alone));
        getChildren().addAll(title, one, anew);
    }

    /** Only this one; all others stay. */
    private void throwAnew() {
        int placed = studio.selection().placed();
        studio.design().ifPresent(d -> studio.editStructure("throw a motif anew", Motifs.class, m -> {
            List<Integer> numbers = m.thrown(d.repeat());
            return m.placing() instanceof Placing.Scattered s && placed < numbers.size() && numbers.get(placed) >= 0
                    ? m.withPlacing(s.thrownAnew(numbers.get(placed)))
                    : m;
        }));
    }

    private Optional<Instance> chosen(Motifs motifs) {
        int part = studio.selection().own();
        return part >= 0 && part < motifs.byHand().size() ? Optional.of(motifs.byHand().get(part)) : Optional.empty();
    }

    private void edit(String name, UnaryOperator<Instance> change) {
        int part = studio.selection().own();
        studio.editStructure(name, Motifs.class, m -> chosen(m).map(i -> m.with(part, change.apply(i))).orElse(m));
    }

    private void showPlaced(Motifs motifs, List<Instance> all) {
        int placed = studio.selection().placed();
        if (placed >= 0 && placed < all.size()) {
            Ui.show(this, true);
            Ui.show(anew, motifs.placing() instanceof Placing.Scattered s && placed < s.count());
            title.setText("This %s, %d of %d placed".formatted(
                    motifs.motif(all.get(placed).motif()).map(Motif::name).orElse("motif"), placed + 1, all.size()));
        }
    }

    void show(Design design, Colourway colourway, Motifs motifs) {
        Optional<Instance> instance = chosen(motifs);
        Ui.show(this, instance.isPresent());
        Ui.show(one, instance.isPresent());
        Ui.show(anew, false);
        if (studio.selection().placed() >= 0) {
            placedOnes.tell(motifs, design.repeat(), all -> showPlaced(motifs, all));
        }
        instance.ifPresent(i -> {
            title.setText("This %s, %d of %d set by hand".formatted(
                    motifs.motif(i.motif()).map(Motif::name).orElse("motif"), studio.selection().own() + 1,
                    motifs.byHand().size()));
            x.show(i.x());
            y.show(i.y());
            turn.show(i.turnDeg());
            scale.show(100 * i.scale());
            flip.setSelected(i.flip());
            ink.show(i.ink().orElse(Ink.CLEAR), design, colourway);
            if (i.ink().isEmpty()) {
                ink.setText("as drawn");
            }
        });
    }
}
