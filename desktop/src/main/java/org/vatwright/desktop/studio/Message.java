package org.vatwright.desktop.studio;

import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;

/**
 * Something the window says in passing.
 *
 * @param acts what can be done about it
 * @param goesOn whether what it tells of still goes on: until then it does not go by itself
 */
public record Message(Tone tone, String text, List<Act> acts, BooleanSupplier goesOn) {

    private static final BooleanSupplier PASSED = () -> false;

    public enum Tone {
        WRONG, DONE, HINT
    }

    /** One thing that can be done, in a word or three. */
    public record Act(String words, Runnable does) {}

    /** @param text a refusal's words, with or without a stop */
    public static Message refused(String text) {
        boolean startsWithFile = text.split(" ", 2)[0].indexOf('.') > 0;
        String first = startsWithFile ? text.substring(0, 1) : text.substring(0, 1).toUpperCase(Locale.ROOT);
        return wrong(first + text.substring(1) + (text.endsWith(".") ? "" : "."));
    }

    public static Message wrong(String text) {
        return new Message(Tone.WRONG, text, List.of(), PASSED);
    }

    public static Message done(String text) {
        return new Message(Tone.DONE, text, List.of(), PASSED);
    }

    public static Message hint(String text) {
        return new Message(Tone.HINT, text, List.of(), PASSED);
    }

    /** @return offering one thing more */
    public Message offering(String words, Runnable does) {
        return new Message(tone, text, Stream.concat(acts.stream(), Stream.of(new Act(words, does))).toList(),
                goesOn);
    }

    /** @return for as long as something goes on, asked on the window's thread */
    public Message whileItGoesOn(BooleanSupplier still) {
        return new Message(tone, text, acts, still);
    }
}
