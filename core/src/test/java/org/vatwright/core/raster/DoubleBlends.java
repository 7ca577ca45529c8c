package org.vatwright.core.raster;

/** The blend functions again, in double and as the recommendation writes them, to hold the program's own against. */
final class DoubleBlends {

    private DoubleBlends() {}

    static double[] straight(int argb) {
        double a = Math.max(1, argb >>> 24);
        return new double[]{(argb >> 16 & 255) / a, (argb >> 8 & 255) / a, (argb & 255) / a};
    }

    static double[] blend(BlendMode mode, double[] b, double[] s) {
        return switch (mode) {
            case HUE -> setLum(setSat(s, sat(b)), lum(b));
            case SATURATION -> setLum(setSat(b, sat(s)), lum(b));
            case COLOR -> setLum(s, lum(b));
            case LUMINOSITY -> setLum(b, lum(s));
            default -> new double[]{channel(mode, b[0], s[0]), channel(mode, b[1], s[1]), channel(mode, b[2], s[2])};
        };
    }

    private static double channel(BlendMode mode, double b, double s) {
        return switch (mode) {
            case NORMAL -> s;
            case MULTIPLY -> b * s;
            case SCREEN -> 1 - (1 - b) * (1 - s);
            case OVERLAY -> channel(BlendMode.HARD_LIGHT, s, b);
            case DARKEN -> Math.min(b, s);
            case LIGHTEN -> Math.max(b, s);
            case COLOR_DODGE -> {
                if (b == 0) {
                    yield 0;
                }
                yield s == 1 ? 1 : Math.min(1, b / (1 - s));
            }
            case COLOR_BURN -> {
                if (b == 1) {
                    yield 1;
                }
                yield s == 0 ? 0 : 1 - Math.min(1, (1 - b) / s);
            }
            case HARD_LIGHT -> s <= 0.5 ? b * 2 * s : 1 - (1 - b) * (1 - (2 * s - 1));
            case SOFT_LIGHT -> {
                double d = b <= 0.25 ? ((16 * b - 12) * b + 4) * b : Math.sqrt(b);
                yield s <= 0.5 ? b - (1 - 2 * s) * b * (1 - b) : b + (2 * s - 1) * (d - b);
            }
            case DIFFERENCE -> Math.abs(b - s);
            case EXCLUSION -> b + s - 2 * b * s;
            case LINEAR_BURN -> Math.max(0, b + s - 1);
            case LINEAR_LIGHT -> Math.min(1, Math.max(0, b + 2 * s - 1));
            case ADD -> Math.min(1, b + s);
            default -> throw new IllegalArgumentException(mode.keyword());
        };
    }

    private static double lum(double[] c) {
        return 0.3 * c[0] + 0.59 * c[1] + 0.11 * c[2];
    }

    private static double sat(double[] c) {
        return Math.max(c[0], Math.max(c[1], c[2])) - Math.min(c[0], Math.min(c[1], c[2]));
    }

    private static double[] setSat(double[] c, double wanted) {
        double least = Math.min(c[0], Math.min(c[1], c[2]));
        double span = sat(c);
        double[] out = new double[3];
        for (int i = 0; i < 3; i++) {
            out[i] = span == 0 ? 0 : (c[i] - least) * wanted / span;
        }
        return out;
    }

    private static double[] setLum(double[] c, double wanted) {
        double by = wanted - lum(c);
        double[] out = {c[0] + by, c[1] + by, c[2] + by};
        double l = lum(out);
        double least = Math.min(out[0], Math.min(out[1], out[2]));
        double most = Math.max(out[0], Math.max(out[1], out[2]));
        for (int i = 0; i < 3; i++) {
            if (least < 0) {
                out[i] = l + (out[i] - l) * l / (l - least);
            }
        }
        for (int i = 0; i < 3; i++) {
            if (most > 1) {
                out[i] = l + (out[i] - l) * (1 - l) / (most - l);
            }
        }
        return out;
    }
}
