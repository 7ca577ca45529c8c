package org.vatwright.core.pattern;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Require;

/** A number that a check holds designs against, which each commission may set for itself. */
public enum CheckLimit {

    /** The step across the tile's edge in steps between neighbouring lines inside it. */
    SEAM_STEP("seamStep", "step at a seam", "x", 1.5, 1, 100),
    /** What whole pixels may add to a length or take from it: a millimetre in a metre. */
    STRETCH("stretch", "stretch to whole pixels", "\u2030", 1, 0.01, 100),
    /** The longest that a thread may lie loose; longer ones snag in use. */
    FLOAT("float", "longest float", "mm", 10, 0.1, 500);

    private final String key;
    private final String words;
    private final String unit;
    private final double usual;
    private final double least;
    private final double most;

    CheckLimit(String key, String words, String unit, double usual, double least, double most) {
        this.key = key;
        this.words = words;
        this.unit = unit;
        this.usual = usual;
        this.least = least;
        this.most = most;
    }

    /** @return as it stands in files */
    public String key() {
        return key;
    }

    public String words() {
        return words;
    }

    public String unit() {
        return unit;
    }

    public double usual() {
        return usual;
    }

    /** @return {@code value}, when it can be a limit of this kind; else refuses */
    double checked(double value) {
        return Require.within(words, value, least, most, unit);
    }

    String told(double value) {
        return Numbers.plain(value) + " " + unit;
    }

    public static Optional<CheckLimit> of(String key) {
        return Arrays.stream(values()).filter(l -> l.key.equals(key)).findFirst();
    }

    public static List<String> keys() {
        return Arrays.stream(values()).map(CheckLimit::key).toList();
    }
}
