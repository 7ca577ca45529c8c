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
 */
@RecordBuilder
public record Finding(Severity severity, String check, String value, String limit, String words, Optional<Place> place,
        Optional<Offer> cure) implements FindingBuilder.With {

    private static final String NEARLY = " nearly";

    /** Worst first. */
    public enum Severity {
        WRONG, LOOK, FINE
    }

    /** A place of the tile, in mm from its upper left corner. */
    public record Place(double x, double y) {}

    /** Nowhere in particular, without a cure. */
    public Finding(Severity severity, String check, String value, String limit, String words) {
        this(severity, check, value, limit, words, Optional.empty(), Optional.empty());
    }

    /**
     * @param what does not close as asked for, as in "Stripe closes"
     * @param drawn how it is drawn instead
     * @param asked how it was asked for
     */
    public static Finding nearly(String what, String drawn, String asked) {
        return new Finding(Severity.LOOK, what + NEARLY, drawn, asked,
                "Drawn at the nearest that closes on this tile; Build offers ways to have it exact.");
    }

    /** @return whether it says that something does not close as asked for */
    public boolean closesNearly() {
        return check.endsWith(NEARLY);
    }

    public static Finding fine(String check, String value) {
        return new Finding(Severity.FINE, check, value, "", "");
    }
}
