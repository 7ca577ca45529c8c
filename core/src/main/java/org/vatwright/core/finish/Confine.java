package org.vatwright.core.finish;

import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;

/** Where shading is seen. */
public sealed interface Confine {

    Confine FREE = new Free();

    /** Wherever it was drawn. */
    record Free() implements Confine {}

    /** On one piece and nowhere else: other pieces that lie on that one cover it; or everywhere but there. */
    record OfPiece(Id piece, boolean outside) implements Confine {}

    /** Within a closed path, or everywhere but there. @param path in mm of the article */
    record OfPath(Outline path, boolean outside) implements Confine {
        public OfPath {
            path.checked("a path that confines shading");
        }
    }

    /** @return the piece on which it lies */
    default Optional<Id> on() {
        return this instanceof OfPiece(Id piece, boolean outside) && !outside ? Optional.of(piece) : Optional.empty();
    }
}
