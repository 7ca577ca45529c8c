package org.vatwright.core.brush;

import io.soabase.recordbuilder.core.RecordBuilder;

import java.util.Optional;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Require;

/**
 * What strokes are painted with. Whatever is a share is from 0 to 1 unless said otherwise.
 *
 * @param form of a tip that is made of something else; others have none
 * @param sizeMm across its longer side, 0.05 to 500 mm
 * @param hardness 1 for a sharp edge, 0 for one that fades from the middle on
 * @param breadth of its shorter side as a share of the longer, 0.02 to 1
 * @param angleDeg of its longer side, counter-clockwise as seen; with {@code along} from the way of the stroke
 * @param along whether it turns with the way
 * @param spacing from dab to dab as a share of its size where it is, 0.01 to 5
 * @param opacity of the whole stroke: where it crosses itself it does not add up
 * @param flow how quickly dabs over each other become whole; at 1 the first one is
 * @param wet how far ink gathers at the edges
 * @param tooth how much of it stays away where the tip breaks
 * @param taper over what length it grows at its start and thins at its end, in sizes, 0 to 50
 * @param thins how much narrower it is where it is not pressed
 */
@RecordBuilder
public record Brush(String name, Tip tip, Optional<TipForm> form, double sizeMm, double hardness, double breadth,
        double angleDeg,
        boolean along,
        double spacing, Jitter jitter, double opacity, double flow, double wet, double tooth, double taper,
        double thins) implements BrushBuilder.With {

    public static final double LEAST_MM = 0.05;
    public static final double MOST_MM = 500;

    /**
     * How far dabs differ from one to the next, each a share.
     *
     * @param size 1 for anything from nothing to whole
     * @param angle 1 for any
     * @param place aside, in sizes, 0 to 5
     * @param ink of another ink, or lighter and darker where there is none
     */
    @RecordBuilder
    public record Jitter(double size, double angle, double place, double ink) implements BrushJitterBuilder.With {

        public static final Jitter NONE = new Jitter(0, 0, 0, 0);

        public Jitter {
            share("jitter of size", size, 0, 1);
            share("jitter of angle", angle, 0, 1);
            share("jitter of place", place, 0, 5);
            share("jitter of ink", ink, 0, 1);
        }
    }

    public Brush {
        name = Require.named("brush", name);
        Require.that(form.isPresent() == tip.formed() && form
                .filter(f -> f instanceof TipForm.OfOutline != (tip == Tip.MOTIF)).isEmpty(), tip.formed()
                        ? "a tip of the kind %s needs %s".formatted(tip.words(),
                                tip == Tip.MOTIF ? "an outline" : "a picture")
                        : "a %s tip is made of nothing else".formatted(tip.words()));
        Require.within("size of a brush", sizeMm, LEAST_MM, MOST_MM, "mm");
        share("hardness", hardness, 0, 1);
        share("breadth", breadth, 0.02, 1);
        share("spacing", spacing, 0.01, 5);
        share("opacity", opacity, 0, 1);
        share("flow", flow, 0.01, 1);
        share("wet edges", wet, 0, 1);
        share("tooth of a brush", tooth, 0, 1);
        Require.within("taper", taper, 0, 50, "sizes");
        share("thinning", thins, 0, 1);
        angleDeg = Angle.turn(angleDeg);
    }

    private static void share(String what, double value, double least, double most) {
        Require.within(what, 100 * value, 100 * least, 100 * most, "%");
    }

    /** Hard, all else at rest. */
    public Brush(String name, Tip tip, Optional<TipForm> form, double sizeMm) {
        this(name, tip, form, sizeMm, 1, 1, 0, false, 0.1, Jitter.NONE, 1, 1, 0, 0, 0, 0);
    }

    /** @return with a tip that is made of nothing else, hard, all else at rest */
    public static Brush plain(String name, Tip tip, double sizeMm) {
        return new Brush(name, tip, Optional.empty(), sizeMm);
    }

    /** @return with a tip that is made of nothing else */
    public Brush tipped(Tip plain) {
        return with().tip(plain).form(Optional.empty()).build();
    }

    /** @return with a tip made of that */
    public Brush formed(TipForm of) {
        return with().tip(of instanceof TipForm.OfOutline ? Tip.MOTIF : Tip.PICTURE).form(Optional.of(of)).build();
    }

    public Brush resized(double by) {
        return withSizeMm(Math.max(LEAST_MM, Math.min(MOST_MM, sizeMm * by)));
    }
}
