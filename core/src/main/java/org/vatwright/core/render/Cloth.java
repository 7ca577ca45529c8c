package org.vatwright.core.render;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Phase;

/** A design in a colourway at a moment: what is seen, without end and at no density yet. */
public record Cloth(Design design, Colourway colourway, Phase phase) {

    /** With everything that moves as it was set. */
    public Cloth(Design design, Colourway colourway) {
        this(design, colourway, Phase.OWN);
    }

    /** @return all that pictures of it depend on, as a value: equal ones have equal pictures */
    public Object look() {
        return ClothLook.of(this);
    }
}
