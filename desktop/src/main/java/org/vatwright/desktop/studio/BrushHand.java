package org.vatwright.desktop.studio;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.ShippedBrushes;
import org.vatwright.core.colour.Oklab;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;

/**
 * What the next stroke is painted with. Not part of the document.
 *
 * @param ink none until one was taken: then the first of the design that is not its ground
 * @param other towards which its dabs differ
 * @param steadyMm how far the tip trails behind the hand; 0 for not at all
 * @param own brushes of the user's own making
 */
@RecordBuilder
public record BrushHand(Brush brush, Optional<Ink> ink, Optional<Ink> other, Doing doing, double steadyMm,
        List<Brush> own) implements BrushHandBuilder.With {

    public static final BrushHand FIRST = new BrushHand(ShippedBrushes.ALL.getFirst(), Optional.empty(),
            Optional.empty(), Doing.PAINT, 0, List.of());
    public static final double MOST_STEADY_MM = 100;
    public static final int MOST_OWN = 200;

    /** What a press on the cloth does: along means a pull along a line that is there. */
    public enum Doing {
        PAINT, ERASE, ALONG, CHOOSE
    }

    public BrushHand {
        own = List.copyOf(own);
        Require.within("steady hand", steadyMm, 0, MOST_STEADY_MM, "mm");
    }

    /** @return those that come with the program and those of the user's own */
    public List<Brush> all() {
        return Stream.concat(ShippedBrushes.ALL.stream(), own.stream()).toList();
    }

    /** @return with a brush among the user's own, in place of one of its name, and in hand */
    public BrushHand keeping(Brush kept) {
        Require.that(ShippedBrushes.ALL.stream().noneMatch(b -> b.name().equals(kept.name())),
                "\"%s\" is a brush that comes with the program; another name would be right".formatted(kept.name()));
        List<Brush> more = new ArrayList<>(own);
        more.removeIf(b -> b.name().equals(kept.name()));
        more.add(kept);
        Require.within("brushes of your own", more.size(), 0, MOST_OWN);
        return withOwn(more).withBrush(kept);
    }

    /** @return without the brush of that name among the user's own */
    public BrushHand dropping(String name) {
        return withOwn(own.stream().filter(b -> !b.name().equals(name)).toList());
    }

    /** @return the ink that is painted with in that design */
    public Ink inkIn(Design design) {
        return ink.filter(i -> has(design, i)).orElseGet(() -> plainest(design));
    }

    /** @return the slot that differs most from the ground, as the first colourway has it */
    private static Ink plainest(Design design) {
        Palette palette = design.palette();
        Rgb ground = design.ground() instanceof Ink.Slot(String name)
                ? palette.first().colours().get(palette.slot(name))
                : new Rgb(255, 255, 255);
        Oklab under = Oklab.of(ground);
        return palette.slots().stream().max(Comparator.comparingDouble(
                s -> Oklab.of(palette.first().colours().get(palette.slot(s))).apart(under))).map(Ink::slot)
                .orElseThrow();
    }

    public Optional<Ink> otherIn(Design design) {
        return other.filter(i -> has(design, i));
    }

    private static boolean has(Design design, Ink ink) {
        return switch (ink) {
            case Ink.Clear _ -> true;
            case Ink.Slot(String name) -> design.palette().slot(name) >= 0;
            case Ink.Filled(String name) -> design.fill(name).isPresent();
        };
    }
}
