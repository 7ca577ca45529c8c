package org.vatwright.desktop.colour;

import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Swatch;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.ChosenInk;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One colourway: its name, a swatch for each slot, and the cloth it makes. */
final class ColourwayRow extends HBox {

    static final double NAME_WIDTH = 150;
    static final double SLOT_WIDTH = 66;
    private static final int CLOTH_HEIGHT = 84;

    private final Studio studio;
    private final Runnable changed;
    private final TextField name = new TextField();
    private final Label note = Ui.label("", "quiet");
    private final Button copy;
    private final Button lock;
    private final Button remove;
    private final HBox swatches = new HBox();
    private final Pool<SlotBox> boxes = new Pool<>(swatches, SlotBox::new);
    private final ClothImage cloth = new ClothImage();
    private final StackPane clothFrame = new StackPane(cloth);
    private String colourway;

    /**
     * Without ids, which would change with each design: what gets another one is styled anew, with all that is in it.
     *
     * @param changed when a colour is chosen by hand: it is to be changed
     */
    ColourwayRow(Studio studio, Runnable changed) {
        super(10);
        this.studio = studio;
        this.changed = changed;
        getStyleClass().addAll("card", "colourway-row");
        name.getStyleClass().add("title-field");
        name.setAccessibleText("Name of the colourway");
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                rename();
            }
        });
        lock = Ui.icon("lock", "Let the first colourway be changed", () -> {
            boolean open = !studio.design().orElseThrow().palette().firstOpen();
            studio.editDesign(open ? "open the first colourway" : "keep the first colourway",
                    d -> d.withPalette(d.palette().withFirstOpen(open)));
        });
        remove = Ui.icon("trash-2", "Remove this colourway",
                () -> studio.editDesign("remove " + colourway, d -> d.withPalette(d.palette().remove(colourway))));
        copy = Ui.icon("copy", "Copy this colourway", this::copy);
        VBox names = new VBox(4, name, note, new HBox(4, copy, lock, remove));
        names.setMinWidth(NAME_WIDTH);
        names.setMaxWidth(NAME_WIDTH);
        clothFrame.getStyleClass().add("cloth-frame");
        clothFrame.setMinSize(80, CLOTH_HEIGHT);
        clothFrame.setMaxHeight(CLOTH_HEIGHT);
        HBox.setHgrow(clothFrame, Priority.ALWAYS);
        clothFrame.widthProperty().addListener((o, a, b) -> studio.design().ifPresent(this::drawCloth));
        getChildren().addAll(names, swatches, clothFrame);
        setOnMousePressed(e -> studio.select(s -> s.withColourway(colourway)));
    }

    private void rename() {
        String wanted = name.getText().strip();
        if (colourway == null || wanted.isEmpty() || wanted.equals(colourway)) {
            return;
        }
        Id design = studio.selection().design();
        String old = colourway;
        boolean chosen = studio.selection().colourway().equals(old);
        if (studio.edit("rename " + old, p -> p.renameColourway(design, old, wanted)) && chosen) {
            studio.select(s -> s.withColourway(wanted));
        }
    }

    private void copy() {
        studio.design().ifPresent(d -> {
            Palette.Change change = d.palette().copy(colourway);
            studio.editDesign("copy " + colourway, x -> x.withPalette(change.palette()));
            studio.select(s -> s.withColourway(change.colourway()));
        });
    }

    void show(Design design, Colourway shown) {
        colourway = shown.name();
        copy.setAccessibleText("Copy " + colourway);
        boolean first = design.palette().first().equals(shown);
        boolean chosen = studio.selection().colourway().equals(colourway);
        if (!name.isFocused()) {
            name.setText(colourway);
        }
        boolean alone = design.palette().colourways().size() == 1;
        note.setText(!first
                ? "free to change"
                : design.palette().firstOpen() ? "the first; open" : alone ? "the first" : "the first; stays as it is");
        Ui.show(lock, first && !alone);
        Ui.setIcon(lock, design.palette().firstOpen() ? "unlock" : "lock",
                design.palette().firstOpen()
                        ? "Keep the first colourway as it is"
                        : "Let the first colourway be changed");
        Ui.show(remove, !first);
        pseudoClassStateChanged(Styles.CHOSEN, chosen);
        List<SlotBox> slots = boxes.show(shown.colours().size());
        for (SlotBox slot : slots) {
            slot.show(design, shown, chosen);
        }
        drawCloth(design);
    }

    /** Makes boxes for so many slots beforehand. */
    void ready(int slots) {
        boxes.ready(slots);
    }

    private void drawCloth(Design design) {
        int w = (int) clothFrame.getWidth();
        if (w > 20 && colourway != null) {
            design.palette().find(colourway).ifPresent(c -> {
                double pxPerMm = CLOTH_HEIGHT / (1.1 * design.repeat().heightMm());
                Scenes.Field field = new Scenes.Field(design, c, 0, 0, w, CLOTH_HEIGHT, pxPerMm);
                cloth.of(List.of(design.id(), c.name()));
                cloth.draw(field, field.subject(studio.tiles()), w, CLOTH_HEIGHT);
            });
        }
    }

    /** A slot's colour, and how it is written. */
    private final class SlotBox extends VBox {

        private final int slot;
        private final Swatch swatch = new Swatch(48, 40);
        private final Label hex = Ui.label("", "quiet", "small-name");

        SlotBox(int slot) {
            super(3);
            this.slot = slot;
            swatch.setOnAction(e -> {
                studio.select(s -> s.withColourway(colourway).withInk(new ChosenInk.Slot(slot)));
                changed.run();
            });
            getChildren().addAll(swatch, hex);
            getStyleClass().add("swatch-box");
            setMinWidth(SLOT_WIDTH);
            setMaxWidth(SLOT_WIDTH);
        }

        void show(Design design, Colourway shown, boolean chosen) {
            Rgb rgb = shown.colours().get(slot);
            String name = design.palette().slots().get(slot);
            swatch.show(rgb, name + " in " + shown.name()).chosen(chosen && studio.selection().slot() == slot);
            hex.setText(rgb.hex());
        }
    }
}
