package org.vatwright.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;

/** The few inks of a picture as slots of the palette of the design whose ink it is. */
public final class PictureInks {

    private PictureInks() {}

    /**
     * @param fill name of the picture among the design's fills
     * @param found colours of the picture, the one that covers most first; none gives it back its own colours
     * @return with a slot for each, of that colour in every colourway; those of before that nothing else uses are gone
     * @throws Refusal when there is no such picture, or too many slots
     */
    public static Design into(Design design, String fill, List<Rgb> found) {
        Fill of = design.fill(fill).filter(f -> f.picture().isPresent())
                .orElseThrow(() -> new Refusal("there is no picture %s in the design".formatted(fill)));
        List<Ink> before = of.inks();
        Design bare = without(design.editFill(fill, f -> f.withPicture(p -> p.withReduced(List.of()))), before);
        Palette palette = bare.palette();
        List<Fill.Reduced> reduced = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            List<String> taken = new ArrayList<>(palette.slots());
            bare.fills().forEach(f -> taken.add(f.name()));
            String wanted = "%s %d".formatted(fill, i + 1);
            String slot = taken.contains(wanted) ? Palette.freeName(wanted, taken) : wanted;
            palette = palette.withSlot(slot, found.get(i));
            reduced.add(new Fill.Reduced(found.get(i), Ink.slot(slot)));
        }
        return bare.withPalette(palette).editFill(fill, f -> f.withPicture(p -> p.withReduced(reduced)));
    }

    /** Merges by hand: what was nearest to one of the found colours is shown in another ink from now on. */
    public static Design shownIn(Design design, String fill, int index, Ink ink) {
        Optional<Fill.OfPicture> of = design.fill(fill).flatMap(Fill::picture);
        if (of.isEmpty() || index >= of.get().reduced().size()) {
            return design;
        }
        List<Fill.Reduced> changed = new ArrayList<>(of.get().reduced());
        Ink before = changed.get(index).ink();
        changed.set(index, new Fill.Reduced(changed.get(index).found(), ink));
        return without(design.editFill(fill, f -> f.withPicture(p -> p.withReduced(changed))), List.of(before));
    }

    /** Takes slots out of the palette that nothing uses any more; one is always left. */
    private static Design without(Design design, List<Ink> inks) {
        Design left = design;
        for (Ink ink : inks) {
            if (ink instanceof Ink.Slot(String slot) && left.palette().slots().size() > 1 && !used(left, ink)
                    && left.palette().slot(slot) >= 0) {
                left = left.withPalette(left.palette().withoutSlot(slot));
            }
        }
        return left;
    }

    private static boolean used(Design design, Ink ink) {
        return design.ground().equals(ink) || design.layers().stream().anyMatch(l -> l.inks().contains(ink))
                || design.fills().stream().anyMatch(f -> f.inks().contains(ink));
    }
}
