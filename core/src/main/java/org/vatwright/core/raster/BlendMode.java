package org.vatwright.core.raster;

import java.util.Locale;

import org.vatwright.core.measure.Refusal;

/**
 * Blend modes with the names and formulas of the W3C Compositing and Blending recommendation, level 1, and three that print
 * rooms use besides: linear burn b + s - 1, linear light b + 2 s - 1, add b + s, each kept to 0 to 1.
 */
public enum BlendMode {
    NORMAL, MULTIPLY, SCREEN, OVERLAY, DARKEN, LIGHTEN, COLOR_DODGE, COLOR_BURN, HARD_LIGHT, SOFT_LIGHT, DIFFERENCE, EXCLUSION, LINEAR_BURN, LINEAR_LIGHT, ADD, HUE, SATURATION, COLOR, LUMINOSITY;

    /** @return the recommendation's keyword, such as "soft-light" */
    public String keyword() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** @return the keyword as words */
    public String words() {
        return keyword().replace('-', ' ');
    }

    public static BlendMode parse(String keyword) {
        for (BlendMode mode : values()) {
            if (mode.keyword().equals(keyword)) {
                return mode;
            }
        }
        throw new Refusal("\"%s\" is no blend mode; normal, multiply and soft-light are examples".formatted(keyword));
    }

    /** @return whether the recommendation has it, so that files of shapes know it */
    public boolean recommended() {
        return this != LINEAR_BURN && this != LINEAR_LIGHT && this != ADD;
    }

    /** Whether each channel is blended by itself; hue, saturation, color and luminosity look at all three. */
    boolean separable() {
        return ordinal() < HUE.ordinal();
    }
}
