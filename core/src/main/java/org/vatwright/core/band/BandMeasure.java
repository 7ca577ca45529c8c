package org.vatwright.core.band;

import org.vatwright.core.measure.Require;

/** What the width of a band counts. */
public sealed interface BandMeasure {

    record Millimetres() implements BandMeasure {}

    /** @param perCm threads in a centimetre, 0.1 to 1000 */
    record Threads(double perCm) implements BandMeasure {
        public Threads {
            Require.within("threads per cm", perCm, 0.1, 1000, "");
        }
    }

    /** @return mm of one unit of width */
    default double mm() {
        return this instanceof Threads(double perCm) ? 10 / perCm : 1;
    }

    default String unit() {
        return this instanceof Threads ? "threads" : "mm";
    }
}
