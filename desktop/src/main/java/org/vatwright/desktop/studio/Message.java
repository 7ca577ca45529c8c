package org.vatwright.desktop.studio;

/**
 * Something the window says in passing.
 *
 * @param action words of the one thing that can be done about it; empty for none
 */
public record Message(Tone tone, String text, String action, Runnable act) {

    public enum Tone {
        WRONG, DONE, HINT
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
