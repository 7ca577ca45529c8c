package org.vatwright.desktop.building;

import java.util.function.UnaryOperator;

import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.desktop.studio.Studio;

/** The motif in hand of the open layer, and the shape of it that is chosen. */
record MotifInHand(Studio studio) {

    void edit(String name, UnaryOperator<Motif> change) {
        int id = studio.motifHand().in(studio.structure(Motifs.class).orElseThrow()).id();
        studio.editStructure(name, Motifs.class, m -> m.replace(id, change));
    }

    /** @return the number of the chosen shape */
    int chosen(Motif motif) {
        return studio.motifHand().part(motif);
    }

    /** @return the number of the chosen shape of a motif with so many */
    int chosen(int parts) {
        return Math.max(0, Math.min(parts - 1, studio.motifHand().part()));
    }

    /** Takes a shape in hand together with the edit that is under way. */
    void next(int part) {
        studio.holdNext(studio.motifHand().withPart(part));
    }

    /** Changes the chosen shape. */
    void part(String name, UnaryOperator<Part> change) {
        edit(name, m -> m.with(chosen(m), change.apply(m.parts().get(chosen(m)))));
    }
}
