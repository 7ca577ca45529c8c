package org.vatwright.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Where a fill that colours nothing yet could go: offers for the inks of a layer and for the ground. */
public final class FillUse {

    private static final int MOST = 3;

    private FillUse() {}

    /** @param layer whose inks are offered @return none when the fill is in use */
    public static List<Offer> offers(Design design, Fill fill, Optional<Layer> layer) {
        if (design.usedFills().contains(fill)) {
            return List.of();
        }
        List<Offer> offers = new ArrayList<>();
        layer.ifPresent(l -> l.inks().stream().distinct().filter(Ink.Slot.class::isInstance).limit(MOST)
                .forEach(ink -> offers.add(offer(offers.size(), "Colour " + l.name() + " with it",
                        "instead of " + ink.words(),
                        d -> d.replace(l.id(), x -> x.withInks(i -> i.equals(ink) ? fill.ink() : i))))));
        offers.add(offer(offers.size(), "Colour the ground with it", "instead of " + design.ground().words(),
                d -> d.withGround(fill.ink())));
        return offers;
    }

    private static Offer offer(int number, String title, String cost, UnaryOperator<Design> change) {
        return new Offer("use-" + (number + 1), title, cost, 0.01 * number, change);
    }
}
