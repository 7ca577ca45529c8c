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
