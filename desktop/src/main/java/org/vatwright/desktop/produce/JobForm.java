package org.vatwright.desktop.produce;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Task;
import org.vatwright.desktop.control.Choice;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** The settings of the chosen job. */
final class JobForm extends VBox {

    private static final String EACH_ITS_OWN = "each its own";

    private final Studio studio;
    private final Press press;
    private final TextField name = new TextField();
    private final ComboBox<Choice> subject = new ComboBox<>();
    private final ComboBox<String> colourway = new ComboBox<>();
    private final ComboBox<Output.Format> format = new ComboBox<>();
    private final NumberRow density;
    private final NumberRow width;
    private final NumberRow height;
    private final NumberRow quality;
    private boolean showing;

    JobForm(Studio studio, Press press) {
        super(8);
        this.studio = studio;
        this.press = press;
        name.getStyleClass().add("title-field");
        name.setId("job-name");
        name.setAccessibleText("Name of the job");
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                rename();
            }
        });
        subject.setId("job-subject");
        subject.setAccessibleText("What is produced");
        subject.setOnAction(e -> choose(subject.getValue(),
                t -> edit("produce " + t.name(), j -> j.withTask(j.task().of(t.id())))));
        colourway.setAccessibleText("Colourway");
        colourway.setOnAction(e -> choose(colourway.getValue(),
                c -> edit("produce in " + c, j -> j.withTask(
                        j.task().in(c.equals(EACH_ITS_OWN) ? Optional.empty() : Optional.of(c))))));
        format.setId("job-format");
        format.setAccessibleText("Kind of file");
        format.setOnAction(e -> {
            if (!showing && format.getValue() != null) {
                edit("produce as " + format.getValue(), j -> j.withOutput(j.output().withFormat(format.getValue())));
            }
        });
        density = NumberRow.density(studio, "Density", "density of the job", d -> edit(
                "produce at %s dpi".formatted(Numbers.plain(d.dpi())), j -> j.withOutput(j.output().withDensity(d))));
        width = NumberRow.length(studio, "Width", "field width",
                mm -> field("field width", f -> new Task.Field(f.subject(), f.colourway(), mm, f.heightMm())));
        height = NumberRow.length(studio, "Height", "field height",
                mm -> field("field height", f -> new Task.Field(f.subject(), f.colourway(), f.widthMm(), mm)));
        quality = NumberRow.number(studio, "Quality", "JPEG quality", "", 0, 1,
                n -> edit("JPEG quality", j -> j.withOutput(j.output().withQuality((int) Math.rint(n)))));
        getChildren().addAll(name, Ui.labelled("Of", subject), Ui.labelled("Colourway", colourway),
                Ui.labelled("File", format), density, quality, Ui.pair(width, height),
                Ui.row(Ui.spring(), Ui.link("remove this job", this::remove)));
    }

    private <T> void choose(T value, Consumer<T> take) {
        if (!showing && value != null) {
            take.accept(value);
        }
    }

    private void edit(String what, UnaryOperator<Job> change) {
        Id job = studio.selection().job();
        studio.edit(what, p -> p.editJob(job, change));
    }

    private void field(String what, UnaryOperator<Task.Field> change) {
        edit(what, j -> j.task() instanceof Task.Field f ? j.withTask(change.apply(f)) : j);
    }

    private void rename() {
        String wanted = name.getText().strip();
        studio.project().job(studio.selection().job())
                .filter(j -> !showing && !wanted.isEmpty() && !wanted.equals(j.name()))
                .ifPresent(j -> edit("rename job", x -> x.withName(wanted)));
    }

    /** What is taken off the docket does not run on. */
    private void remove() {
        studio.project().job(studio.selection().job()).ifPresent(job -> {
            if (studio.edit("remove job " + job.name(),
                    p -> p.withJobs(p.jobs().stream().filter(j -> !j.id().equals(job.id())).toList()))) {
                press.stop(job.id());
            }
        });
    }

    void show(Job job) {
        showing = true;
        Project project = studio.project();
        if (!name.isFocused()) {
            name.setText(job.name());
        }
        List<Choice> subjects = job.task().design().isPresent()
                ? project.designs().stream().map(d -> new Choice(d.id(), d.name())).toList()
                : project.articles().stream().map(a -> new Choice(a.id(), a.name())).toList();
        items(subject, subjects,
                subjects.stream().filter(t -> t.id().equals(job.task().subject())).findFirst().orElse(null));
        List<String> colourways = new ArrayList<>();
        if (job.task().design().isPresent()) {
            project.design(job.task().subject())
                    .ifPresent(d -> d.palette().colourways().forEach(c -> colourways.add(c.name())));
        } else {
            colourways.add(EACH_ITS_OWN);
            project.designs().stream().flatMap(d -> d.palette().colourways().stream()).map(Colourway::name).distinct()
                    .forEach(colourways::add);
        }
        items(colourway, colourways,
                job.task().worn().orElseGet(() -> colourways.isEmpty() ? "" : colourways.getFirst()));
        List<Output.Format> formats = new ArrayList<>(List.of(Output.Format.values()));
        formats.removeIf(f -> job.task() instanceof Task.Field && f.vector());
        items(format, formats, job.output().format());
        Output output = job.output();
        if (job.task() instanceof Task.Field field) {
            width.show(field.widthMm());
            height.show(field.heightMm());
        }
        density.show(output.density().dpi());
        quality.show(output.quality());
        Ui.show(density, !output.format().vector());
        Ui.show(width, job.task() instanceof Task.Field);
        Ui.show(height, job.task() instanceof Task.Field);
        Ui.show(quality, output.format() == Output.Format.JPEG);
        showing = false;
    }

    private static <T> void items(ComboBox<T> box, List<T> items, T value) {
        if (!box.getItems().equals(items)) {
            box.getItems().setAll(items);
        }
        box.setValue(value);
    }
}
