package org.vatwright.core.measure;

/**
 * Where a design or a picture comes from; empty where nothing is known.
 *
 * @param madeBy who made it
 * @param from where it was got
 * @param terms what may be done with it
 */
public record Provenance(String madeBy, String from, String terms) {

    public static final Provenance NONE = new Provenance("", "", "");

    private static final int MOST_SIGNS = 2000;

    public Provenance {
        madeBy = checked("maker", madeBy);
        from = checked("source", from);
        terms = checked("terms", terms);
    }

    private static String checked(String what, String text) {
        Require.that(text.length() <= MOST_SIGNS,
                "the %s has %,d signs; %,d at most fit".formatted(what, text.length(), MOST_SIGNS));
        return text.strip();
    }
}
