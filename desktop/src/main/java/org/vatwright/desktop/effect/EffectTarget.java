package org.vatwright.desktop.effect;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.render.Cloth;
import org.vatwright.desktop.cloth.ClothImage;

/** What effects are put on. */
public interface EffectTarget {

    /**
     * What is shown of it now.
     *
     * @param key whose effects they are: what is put off keeps its numbers for that one
     * @param design its palette has the inks to choose from, its repeat says how large effects begin
     * @param own inks that it is in itself
     */
    record Seen(Object key, List<Effect> effects, Design design, Colourway colourway, Set<Ink> own) {

        Optional<Effect> effect(EffectKind kind) {
            return effects.stream().filter(e -> e.kind().equals(kind.kind())).findFirst();
        }
    }

    /** @return none when there is nothing to put effects on */
    Optional<Seen> seen();

    /** @return it by itself with those effects alone, on clear ground; none where it always has edges */
    default Optional<Cloth> bare(List<Effect> worn) {
        return Optional.empty();
    }

    /** @param change from the effects that are on to those that are on then */
    void edit(String name, UnaryOperator<List<Effect>> change);

    /** Draws it with that effect alone. @param side of the small picture */
    void draw(ClothImage picture, Effect effect, double side);
}
