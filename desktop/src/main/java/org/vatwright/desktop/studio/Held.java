package org.vatwright.desktop.studio;

import java.util.function.UnaryOperator;

/** Something in the user's hand; not part of the document. */
final class Held<T> {

    private final Runnable changed;
    private T now;

    /** @param changed called when something else is in hand */
    Held(T first, Runnable changed) {
        now = first;
        this.changed = changed;
    }

    T now() {
        return now;
    }

    /** Takes something else without telling. */
    void next(T other) {
        now = other;
    }

    void change(UnaryOperator<T> change) {
        T other = change.apply(now);
        if (!other.equals(now)) {
            now = other;
            changed.run();
        }
    }
}
