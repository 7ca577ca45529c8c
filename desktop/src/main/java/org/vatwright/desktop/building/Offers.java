package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.pattern.Offer;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.TraversalDirection;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** Offers, cheapest first, each taken by a click. Not shown while there are none. */
final class Offers extends VBox {

    private final Studio studio;
    private final String prefix;
    private final Pool<Button> buttons = new Pool<>(this, i -> button());

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
        List<Offer> sorted = Offer.sorted(offers);
        List<Button> seen = buttons.show(sorted.size());
        for (int i = 0; i < seen.size(); i++) {
            Offer offer = sorted.get(i);
            seen.get(i).setText(offer.words());
            seen.get(i).setId(prefix + offer.id());
            seen.get(i).setOnAction(e -> {
                // It may be gone once taken: the keys go on from what stands before, not from the head of the window.
                seen.getFirst().requestFocus();
                seen.getFirst().requestFocusTraversal(TraversalDirection.PREVIOUS);
                studio.take(offer);
                then.run();
            });
        }
        Ui.show(this, !offers.isEmpty());
    }

    /** @return the words of an offer, on as many lines as they take */
    static Button button() {
        Button take = Ui.link("", () -> {});
        take.setWrapText(true);
        take.setMinWidth(0);
        return take;
    }
}
