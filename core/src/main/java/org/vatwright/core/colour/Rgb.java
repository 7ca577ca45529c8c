package org.vatwright.core.colour;

import java.util.Locale;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/** An opaque sRGB colour, 0 to 255 a channel. */
public record Rgb(int red, int green, int blue) {

    public Rgb {
        Require.within("red", red, 0, 255);
        Require.within("green", green, 0, 255);
        Require.within("blue", blue, 0, 255);
    }

    /** Reads "#1f3460", "1f3460" or "#abc". */
    public static Rgb parse(String text) {
        String hex = text.strip().toLowerCase(Locale.ROOT);
        hex = hex.startsWith("#") ? hex.substring(1) : hex;
        if (hex.length() == 3) {
            hex = "" + hex.charAt(0) + hex.charAt(0) + hex.charAt(1) + hex.charAt(1) + hex.charAt(2) + hex.charAt(2);
        }
        if (!hex.matches("[0-9a-f]{6}")) {
            throw new Refusal("\"%s\" is no colour; six hexadecimal figures such as #1f3460 are".formatted(text));
        }
        return ofArgb(Integer.parseInt(hex, 16));
    }

    public static Rgb ofArgb(int argb) {
        return new Rgb(argb >> 16 & 255, argb >> 8 & 255, argb & 255);
    }

    /** @return opaque ARGB */
    public int argb() {
        return 0xFF000000 | red << 16 | green << 8 | blue;
    }

    public String hex() {
        return "#%06x".formatted(argb() & 0xFFFFFF);
    }
}
