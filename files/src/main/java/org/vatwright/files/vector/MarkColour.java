package org.vatwright.files.vector;

import org.vatwright.core.colour.Light;
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
            return new MarkColour(Rgb.ofArgb(inks.argb(fromClear ? mark.to() : mark.from())),
                    fromClear ? mark.share() : 1 - mark.share());
        }
        int a = inks.argb(mark.from());
        int b = inks.argb(mark.to());
        return new MarkColour(new Rgb(mix(a >> 16, b >> 16, mark.share()), mix(a >> 8, b >> 8, mark.share()),
                mix(a, b, mark.share())), 1);
    }

    private static int mix(int a, int b, double share) {
        return Light.channel((float) (Light.linear(a & 255) * (1 - share) + Light.linear(b & 255) * share));
    }
}
