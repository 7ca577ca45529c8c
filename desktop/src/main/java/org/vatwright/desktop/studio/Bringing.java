package org.vatwright.desktop.studio;

import java.util.Set;
import java.util.function.BiFunction;

import org.vatwright.core.family.cover.PictureCover;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.core.raster.Picture;

/** What is brought into the design in view and stands open then. */
public record Bringing(Studio studio) {

    /** Lays a picture over everything, on a layer of its own. */
    public boolean cover(String name, Picture picture) {
        boolean done = studio.editDesign("picture " + name, d -> PictureCover.into(d, name, picture));
        if (done) {
            studio.design().ifPresent(d -> studio.select(s -> s.withLayer(d.layers().getLast().id())));
        }
        return done;
    }

    /** Puts a motif among those of the open layer, or into a new one, and opens it. @param change takes the layer's number */
    public boolean motif(String name, BiFunction<Design, Integer, Design> change) {
        int open = studio.selection().layer();
        if (!studio.editDesign(name, d -> {
            Recipe.refuseLocked(d, studio.structure(Motifs.class).isPresent() ? Set.of(open) : Set.of());
            return change.apply(d, open);
        })) {
            return false;
        }
        if (studio.structure(Motifs.class).isEmpty()) {
            studio.design().ifPresent(d -> studio.select(s -> s.withLayer(d.layers().getLast().id())));
        }
        studio.structure(Motifs.class).ifPresent(m -> studio.hold(h -> MotifHand.on(m.motifs().getLast().id())));
        return true;
    }
}
