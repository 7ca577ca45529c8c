package org.vatwright.files.vector;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;

/** The colour of a mark: two inks mixed in linear light. @param opacity 0 to 1 */
record MarkColour(Rgb rgb, double opacity) {

    static MarkColour of(VectorMark mark, InkColours inks) {
        boolean fromClear = mark.from() instanceof Ink.Clear;
        boolean toClear = mark.to() instanceof Ink.Clear;
        if (fromClear || toClear) {
            VectorMark seen = new VectorMark(mark.shape(), fromClear ? mark.to() : mark.from(), mark.tone());
            return new MarkColour(Rgb.ofArgb(inks.argb(seen)),
                    mark.opacity() * (fromClear ? mark.share() : 1 - mark.share()));
        }
        return new MarkColour(Rgb.ofArgb(inks.argb(mark.withOpacity(1))), mark.opacity());
    }
}
