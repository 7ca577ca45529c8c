package org.vatwright.core.pattern;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;

/** The colours of inks in one colourway, as premultiplied ARGB. */
public record InkColours(Palette palette, Colourway colourway) {

    public int argb(Ink ink) {
        return switch (ink) {
            case Ink.Clear _ -> 0;
            case Ink.Slot(String name) -> colourway.colours().get(palette.slot(name)).argb();
        };
    }
}
