package org.vatwright.core.raster;

/** The blend functions B(cb, cs) of W3C Compositing and Blending, section 9; values 0 to 1, not premultiplied. */
final class BlendFunctions {

    private BlendFunctions() {}

    /** @param b backdrop, @param s source; soft light of 0.5 over 0.25 is 0.25, of 1 over 0.25 is 0.5 */
    static float channel(BlendMode mode, float b, float s) {
        return switch (mode) {
            case MULTIPLY -> b * s;
            case SCREEN -> b + s - b * s;
            case OVERLAY -> hardLight(s, b);
            case DARKEN -> Math.min(b, s);
            case LIGHTEN -> Math.max(b, s);
            case COLOR_DODGE -> b == 0 ? 0 : s >= 1 ? 1 : Math.min(1, b / (1 - s));
            case COLOR_BURN -> b >= 1 ? 1 : s <= 0 ? 0 : 1 - Math.min(1, (1 - b) / s);
            case HARD_LIGHT -> hardLight(b, s);
            case SOFT_LIGHT -> softLight(b, s);
            case DIFFERENCE -> Math.abs(b - s);
            case EXCLUSION -> b + s - 2 * b * s;
            case LINEAR_BURN -> Math.max(0, b + s - 1);
            case LINEAR_LIGHT -> Math.max(0, Math.min(1, b + 2 * s - 1));
            case ADD -> Math.min(1, b + s);
            default -> s;
        };
    }

    private static float hardLight(float b, float s) {
        return s <= 0.5f ? b * 2 * s : b + (2 * s - 1) - b * (2 * s - 1);
    }

    private static float softLight(float b, float s) {
        if (s <= 0.5f) {
            return b - (1 - 2 * s) * b * (1 - b);
        }
        float d = b <= 0.25f ? ((16 * b - 12) * b + 4) * b : (float) Math.sqrt(b);
        return b + (2 * s - 1) * (d - b);
    }

    /** @param c in: source in 0..2, backdrop in 3..5; out: the blend in 0..2 */
    static void whole(BlendMode mode, float[] c) {
        float sourceLum = lum(c, 0);
        float underLum = lum(c, 3);
        float sourceSat = sat(c, 0);
        float underSat = sat(c, 3);
        switch (mode) {
            case HUE -> {
                setSat(c, underSat);
                setLum(c, underLum);
            }
            case SATURATION -> {
                System.arraycopy(c, 3, c, 0, 3);
                setSat(c, sourceSat);
                setLum(c, underLum);
            }
            case COLOR -> setLum(c, underLum);
            default -> {
                System.arraycopy(c, 3, c, 0, 3);
                setLum(c, sourceLum);
            }
        }
    }

    private static float lum(float[] c, int at) {
        return 0.3f * c[at] + 0.59f * c[at + 1] + 0.11f * c[at + 2];
    }

    private static float sat(float[] c, int at) {
        return Math.max(c[at], Math.max(c[at + 1], c[at + 2])) - Math.min(c[at], Math.min(c[at + 1], c[at + 2]));
    }

    private static void setSat(float[] c, float wanted) {
        float least = Math.min(c[0], Math.min(c[1], c[2]));
        float span = sat(c, 0);
        for (int i = 0; i < 3; i++) {
            c[i] = span == 0 ? 0 : (c[i] - least) * wanted / span;
        }
    }

    private static void setLum(float[] c, float wanted) {
        float shift = wanted - lum(c, 0);
        for (int i = 0; i < 3; i++) {
            c[i] += shift;
        }
        float l = lum(c, 0);
        float least = Math.min(c[0], Math.min(c[1], c[2]));
        float most = Math.max(c[0], Math.max(c[1], c[2]));
        for (int i = 0; i < 3; i++) {
            if (least < 0) {
                c[i] = l + (c[i] - l) * l / (l - least);
            }
            if (most > 1) {
                c[i] = l + (c[i] - l) * (1 - l) / (most - l);
            }
        }
    }
}
