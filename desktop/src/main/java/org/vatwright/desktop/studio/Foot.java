package org.vatwright.desktop.studio;

import java.util.List;

/**
 * What the line at the foot says.
 *
 * @param notes sizes and counts of what is in view
 * @param scale of the view, in words
 * @param place where the pointer is, in words; empty when over nothing
 * @param argb the colour there, 0 for none
 */
public record Foot(List<String> notes, String scale, String place, int argb) {

    static final Foot EMPTY = new Foot(List.of(), "", "", 0);

    public Foot withNotes(List<String> other, String otherScale) {
        return new Foot(List.copyOf(other), otherScale, place, argb);
    }

    public Foot withPlace(String other, int colour) {
        return new Foot(notes, scale, other, colour);
    }
}
