package org.vatwright.desktop.control;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

import javafx.animation.PauseTransition;
import javafx.event.EventHandler;
import javafx.scene.Scene;
import javafx.scene.input.InputEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/**
 * Makes what may be looked at next while nobody does anything: a column is made and styled in small steps out of sight, and is
 * there at once when it is opened for the first time. With the next key or movement of the hand it waits until all is quiet again.
 */
public final class Beforehand extends Region {

    private static final double QUIET_MILLIS = 800;
    /** So long at once: a hand that moves just then does not notice it. */
    private static final double AT_ONCE_MILLIS = 8;
    /** In between, so that the machine has time for pictures as well. */
    private static final double BETWEEN_MILLIS = 20;
    private static final double MILLI_NANOS = 1e6;

    /**
     * @param column made hidden in its place, where it stays: what comes into another one is styled once more
     * @param furnish small steps that fill it with what it will show, before it comes there
     */
    public record Made(VBox column, Pane place, List<Runnable> furnish) {}

    private final Supplier<List<Supplier<Optional<Made>>>> wanted;
    private final Deque<Supplier<Optional<Made>>> columns = new ArrayDeque<>();
    /** What fills the present column, not needed when it is wanted at once: who wants it fills it. */
    private final Deque<Runnable> furnish = new ArrayDeque<>();
    private final Deque<Runnable> steps = new ArrayDeque<>();
    private final PauseTransition pause = new PauseTransition();
    private final EventHandler<InputEvent> moved = e -> disturbed();
    private VBox current;
    private long disturbedNanos = System.nanoTime();

    /** @param wanted what may be looked at, the likeliest first; each is nothing when it is there already */
    public Beforehand(Supplier<List<Supplier<Optional<Made>>>> wanted) {
        this.wanted = wanted;
        Ui.show(this, false);
        pause.setOnFinished(e -> go());
        sceneProperty().addListener((o, was, is) -> watch(was, is));
    }

    /** From now on what comes into that window is made beforehand: somebody may look at it. */
    public static void allow(Scene scene) {
        scene.getProperties().put(Beforehand.class, true);
    }

    private void watch(Scene was, Scene is) {
        if (was != null) {
            was.removeEventFilter(InputEvent.ANY, moved);
        }
        if (is != null) {
            is.addEventFilter(InputEvent.ANY, moved);
            disturbed();
        }
    }

    private void disturbed() {
        disturbedNanos = System.nanoTime();
        if (getScene() != null && getScene().getProperties().containsKey(Beforehand.class)
                && pause.getStatus() != PauseTransition.Status.RUNNING) {
            wait(QUIET_MILLIS);
        }
    }

    /** Something else is done: goes on when it is quiet again. What is half done of that column is done at once. */
    public void giveWay(VBox wantedNow) {
        disturbed();
        if (wantedNow == current) {
            furnish.clear();
            while (!steps.isEmpty()) {
                steps.remove().run();
            }
        }
    }

    /** @return whether all that is wanted now is there */
    public boolean done() {
        return columns.isEmpty() && steps.isEmpty() && pause.getStatus() != PauseTransition.Status.RUNNING;
    }

    private void wait(double millis) {
        pause.setDuration(Duration.millis(millis));
        pause.playFromStart();
    }

    private void go() {
        double quiet = (System.nanoTime() - disturbedNanos) / MILLI_NANOS;
        if (quiet < QUIET_MILLIS) {
            wait(QUIET_MILLIS - quiet);
            return;
        }
        if (columns.isEmpty() && steps.isEmpty()) {
            columns.addAll(wanted.get());
        }
        if (!columns.isEmpty() || !steps.isEmpty()) {
            long begun = System.nanoTime();
            double took = 0;
            while (took < AT_ONCE_MILLIS && !(columns.isEmpty() && steps.isEmpty())) {
                step();
                took = (System.nanoTime() - begun) / MILLI_NANOS;
            }
            wait(Math.max(BETWEEN_MILLIS, took));
        }
    }

    private void step() {
        Deque<Runnable> next = furnish.isEmpty() ? steps : furnish;
        if (!next.isEmpty()) {
            next.remove().run();
            return;
        }
        columns.remove().get().ifPresent(made -> {
            current = made.column();
            Ui.show(current, false);
            furnish.addAll(made.furnish());
            steps.add(() -> {
                made.place().getChildren().add(made.column());
                steps.addAll(Unfolding.of(made.column()));
                steps.add(() -> current = null);
            });
        });
    }
}
