package org.vatwright.core.pattern;

import org.vatwright.core.measure.Require;

/** What a mark is coloured with. */
public sealed interface Ink {

    Ink CLEAR = new Clear();

    /** Nothing: what lies below shows through. */
    record Clear() implements Ink {}

    /** A named place in the design's palette. */
    record Slot(String name) implements Ink {
        public Slot {
            name = Require.named("slot", name);
        }
    }

    /** Another design or a picture: one of the design's fills. @param fill its name */
    record Filled(String fill) implements Ink {
        public Filled {
            fill = Require.named("fill", fill);
        }
    }

    static Ink slot(String name) {
        return new Slot(name);
    }

    /** @return the name of the slot or the fill, or "clear" */
    default String words() {
        return switch (this) {
            case Clear _ -> "clear";
            case Slot(String name) -> name;
            case Filled(String fill) -> fill;
        };
    }
}
