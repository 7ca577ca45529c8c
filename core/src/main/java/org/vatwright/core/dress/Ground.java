package org.vatwright.core.dress;

import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Id;

/** What an article lies on. */
public sealed interface Ground {

    Ground CLEAR = new Clear();

    /** Nothing. */
    record Clear() implements Ground {}

    /** One ink. */
    record OneInk(Rgb colour) implements Ground {}

    /** A design, flat. */
    record OfDesign(Lay lay) implements Ground {}

    /** @return the design that it shows */
    default Optional<Id> design() {
        return this instanceof OfDesign(Lay lay) ? Optional.of(lay.design()) : Optional.empty();
    }
}
