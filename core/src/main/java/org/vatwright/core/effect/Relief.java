package org.vatwright.core.effect;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.colour.Light;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;

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
    private static final int GLOSS = 18;

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
    public Raster on(Raster coat, PaintRequest asked) {
        if (heightMm == 0) {
            return coat;
        }
        int w = coat.width();
        int h = coat.height();
        double wide = asked.grid().mmPerPxX();
        double high = asked.grid().mmPerPxY();
        float[] height = heights(coat);
        SoftPlane.blur(height, w, softMm / wide, softMm / high, asked.work().telling(s -> {}));
        double scale = sunk ? -heightMm : heightMm;
        Raster out = new Raster(w, h);
        Shade shade = new Shade(Math.toRadians(lightDeg), Math.toRadians(elevationDeg), shine);
        Rows.each(h, STRIP_ROWS, asked.work().telling(s -> {}), (from, to) -> {
            for (int y = from; y < to; y++) {
                int up = (y == 0 ? h - 1 : y - 1) * w;
                int down = (y == h - 1 ? 0 : y + 1) * w;
                for (int x = 0; x < w; x++) {
                    int argb = coat.at(x, y);
                    if (argb >>> 24 != 0) {
                        int left = y * w + (x == 0 ? w - 1 : x - 1);
                        int right = y * w + (x == w - 1 ? 0 : x + 1);
                        double sx = scale * (height[right] - height[left]) / (2 * wide);
                        double sy = scale * (height[down + x] - height[up + x]) / (2 * high);
                        argb = shade.lit(argb, sx, sy);
                    }
                    out.argb()[y * w + x] = argb;
                }
            }
        });
        return out;
    }

    private float[] heights(Raster coat) {
        float[] height = new float[coat.argb().length];
        for (int i = 0; i < height.length; i++) {
            int argb = coat.argb()[i];
            height[i] = fromLightness
                    ? (0.2126f * (argb >> 16 & 255) + 0.7152f * (argb >> 8 & 255) + 0.0722f * (argb & 255)) / 255
                    : (argb >>> 24) / 255f;
        }
        return height;
    }

    /** Light on a slope. */
    static final class Shade {
        private final double lx;
        private final double ly;
        private final double lz;
        private final double shine;
        private final double[] half;

        Shade(double way, double elevation, double shine) {
            lx = Math.cos(elevation) * Math.cos(way);
            ly = -Math.cos(elevation) * Math.sin(way);
            lz = Math.sin(elevation);
            this.shine = shine;
            double length = Math.sqrt(lx * lx + ly * ly + (lz + 1) * (lz + 1));
            half = new double[]{lx / length, ly / length, (lz + 1) / length};
        }

        /** @return how bright a slope is beside a level place: its cosine over the level one's. @param sx,sy rise by run */
        double light(double sx, double sy) {
            double length = Math.sqrt(sx * sx + sy * sy + 1);
            return Math.max(0, (lz - sx * lx - sy * ly) / length) / lz;
        }

        private double gloss(double sx, double sy) {
            double length = Math.sqrt(sx * sx + sy * sy + 1);
            double cosine = Math.max(0, (half[2] - sx * half[0] - sy * half[1]) / length);
            return shine * Math.max(0, Math.pow(cosine, GLOSS) - Math.pow(half[2], GLOSS));
        }

        int lit(int argb, double sx, double sy) {
            if (sx == 0 && sy == 0) {
                return argb;
            }
            double light = light(sx, sy);
            double gloss = shine == 0 ? 0 : gloss(sx, sy);
            int alpha = argb >>> 24;
            return alpha << 24 | channel(argb >> 16 & 255, alpha, light, gloss) << 16
                    | channel(argb >> 8 & 255, alpha, light, gloss) << 8 | channel(argb & 255, alpha, light, gloss);
        }

        private static int channel(int value, int alpha, double light, double gloss) {
            double linear = Light.linear(Math.min(255, (value * 255 + alpha / 2) / alpha));
            double lit = Math.min(1, linear * light + gloss);
            return (Light.channel((float) lit) * alpha + 127) / 255;
        }
    }

    @Override
    public Relief resized(double by) {
        return withHeightMm(Math.min(100, heightMm * by)).withSoftMm(Math.min(100, softMm * by));
    }
}
