package org.vatwright.core.drape;

import org.vatwright.core.map.ClothMap;

/**
 * How the cloth of a piece is bent before it is seen: from its flat shape to the drawing. It belongs to the piece, not to what the
 * piece wears. At rest every place of the flat cloth is seen where it lies.
 */
public sealed interface Drape permits Along, Mesh, Panel, Round {

    /** How far off a place may be in the picture that is kept. */
    double TRUE_PX = 0.015;
    /** How far off while a hand moves it. */
    double FIRST_PX = 0.05;

    /** @return whether nothing is bent: then it is no drape, to the bit */
    boolean atRest();

    /** @return from the picture's pixels to the tile */
    ClothMap map(View view);

    /** @return the same on the piece of another box: mirrored, moved, drawn out with it */
    Drape refit(Refit change);

    /** @return its name as it is written and said */
    String kind();
}
