package org.vatwright.core.measure;

/** Preconditions whose messages carry the value, its name and the rule. */
public final class Require {

    private Require() {}

    /** @return {@code value} when it lies in {@code least..most}; else refuses, naming the limit it broke */
    public static double within(String name, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new Refusal("%s %s must be from %s to %s".formatted(name, Numbers.withUnit(value, unit),
                    Numbers.plain(least), Numbers.withUnit(most, unit)));
        }
        return value;
    }

    public static int within(String name, int value, int least, int most) {
        return (int) within(name, (double) value, least, most, "");
    }

    /** @return {@code text} trimmed; refuses an empty one */
    public static String named(String what, String text) {
        if (text == null || text.isBlank()) {
            throw new Refusal(what + " needs a name");
        }
        String name = text.strip();
        if (name.length() > 200) {
            throw new Refusal("%s name has %d characters; 200 at most fit".formatted(what, name.length()));
        }
        return name;
    }

    public static void that(boolean holds, String sentence) {
        if (!holds) {
            throw new Refusal(sentence);
        }
    }
}
