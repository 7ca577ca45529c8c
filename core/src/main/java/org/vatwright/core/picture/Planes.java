package org.vatwright.core.picture;

import java.util.Arrays;

import org.vatwright.core.raster.Raster;

/**
 * A picture as planes of floats: red, green and blue as encoded in sRGB, times coverage, and coverage if it is not whole
 * everywhere; each 0 to 1.
 */
record Planes(int width, int height, float[][] values) {

    private static final int OPAQUE = 3;

    static Planes of(Raster raster) {
        int[] argb = raster.argb();
        boolean opaque = Arrays.stream(argb).allMatch(p -> p >>> 24 == 255);
        float[][] values = new float[opaque ? OPAQUE : OPAQUE + 1][argb.length];
        for (int plane = 0; plane < values.length; plane++) {
            int shift = shift(plane);
            float[] to = values[plane];
            for (int i = 0; i < to.length; i++) {
                to[i] = (argb[i] >>> shift & 255) / 255f;
            }
        }
        return new Planes(raster.width(), raster.height(), values);
    }

    private static int shift(int plane) {
        return plane == OPAQUE ? 24 : 16 - 8 * plane;
    }

    boolean opaque() {
        return values.length == OPAQUE;
    }

    /** @return rounded to 8 bits; what lies beyond what can be shown is brought in */
    Raster raster() {
        Raster out = new Raster(width, height);
        int[] argb = out.argb();
        for (int i = 0; i < argb.length; i++) {
            int a = opaque() ? 255 : level(values[OPAQUE][i], 255);
            argb[i] = a << 24 | level(values[0][i], a) << 16 | level(values[1][i], a) << 8 | level(values[2][i], a);
        }
        return out;
    }

    private static int level(float value, int most) {
        return Math.max(0, Math.min(most, (int) (value * 255 + 0.5f)));
    }
}
