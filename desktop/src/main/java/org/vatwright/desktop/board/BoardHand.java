package org.vatwright.desktop.board;

import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.motif.Arranging;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.studio.Foot;
import org.vatwright.desktop.studio.Preview;
import org.vatwright.desktop.studio.MotifHand;
import org.vatwright.desktop.studio.Studio;

/** The motif in hand and what is done to it. */
final class BoardHand {

    private final Studio studio;
    private final Preview<Motif> preview = new Preview<>();

    BoardHand(Studio studio) {
        this.studio = studio;
    }

    Studio studio() {
        return studio;
    }

    Optional<Motifs> motifs() {
        return studio.structure(Motifs.class);
    }

    Optional<Motif> motif() {
        return motifs().map(m -> studio.motifHand().in(m));
    }

    /** @return the chosen parts with all of their groups */
    Set<Integer> parts() {
        return motif().map(m -> Arranging.whole(m, studio.motifHand().parts(m))).orElse(Set.of());
    }

    void choose(Set<Integer> parts) {
        motif().ifPresent(m -> studio.hold(h -> new MotifHand(m.id(), h.part(), h.parts(), h.repeat())
                .withParts(Arranging.whole(m, parts))));
    }

    /** @return whether it was done */
    boolean edit(String name, UnaryOperator<Motif> change) {
        if (preview.instead().isPresent()) {
            motif().map(change).ifPresent(preview.instead().get());
            return false;
        }
        return motif().map(m -> studio.editStructure(name, Motifs.class, s -> s.replace(m.id(), change)))
                .orElse(false);
    }

    /** @param shown is given the motif as it would be */
    void preview(Runnable act, Consumer<Motif> shown) {
        preview.run(act, shown);
    }

    /** @return the ink a new shape gets: that of the part in hand */
    Ink ink() {
        return motif().map(m -> m.parts().get(studio.motifHand().part(m)).fill())
                .filter(i -> !(i instanceof Ink.Clear))
                .orElseGet(() -> studio.design().map(Design::palette).map(p -> Ink.slot(p.slots().getLast()))
                        .orElse(Ink.CLEAR));
    }

    void tell(String words) {
        studio.tellFoot(f -> told(f, words));
    }

    private static Foot told(Foot foot, String words) {
        return foot.withPlace(words, 0);
    }
}
