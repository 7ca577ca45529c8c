package org.vatwright.core.dress;

import java.awt.Shape;

import org.vatwright.core.colour.Light;
import org.vatwright.core.map.Resized;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * The light of a picture, laid over what hangs in it: each place as bright as the picture is there against its bright parts
 * within the piece, as a factor in linear light.
 */
final class PictureLight {

    /** A white panel in the picture is this bright: what only one place in twenty exceeds. */
    private static final double BRIGHT = 0.95;
    private static final float MOST = 1.25f;
    private static final int STEPS = 1024;

    private final Raster picture;

    /** @param picture as many pixels as the article has */
    PictureLight(Raster picture) {
        this.picture = picture;
    }

    static PictureLight of(Backing backing, int width, int height, Work work) {
        return new PictureLight(Resized.of(backing.picture().raster(), width, height, work));
    }

    Raster picture() {
        return picture;
    }

    private static float bright(int argb) {
        return 0.2126f * Light.linear(argb >> 16 & 255) + 0.7152f * Light.linear(argb >> 8 & 255)
                + 0.0722f * Light.linear(argb & 255);
    }

    /** @return how bright the picture's bright parts are within the shape, 0 to 1 */
    float white(Shape shape) {
        int[] count = new int[STEPS + 1];
        ShapeMask mask = ShapeMask.of(shape, new Frame(0, 0, picture.width(), picture.height()));
        long all = 0;
        for (int y = 0; y < mask.height(); y++) {
            for (int x = 0; x < mask.width(); x++) {
                if ((mask.cover()[y * mask.width() + x] & 255) > 127) {
                    count[Math.round(STEPS * bright(picture.at(mask.x() + x, mask.y() + y)))]++;
                    all++;
                }
            }
        }
        long due = (long) (BRIGHT * all);
        long seen = 0;
        for (int level = 0; level <= STEPS; level++) {
            seen += count[level];
            if (seen > due) {
                return Math.max(1f / STEPS, (float) level / STEPS);
            }
        }
        return 1;
    }

    /** Lays the light over cloth. @param left,top of the cloth in the article @param white as bright as this it stays */
    void lay(Raster cloth, int left, int top, float white, double amount) {
        float share = (float) amount;
        int[] argb = cloth.argb();
        for (int y = 0; y < cloth.height(); y++) {
            for (int x = 0; x < cloth.width(); x++) {
                int i = y * cloth.width() + x;
                float times = 1 + share
                        * (Math.min(MOST, bright(picture.at(left + x, top + y)) / white) - 1);
                argb[i] = argb[i] & 0xFF000000 | lit(argb[i], 16, times) | lit(argb[i], 8, times)
                        | lit(argb[i], 0, times);
            }
        }
    }

    private static int lit(int argb, int shift, float times) {
        // Premultiplied: no brighter than it covers.
        return Math.min(argb >>> 24, Light.channel(Light.linear(argb >> shift & 255) * times)) << shift;
    }
}
