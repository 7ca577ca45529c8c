package org.vatwright.core.dress;

import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;

/**
 * Two pieces that mirror each other about an upright line: a left and a right.
 *
 * @param glass whether the design is mirrored as well, as if seen in a looking glass; else it lies the right way round on both
 */
public record Pair(Id one, Id other, boolean glass) {

    public Pair {
        Require.that(!one.equals(other), "a piece is no partner of its own; another one is needed");
    }

    /** @return the partner of that piece, if it is one of the two */
    public Optional<Id> other(Id piece) {
        return piece.equals(one) ? Optional.of(other) : piece.equals(other) ? Optional.of(one) : Optional.empty();
    }
}
