package org.vatwright.desktop.building;

import java.util.Locale;

import org.vatwright.desktop.control.Ui;

import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** Ways to have something close exactly, each with what it costs, to be taken by a click. Not shown while there are none. */
final class Offers extends VBox {

    Offers() {
        super(4);
        getStyleClass().add("offers");
        Ui.show(this, false);
    }

    void clear() {
        getChildren().clear();
        Ui.show(this, false);
    }

    /** @param words may take several lines */
    void add(String id, String words, Runnable take) {
        Button offer = Ui.link(words, take);
        offer.setId(id);
        offer.setWrapText(true);
        offer.setMinWidth(0);
        getChildren().add(offer);
        Ui.show(this, true);
    }

    int count() {
        return getChildren().size();
    }

    /** @return a way's name as part of an id: "resize-cell" */
    static String id(Enum<?> way) {
        return way.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
