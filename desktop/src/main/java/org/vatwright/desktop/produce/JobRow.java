package org.vatwright.desktop.produce;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;

import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.JobPlan;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One line of the docket: what will come out, what to look at first, how far it is. */
final class JobRow extends HBox {

    private final Studio studio;
    private final Label name = Ui.label("", "card-title");
    private final Label file = Ui.label("", "quiet");
    private final Label sentence = Ui.prose("");
    private final VBox warnings = new VBox(2);
    private final ProgressBar progress = new ProgressBar(0);
    private final Button run;
    private final Button stop;
    private Id job = Id.NONE;
    private boolean possible;
    private List<String> warned = List.of();

    JobRow(Studio studio, Consumer<Id> start, Consumer<Id> halt) {
        super(12);
        this.studio = studio;
        getStyleClass().addAll("card", "job-row");
        run = Ui.button("Produce", () -> {
            choose();
            start.accept(job);
        });
        run.getStyleClass().add("quiet-button");
        stop = Ui.button("Stop", () -> halt.accept(job));
        stop.getStyleClass().add("quiet-button");
        progress.setPrefWidth(120);
        VBox words = new VBox(3, Ui.row(name, file), sentence, warnings);
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().addAll(words, progress, stop, run);
        // Before a button of it takes the press to itself.
        addEventFilter(MouseEvent.MOUSE_PRESSED, e -> choose());
        showRun(OptionalDouble.empty());
    }

    void show(Job shown, String fileName, JobPlan plan) {
        job = shown.id();
        String called = shown.name().replaceAll("[^A-Za-z0-9]+", "-");
        setId("job-" + called);
        run.setId("run-" + called);
        stop.setId("stop-" + called);
        name.setText(shown.name());
        file.setText(fileName);
        sentence.setText(plan.sentence());
        if (!plan.warnings().equals(warned)) {
            warned = plan.warnings();
            warnings.getChildren().setAll(warned.stream().map(w -> Ui.prose("\u25b2 " + w, "look")).toList());
        }
        possible = plan.possible();
        pseudoClassStateChanged(Styles.CHOSEN, studio.selection().job().equals(job));
    }

    private void choose() {
        studio.select(s -> s.withJob(job));
    }

    /** Enter or Space then produces it. */
    void focus() {
        run.requestFocus();
    }

    /** @param share of it that is done, when it runs or waits to */
    void showRun(OptionalDouble share) {
        boolean running = share.isPresent();
        share.ifPresent(progress::setProgress);
        Ui.show(progress, running);
        // What loses the keys by this hands them on, or they would go to another job.
        if (running) {
            Ui.show(stop, true);
            handOn(run, stop);
            run.setDisable(true);
        } else {
            run.setDisable(!possible);
            handOn(stop, run);
            Ui.show(stop, false);
        }
    }

    private static void handOn(Button from, Button to) {
        if (from.isFocused()) {
            to.requestFocus();
        }
    }

    Id job() {
        return job;
    }
}
