package org.vatwright.desktop.building;

import java.util.Set;

import javafx.scene.Node;
import javafx.scene.control.Label;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** What lies over what where lines cross, their light and their inks. */
final class CrossingsChapter extends Chapter.Of<Interlace> {

    private final NumberRow light;
    private final InkList inks;
    private final Label crossings = Ui.prose("", "quiet");
    private final Node unflip;

    CrossingsChapter(Studio studio) {
        super(studio, Interlace.class);
        light = NumberRow.number(studio, "Light", "light on the round", "%", 1, 2,
                n -> edit("light %s %%".formatted(Numbers.plain(n)), i -> i.withLight(n / 100)));
        inks = new InkList("line", 12, list -> edit("inks of the lines", i -> i.inked(list)));
        unflip = Ui.link("as they alternate", () -> edit("crossings alternate", i -> i.withFlipped(Set.of())));
        unflip.setId("crossings-alternate");
        crossings.setId("crossings");
        hold(crossings, unflip, light, Ui.label("Inks, in turn", "card-title"), inks);
    }

    @Override
    void show(Design design, Colourway colourway, Interlace i) {
        light.show(100 * i.light());
        inks.show(i.inks(), design, colourway);
        int turned = i.flipped().size();
        crossings.setText(turned == 0
                ? "Over and under alternate along each line. Click a crossing on the cloth to turn it about."
                : "%d crossing%s turned about by hand".formatted(turned, turned == 1 ? "" : "s"));
        Ui.show(unflip, turned > 0);
    }
}
