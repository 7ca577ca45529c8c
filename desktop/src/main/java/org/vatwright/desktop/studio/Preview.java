package org.vatwright.desktop.studio;

import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.measure.Refusal;

/**
 * Shows what an act would make of something, without making it: while it runs, whoever would commit the result gives it here
 * instead. Documents are values, so that the same act serves for both.
 */
public final class Preview<T> {

    private Optional<Consumer<T>> shown = Optional.empty();

    /** @return where the result goes instead, while something is only shown */
    public Optional<Consumer<T>> instead() {
        return shown;
    }

    /** @param show is given the thing as it would be; not called when the act cannot be done, which is told when it is tried */
    public void run(Runnable act, Consumer<T> show) {
        shown = Optional.of(show);
        try {
            act.run();
        } catch (Refusal cannot) {
            // There is nothing to be shown.
        } finally {
            shown = Optional.empty();
        }
    }
}
