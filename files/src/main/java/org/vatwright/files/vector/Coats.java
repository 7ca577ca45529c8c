package org.vatwright.files.vector;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;

/** What a mark is filled with in a renderer that knows only colours and patterns: coats, one over the other. */
record Coats(List<Coat> coats) {

    /** @param fill instead of the colour, when present @param opacity 0 to 1 */
    record Coat(Optional<Fill> fill, Rgb rgb, double opacity) {}

    static Coats of(VectorMark mark, Design design, InkColours inks) {
        List<Coat> coats = new ArrayList<>();
        Optional<Fill> from = fill(mark.from(), design);
        Optional<Fill> to = fill(mark.to(), design);
        if (from.isEmpty() && to.isEmpty()) {
            MarkColour colour = MarkColour.of(mark, inks);
            return new Coats(List.of(new Coat(Optional.empty(), colour.rgb(), colour.opacity())));
        }
        boolean mixed = !mark.from().equals(mark.to()) && mark.share() > 0;
        boolean fromClear = mark.from() instanceof Ink.Clear;
        boolean toClear = mark.to() instanceof Ink.Clear;
        if (!fromClear) {
            coats.add(coat(mark.from(), from, inks, mark.opacity() * (mixed && toClear ? 1 - mark.share() : 1)));
        }
        if (mixed && !toClear) {
            coats.add(coat(mark.to(), to, inks, mark.opacity() * mark.share()));
        }
        if (mark.tone() != 0) {
            coats.add(tone(mark, from.or(() -> to).orElseThrow(), inks));
        }
        return new Coats(coats);
    }

    private static Optional<Fill> fill(Ink ink, Design design) {
        return ink instanceof Ink.Filled(String name) ? design.fill(name) : Optional.empty();
    }

    private static Coat coat(Ink ink, Optional<Fill> fill, InkColours inks, double opacity) {
        return new Coat(fill, Rgb.ofArgb(inks.argb(ink)), opacity);
    }

    /** A veil of white or black that lightens or darkens as the tone does. */
    private static Coat tone(VectorMark mark, Fill fill, InkColours inks) {
        boolean light = mark.tone() > 0;
        VectorMark solid = new VectorMark(mark.shape(), fill.ink(), mark.tone());
        int end = inks.plain(Map.of(fill.name(), light ? 0xFF000000 : 0xFFFFFFFF)).argb(solid) & 255;
        double veil = light ? end / 255.0 : 1 - end / 255.0;
        return new Coat(Optional.empty(), light ? new Rgb(255, 255, 255) : new Rgb(0, 0, 0), veil * mark.opacity());
    }
}
