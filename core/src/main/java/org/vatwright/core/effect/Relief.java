package org.vatwright.core.effect;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Marks raised or sunk, lit from one side. The height of a place is that of its coverage, or of its lightness, softened; its
 * light is Lambert's cosine between the surface and the light, beside that of a level place, times which the colour is taken
 * in linear light. What is brighter than level also shines.
 *
 * @param heightMm 0 to 100; 0 changes nothing
 * @param softMm standard deviation over which its edges round, 0 to 100
 * @param lightDeg where the light comes from, counter-clockwise as seen, 90 from above
 * @param elevationDeg of the light over the cloth, 5 to 90
 * @param shine 0 to 1, of a highlight
 * @param sunk instead of raised
 * @param fromLightness the lighter the higher; else the marks as they are cut
 */
@RecordBuilder
public record Relief(double heightMm, double softMm, double lightDeg, double elevationDeg, double shine, boolean sunk,
        boolean fromLightness) implements Effect, ReliefBuilder.With {

    public static final String KIND = "relief";
    private static final int STRIP_ROWS = 32;

    public Relief {
        Require.within("height of a relief", heightMm, 0, 100, "mm");
        Require.within("softness of a relief", softMm, 0, 100, "mm");
        Require.within("elevation of the light", elevationDeg, 5, 90, "degrees");
        Require.within("shine", shine * 100, 0, 100, "%");
        lightDeg = Angle.turn(lightDeg);
    }

    public static Relief fresh() {
        return new Relief(0.6, 0.35, 135, 40, 0.25, false, false);
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public int order() {
        return EffectOrder.RELIEF.ordinal();
    }

    @Override
    public double reachMm() {
        return 3 * softMm;
    }

    @Override
    public Raster on(Raster coat, PaintRequest asked) {
        if (heightMm == 0) {
            return coat;
        }
        int w = coat.width();
        int h = coat.height();
        double wide = asked.grid().mmPerPxX();
        double high = asked.grid().mmPerPxY();
        Work quiet = asked.work().telling(s -> {});
        float[] height = SoftPlane.blurred(heights(coat, quiet), w, softMm / wide, softMm / high, quiet);
        float across = (float) ((sunk ? -heightMm : heightMm) / (2 * wide));
        float along = (float) ((sunk ? -heightMm : heightMm) / (2 * high));
        Raster out = new Raster(w, h);
        Shade shade = new Shade(Math.toRadians(lightDeg), Math.toRadians(elevationDeg), shine);
        Rows.each(h, STRIP_ROWS, asked.work().telling(s -> {}), (from, to) -> {
            LitRow row = new LitRow(shade, across, along);
            for (int y = from; y < to; y++) {
                row.light(coat.argb(), height, y * w, (y == 0 ? h - 1 : y - 1) * w, (y == h - 1 ? 0 : y + 1) * w, w,
                        out.argb());
            }
        });
        return out;
    }

    private float[] heights(Raster coat, Work work) {
        float[] height = new float[coat.argb().length];
        Rows.each(coat.height(), STRIP_ROWS, work, (from, to) -> {
            for (int i = from * coat.width(); i < to * coat.width(); i++) {
                int argb = coat.argb()[i];
                height[i] = fromLightness
                        ? (0.2126f * (argb >> 16 & 255) + 0.7152f * (argb >> 8 & 255) + 0.0722f * (argb & 255)) / 255
                        : (argb >>> 24) / 255f;
            }
        });
        return height;
    }

    @Override
    public Relief resized(double by) {
        return withHeightMm(Math.min(100, heightMm * by)).withSoftMm(Math.min(100, softMm * by));
    }
}
