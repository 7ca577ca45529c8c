package org.vatwright.core.effect;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.UnaryOperator;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;

/**
 * A line along the edge of the marks.
 *
 * @param widthMm 0 to 100; 0 changes nothing
 * @param side of the edge on which it runs
 */
@RecordBuilder
public record OutlineEffect(double widthMm, Side side, Ink ink) implements Effect, OutlineEffectBuilder.With {

    public static final String KIND = "outline";

    /** Where a line runs beside an edge. */
    public enum Side {
        INSIDE, MIDDLE, OUTSIDE
    }

    public OutlineEffect {
        Require.within("width of an outline", widthMm, 0, 100, "mm");
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public int order() {
        return EffectOrder.OUTLINE.ordinal();
    }

    @Override
    public double reachMm() {
        return side == Side.INSIDE ? 0 : widthMm;
    }

    @Override
    public Raster on(Raster coat, PaintRequest asked) {
        if (widthMm == 0) {
            return coat;
        }
        float[] edge = Edges.of(coat, asked);
        double px = Math.sqrt(asked.grid().mmPerPxX() * asked.grid().mmPerPxY());
        double from = side == Side.OUTSIDE ? 0 : side == Side.MIDDLE ? -widthMm / 2 : -widthMm;
        int colour = asked.inks().argb(ink);
        Raster out = new Raster(coat.width(), coat.height(), coat.argb().clone());
        for (int i = 0; i < edge.length; i++) {
            float line = Edges.within(edge[i], from + widthMm, px) - Edges.within(edge[i], from, px);
            if (line > 0) {
                out.argb()[i] = Compositor.normal(out.argb()[i], colour, Math.round(line * 256));
            }
        }
        return out;
    }

    @Override
    public OutlineEffect resized(double by) {
        return withWidthMm(Math.min(100, widthMm * by));
    }

    @Override
    public List<Ink> inks() {
        return List.of(ink);
    }

    @Override
    public OutlineEffect withInks(UnaryOperator<Ink> change) {
        return withInk(change.apply(ink));
    }
}
