package org.vatwright.core.pattern;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.LightMix;
import org.vatwright.core.colour.Oklch;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;

/** The colours of inks in one colourway, as premultiplied ARGB. */
public record InkColours(Palette palette, Colourway colourway) {

    public int argb(Ink ink) {
        return switch (ink) {
            case Ink.Clear _ -> 0;
            case Ink.Slot(String name) -> colourway.colours().get(palette.slot(name)).argb();
        };
    }

    /** @return the colour of a mark: its two inks mixed in linear light, then lightened or darkened */
    public int argb(VectorMark mark) {
        return toned(LightMix.mix(argb(mark.from()), argb(mark.to()), (float) mark.share()), mark.tone());
    }

    /** Clear stays clear; what is partly clear keeps its alpha. */
    private static int toned(int argb, double tone) {
        int alpha = argb >>> 24;
        if (tone == 0 || alpha == 0) {
            return argb;
        }
        Rgb straight = new Rgb(straight(argb >> 16, alpha), straight(argb >> 8, alpha), straight(argb, alpha));
        Oklch colour = Oklch.of(straight);
        int other = new Oklch(Math.max(0, Math.min(1, colour.lightness() + tone)), colour.chroma(), colour.hue())
                .toRgb().argb();
        return alpha << 24 | (other >> 16 & 255) * alpha / 255 << 16 | (other >> 8 & 255) * alpha / 255 << 8
                | (other & 255) * alpha / 255;
    }

    private static int straight(int argb, int alpha) {
        return Math.min(255, (argb & 255) * 255 / alpha);
    }
}
