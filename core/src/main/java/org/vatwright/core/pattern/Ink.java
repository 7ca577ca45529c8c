package org.vatwright.core.pattern;

import org.vatwright.core.measure.Check;

/** What a mark is coloured with. */
public sealed interface Ink {

    Ink CLEAR = new Clear();

    /** Nothing: what lies below shows through. */
    record Clear() implements Ink {}

    /** A named place in the design's palette. */
    record Slot(String name) implements Ink {
        public Slot {
            name = Check.named("slot", name);
        }
    }

    static Ink slot(String name) {
        return new Slot(name);
    }

    /** @return the slot's name, or "clear" */
    default String words() {
        return switch (this) {
            case Clear _ -> "clear";
            case Slot(String name) -> name;
        };
    }
}
