package org.vatwright.desktop.building;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.studio.Studio;

/** What is painted with: of the chosen strokes, which then are painted anew, or else of the strokes to come. */
record BrushInHand(Studio studio) {

    Optional<Brushwork> work() {
        return studio.structure(Brushwork.class);
    }

    /** @return the places of the chosen strokes */
    Set<Integer> chosen() {
        int count = work().map(w -> w.strokes().size()).orElse(0);
        Set<Integer> there = new TreeSet<>(studio.selection().strokes());
        there.removeIf(i -> i >= count);
        return there;
    }

    /** @return the lowest of the chosen strokes, whose settings are shown */
    Optional<BrushStroke> first() {
        return chosen().stream().findFirst().flatMap(i -> work().map(w -> w.strokes().get(i)));
    }

    Brush brush() {
        return first().map(BrushStroke::brush).orElse(studio.brushHand().brush());
    }

    void brush(String name, UnaryOperator<Brush> change) {
        if (chosen().isEmpty()) {
            studio.attempt(() -> studio.holdBrush(h -> h.withBrush(change.apply(h.brush()))));
        } else {
            strokes(name, s -> s.withBrush(change.apply(s.brush())));
        }
    }

    Ink ink(Design design) {
        return first().map(BrushStroke::ink).orElseGet(() -> studio.brushHand().inkIn(design));
    }

    Optional<Ink> other(Design design) {
        return first().map(BrushStroke::other).orElseGet(() -> studio.brushHand().otherIn(design));
    }

    void ink(Ink ink) {
        if (chosen().isEmpty()) {
            studio.holdBrush(h -> h.withInk(Optional.of(ink)));
        } else {
            strokes("strokes in " + ink.words(), s -> s.withInk(ink));
        }
    }

    void other(Optional<Ink> ink) {
        if (chosen().isEmpty()) {
            studio.holdBrush(h -> h.withOther(ink));
        } else {
            strokes("dabs towards " + ink.map(Ink::words).orElse("lighter and darker"), s -> s.withOther(ink));
        }
    }

    Symmetry symmetry() {
        return first().map(BrushStroke::symmetry)
                .orElseGet(() -> work().map(Brushwork::symmetry).orElse(Symmetry.NONE));
    }

    void symmetry(String name, Symmetry symmetry) {
        if (chosen().isEmpty()) {
            studio.editStructure(name, Brushwork.class, w -> w.withSymmetry(symmetry));
        } else {
            strokes(name, s -> s.withSymmetry(symmetry));
        }
    }

    /** Changes the chosen strokes. */
    void strokes(String name, UnaryOperator<BrushStroke> change) {
        Set<Integer> which = chosen();
        studio.editStructure(name, Brushwork.class, w -> w.edit(which, change));
    }
}
