package org.vatwright.desktop.building;

import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;

/** The few inks of the palette that a picture is shown in. */
final class CoverInks extends Chapter.Of<Cover> {

    private final Label none = Ui.prose(
            "A picture that covers can be shown in a few inks of the palette; each colourway then has it in its own.",
            "quiet");
    private final PictureInkRows rows;

    CoverInks(Studio studio) {
        super(studio, Cover.class);
        rows = new PictureInkRows(studio);
        hold(none, rows);
    }

    @Override
    void show(Design design, Colourway colourway, Cover cover) {
        Optional<Fill> picture = (cover.ink() instanceof Ink.Filled(String name)
                ? design.fill(name)
                : Optional.<Fill>empty())
                .filter(f -> f.picture().isPresent());
        Ui.show(none, picture.isEmpty() || picture.get().inks().isEmpty());
        Ui.show(rows, picture.isPresent());
        picture.ifPresent(f -> rows.show(design, colourway, f));
    }
}
