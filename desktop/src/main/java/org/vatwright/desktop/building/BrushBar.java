package org.vatwright.desktop.building;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

import org.kordamp.ikonli.javafx.FontIcon;
import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.TipForm;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.studio.BrushHand.Doing;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

/** What is painted with, above the cell: the brushes as they look, what the hand does, size and ink. */
final class BrushBar extends VBox {

    private static final int WIDE = 50;
    private static final int HIGH = 26;

    /** What the samples are drawn of. */
    private record Seen(List<Brush> brushes, Ink ground, List<Fill> fills, Colourway colourway, Ink ink,
            Optional<Ink> other) {}

    private final Studio studio;
    private final BrushInHand hand;
    private Seen seen;
    private final FlowPane brushes = new FlowPane(3, 3);
    private final Pool<Chip> chips = new Pool<>(brushes, i -> new Chip(() -> take(i)));
    private List<Brush> shown = List.of();
    private final Segments<Doing> doing;
    private final NumberRow size;
    private final InkChip ink;
    private final MenuButton files = new MenuButton(null, new FontIcon("fth-more-horizontal"));
    private final Menu motifs = new Menu("A motif as the tip");
    private final Label chosen = Ui.label("", "quiet");

    BrushBar(Studio studio, Desk desk) {
        super(6);
        this.studio = studio;
        hand = new BrushInHand(studio);
        setId("brush-bar");
        getStyleClass().add("brush-bar");
        doing = new Segments<>(List.of(Doing.values()), BrushBar::words, d -> studio.holdBrush(h -> h.withDoing(d)));
        for (Doing each : Doing.values()) {
            doing.button(each).setId("brush-" + words(each).toLowerCase(Locale.ROOT));
        }
        doing.getStyleClass().add("tight");
        Ui.tip(doing.button(Doing.ALONG), "A click on a guide or an outline pulls the brush along it");
        doing.setMinWidth(USE_PREF_SIZE);
        size = NumberRow.length(studio, "Size", "size of the brush", mm -> hand.brush(
                "size %s mm".formatted(Numbers.plain(mm, 2)), b -> b.withSizeMm(mm)));
        size.field().setPrefColumnCount(5);
        ink = new InkChip("ink of the brush", hand::ink);
        chosen.setId("strokes-chosen");
        brushes.getStyleClass().add("brushes");
        files.setId("brush-files");
        files.setAccessibleText("Brushes as files");
        files.getStyleClass().add("icon-menu");
        item("Read brushes\u2026", desk.brushes()::read);
        item("Write this brush\u2026", desk.brushes()::writeOne);
        item("Write your own brushes\u2026", desk.brushes()::writeOwn);
        item("A picture as the tip\u2026", () -> desk.brushes().readTip(form -> hand.brush("a picture as the tip",
                b -> b.formed(form))));
        files.getItems().add(motifs);
        motifs.getItems().add(new MenuItem(""));
        files.setOnShowing(e -> motifs());
        getChildren().addAll(brushes, Ui.row(doing, size, ink, files, chosen));
    }

    private void item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> action.run());
        files.getItems().add(item);
    }

    /** Lists the motifs of all designs; what a brush takes from one is its outline. */
    private void motifs() {
        motifs.getItems().clear();
        for (Design design : studio.project().designs()) {
            for (Layer layer : design.layers()) {
                if (layer.structure() instanceof Motifs all) {
                    all.motifs().forEach(m -> motif(design, m));
                }
            }
        }
        motifs.setDisable(motifs.getItems().isEmpty());
    }

    private void motif(Design design, Motif motif) {
        MenuItem item = new MenuItem("%s, of %s".formatted(motif.name(), design.name()));
        item.setOnAction(e -> hand.brush("%s as the tip".formatted(motif.name()),
                b -> b.formed(new TipForm.OfOutline(Outline.of(motif.silhouette())))));
        motifs.getItems().add(item);
    }

    private static String words(Doing doing) {
        return switch (doing) {
            case PAINT -> "Paint";
            case ERASE -> "Erase";
            case ALONG -> "Along";
            case CHOOSE -> "Choose";
        };
    }

    /** A brush keeps the size that is in hand only when the hand held it before. */
    private void take(int index) {
        Brush taken = studio.brushHand().all().get(index);
        hand.brush("paint anew with " + taken.name(),
                b -> hand.chosen().isEmpty() ? taken : taken.withSizeMm(b.sizeMm()));
        mark();
    }

    private void mark() {
        chips.seen().forEach(chip -> chip.setSelected(hand.brush().name().equals(chip.brush)));
    }

    void show(Design design, Colourway colourway) {
        boolean here = hand.work().isPresent();
        Ui.show(this, here);
        if (!here) {
            return;
        }
        List<Brush> all = studio.brushHand().all();
        if (!all.equals(shown)) {
            chips(all);
        }
        samples(design, colourway);
        mark();
        doing.show(studio.brushHand().doing());
        size.show(hand.brush().sizeMm());
        ink.show(hand.ink(design), design, colourway);
        int count = hand.chosen().size();
        chosen.setText(count == 0 ? "" : count == 1 ? "of the chosen stroke" : "of %d strokes".formatted(count));
    }

    /** While a stroke is painted no sample changes. */
    private void samples(Design design, Colourway colourway) {
        Seen now = new Seen(shown, design.ground(), design.fills(), colourway, hand.ink(design), hand.other(design));
        if (now.equals(seen)) {
            return;
        }
        seen = now;
        List<Chip> samples = chips.seen();
        for (int i = 0; i < shown.size(); i++) {
            Scenes.Field field = BrushSample.field(design, colourway, shown.get(i), now.ink(), now.other(), WIDE, HIGH);
            samples.get(i).picture.draw(field, field.subject(studio.tiles()), WIDE, HIGH);
        }
    }

    /** @return steps that make the chips before they are seen */
    List<Runnable> furnishing() {
        List<Brush> all = studio.brushHand().all();
        return IntStream.range(0, all.size())
                .<Runnable>mapToObj(i -> () -> chips.ready(i + 1).get(i).name(all.get(i))).toList();
    }

    private void chips(List<Brush> all) {
        seen = null;
        shown = all;
        List<Chip> now = chips.show(all.size());
        for (int i = 0; i < all.size(); i++) {
            now.get(i).name(all.get(i));
        }
    }

    /** A brush as it paints. */
    private static final class Chip extends ToggleButton {

        private final ClothImage picture = new ClothImage();
        private String brush;

        Chip(Runnable take) {
            setGraphic(picture);
            setMinSize(WIDE + 4, HIGH + 4);
            setOnAction(e -> take.run());
        }

        void name(Brush of) {
            if (!of.name().equals(brush)) {
                brush = of.name();
                setId("brush-" + brush.replace(' ', '-'));
                setAccessibleText("Brush " + brush);
                Ui.tip(this, brush);
            }
        }
    }
}
