package org.vatwright.core.colour;

/**
 * OKLab in polar form (B. Ottosson, 2020): equal steps look equal, so lightness, chroma and hue can be changed one at
 * a time. sRGB red is 0.628, 0.258, 29.2 degrees.
 *
 * @param lightness 0 to 1
 * @param chroma 0 to about 0.32 within sRGB
 * @param hue 0 to 360 degrees
 */
public record Oklch(double lightness, double chroma, double hue) {

    public static Oklch of(Rgb rgb) {
        double r = Light.decode(rgb.red() / 255.0);
        double g = Light.decode(rgb.green() / 255.0);
        double b = Light.decode(rgb.blue() / 255.0);
        double l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
        double m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
        double s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
        double lightness = 0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s;
        double a = 1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s;
        double bb = 0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s;
        double hue = Math.toDegrees(Math.atan2(bb, a));
        return new Oklch(lightness, Math.hypot(a, bb), hue < 0 ? hue + 360 : hue);
    }

    /** @return the colour of this lightness and hue, with the chroma lowered as far as sRGB needs */
    public Rgb toRgb() {
        if (inside(linear(chroma))) {
            return rgb(linear(chroma));
        }
        double low = 0;
        double high = chroma;
        for (int i = 0; i < 30; i++) {
            double mid = (low + high) / 2;
            if (inside(linear(mid))) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return rgb(linear(low));
    }

    private double[] linear(double c) {
        double a = c * Math.cos(Math.toRadians(hue));
        double b = c * Math.sin(Math.toRadians(hue));
        double l = cube(lightness + 0.3963377774 * a + 0.2158037573 * b);
        double m = cube(lightness - 0.1055613458 * a - 0.0638541728 * b);
        double s = cube(lightness - 0.0894841775 * a - 1.2914855480 * b);
        return new double[]{4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
                -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
                -0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s};
    }

    private static boolean inside(double[] linear) {
        for (double v : linear) {
            if (v < -0.0005 || v > 1.0005) {
                return false;
            }
        }
        return true;
    }

    private static Rgb rgb(double[] v) {
        return new Rgb(channel(v[0]), channel(v[1]), channel(v[2]));
    }

    static int channel(double linear) {
        return (int) Math.round(255 * Light.encode(Math.max(0, Math.min(1, linear))));
    }

    private static double cube(double x) {
        return x * x * x;
    }
}
