package org.vatwright.core.effect;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.colour.Light;
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

    /** By coverage, what a premultiplied value is times as much without it. */
    private static final float[] STRAIGHT = new float[256];

    static {
        for (int a = 1; a < 256; a++) {
            STRAIGHT[a] = 255f / a;
        }
    }

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
        float[] height = heights(coat, asked.work().telling(s -> {}));
        SoftPlane.blur(height, w, softMm / wide, softMm / high, asked.work().telling(s -> {}));
        float across = (float) ((sunk ? -heightMm : heightMm) / (2 * wide));
        float along = (float) ((sunk ? -heightMm : heightMm) / (2 * high));
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
                        float sx = across * (height[right] - height[left]);
                        float sy = along * (height[down + x] - height[up + x]);
                        argb = shade.lit(argb, sx, sy);
                    }
                    out.argb()[y * w + x] = argb;
                }
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

    /** Light on a slope. */
    static final class Shade {
        private final float lx;
        private final float ly;
        private final float lz;
        private final float shine;
        private final float halfX;
        private final float halfY;
        private final float halfZ;
        /** Gloss of a level place. */
        private final float level;

        Shade(double way, double elevation, double shine) {
            lx = (float) (Math.cos(elevation) * Math.cos(way));
            ly = (float) (-Math.cos(elevation) * Math.sin(way));
            lz = (float) Math.sin(elevation);
            this.shine = (float) shine;
            double length = Math.sqrt(lx * lx + ly * ly + (lz + 1) * (lz + 1));
            halfX = (float) (lx / length);
            halfY = (float) (ly / length);
            halfZ = (float) ((lz + 1) / length);
            level = glossy(halfZ);
        }

        /** @return how bright a slope is beside a level place: its cosine over the level one's. @param sx,sy rise by run */
        double light(double sx, double sy) {
            return light((float) sx, (float) sy, upright((float) sx, (float) sy));
        }

        /** @return the share of upright in the direction that a slope faces */
        private static float upright(float sx, float sy) {
            return 1 / (float) Math.sqrt(sx * sx + sy * sy + 1);
        }

        private float light(float sx, float sy, float upright) {
            return Math.max(0, (lz - sx * lx - sy * ly) * upright) / lz;
        }

        private float gloss(float sx, float sy, float upright) {
            return shine * Math.max(0, glossy(Math.max(0, (halfZ - sx * halfX - sy * halfY) * upright)) - level);
        }

        /** The cosine's eighteenth power. */
        private static float glossy(float cosine) {
            float second = cosine * cosine;
            float fourth = second * second;
            float eighth = fourth * fourth;
            return eighth * eighth * second;
        }

        int lit(int argb, float sx, float sy) {
            if (sx == 0 && sy == 0) {
                return argb;
            }
            float upright = upright(sx, sy);
            float light = light(sx, sy, upright);
            float gloss = shine == 0 ? 0 : gloss(sx, sy, upright);
            int alpha = argb >>> 24;
            float straight = STRAIGHT[alpha];
            return alpha << 24 | channel(argb >> 16 & 255, alpha, straight, light, gloss) << 16
                    | channel(argb >> 8 & 255, alpha, straight, light, gloss) << 8
                    | channel(argb & 255, alpha, straight, light, gloss);
        }

        private static int channel(int value, int alpha, float straight, float light, float gloss) {
            float linear = Light.linear(Math.min(255, (int) (value * straight + 0.5f)));
            int lit = Light.channel(linear * light + gloss);
            return alpha == 255 ? lit : (lit * alpha + 127) / 255;
        }
    }

    @Override
    public Relief resized(double by) {
        return withHeightMm(Math.min(100, heightMm * by)).withSoftMm(Math.min(100, softMm * by));
    }
}
