package org.vatwright.desktop.control;

import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;

import javafx.geometry.Insets;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Background;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.CornerRadii;
import javafx.scene.layout.Region;

/** An ink with its name; opens the list of the design's slots, and clear. */
public final class InkChip extends MenuButton {

    /** What a chip and its list show. */
    private record Shown(Ink ink, List<String> slots, Colourway colourway, List<Fill> fills) {}

    private static final int SIDE = 18;
    private static final String AREA = "ink-area";
    private static final String CLEAR = "clear-ink";

    private final Consumer<Ink> take;
    private Shown shown;
    private Design inDesign;
    private Colourway inColourway;
    private final Region area = new Region();
    private boolean stale;
    private boolean fills = true;

    public InkChip(String what, Consumer<Ink> take) {
        this.take = take;
        getStyleClass().add("ink-chip");
        setAccessibleText(what);
        setId(what.replace(' ', '-'));
        getItems().add(new MenuItem(""));
        setGraphic(area);
        setOnShowing(e -> fill());
    }

    /** @return listing slots and clear alone */
    public InkChip slotsOnly() {
        fills = false;
        return this;
    }

    public void show(Ink ink, Design design, Colourway colourway) {
        setText(ink instanceof Ink.Clear ? "Clear" : ink.words());
        Shown now = new Shown(ink, design.palette().slots(), colourway, design.fills());
        if (!now.equals(shown)) {
            shown = now;
            inDesign = design;
            inColourway = colourway;
            stale = true;
            paint(area, ink, design, colourway);
        }
    }

    /** Lists the inks there are: when they are asked for, for there are many chips and few that are opened. */
    public void fill() {
        if (!stale) {
            return;
        }
        stale = false;
        Design design = inDesign;
        Colourway colourway = inColourway;
        getItems().clear();
        for (String slot : design.palette().slots()) {
            item(Ink.slot(slot), slot, design, colourway);
        }
        for (Fill fill : fills ? design.fills() : List.<Fill>of()) {
            item(fill.ink(), fill.name(), design, colourway);
        }
        item(Ink.CLEAR, "Clear", design, colourway);
    }

    private void item(Ink ink, String words, Design design, Colourway colourway) {
        MenuItem item = new MenuItem(words, area(ink, design, colourway));
        item.setOnAction(e -> take.accept(ink));
        getItems().add(item);
    }

    private static Region area(Ink ink, Design design, Colourway colourway) {
        Region area = new Region();
        paint(area, ink, design, colourway);
        return area;
    }

    /** Makes a small area one of the ink's colour. */
    public static void paint(Region area, Ink ink, Design design, Colourway colourway) {
        boolean clear = false;
        if (!(ink instanceof Ink.Filled)) {
            FillArea.leave(area);
        }
        if (ink instanceof Ink.Slot(String name) && design.palette().slot(name) >= 0) {
            area.setBackground(new Background(
                    new BackgroundFill(Swatch.fx(colourway.colours().get(design.palette().slot(name))),
                            new CornerRadii(3), Insets.EMPTY)));
        } else if (ink instanceof Ink.Filled(String name) && design.fill(name).isPresent()) {
            FillArea.show(area, design.fill(name).get(), design.palette(), colourway, SIDE);
        } else {
            clear = true;
        }
        // What is set by hand would stand before the style of no ink.
        if (clear && !area.getStyleClass().contains(CLEAR)) {
            area.setBackground(null);
        }
        style(area, AREA, true);
        style(area, CLEAR, clear);
    }

    private static void style(Region area, String style, boolean has) {
        if (has && !area.getStyleClass().contains(style)) {
            area.getStyleClass().add(style);
        } else if (!has) {
            area.getStyleClass().remove(style);
        }
    }
}
