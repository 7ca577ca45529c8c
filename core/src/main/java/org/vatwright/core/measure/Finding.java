package org.vatwright.core.measure;

/**
 * One result of a check.
 *
 * @param title what was looked at, in the designer's words
 * @param number what was measured, with its unit
 * @param limit what it is held against; empty when nothing is
 * @param sentence what it means and what would be right; empty when in order
 */
public record Finding(Severity severity, String title, String number, String limit, String sentence) {

    /** Worst first. */
    public enum Severity {
        WRONG, LOOK, FINE
    }

    public static Finding fine(String title, String number) {
        return new Finding(Severity.FINE, title, number, "", "");
    }
}
