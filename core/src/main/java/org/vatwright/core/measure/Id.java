package org.vatwright.core.measure;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/**
 * What a thing is told by for as long as it lives, in the project and in its file, whatever it is called.
 *
 * @param text 1 to 60 letters, figures and dashes
 */
public record Id(String text) implements Comparable<Id> {

    /** Nothing's. */
    public static final Id NONE = new Id("none");

    private static final int FRESH_SIGNS = 12;

    public Id {
        Require.that(text != null && text.matches("[A-Za-z0-9-]{1,60}"),
                "\"%s\" is no id; letters, figures and dashes are, 1 to 60 of them".formatted(text));
    }

    /** @return one that nothing else has */
    public static Id fresh() {
        return new Id(UUID.randomUUID().toString().replace("-", "").substring(0, FRESH_SIGNS));
    }

    /** @return always the same for the same words, as for what stands in a file without an id of its own */
    public static Id from(String words) {
        return new Id(UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8)).toString().replace("-", "")
                .substring(0, FRESH_SIGNS));
    }

    public boolean isNone() {
        return equals(NONE);
    }

    @Override
    public int compareTo(Id other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
