package org.vatwright.core.pattern;

/** Where a layer shows. */
public sealed interface Shows {

    Shows EVERYWHERE = new Everywhere();

    record Everywhere() implements Shows {}

    /** Only in the marks of the layer below it, whether that one is seen or not; the lowest one shows everywhere. */
    record InMarksBelow() implements Shows {}

    /** Only where a pattern of its own is. */
    record Where(Mask mask) implements Shows {}
}
