package org.vatwright.core.laid;

import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * A place of the unit that can be taken hold of, and what a pull does.
 *
 * @param name what is pulled, such as "length"
 * @param x,y where it is, in mm of the unit as asked for, before it is turned
 * @param fromX,fromY where its arm begins; the same place when it has none
 * @param part the part of the structure it belongs to, -1 for none
 * @param pull the structure once it is pulled to another place
 * @param measure the length it changes, when it is one alone
 */
public record Grip(String name, double x, double y, double fromX, double fromY, int part, Pull pull,
        Optional<Measure> measure) {

    /** What comes of pulling a grip to a place, in mm of the unit. */
    @FunctionalInterface
    public interface Pull {
        LaidStructure to(double x, double y);
    }

    /** A length that a grip changes. @param with the structure with another length, in mm, which may be refused */
    public record Measure(double mm, DoubleFunction<LaidStructure> with) {}

    public Grip(String name, double x, double y, Pull pull) {
        this(name, x, y, x, y, -1, pull);
    }

    public Grip(String name, double x, double y, double fromX, double fromY, int part, Pull pull) {
        this(name, x, y, fromX, fromY, part, pull, Optional.empty());
    }

    public Grip measuring(double mm, DoubleFunction<LaidStructure> with) {
        return new Grip(name, x, y, fromX, fromY, part, pull, Optional.of(new Measure(mm, with)));
    }

    /** @return the value, kept within a range, so that a pull too far rests at its end */
    public static double kept(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }
}
