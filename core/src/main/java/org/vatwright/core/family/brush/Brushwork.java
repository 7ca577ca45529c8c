package org.vatwright.core.family.brush;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.brush.BrushPainter;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Strokes;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Repeat;

/**
 * A painting. What leaves the cell on one side comes in on the other.
 *
 * @param strokes in the order in which they were painted
 * @param symmetry with which the next stroke is painted
 */
@RecordBuilder
public record Brushwork(List<BrushStroke> strokes, Symmetry symmetry) implements BrushworkBuilder.With, Structure {

    public static final String FAMILY = "brush";
    public static final int MOST_STROKES = 20_000;

    public Brushwork {
        strokes = Strokes.of(strokes);
        Require.within("strokes of a painting", strokes.size(), 0, MOST_STROKES);
    }

    /** @return nothing painted yet */
    public static Brushwork empty() {
        return new Brushwork(List.of(), Symmetry.NONE);
    }

    public Brushwork and(BrushStroke stroke) {
        List<BrushStroke> more = new ArrayList<>(strokes);
        more.add(stroke);
        return withStrokes(more);
    }

    /** @param which places of the strokes that are changed */
    public Brushwork edit(Set<Integer> which, UnaryOperator<BrushStroke> change) {
        List<BrushStroke> all = new ArrayList<>(strokes);
        which.forEach(i -> all.set(i, change.apply(all.get(i))));
        return withStrokes(all);
    }

    public Brushwork without(Set<Integer> which) {
        List<BrushStroke> left = new ArrayList<>();
        for (int i = 0; i < strokes.size(); i++) {
            if (!which.contains(i)) {
                left.add(strokes.get(i));
            }
        }
        return withStrokes(left);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        return ((Strokes) strokes).inks();
    }

    @Override
    public Brushwork withInks(UnaryOperator<Ink> change) {
        return withStrokes(strokes.stream().map(s -> s.inked(change)).toList());
    }

    @Override
    public Brushwork fitted(Repeat repeat) {
        symmetry.check(repeat);
        Symmetry last = symmetry;
        for (BrushStroke stroke : strokes) {
            if (stroke.symmetry() != last) {
                last = stroke.symmetry();
                last.check(repeat);
            }
        }
        return this;
    }

    @Override
    public Painter painter(PaintRequest asked) {
        return new BrushPainter(strokes, asked);
    }

    @Override
    public Brushwork resized(double by) {
        return new Brushwork(strokes.stream().map(s -> s.resized(by)).toList(), symmetry.resized(by));
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        return List.of(Finding.fine("Brushwork closes", strokes.isEmpty()
                ? "nothing is painted yet"
                : "%,d %s, painted around the tile".formatted(strokes.size(),
                        strokes.size() == 1 ? "stroke" : "strokes")));
    }
}
