package org.vatwright.core.colour;

/** Colours in linear light, premultiplied: alpha, red, green, blue, each 0 to 1. */
public final class LightMix {

    private LightMix() {}

    public static float[] linear(int argb) {
        float alpha = (argb >>> 24) / 255f;
        return new float[]{alpha, alpha * straight(argb, 16), alpha * straight(argb, 8), alpha * straight(argb, 0)};
    }

    /** Premultiplied 8-bit channels stand for the straight colour only as nearly as the alpha allows. */
    private static float straight(int argb, int shift) {
        int alpha = argb >>> 24;
        int channel = argb >>> shift & 255;
        return alpha == 255
                ? Light.linear(channel)
                : alpha == 0 ? 0 : Light.linear(Math.min(255, channel * 255 / alpha));
    }

    public static int encode(float[] c) {
        return encode(c[0], c[1], c[2], c[3]);
    }

    public static int encode(float a, float red, float green, float blue) {
        int alpha = Math.min(255, Math.round(a * 255));
        if (alpha == 255) {
            return 0xFF000000 | Light.channel(red) << 16 | Light.channel(green) << 8 | Light.channel(blue);
        }
        if (alpha <= 0) {
            return 0;
        }
        int r = (Light.channel(red / a) * alpha + 127) / 255;
        int g = (Light.channel(green / a) * alpha + 127) / 255;
        int b = (Light.channel(blue / a) * alpha + 127) / 255;
        return alpha << 24 | r << 16 | g << 8 | b;
    }

    /** @param share of the second, 0 to 1 */
    public static int mix(int first, int second, float share) {
        if (first == second || share <= 0) {
            return first;
        }
        if (first >>> 24 == 255 && second >>> 24 == 255) {
            return 0xFF000000 | channel(first, second, share, 16) << 16 | channel(first, second, share, 8) << 8
                    | channel(first, second, share, 0);
        }
        float[] a = linear(first);
        float[] b = linear(second);
        float rest = 1 - share;
        return encode(rest * a[0] + share * b[0], rest * a[1] + share * b[1], rest * a[2] + share * b[2],
                rest * a[3] + share * b[3]);
    }

    private static int channel(int first, int second, float share, int shift) {
        float a = Light.linear(first >> shift & 255);
        return Light.channel(a + share * (Light.linear(second >> shift & 255) - a));
    }
}
