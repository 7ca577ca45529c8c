package org.vatwright.core.pattern;

import org.vatwright.core.repeat.Repeat;

/**
 * A way to have a structure close exactly.
 *
 * @param id,title,cost,weight as an {@link Offer} has them
 * @param structure,repeat which together close
 */
public record Closing(String id, String title, String cost, double weight, Structure structure, Repeat repeat) {

    /** @return it, for the layer that has the structure */
    public Offer on(int layer) {
        return new Offer(id, title, cost, weight,
                d -> d.withRepeat(repeat).replace(layer, l -> l.withStructure(structure)));
    }
}
