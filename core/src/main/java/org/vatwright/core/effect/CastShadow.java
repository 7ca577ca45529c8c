package org.vatwright.core.effect;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.UnaryOperator;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * A shadow of the marks on what lies below.
 *
 * @param lengthMm how far it falls, 0 to 1000
 * @param lightDeg where the light comes from, counter-clockwise as seen, 90 from above
 * @param softMm standard deviation of its edge, 0 to 1000
 * @param strength 0 to 1; 0 changes nothing
 */
@RecordBuilder
public record CastShadow(double lengthMm, double lightDeg, double softMm, double strength,
        Ink ink) implements Effect, CastShadowBuilder.With {

    public static final String KIND = "cast-shadow";
    private static final int STRIP_ROWS = 32;

    public CastShadow {
        Require.within("length of a shadow", lengthMm, 0, 1000, "mm");
        Require.within("softness of a shadow", softMm, 0, 1000, "mm");
        Require.within("strength of a shadow", strength * 100, 0, 100, "%");
        lightDeg = Angle.turn(lightDeg);
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public int order() {
        return EffectOrder.CAST_SHADOW.ordinal();
    }

    @Override
    public double reachMm() {
        return lengthMm + 3 * softMm;
    }

    @Override
    public Raster on(Raster coat, PaintRequest asked) {
        if (strength == 0) {
            return coat;
        }
        int w = coat.width();
        int h = coat.height();
        Work quiet = asked.work().telling(s -> {});
        double away = Math.toRadians(lightDeg);
        float[] hard = Moved.alpha(coat, -lengthMm * Math.cos(away) / asked.grid().mmPerPxX(),
                lengthMm * Math.sin(away) / asked.grid().mmPerPxY(), quiet);
        float[] shade = SoftPlane.blurred(hard, w, softMm / asked.grid().mmPerPxX(), softMm / asked.grid().mmPerPxY(),
                quiet);
        int colour = asked.inks().argb(ink);
        Raster out = new Raster(w, h);
        // By strength, so that a pixel takes one look.
        int[] shades = new int[257];
        for (int i = 0; i <= 256; i++) {
            shades[i] = Packed.scaled(colour, i);
        }
        Rows.each(h, STRIP_ROWS, quiet, (from, to) -> {
            for (int i = from * w; i < to * w; i++) {
                out.argb()[i] = shades[Math.min(256, (int) (shade[i] * (float) (strength * 256) + 0.5f))];
            }
            Compositor.lay(out.argb(), coat.argb(), from * w, to * w);
        });
        return out;
    }

    @Override
    public CastShadow resized(double by) {
        return withLengthMm(Math.min(1000, lengthMm * by)).withSoftMm(Math.min(1000, softMm * by));
    }

    @Override
    public List<Ink> inks() {
        return List.of(ink);
    }

    @Override
    public CastShadow withInks(UnaryOperator<Ink> change) {
        return withInk(change.apply(ink));
    }
}
