package org.vatwright.desktop.control;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.List;

import javafx.animation.AnimationTimer;

/**
 * Does many small things on the window's thread without holding it: as many at once as fit into a short while, the others
 * with the next pictures of the window. All of them share that while. On a warm program all are done at once.
 */
public final class Gradual {

    /** With what else comes with a change, less than a hand notices. */
    private static final long AT_ONCE_NANOS = 12_000_000;
    /** From one picture of the window to the next. */
    private static final long PICTURE_NANOS = 16_000_000;
    /** Since when the present short while runs: all that is done little by little shares it. */
    private static long began = System.nanoTime() - PICTURE_NANOS;

    private final Deque<Runnable> steps = new ArrayDeque<>();
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            some();
        }
    };

    /** @param now done in their order, in place of those that were still to come */
    public void start(Collection<? extends Runnable> now) {
        steps.clear();
        steps.addAll(now);
        some();
    }

    /** @param now done in their order, before those that are still to come */
    public void first(List<? extends Runnable> now) {
        now.reversed().forEach(steps::addFirst);
        some();
    }

    /** @param then the same, but none before the next picture of the window: for what is not looked at first */
    public void later(Collection<? extends Runnable> then) {
        steps.clear();
        steps.addAll(then);
        if (!steps.isEmpty()) {
            timer.start();
        }
    }

    /** Does at once what is still to come. */
    public void rest() {
        while (!steps.isEmpty()) {
            steps.remove().run();
        }
        timer.stop();
    }

    private void some() {
        long now = System.nanoTime();
        if (now - began > PICTURE_NANOS) {
            began = now;
        }
        long end = began + AT_ONCE_NANOS;
        while (!steps.isEmpty()) {
            steps.remove().run();
            if (System.nanoTime() - end > 0) {
                break;
            }
        }
        if (steps.isEmpty()) {
            timer.stop();
        } else {
            timer.start();
        }
    }
}
