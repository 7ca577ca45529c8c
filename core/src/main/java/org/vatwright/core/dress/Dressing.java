package org.vatwright.core.dress;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.drape.Drape;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.stitch.Stitching;

/**
 * What one piece wears.
 *
 * @param lay how its design lies on it; bare when there is none
 * @param drape how its cloth is bent
 * @param shade how much how the cloth turns to the light is seen, 0 to 1
 * @param light how much of the light of the article's picture falls on it, 0 to 1
 * @param prints figures laid on it once, the lowest first
 * @param stitches sewn on all of that, the lowest first
 * @param effects done to all of that together, each kind once at most, in their order; their inks are called by their colours
 */
@RecordBuilder
public record Dressing(Optional<Lay> lay, Optional<Drape> drape, double shade, double light,
        List<Print> prints, List<Stitching> stitches, List<Effect> effects) implements DressingBuilder.With {

    public static final Dressing BARE = new Dressing(Optional.empty(), Optional.empty(), 0, 0, List.of(), List.of(),
            List.of());
    public static final int MOST_PRINTS = 200;
    public static final int MOST_STITCHINGS = 20;

    public Dressing {
        Require.within("shade of the drape", shade * 100, 0, 100, "%");
        Require.within("light of the picture", light * 100, 0, 100, "%");
        Require.within("figures on a piece", prints.size(), 0, MOST_PRINTS);
        prints = List.copyOf(prints);
        Require.within("stitchings of a piece", stitches.size(), 0, MOST_STITCHINGS);
        stitches = List.copyOf(stitches);
        effects = Finishes.ordered(effects);
    }

    public static Dressing of(Lay lay) {
        return BARE.withLay(Optional.of(lay));
    }

    /** @return with one figure changed; as it is when there is none at that place */
    public Dressing editPrint(int place, UnaryOperator<Print> change) {
        if (place < 0 || place >= prints.size()) {
            return this;
        }
        List<Print> changed = new ArrayList<>(prints);
        changed.set(place, change.apply(changed.get(place)));
        return withPrints(changed);
    }

    /** @return with one stitching changed; as it is when there is none at that place */
    public Dressing editStitching(int place, UnaryOperator<Stitching> change) {
        if (place < 0 || place >= stitches.size()) {
            return this;
        }
        List<Stitching> changed = new ArrayList<>(stitches);
        changed.set(place, change.apply(changed.get(place)));
        return withStitches(changed);
    }

    /** @return whether anything is seen of it */
    public boolean seen() {
        return lay.isPresent() || !prints.isEmpty() || !stitches.isEmpty();
    }
}
