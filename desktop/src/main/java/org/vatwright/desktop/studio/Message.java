package org.vatwright.desktop.studio;

import java.util.Locale;

/**
 * Something the window says in passing.
 *
 * @param action words of the one thing that can be done about it; empty for none
 */
public record Message(Tone tone, String text, String action, Runnable act) {

    public enum Tone {
        WRONG, DONE, HINT
    }

    /** @param text a refusal's words, with or without a stop */
    public static Message refused(String text) {
        boolean startsWithFile = text.split(" ", 2)[0].indexOf('.') > 0;
        String first = startsWithFile ? text.substring(0, 1) : text.substring(0, 1).toUpperCase(Locale.ROOT);
        return wrong(first + text.substring(1) + (text.endsWith(".") ? "" : "."));
    }

    public static Message wrong(String text) {
        return new Message(Tone.WRONG, text, "", () -> {});
    }

    public static Message done(String text) {
        return new Message(Tone.DONE, text, "", () -> {});
    }

    public static Message hint(String text) {
        return new Message(Tone.HINT, text, "", () -> {});
    }

    public Message offering(String words, Runnable does) {
        return new Message(tone, text, words, does);
    }
}
