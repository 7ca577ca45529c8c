package org.vatwright.desktop.building;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Lab;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.core.tooth.ToothStart;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** What the roughness is like: its kind by small pictures, its size, how much of it, which way. */
final class ToothChapter extends Chapter.Of<Tooth> {

    private static final LivePicker.Shape SHAPE = new LivePicker.Shape(5, 50, 34);
    /** Of a picture, in sizes of the tooth. */
    private static final double SEEN = 9;
    /** Colours this far apart (CIEDE2000) are told from each other in a small picture. */
    private static final double TOLD = 8;

    private final LivePicker<ToothKind> kind;
    private final NumberRow size;
    private final NumberRow amount;
    private final NumberRow contrast;
    private final NumberRow direction;

    ToothChapter(Studio studio) {
        super(studio, Tooth.class);
        kind = new LivePicker<>(studio, "Kind", "tooth", List.of(ToothKind.values()), ToothKind::words, SHAPE,
                k -> edit("tooth " + k.words(), t -> other(t, k)));
        size = NumberRow.length(studio, "Size", "size of the tooth", mm -> form("size %s mm".formatted(
                Numbers.plain(mm, 2)), f -> f.withSizeMm(mm)));
        amount = NumberRow.number(studio, "Amount", "amount of the tooth", "%", 1, 5, n -> form(
                "amount %s %%".formatted(Numbers.plain(n)), f -> f.withAmount(n / 100)));
        contrast = NumberRow.number(studio, "Contrast", "contrast of the tooth", "%", 1, 5, n -> form(
                "contrast %s %%".formatted(Numbers.plain(n)), f -> f.withContrast(n / 100)));
        direction = NumberRow.number(studio, "Direction", "direction of the tooth", "\u00b0", 1, 5, n -> form(
                "direction %s\u00b0".formatted(Numbers.plain(n)), f -> f.withDirectionDeg(n)));
        MenuButton starts = new MenuButton("Start from");
        starts.setId("tooth-starts");
        for (ToothStart start : ToothStart.values()) {
            MenuItem item = new MenuItem(start.words());
            item.setOnAction(e -> form("as " + start.words(), f -> start.form().withSeed(f.seed())));
            starts.getItems().add(item);
        }
        Button again = Ui.link("strew otherwise", () -> form("strew otherwise", f -> f.withSeed(f.seed() + 1)));
        again.setId("tooth-strew");
        hold(kind, Ui.pair(size, amount), Ui.pair(contrast, direction), Ui.row(starts, Ui.spring(),
                again));
    }

    private void form(String name, UnaryOperator<ToothForm> change) {
        edit(name, t -> t.withForm(change.apply(t.form())));
    }

    /** Another kind begins with its own amount and contrast; size, direction and seed stay. */
    private static Tooth other(Tooth tooth, ToothKind kind) {
        ToothForm form = tooth.form();
        return tooth.withForm(ToothForm.of(kind, form.sizeMm()).withDirectionDeg(form.directionDeg())
                .withSeed(form.seed()));
    }

    @Override
    void show(Design design, Colourway colourway, Tooth tooth) {
        ToothForm form = tooth.form();
        double pxPerMm = SHAPE.high() / (SEEN * form.sizeMm());
        // Not the layer that is open: a chapter may be filled before its own is.
        Layer layer = design.layers().stream().filter(l -> l.structure().equals(tooth)).findFirst().orElseThrow();
        int id = layer.id();
        Design alone = design.alone(design.layers().indexOf(layer)).withGround(under(design, colourway, tooth));
        kind.show(form.kind(), k -> alone.replace(id, l -> l.withStructure(other(tooth, k))), colourway, pxPerMm);
        size.show(form.sizeMm());
        amount.show(100 * form.amount());
        contrast.show(100 * form.contrast());
        contrast.setDisable(form.kind() == ToothKind.GLITTER);
        direction.show(form.directionDeg());
        direction.setDisable(!form.kind().directed());
    }

    /** @return what kinds are pictured on: where no ink of the tooth could be told from the design's ground, what is farthest */
    private static Ink under(Design design, Colourway colourway, Tooth tooth) {
        if (apart(design, colourway, tooth, design.ground()) > TOLD) {
            return design.ground();
        }
        return design.palette().slots().stream().map(Ink::slot)
                .max(Comparator.comparingDouble(ink -> apart(design, colourway, tooth, ink))).orElse(design.ground());
    }

    /** @return how far the ink is from that of the tooth which is farthest; very far where either is no plain colour */
    private static double apart(Design design, Colourway colourway, Tooth tooth, Ink ink) {
        Optional<Lab> under = colour(design, colourway, ink);
        return tooth.inks().stream().map(of -> colour(design, colourway, of))
                .mapToDouble(of -> under.isEmpty() || of.isEmpty()
                        ? Double.MAX_VALUE
                        : of.get().difference(under.get()))
                .max().orElse(Double.MAX_VALUE);
    }

    private static Optional<Lab> colour(Design design, Colourway colourway, Ink ink) {
        return ink instanceof Ink.Slot(String name)
                ? Optional.of(Lab.of(colourway.colours().get(design.palette().slot(name))))
                : Optional.empty();
    }
}
