package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;

import javafx.scene.layout.HBox;

/** One of many marks in a list: its ink and how wide it is. */
final class InkLine extends HBox {

    private final InkChip ink;
    private final NumberRow width;

    InkLine(InkChip ink, NumberRow width) {
        super(8, ink, Ui.spring(), width);
        this.ink = ink;
        this.width = width;
        getStyleClass().addAll("row", "band-line");
    }

    void show(Ink now, double wide, boolean chosen, Design design, Colourway colourway) {
        ink.show(now, design, colourway);
        width.show(wide);
        pseudoClassStateChanged(Styles.CHOSEN, chosen);
    }
}
