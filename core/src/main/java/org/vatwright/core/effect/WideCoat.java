package org.vatwright.core.effect;

import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** A coat blurred in linear light by a spread too wide for whole numbers in floats: a channel at a time. */
final class WideCoat {

    private static final int STRIP_ROWS = 64;

    private WideCoat() {}

    /** @param across,down standard deviation in pixels */
    static Raster of(Raster coat, double across, double down, Work work) {
        Work quiet = work.telling(share -> {});
        int[] in = coat.argb();
        int w = coat.width();
        Raster out = new Raster(w, coat.height());
        float[] alpha = new float[in.length];
        Rows.each(coat.height(), STRIP_ROWS, quiet, (from, to) -> {
            for (int i = from * w; i < to * w; i++) {
                alpha[i] = (in[i] >>> 24) / 255f;
            }
        });
        SoftPlane.blur(alpha, w, across, down, quiet);
        Rows.each(coat.height(), STRIP_ROWS, quiet, (from, to) -> {
            for (int i = from * w; i < to * w; i++) {
                out.argb()[i] = Math.min(255, Math.round(alpha[i] * 255)) << 24;
            }
        });
        float[] light = new float[in.length];
        for (int shift = 16; shift >= 0; shift -= 8) {
            channel(in, out.argb(), w, shift, alpha, light, across, down, quiet);
        }
        return out;
    }

    private static void channel(int[] in, int[] out, int w, int shift, float[] alpha, float[] light, double across,
            double down, Work work) {
        Rows.each(in.length / w, STRIP_ROWS, work, (from, to) -> {
            for (int i = from * w; i < to * w; i++) {
                int a = in[i] >>> 24;
                int c = in[i] >>> shift & 255;
                light[i] = a == 0 ? 0 : a / 255f * Light.linear(Math.min(255, (c * 255 + a / 2) / a));
            }
        });
        SoftPlane.blur(light, w, across, down, work);
        Rows.each(in.length / w, STRIP_ROWS, work, (from, to) -> {
            for (int i = from * w; i < to * w; i++) {
                int a = out[i] >>> 24;
                if (a > 0) {
                    out[i] |= (Light.channel(light[i] / alpha[i]) * a + 127) / 255 << shift;
                }
            }
        });
    }
}
