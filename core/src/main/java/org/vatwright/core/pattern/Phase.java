package org.vatwright.core.pattern;

import java.util.OptionalDouble;

import org.vatwright.core.measure.Require;

/**
 * A moment of what moves: one for all of it, or each structure's own, the one it was given.
 *
 * @param share 0 to below 1; whole numbers are the start again
 */
public record Phase(OptionalDouble share) {

    /** Each structure as it was set. */
    public static final Phase OWN = new Phase(OptionalDouble.empty());

    public Phase {
        if (share.isPresent()) {
            double turns = Require.within("phase", share.getAsDouble(), -1e6, 1e6, "");
            share = OptionalDouble.of(turns - Math.floor(turns));
        }
    }

    public static Phase of(double share) {
        return new Phase(OptionalDouble.of(share));
    }

    /** @param own of a structure @return the moment it is to be drawn at */
    public double orOwn(double own) {
        return share.orElse(own);
    }
}
