package org.vatwright.core.laid;

/** What a click on the cloth means to a laid structure. */
public sealed interface Click {

    Click NOTHING = new Nothing();

    record Nothing() implements Click {}

    /** @param part of its parts, see {@link LaidStructure#outline}; below zero: none is chosen */
    record Chosen(int part) implements Click {}

    /** @param name as undo tells it */
    record Changed(String name, LaidStructure to) implements Click {}
}
