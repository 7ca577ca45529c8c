package org.vatwright.core.effect;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.UnaryOperator;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;

/**
 * A glow along the edge of the marks, fading with the distance.
 *
 * @param inner within the marks; else around them
 * @param widthMm how far it reaches, 0 to 1000; 0 changes nothing
 * @param strength at the edge, 0 to 1; 0 changes nothing
 * @param added as light that is added: to the marks, or, around them, to whatever lies below
 */
@RecordBuilder
public record Halo(boolean inner, double widthMm, double strength, boolean added,
        Ink ink) implements Effect, HaloBuilder.With {

    public static final String KIND = "halo";

    public Halo {
        Require.within("width of a halo", widthMm, 0, 1000, "mm");
        Require.within("strength of a halo", strength * 100, 0, 100, "%");
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public int order() {
        return EffectOrder.HALO.ordinal();
    }

    @Override
    public double reachMm() {
        return inner ? 0 : widthMm;
    }

    @Override
    public Raster on(Raster coat, PaintRequest asked) {
        if (widthMm == 0 || strength == 0 || addsLight()) {
            return coat;
        }
        int[] glow = glow(coat, asked);
        Raster out = new Raster(coat.width(), coat.height());
        for (int i = 0; i < glow.length; i++) {
            int there = coat.argb()[i];
            out.argb()[i] = inner ? within(there, glow[i]) : around(there, glow[i]);
        }
        return out;
    }

    @Override
    public boolean addsLight() {
        return !inner && added;
    }

    @Override
    public Raster light(Raster coat, PaintRequest asked) {
        int[] glow = widthMm == 0 ? new int[coat.argb().length] : glow(coat, asked);
        return new Raster(coat.width(), coat.height(), glow);
    }

    /** @return its ink, the fainter the farther from the edge, premultiplied */
    private int[] glow(Raster coat, PaintRequest asked) {
        float[] edge = Edges.of(coat, asked);
        int colour = asked.inks().argb(ink);
        int[] glow = new int[edge.length];
        for (int i = 0; i < edge.length; i++) {
            double far = Math.max(0, inner ? -edge[i] : edge[i]) / widthMm;
            double share = far >= 1 ? 0 : strength * (1 - far) * (1 - far);
            glow[i] = Packed.scaled(colour, (int) Math.round(share * 256));
        }
        return glow;
    }

    private int within(int there, int light) {
        int seen = Packed.times255(light, there >>> 24);
        return added ? Packed.lightened(there, seen) : Compositor.normal(there, seen, 256);
    }

    private int around(int there, int light) {
        // Below the marks; where they are not whole it shines through.
        int through = Packed.times255(light, 255 - (there >>> 24));
        return there + through;
    }

    @Override
    public Halo resized(double by) {
        return withWidthMm(Math.min(1000, widthMm * by));
    }

    @Override
    public List<Ink> inks() {
        return List.of(ink);
    }

    @Override
    public Halo withInks(UnaryOperator<Ink> change) {
        return withInk(change.apply(ink));
    }
}
