package org.vatwright.core.colour;

/**
 * CIE 1976 L*a*b* relative to D50, as colour measuring instruments and print profiles give it; sRGB's D65 white is
 * adapted by Bradford. sRGB red (255, 0, 0) is 54.29, 80.80, 69.89.
 *
 * @param lightness 0 to 100
 */
public record Lab(double lightness, double a, double b) {

    /** sRGB (D65) to XYZ (D50, Bradford): B. Lindbloom's matrix; its rows sum to the D50 white. */
    private static final double[][] TO_XYZ = {{0.4360747, 0.3850649, 0.1430804}, {0.2225045, 0.7168786, 0.0606169},
            {0.0139322, 0.0971045, 0.7141733}};
    private static final double[][] FROM_XYZ = {{3.1338561, -1.6168667, -0.4906146},
            {-0.9787684, 1.9161415, 0.0334540}, {0.0719453, -0.2289914, 1.4052427}};
    private static final double[] WHITE = {0.9642200, 1.0000000, 0.8252100};
    private static final double EPSILON = 216.0 / 24389;
    private static final double KAPPA = 24389.0 / 27;

    public static Lab of(Rgb rgb) {
        double[] xyz = times(TO_XYZ, new double[]{Light.decode(rgb.red() / 255.0), Light.decode(rgb.green() / 255.0),
                Light.decode(rgb.blue() / 255.0)});
        double fx = forward(xyz[0] / WHITE[0]);
        double fy = forward(xyz[1] / WHITE[1]);
        double fz = forward(xyz[2] / WHITE[2]);
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    /** @return the colour difference of CIE 142 (2001), CIEDE2000, all weights 1; about 1 is just seen side by side */
    public double difference(Lab other) {
        double mean = (Math.hypot(a, b) + Math.hypot(other.a, other.b)) / 2;
        double grey = 0.5 * (1 - Math.sqrt(seventh(mean)));
        double a1 = (1 + grey) * a;
        double a2 = (1 + grey) * other.a;
        double c1 = Math.hypot(a1, b);
        double c2 = Math.hypot(a2, other.b);
        double h1 = hue(a1, b);
        double h2 = hue(a2, other.b);
        boolean noHue = c1 * c2 == 0;
        double turn = noHue ? 0 : h2 - h1 - 360 * Math.rint((h2 - h1) / 360);
        double dh = 2 * Math.sqrt(c1 * c2) * sin(turn / 2);
        double between = noHue
                ? h1 + h2
                : Math.abs(h1 - h2) <= 180
                        ? (h1 + h2) / 2
                        : (h1 + h2 + (h1 + h2 < 360 ? 360 : -360)) / 2;
        double l = (lightness + other.lightness) / 2 - 50;
        double c = (c1 + c2) / 2;
        double t = 1 - 0.17 * cos(between - 30) + 0.24 * cos(2 * between) + 0.32 * cos(3 * between + 6)
                - 0.20 * cos(4 * between - 63);
        double rotation = -2 * Math.sqrt(seventh(c))
                * sin(60 * Math.exp(-((between - 275) / 25) * ((between - 275) / 25)));
        double dl = (other.lightness - lightness) / (1 + 0.015 * l * l / Math.sqrt(20 + l * l));
        double dc = (c2 - c1) / (1 + 0.045 * c);
        double sh = dh / (1 + 0.015 * c * t);
        return Math.sqrt(dl * dl + dc * dc + sh * sh + rotation * dc * sh);
    }

    private static double seventh(double chroma) {
        double power = Math.pow(chroma, 7);
        return power / (power + 6103515625.0);
    }

    private static double hue(double a, double b) {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double sin(double degrees) {
        return Math.sin(Math.toRadians(degrees));
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }

    /** @return the nearest sRGB colour, each channel clamped when the Lab colour lies outside sRGB */
    public Rgb toRgb() {
        double fy = (lightness + 16) / 116;
        double[] linear = times(FROM_XYZ, new double[]{WHITE[0] * inverse(fy + a / 500), WHITE[1] * inverse(fy),
                WHITE[2] * inverse(fy - b / 200)});
        return new Rgb(Oklch.channel(linear[0]), Oklch.channel(linear[1]), Oklch.channel(linear[2]));
    }

    private static double forward(double t) {
        return t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116;
    }

    private static double inverse(double f) {
        double cube = f * f * f;
        return cube > EPSILON ? cube : (116 * f - 16) / KAPPA;
    }

    private static double[] times(double[][] m, double[] v) {
        double[] out = new double[3];
        for (int i = 0; i < 3; i++) {
            out[i] = m[i][0] * v[0] + m[i][1] * v[1] + m[i][2] * v[2];
        }
        return out;
    }
}
