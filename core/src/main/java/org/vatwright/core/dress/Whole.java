package org.vatwright.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;

/**
 * What an article wears as a whole, beside what its pieces wear.
 *
 * @param ground below all of it
 * @param effects done to all that lies on the ground, each kind once at most, in their order; their inks are called by their colours
 * @param shades strokes of light and dark, the lowest first
 * @param shading how strongly all of them are seen at once, 0 to 2
 * @param callouts over all of it
 */
@RecordBuilder
public record Whole(Ground ground, List<Effect> effects, List<ShadeStroke> shades, double shading,
        List<Callout> callouts) implements WholeBuilder.With {

    public static final Whole PLAIN = new Whole(Ground.CLEAR, List.of(), List.of(), 1, List.of());
    public static final int MOST_SHADES = 2000;
    public static final int MOST_CALLOUTS = 20;

    public Whole {
        Require.within("strokes of shading", shades.size(), 0, MOST_SHADES);
        Require.within("amount of shading", shading * 100, 0, 200, "%");
        Require.within("callouts", callouts.size(), 0, MOST_CALLOUTS);
        effects = Finishes.ordered(effects);
        shades = List.copyOf(shades);
        callouts = List.copyOf(callouts);
    }

    public Whole addShade(ShadeStroke stroke) {
        List<ShadeStroke> all = new ArrayList<>(shades);
        all.add(stroke);
        return withShades(all);
    }

    /** @return with one callout changed, or gone when nothing is left of it; as it is when there is none at that place */
    public Whole editCallout(int place, UnaryOperator<Optional<Callout>> change) {
        if (place < 0 || place >= callouts.size()) {
            return this;
        }
        List<Callout> all = new ArrayList<>(callouts);
        Optional<Callout> changed = change.apply(Optional.of(all.remove(place)));
        changed.ifPresent(c -> all.add(place, c));
        return withCallouts(all);
    }

    /** @return with every lay in it changed */
    Whole each(UnaryOperator<Lay> change) {
        return ground instanceof Ground.OfDesign(Lay lay) ? withGround(new Ground.OfDesign(change.apply(lay))) : this;
    }

    /** @return on a drawing so much larger */
    Whole scaled(double by) {
        return each(l -> l.withStart(l.startX() * by, l.startY() * by)).with()
                .shades(shades.stream().map(s -> s.scaled(by)).toList())
                .callouts(callouts.stream().map(c -> c.scaled(by)).toList()).build();
    }
}
