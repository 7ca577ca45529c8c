package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.control.ArrangementPicker;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The cell, how it recurs, and the ground under everything. */
final class RepeatCard extends VBox {

    private final NumberRow width;
    private final NumberRow height;
    private final ArrangementPicker arrangement;
    private final InkChip ground;
    private final Label tile = Ui.prose("", "quiet");

    RepeatCard(Studio studio) {
        super(8);
        getStyleClass().add("card");
        width = NumberRow.length(studio, "Width", "cell width",
                mm -> studio.editDesign("cell width " + Numbers.plain(mm) + " mm",
                        d -> d.withRepeat(d.repeat().withSize(mm, d.repeat().heightMm()))));
        height = NumberRow.length(studio, "Height", "cell height",
                mm -> studio.editDesign("cell height " + Numbers.plain(mm) + " mm",
                        d -> d.withRepeat(d.repeat().withSize(d.repeat().widthMm(), mm))));
        arrangement = new ArrangementPicker(studio, "arrangement",
                a -> studio.editDesign("arrangement " + a, d -> d.withRepeat(d.repeat().withArrangement(a))));
        ground = new InkChip("ground ink", ink -> studio.editDesign("ground " + ink.words(), d -> d.withGround(ink)));
        getChildren().addAll(Ui.label("Repeat", "card-title"), width, height, Ui.labelled("Recurs", arrangement),
                Ui.labelled("Ground", ground), tile, new RepeatTurn(studio));
    }

    void show(Design design, Colourway colourway) {
        Repeat repeat = design.repeat();
        width.show(repeat.widthMm());
        height.show(repeat.heightMm());
        arrangement.show(repeat.arrangement());
        ground.show(design.ground(), design, colourway);
        Tile t = repeat.tile();
        int cells = t.columns() * t.rows();
        tile.setText("Tile %s x %s mm, %s".formatted(Numbers.plain(t.widthMm(), 2), Numbers.plain(t.heightMm(), 2),
                cells == 1 ? "the cell itself" : cells + " cells"));
    }
}
