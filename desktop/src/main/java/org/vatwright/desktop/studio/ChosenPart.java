package org.vatwright.desktop.studio;

import java.util.Set;

/** What is chosen in the open layer, by its place among its like. */
public sealed interface ChosenPart {

    ChosenPart NONE = new None();

    record None() implements ChosenPart {}

    /** A band, a dot, a block, a line, a point; a motif that is set by hand. */
    record Own(int place) implements ChosenPart {}

    /** A band of a weft that has bands of its own. */
    record OfWeft(int place) implements ChosenPart {}

    /** Strokes of a painting. */
    record Strokes(Set<Integer> places) implements ChosenPart {
        public Strokes {
            places = Set.copyOf(places);
        }
    }

    /** A motif which rows, rings, a line or the scatter placed. */
    record Placed(int place) implements ChosenPart {}
}
