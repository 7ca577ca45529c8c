package org.vatwright.core.colour;

import java.util.List;

import org.vatwright.core.measure.Require;

/**
 * One assignment of colours to all slots of a palette.
 *
 * @param colours one a slot, in the palette's order
 */
public record Colourway(String name, List<Rgb> colours) {

    public Colourway {
        name = Require.named("colourway", name);
        colours = List.copyOf(colours);
    }

    public Colourway renamed(String newName) {
        return new Colourway(newName, colours);
    }

    public Colourway with(int slot, Rgb colour) {
        List<Rgb> changed = new java.util.ArrayList<>(colours);
        changed.set(slot, colour);
        return new Colourway(name, changed);
    }
}
