package org.vatwright.core.pattern;

import java.util.Optional;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * One result of a check.
 *
 * @param check what was looked at, in the designer's words
 * @param value what was measured, with its unit
 * @param limit what it is held against; empty when nothing is
 * @param words what it means and what would be right; empty when in order
 * @param place where it is, when it is at one place
 * @param cure a change that puts it right, when there is one
 * @param measured what it was judged by, when its limit can be changed
 */
@RecordBuilder
public record Finding(Severity severity, String check, String value, String limit, String words, Optional<Place> place,
        Optional<Offer> cure, Optional<Measured> measured) implements FindingBuilder.With {

    private static final String NEARLY = " nearly";

    /** Worst first. */
    public enum Severity {
        WRONG, LOOK, FINE
    }

    /** A place of the tile, in mm from its upper left corner. */
    public record Place(double x, double y) {}

    /**
     * @param number in the limit's unit
     * @param above how bad it is when it is above the limit
     * @param words what that means
     */
    public record Measured(CheckLimit limit, double number, Severity above, String words) {}

    /** Nowhere in particular, without a cure. */
    public Finding(Severity severity, String check, String value, String limit, String words) {
        this(severity, check, value, limit, words, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** What is held against a limit that can be changed; for now against the usual one. @param value as it is told */
    public static Finding measured(String check, String value, Measured by) {
        return new Finding(Severity.FINE, check, value, "", "", Optional.empty(), Optional.empty(), Optional.of(by))
                .against(CheckLimits.USUAL);
    }

    /** @return judged by these limits; the same, when it has none that can be changed */
    public Finding against(CheckLimits limits) {
        if (measured.isEmpty()) {
            return this;
        }
        Measured by = measured.get();
        double most = limits.of(by.limit());
        boolean above = by.number() > most;
        return with().severity(above ? by.above() : Severity.FINE).words(above ? by.words() : "")
                .limit(by.limit().told(most)).build();
    }

    /**
     * @param what does not close as asked for, as in "Stripe closes"
     * @param drawn how it is drawn instead
     * @param asked how it was asked for
     */
    public static Finding nearly(String what, String drawn, String asked) {
        return new Finding(Severity.LOOK, what + NEARLY, drawn, asked,
                "At %s it does not close on this tile and is drawn at the nearest that does, %s. Build offers ways to have it exact."
                        .formatted(asked, drawn));
    }

    /** @return whether it says that something does not close as asked for */
    public boolean closesNearly() {
        return check.endsWith(NEARLY);
    }

    public static Finding fine(String check, String value) {
        return new Finding(Severity.FINE, check, value, "", "");
    }
}
