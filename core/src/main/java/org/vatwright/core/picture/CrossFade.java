package org.vatwright.core.picture;

import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Raster;

/** One margin laid over the opposite one, each fading into the other in linear light; the tile loses the margin. */
final class CrossFade {

    private CrossFade() {}

    /** @param margin pixels that lie over each other, 1 to below either side */
    static Raster of(Raster picture, int margin) {
        return down(across(picture, margin), margin);
    }

    private static Raster across(Raster in, int margin) {
        int w = in.width() - margin;
        Raster out = new Raster(w, in.height());
        for (int y = 0; y < in.height(); y++) {
            for (int x = 0; x < w; x++) {
                out.argb()[y * w + x] = x < margin
                        ? mixed(in.at(w + x, y), in.at(x, y), share(x, margin))
                        : in.at(x, y);
            }
        }
        return out;
    }

    private static Raster down(Raster in, int margin) {
        int h = in.height() - margin;
        int w = in.width();
        Raster out = new Raster(w, h);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                out.argb()[y * w + x] = y < margin
                        ? mixed(in.at(x, h + y), in.at(x, y), share(y, margin))
                        : in.at(x, y);
            }
        }
        return out;
    }

    /** From nothing to all without a corner. */
    private static double share(int at, int margin) {
        double t = (at + 0.5) / margin;
        return t * t * (3 - 2 * t);
    }

    private static int mixed(int from, int to, double share) {
        if (from == to) {
            return from;
        }
        double a = (from >>> 24) * (1 - share) + (to >>> 24) * share;
        int alpha = (int) (a + 0.5);
        if (alpha == 0) {
            return 0;
        }
        int mixed = alpha << 24;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double light = light(from, shift) * (1 - share) + light(to, shift) * share;
            int channel = Light.channel((float) (light * 255 / a));
            mixed |= (channel * alpha + 127) / 255 << shift;
        }
        return mixed;
    }

    /** @return a channel's light times coverage */
    private static double light(int argb, int shift) {
        int a = argb >>> 24;
        return a == 0 ? 0 : a / 255.0 * Light.linear(Math.min(255, ((argb >>> shift & 255) * 255 + a / 2) / a));
    }
}
