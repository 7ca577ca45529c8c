package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.DesignTurn;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** Turns the whole design, every layer with it: an angle is wished for, the nearest that close are offered. */
final class RepeatTurn extends VBox {

    private static final int MOST_OFFERS = 4;

    private final Studio studio;
    private final NumberRow angle;
    private final NumberRow scale;
    private final Offers offers;

    RepeatTurn(Studio studio) {
        super(4);
        this.studio = studio;
        offers = new Offers(studio, "");
        angle = NumberRow.number(studio, "Turn all", "turn the whole repeat", "\u00b0", 3, 1, this::offer);
        scale = NumberRow.number(studio, "Scale all", "scale the whole repeat", "%", 2, 5, this::scale);
        scale.show(100);
        angle.show(0);
        scale.field().focusedProperty().addListener((o, was, is) -> scale.show(100));
        getChildren().addAll(Ui.pair(scale, angle), offers);
    }

    /** The field says by how much, so it stands at the whole again. */
    private void scale(double percent) {
        if (percent != 100) {
            studio.editDesign("scale all to %s %%".formatted(Numbers.plain(percent, 2)),
                    d -> DesignTurn.scale(d, percent / 100));
            scale.show(100);
        }
    }

    private void offer(double wanted) {
        double degrees = Angle.turn(wanted);
        angle.show(degrees);
        offers.show(studio.design().filter(d -> degrees != 0)
                .map(d -> DesignTurn.offers(d, degrees).stream().limit(MOST_OFFERS).toList()).orElse(List.of()), () -> {
                    angle.show(0);
                    offers.clear();
                });
    }
}
