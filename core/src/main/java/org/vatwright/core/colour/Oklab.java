package org.vatwright.core.colour;

/**
 * OKLab (B. Ottosson, 2020): equal steps look equal. sRGB red is 0.628, 0.225, 0.126.
 *
 * @param lightness 0 to 1
 */
public record Oklab(double lightness, double a, double b) {

    public static Oklab of(Rgb rgb) {
        Oklch polar = Oklch.of(rgb);
        double hue = Math.toRadians(polar.hue());
        return new Oklab(polar.lightness(), polar.chroma() * Math.cos(hue), polar.chroma() * Math.sin(hue));
    }

    public Rgb toRgb() {
        double hue = Math.toDegrees(Math.atan2(b, a));
        return new Oklch(Math.max(0, Math.min(1, lightness)), Math.hypot(a, b), hue < 0 ? hue + 360 : hue).toRgb();
    }

    /** @return the square of how far apart they look */
    public double apart(Oklab other) {
        double l = lightness - other.lightness;
        double da = a - other.a;
        double db = b - other.b;
        return l * l + da * da + db * db;
    }
}
