package org.vatwright.desktop.building;

import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.picture.CutOut;
import org.vatwright.desktop.studio.Studio;

/** The part that is taken of the picture that covers the open layer. */
record CutEdit(Studio studio) {

    /** @return the picture's ink, when the open layer is covered by one */
    Optional<Fill> fill() {
        return studio.design().flatMap(d -> studio.structure(Cover.class)
                .flatMap(c -> c.ink() instanceof Ink.Filled(String name) ? d.fill(name) : Optional.empty()))
                .filter(f -> f.picture().isPresent());
    }

    void edit(String words, UnaryOperator<CutOut> change) {
        fill().ifPresent(f -> studio.editDesign(words,
                d -> d.editFill(f.name(), x -> x.withPicture(p -> p.withCut(change.apply(p.cut()))))));
    }

    void take(CutOut cut) {
        edit(cut.equals(CutOut.WHOLE) ? "take the whole picture" : "take a part of the picture", x -> cut);
    }
}
