package org.vatwright.core.family.flow;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * How lines are drawn.
 *
 * @param thicknessMm 0 draws no line, only what runs along it
 * @param inks of the copies, in turn
 * @param along colours along the line, by their place; none leaves each line one ink. The last goes over into the first
 */
@RecordBuilder
public record Ribbon(double thicknessMm, List<Ink> inks, List<Stop> along) implements RibbonBuilder.With {

    /** A colour at a place of the line. @param place share of its length, 0 to below 1 */
    public record Stop(double place, Ink ink) {
        public Stop {
            Require.within("place along the line", place * 100, 0, 99.999, "%");
        }
    }

    /** Two inks and how much of the second, at a place of the line. */
    record Mixture(Ink from, Ink to, double share) {}

    public Ribbon {
        Require.within("thickness", thicknessMm, 0, 1000, "mm");
        inks = List.copyOf(inks);
        Require.within("inks of the lines", inks.size(), 1, 24);
        List<Stop> sorted = new ArrayList<>(along);
        sorted.sort(Comparator.comparingDouble(Stop::place));
        along = List.copyOf(sorted);
        Require.within("colours along the line", along.size(), 0, 24);
    }

    Ribbon inked(UnaryOperator<Ink> change) {
        return new Ribbon(thicknessMm, inks.stream().map(change).toList(),
                along.stream().map(s -> new Stop(s.place(), change.apply(s.ink()))).toList());
    }

    /** @param place 0 to below 1 */
    Mixture at(double place) {
        int next = 0;
        while (next < along.size() && along.get(next).place() <= place) {
            next++;
        }
        Stop before = along.get((next + along.size() - 1) % along.size());
        Stop after = along.get(next % along.size());
        double span = after.place() - before.place();
        span = span <= 0 ? span + 1 : span;
        double in = place - before.place();
        in = in < 0 ? in + 1 : in;
        return new Mixture(before.ink(), after.ink(), Math.min(1, in / span));
    }
}
