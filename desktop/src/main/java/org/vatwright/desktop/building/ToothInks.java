package org.vatwright.desktop.building;

import javafx.scene.control.ToggleButton;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;

/** The inks of a roughness, each taking its share of the specks, hairs or cells; whether it moves. */
final class ToothInks extends Chapter.Of<Tooth> {

    private final InkList inks;
    private final Label one = Ui.prose("Glitter is all of its first ink: its shades and its sparks follow.", "quiet");
    private final ToggleButton moving = new ToggleButton("moves in a loop");

    ToothInks(Studio studio) {
        super(studio, Tooth.class);
        inks = new InkList("tooth", Tooth.MOST_INKS, all -> edit("inks of the tooth", t -> t.withInks(all)));
        moving.getStyleClass().add("lone-toggle");
        moving.setId("tooth-moves");
        moving.setOnAction(e -> edit(moving.isSelected() ? "tooth moves" : "tooth stands still",
                t -> t.withMoving(moving.isSelected())));
        hold(inks, one, moving);
    }

    @Override
    void show(Design design, Colourway colourway, Tooth tooth) {
        inks.show(tooth.inks(), design, colourway);
        Ui.show(one, tooth.form().kind() == ToothKind.GLITTER);
        moving.setSelected(tooth.moving());
    }
}
