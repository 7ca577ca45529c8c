package org.vatwright.desktop;

import java.util.ArrayDeque;
import java.util.Deque;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;

import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.util.Duration;

/**
 * Shows every design, layer, chapter and stage once. What is seen here is in the start-up cache of the launcher, so that
 * it comes without delay when it is seen for the first time by somebody.
 */
final class Tour {

    private static final Duration LOOK = Duration.millis(60);
    private static final Duration LONG_LOOK = Duration.millis(500);

    private record Step(Duration look, Runnable act) {}

    private final Studio studio;
    private final Parent root;
    private final Deque<Step> steps = new ArrayDeque<>();

    Tour(Studio studio, Parent root) {
        this.studio = studio;
        this.root = root;
    }

    /** @param then what is done after the last step */
    void walk(Runnable then) {
        steps.add(new Step(LONG_LOOK, this::plan));
        next(then);
    }

    private void plan() {
        if (studio.project().designs().isEmpty()) {
            // Still being read.
            steps.add(new Step(LOOK, this::plan));
            return;
        }
        for (Design design : studio.project().designs()) {
            steps.add(new Step(LOOK, () -> studio.select(s -> s.withDesign(design))));
            for (Layer layer : design.layers()) {
                steps.add(new Step(LOOK, () -> studio.select(s -> s.withLayer(layer.id()))));
                steps.add(new Step(LOOK, this::chapters));
            }
        }
        for (int round = 0; round < 2; round++) {
            for (Stage stage : Stage.values()) {
                steps.add(new Step(LONG_LOOK, () -> studio.select(s -> s.withStage(stage))));
            }
        }
    }

    private void next(Runnable then) {
        if (steps.isEmpty()) {
            then.run();
            return;
        }
        Step step = steps.remove();
        step.act().run();
        PauseTransition pause = new PauseTransition(step.look());
        pause.setOnFinished(e -> next(then));
        pause.play();
    }

    /** The chapters of the open layer come next, before whatever else was to come. */
    private void chapters() {
        for (Node chapter : root.lookupAll(".chapter")) {
            if (chapter instanceof Button button && Ui.seen(button)) {
                steps.addFirst(new Step(LOOK, button::fire));
            }
        }
    }
}
