package org.vatwright.desktop.effect;

import java.util.List;
import java.util.Locale;

import org.vatwright.core.effect.BreakUp;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.effect.OutlineEffect;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;

/** Where to begin with effects, by what the marks are to look like. */
enum EffectStart {
    FOIL, CAST, FELT, STITCHED, WORN, NOTHING;

    String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    List<Effect> effects(EffectTarget.Seen seen) {
        return of(seen).stream().map(e -> e.resized(EffectKind.size(seen.design()))).toList();
    }

    private List<Effect> of(EffectTarget.Seen seen) {
        Ink dark = StartInks.dark(seen);
        Ink other = StartInks.other(seen);
        return switch (this) {
            // Thin, hard-edged, shining.
            case FOIL -> List.of(new Relief(0.12, 0.15, 120, 35, 0.9, false, false),
                    new Halo(true, 0.8, 0.35, true, other));
            // Thick and round, as poured.
            case CAST -> List.of(new Relief(1.4, 0.7, 135, 42, 0.5, false, false),
                    new CastShadow(1.2, 135, 0.7, 0.5, dark));
            case FELT -> List.of(new Relief(0.5, 0.5, 135, 50, 0, false, false),
                    new ToothWear(new ToothForm(ToothKind.FELT, 1.6, 0.16, 0, 0.1, 1, 0, 0)),
                    new CastShadow(0.5, 135, 0.5, 0.45, dark));
            // Raised, with an edge like a bound seam.
            case STITCHED -> List.of(new OutlineEffect(0.5, OutlineEffect.Side.INSIDE, other),
                    new Relief(0.7, 0.3, 135, 45, 0.1, false, false), new CastShadow(0.6, 135, 0.4, 0.5, dark));
            case WORN -> List.of(new BreakUp(0.6, 0, 0.15, 1, 0, 0),
                    new ToothWear(new ToothForm(ToothKind.PAPER, 2.4, 0.28, 0, 0.75, 1, 0, 0)));
            case NOTHING -> List.of();
        };
    }
}
