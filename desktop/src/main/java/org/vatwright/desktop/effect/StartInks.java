package org.vatwright.desktop.effect;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Oklab;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;

/** The inks in which effects begin: such as can be seen on the ground and beside the marks. */
final class StartInks {

    private StartInks() {}

    /** @return for shadows: the darkest that the ground is not in */
    static Ink dark(EffectTarget.Seen seen) {
        return slots(seen.design()).stream().filter(i -> !i.equals(seen.design().ground()))
                .min(byLightness(seen)).orElse(slots(seen.design()).getFirst());
    }

    /** @return for edges and light around marks: the lightest in which neither the marks nor the ground are */
    static Ink other(EffectTarget.Seen seen) {
        Ink ground = seen.design().ground();
        List<Predicate<Ink>> wishes = List.of(i -> !seen.own().contains(i) && !i.equals(ground),
                i -> !i.equals(ground), i -> true);
        return wishes.stream().flatMap(w -> slots(seen.design()).stream().filter(w).max(byLightness(seen)).stream())
                .findFirst().orElseThrow();
    }

    /** @return whether a shadow in that ink makes the ground no darker */
    static boolean unseen(Ink shadow, Design design, Colourway colourway) {
        return design.ground() instanceof Ink.Slot ground && shadow instanceof Ink.Slot
                && byLightness(design, colourway).compare(shadow, ground) >= 0;
    }

    private static List<Ink> slots(Design design) {
        return design.palette().slots().stream().map(Ink::slot).toList();
    }

    private static Comparator<Ink> byLightness(EffectTarget.Seen seen) {
        return byLightness(seen.design(), seen.colourway());
    }

    private static Comparator<Ink> byLightness(Design design, Colourway colourway) {
        return Comparator.comparingDouble(ink -> Oklab
                .of(colourway.colours().get(design.palette().slot(((Ink.Slot) ink).name()))).lightness());
    }
}
