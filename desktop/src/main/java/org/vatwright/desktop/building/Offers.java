package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.pattern.Offer;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** Offers, cheapest first, each taken by a click. Not shown while there are none. */
final class Offers extends VBox {

    private final Studio studio;
    private final String prefix;

    /** @param prefix of their ids, by which they are told from those of others */
    Offers(Studio studio, String prefix) {
        super(4);
        this.studio = studio;
        this.prefix = prefix;
        getStyleClass().add("offers");
        Ui.show(this, false);
    }

    void clear() {
        show(List.of());
    }

    void show(List<Offer> offers) {
        show(offers, () -> {});
    }

    /** @param then after one is taken */
    void show(List<Offer> offers, Runnable then) {
        getChildren().setAll(Offer.sorted(offers).stream().map(offer -> {
            Button take = Ui.link(offer.words(), () -> {
                studio.take(offer);
                then.run();
            });
            take.setId(prefix + offer.id());
            take.setWrapText(true);
            take.setMinWidth(0);
            return take;
        }).toList());
        Ui.show(this, !offers.isEmpty());
    }
}
