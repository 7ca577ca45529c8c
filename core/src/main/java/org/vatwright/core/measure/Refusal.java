package org.vatwright.core.measure;

/**
 * Something the user asked for that cannot be done. The message is shown as it is: it says what is wrong, which
 * value, and what would be right. Nothing was changed when it is thrown.
 */
public class Refusal extends RuntimeException {

    public Refusal(String sentence) {
        super(sentence);
    }

    public Refusal(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
