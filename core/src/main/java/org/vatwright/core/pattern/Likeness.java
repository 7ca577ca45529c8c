package org.vatwright.core.pattern;

import java.util.HashSet;
import java.util.Set;

/**
 * Whether two designs are alike, each pair looked at once: designs filled by designs, each by two of the level below, have
 * as many ways down as two to the power of their depth.
 */
final class Likeness {

    /** Two designs by themselves, not by what they are. */
    private record Pair(Design one, Design other) {

        @Override
        public boolean equals(Object object) {
            return object instanceof Pair(Design itsOne, Design itsOther) && one == itsOne && other == itsOther;
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(one) + System.identityHashCode(other);
        }
    }

    /** Pairs found alike since the outermost question of this thread. */
    private static final ThreadLocal<Set<Pair>> FOUND = new ThreadLocal<>();

    private Likeness() {}

    static boolean of(Design one, Design other) {
        if (one == other) {
            return true;
        }
        if (!one.id().equals(other.id())) {
            return false;
        }
        Set<Pair> outer = FOUND.get();
        Set<Pair> found = outer == null ? new HashSet<>() : outer;
        Pair pair = new Pair(one, other);
        if (found.contains(pair)) {
            return true;
        }
        if (outer == null) {
            FOUND.set(found);
        }
        try {
            boolean alike = one.equals(other);
            if (alike) {
                found.add(pair);
            }
            return alike;
        } finally {
            if (outer == null) {
                FOUND.remove();
            }
        }
    }
}
