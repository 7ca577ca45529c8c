package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.vatwright.core.catalogue.Texture;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.TakenFrom;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.ColourEditor;
import org.vatwright.desktop.control.Late;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Swatch;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.ChosenInk;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import org.kordamp.ikonli.javafx.FontIcon;

import javafx.application.Platform;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The design's name, the colourway it is looked at in, its inks; a chosen ink opens the colour editor. */
final class PaletteStrip extends VBox {

    /** What the strip shows; it is drawn anew only when that changes, not with every square or band that is moved. */
    private record Drawn(Palette palette, Colourway colourway, ChosenInk ink, List<Fill> fills) {}

    /** In front of a slot's name while it is dragged. */
    static final String DRAGGED = "vatwright-slot:";
    private static final int SWATCH_PX = 38;
    /** A cloth in the menu of inks. */
    private static final int MENU_PX = 22;
    private static final Rgb FRESH = new Rgb(140, 140, 140);

    private final Studio studio;
    private final TextField name = new TextField();
    private final ComboBox<String> colourway = new ComboBox<>();
    private final FlowPane swatches = new FlowPane(7, 6);
    private final Pool<SwatchBox> boxes = new Pool<>(swatches, i -> new SwatchBox());
    private final TextField slotName = new TextField();
    private final ColourEditor editor;
    private final HBox slotRow;
    private final FillCard fill;
    private final GradientCard gradient;
    private final MenuButton more = new MenuButton(null, new FontIcon("fth-image"));
    private final Runnable picture;
    private final Aside<Fill> painting;
    private Drawn drawn;
    private boolean showing;

    /**
     * @param picture asks for a picture to be used as an ink
     * @param takeAgain takes the picture of an ink again from what it was taken from
     */
    PaletteStrip(Studio studio, Consumer<Consumer<Raster>> pictures, Runnable picture,
            BiConsumer<String, TakenFrom> takeAgain) {
        super(8);
        this.picture = picture;
        this.studio = studio;
        painting = new Aside<>(Platform::runLater, f -> studio.addFill(f.name(), f.source()));
        name.getStyleClass().add("title-field");
        name.setId("design-name");
        name.setAccessibleText("Name of the design");
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                rename();
            }
        });
        HBox.setHgrow(name, Priority.ALWAYS);
        colourway.setId("colourway");
        colourway.setMinWidth(USE_PREF_SIZE);
        colourway.setAccessibleText("Colourway in view");
        colourway.setOnAction(e -> {
            if (!showing && colourway.getValue() != null) {
                studio.select(s -> s.withColourway(colourway.getValue()));
            }
        });
        editor = new ColourEditor(studio, this::recolour, pictures);
        slotName.setId("slot-name");
        slotName.setAccessibleText("Name of the ink");
        slotName.setOnAction(e -> renameSlot());
        slotRow = Ui.labelled("Ink name", slotName, Ui.spring(),
                Ui.link("done", () -> studio.select(s -> s.withInk(ChosenInk.NONE))));
        fill = new FillCard(studio, takeAgain);
        gradient = new GradientCard(studio);
        more.setId("add-fill");
        more.getStyleClass().add("icon-menu");
        more.setAccessibleText("Use a gradient, a texture, a design or a picture as an ink");
        Ui.tip(more, "Use a gradient, a texture, a design or a picture as an ink");
        // A menu without an entry does not open.
        more.getItems().add(new MenuItem(""));
        more.setOnShowing(e -> studio.design().ifPresent(this::others));
        swatches.getChildren().addAll(Ui.icon("plus", "Add an ink to the palette", this::addSlot), more);
        getChildren().addAll(Ui.row(name, colourway), swatches, slotRow, new Late(editor), new Late(fill),
                new Late(gradient));
    }

    /** @return steps that make as many swatches as the fullest of some palettes has, which wait hidden, and paint their gradients */
    List<Runnable> furnishing(List<Design> designs) {
        int most = designs.stream().mapToInt(d -> d.palette().slots().size() + d.fills().size()).max().orElse(0);
        return Stream.concat(IntStream.rangeClosed(1, most).<Runnable>mapToObj(n -> () -> boxes.ready(n)),
                designs.stream().flatMap(d -> d.fills().stream().<Runnable>map(
                        f -> () -> Swatch.ready(f, d.palette(), studio.colourway(d), SWATCH_PX))))
                .toList();
    }

    void show(Design design, Colourway shown) {
        showing = true;
        if (!name.isFocused()) {
            name.setText(design.name());
        }
        Drawn now = new Drawn(design.palette(), shown, studio.selection().ink(), design.fills());
        if (!now.equals(drawn)) {
            drawn = now;
            draw(design, shown);
        }
        fill.show(design, shown);
        gradient.show(design, shown, studio.selection().fill());
        showing = false;
    }

    private void draw(Design design, Colourway shown) {
        colourway.getItems().setAll(design.palette().colourways().stream().map(Colourway::name).toList());
        colourway.setValue(shown.name());
        int slots = design.palette().slots().size();
        List<SwatchBox> all = boxes.show(slots + design.fills().size());
        for (int i = 0; i < all.size(); i++) {
            if (i < slots) {
                all.get(i).show(design, shown, i);
            } else {
                all.get(i).show(design, shown, design.fills().get(i - slots), new ChosenInk.Fill(i - slots));
            }
        }
        int slot = studio.selection().slot();
        Ui.show(editor, slot >= 0);
        Ui.show(slotRow, slot >= 0);
        if (slot >= 0) {
            String chosen = design.palette().slots().get(slot);
            editor.show("%s in %s".formatted(chosen, shown.name()), shown.colours().get(slot));
            if (!slotName.isFocused()) {
                slotName.setText(chosen);
            }
        }
    }

    /** What is made anew first, then the designs in which this one does not lie itself. */
    private void others(Design design) {
        List<MenuItem> items = new ArrayList<>();
        items.add(item("Gradient", this::addGradient));
        items.getLast().setId("add-gradient");
        for (Texture texture : Texture.values()) {
            items.add(item("Texture: " + texture.words(),
                    () -> painting.ask(new Object(), work -> texture.fill(work))));
            items.getLast().setId("add-texture-" + texture.words().toLowerCase(Locale.ROOT).replace(' ', '-'));
        }
        items.add(item("A picture\u2026", picture));
        for (Design other : studio.project().fillable(design.id())) {
            items.add(item(other.name(),
                    () -> studio.addFill(other.name(), new Fill.OfDesign(other, Optional.empty()))));
            items.getLast().setGraphic(cloth(other));
        }
        more.getItems().setAll(items);
    }

    private static MenuItem item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> action.run());
        return item;
    }

    private ClothImage cloth(Design design) {
        double pxPerMm = (double) SWATCH_PX / Math.max(design.repeat().widthMm(), design.repeat().heightMm());
        Scenes.Field field = new Scenes.Field(design, design.palette().orFirst(studio.selection().colourway()), 0, 0,
                SWATCH_PX, MENU_PX, pxPerMm);
        ClothImage image = new ClothImage();
        image.draw(field, field.subject(studio.tiles()), SWATCH_PX, MENU_PX);
        return image;
    }

    /** An ink and its name. */
    private final class SwatchBox extends VBox {

        private final Swatch swatch = new Swatch(SWATCH_PX, 24);
        private final Label name = Ui.label("", "quiet", "small-name");
        private ChosenInk ink = ChosenInk.NONE;

        SwatchBox() {
            super(2);
            getStyleClass().add("swatch-box");
            getChildren().addAll(swatch, name);
            swatch.setOnAction(e -> {
                studio.select(s -> s.withInk(s.ink().equals(ink) ? ChosenInk.NONE : ink));
                if (editor.isVisible()) {
                    editor.begin();
                }
            });
            swatch.setOnDragDetected(e -> {
                ClipboardContent content = new ClipboardContent();
                content.putString(DRAGGED + name.getText());
                swatch.startDragAndDrop(TransferMode.COPY).setContent(content);
                e.consume();
            });
        }

        void show(Design design, Colourway shown, int slot) {
            String words = design.palette().slots().get(slot);
            swatch.show(shown.colours().get(slot),
                    "%s %s; drag it onto a band".formatted(words, shown.colours().get(slot).hex()));
            show(words, new ChosenInk.Slot(slot));
        }

        void show(Design design, Colourway shown, Fill of, ChosenInk as) {
            swatch.show(of, design.palette(), shown, "%s; drag it onto a band".formatted(of.name()));
            show(of.name(), as);
        }

        private void show(String words, ChosenInk as) {
            ink = as;
            name.setText(words);
            swatch.setId("swatch-" + words);
            swatch.chosen(studio.selection().ink().equals(ink));
        }
    }

    private void recolour(Rgb colour) {
        studio.design()
                .ifPresent(d -> studio.recolour(d.palette().slots().get(studio.selection().slot()), colour));
    }

    private void rename() {
        String wanted = name.getText().strip();
        studio.design().ifPresent(d -> {
            if (!showing && !wanted.equals(d.name()) && !wanted.isEmpty()) {
                studio.editDesign("rename " + d.name(), x -> x.withName(wanted));
            } else {
                name.setText(d.name());
            }
        });
    }

    private void renameSlot() {
        studio.design().ifPresent(d -> {
            String old = d.palette().slots().get(studio.selection().slot());
            studio.editDesign("rename ink " + old, x -> x.renameSlot(old, slotName.getText()));
        });
    }

    /** From the last ink into the first and back, once across each cell, where both its ends are within reach. */
    private void addGradient() {
        studio.design().ifPresent(d -> {
            List<Ink> inks = d.palette().slots().stream().map(Ink::slot).toList();
            Ink first = inks.isEmpty() ? Ink.CLEAR : inks.getLast();
            Ink second = inks.size() > 1 ? inks.getFirst() : Ink.CLEAR;
            studio.addFill("Gradient", new Fill.OfGradient(
                    new Course(Course.Kind.LINEAR, 0, 0.5, 1.0 / d.repeat().tile().columns(), 0.5, true),
                    Fill.Across.TILE, List.of(new Gradient.Stop(0, first, 1), new Gradient.Stop(1, second, 1))));
        });
    }

    private void addSlot() {
        studio.design().ifPresent(d -> {
            int count = d.palette().slots().size();
            String fresh = Palette.freeName("Ink", d.palette().slots());
            studio.editDesign("add ink", x -> x.withPalette(x.palette().withSlot(fresh, FRESH)));
            studio.select(s -> s.withInk(new ChosenInk.Slot(count)));
        });
    }
}
