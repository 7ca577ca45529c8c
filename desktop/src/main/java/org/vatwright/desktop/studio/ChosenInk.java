package org.vatwright.desktop.studio;

/** Which ink of the open design is open, by its place among its like. */
public sealed interface ChosenInk {

    ChosenInk NONE = new None();

    record None() implements ChosenInk {}

    /** A slot of the palette. */
    record Slot(int place) implements ChosenInk {}

    /** A design or a picture that is used as an ink. */
    record Fill(int place) implements ChosenInk {}
}
