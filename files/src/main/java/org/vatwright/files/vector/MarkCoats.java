package org.vatwright.files.vector;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;

/** What a mark is filled with in a renderer that knows only colours and patterns: coats, one over the other. */
record MarkCoats(List<Coat> coats) {

    /** @param fill instead of the colour, when present @param tone of the fill @param opacity 0 to 1 */
    record Coat(Optional<Fill> fill, double tone, Rgb rgb, double opacity) {}

    static MarkCoats of(VectorMark mark, Design design, InkColours inks) {
        List<Coat> coats = new ArrayList<>();
        Optional<Fill> from = fill(mark.from(), design);
        Optional<Fill> to = fill(mark.to(), design);
        if (from.isEmpty() && to.isEmpty()) {
            MarkColour colour = MarkColour.of(mark, inks);
            return new MarkCoats(List.of(new Coat(Optional.empty(), 0, colour.rgb(), colour.opacity())));
        }
        boolean mixed = !mark.from().equals(mark.to()) && mark.share() > 0;
        boolean fromClear = mark.from() instanceof Ink.Clear;
        boolean toClear = mark.to() instanceof Ink.Clear;
        if (!fromClear) {
            coats.add(coat(mark, mark.from(), from, inks, mark.opacity() * (mixed && toClear ? 1 - mark.share() : 1)));
        }
        if (mixed && !toClear) {
            coats.add(coat(mark, mark.to(), to, inks, mark.opacity() * mark.share()));
        }
        return new MarkCoats(coats);
    }

    private static Optional<Fill> fill(Ink ink, Design design) {
        return ink instanceof Ink.Filled(String name) ? design.fill(name) : Optional.empty();
    }

    private static Coat coat(VectorMark mark, Ink ink, Optional<Fill> fill, InkColours inks, double opacity) {
        return new Coat(fill, mark.tone(), toned(Rgb.ofArgb(inks.argb(ink)), mark.tone()), opacity);
    }

    /** @return lightened or darkened by a step of OKLab lightness */
    static Rgb toned(Rgb rgb, double tone) {
        return tone == 0 ? rgb : Rgb.ofArgb(InkColours.toned(rgb.argb(), tone));
    }
}
