package org.vatwright.core.dress;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.shape.Outline;

/**
 * What an article wears as a whole, beside what its pieces wear.
 *
 * @param ground below all of it
 * @param effects done to all that lies on the ground, each kind once at most, in their order; their inks are called by their colours
 * @param shades strokes of light and dark, the lowest first
 * @param shading how strongly all of them are seen at once, 0 to 2
 * @param callouts over all of it
 * @param trims over its pieces, the lowest first
 */
@RecordBuilder
public record Whole(Ground ground, List<Effect> effects, List<ShadeStroke> shades, double shading,
        List<Callout> callouts, List<Trim> trims) implements WholeBuilder.With {

    public static final Whole PLAIN = new Whole(Ground.CLEAR, List.of(), List.of(), 1, List.of(),
            List.of());
    public static final int MOST_SHADES = 2000;
    public static final int MOST_CALLOUTS = 20;
    public static final int MOST_TRIMS = 100;

    public Whole {
        Require.within("strokes of shading", shades.size(), 0, MOST_SHADES);
        Require.within("amount of shading", shading * 100, 0, 200, "%");
        Require.within("callouts", callouts.size(), 0, MOST_CALLOUTS);
        effects = Finishes.ordered(effects);
        shades = List.copyOf(shades);
        callouts = List.copyOf(callouts);
        Require.within("trims", trims.size(), 0, MOST_TRIMS);
        trims = List.copyOf(trims);
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

    /** @return with one trim changed, or gone when nothing is left of it; as it is when there is none at that place */
    public Whole editTrim(int place, UnaryOperator<Optional<Trim>> change) {
        if (place < 0 || place >= trims.size()) {
            return this;
        }
        List<Trim> all = new ArrayList<>(trims);
        Optional<Trim> changed = change.apply(Optional.of(all.remove(place)));
        changed.ifPresent(t -> all.add(place, t));
        return withTrims(all);
    }

    /** @return every figure that its trims repeat or turn corners with */
    Stream<Print> figures() {
        return trims.stream().flatMap(t -> Stream.concat(Stream.of(t.figure()), t.corner().stream()));
    }

    /** @return with every such figure changed */
    public Whole eachFigure(UnaryOperator<Print> change) {
        return withTrims(trims.stream().map(t -> t.with().figure(change.apply(t.figure()))
                .corner(t.corner().map(change)).build()).toList());
    }

    /** @return with every lay in it changed */
    Whole each(UnaryOperator<Lay> change) {
        return ground instanceof Ground.OfDesign(Lay lay) ? withGround(new Ground.OfDesign(change.apply(lay))) : this;
    }

    /** @return on a drawing so much larger */
    Whole scaled(double by) {
        return each(l -> l.withStart(l.startX() * by, l.startY() * by)).with()
                .shades(shades.stream().map(s -> s.scaled(by)).toList())
                .callouts(callouts.stream().map(c -> c.scaled(by)).toList())
                .trims(trims.stream().map(t -> t.with().form(t.form().scaled(by)).line(t.line().map(
                        l -> Outline.of(l.path(), AffineTransform.getScaleInstance(by, by)))).build()).toList())
                .build();
    }
}
