package org.vatwright.desktop.studio;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Judge;
import org.vatwright.core.measure.Id;

/**
 * What a hand on an article holds and what is seen meanwhile. Not part of the document.
 *
 * @param points of the drape that are chosen
 * @param reachMm how far others take part when they are moved
 * @param judge plain cloth in place of what is worn
 * @param alone pieces that alone are seen; all when there are none
 * @param figure the chosen figure of the chosen piece, by its place; -1 for none
 * @param measuredMm the measure that was taken on the drawing; 0 for none
 * @param tool what the next pull on the drawing does
 * @param shade with what it shades
 * @param callout,trim the open ones, by their places
 * @param repeat of the open trim, by its number; -1 for none
 */
@RecordBuilder
public record DressHand(Set<Integer> points, double reachMm, Judge judge, Set<Id> alone, int figure,
        double measuredMm, Tool tool, ShadeHand shade, int callout, int trim,
        int repeat) implements DressHandBuilder.With {

    public static final DressHand FIRST = new DressHand(Set.of(), 0, Judge.NONE, Set.of(), -1, 0, Tool.NONE,
            ShadeHand.FIRST,
            0, 0, -1);

    /** What the next pull, or the next clicks, on the drawing do; then the hand is free again. */
    public enum Tool {
        NONE, SPLIT, MEASURE, DRAW, TAKE, TAKE_DRAPE, SEW, NOTCH, LIMIT, LINE, SEW_LINE
    }

    public DressHand shading(UnaryOperator<ShadeHand> change) {
        return withShade(change.apply(shade));
    }

    public DressHand {
        points = Set.copyOf(points);
        alone = Set.copyOf(alone);
    }
}
