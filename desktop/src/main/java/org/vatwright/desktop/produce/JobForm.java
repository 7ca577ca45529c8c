package org.vatwright.desktop.produce;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Project;
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
    private final TextField name = new TextField();
    private final ComboBox<String> subject = new ComboBox<>();
    private final ComboBox<String> colourway = new ComboBox<>();
    private final ComboBox<Job.Format> format = new ComboBox<>();
    private final NumberRow density;
    private final NumberRow width;
    private final NumberRow height;
    private final NumberRow quality;
    private boolean showing;

    JobForm(Studio studio) {
        super(8);
        this.studio = studio;
        getStyleClass().add("card");
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
        subject.setOnAction(e -> choose(subject.getValue(), s -> edit("produce " + s, j -> j.withSubject(s))));
        colourway.setAccessibleText("Colourway");
        colourway.setOnAction(e -> choose(colourway.getValue(),
                c -> edit("produce in " + c, j -> j.withColourway(c.equals(EACH_ITS_OWN) ? "" : c))));
        format.setId("job-format");
        format.setAccessibleText("Kind of file");
        format.setOnAction(e -> {
            if (!showing && format.getValue() != null) {
                edit("produce as " + format.getValue(), j -> j.withFormat(format.getValue()));
            }
        });
        density = NumberRow.density(studio, "Density", "density of the job", d -> edit(
                "produce at %s dpi".formatted(Numbers.plain(d.dpi())), j -> j.withDensity(d)));
        width = NumberRow.length(studio, "Width", "field width",
                mm -> edit("field width", j -> j.withSize(mm, j.heightMm())));
        height = NumberRow.length(studio, "Height", "field height",
                mm -> edit("field height", j -> j.withSize(j.widthMm(), mm)));
        quality = NumberRow.number(studio, "Quality", "JPEG quality", "", 0, 1,
                n -> edit("JPEG quality", j -> j.withQuality((int) Math.rint(n))));
        getChildren().addAll(name, Ui.labelled("Of", subject), Ui.labelled("Colourway", colourway),
                Ui.labelled("File", format), density, width, height, quality,
                Ui.row(Ui.spring(), Ui.link("remove this job", this::remove)));
    }

    private void choose(String value, java.util.function.Consumer<String> take) {
        if (!showing && value != null) {
            take.accept(value);
        }
    }

    private void edit(String what, UnaryOperator<Job> change) {
        String job = studio.selection().job();
        studio.edit(what,
                p -> p.withJobs(p.jobs().stream().map(j -> j.name().equals(job) ? change.apply(j) : j).toList()));
    }

    private void rename() {
        String wanted = name.getText().strip();
        if (!showing && !wanted.isEmpty() && !wanted.equals(studio.selection().job())) {
            String old = studio.selection().job();
            if (studio.edit("rename job", p -> p.withJobs(
                    p.jobs().stream().map(j -> j.name().equals(old) ? j.withName(wanted) : j).toList()))) {
                studio.select(s -> s.withJob(wanted));
            }
        }
    }

    private void remove() {
        String job = studio.selection().job();
        studio.edit("remove job " + job,
                p -> p.withJobs(p.jobs().stream().filter(j -> !j.name().equals(job)).toList()));
    }

    void show(Job job) {
        showing = true;
        Project project = studio.project();
        if (!name.isFocused()) {
            name.setText(job.name());
        }
        List<String> subjects = job.ofDesign()
                ? project.designs().stream().map(Design::name).toList()
                : project.articles().stream().map(Article::name).toList();
        items(subject, subjects, job.subject());
        List<String> colourways = new ArrayList<>();
        if (job.ofDesign()) {
            project.design(job.subject())
                    .ifPresent(d -> d.palette().colourways().forEach(c -> colourways.add(c.name())));
        } else {
            colourways.add(EACH_ITS_OWN);
            project.designs().stream().flatMap(d -> d.palette().colourways().stream()).map(Colourway::name).distinct()
                    .forEach(colourways::add);
        }
        items(colourway, colourways, job.colourway().isEmpty()
                ? colourways.isEmpty() ? "" : colourways.getFirst()
                : job.colourway());
        List<Job.Format> formats = new ArrayList<>(List.of(Job.Format.values()));
        formats.removeIf(f -> job.kind() != Job.Kind.TILE && f.vector());
        if (!format.getItems().equals(formats)) {
            format.getItems().setAll(formats);
        }
        format.setValue(job.format());
        density.show(job.density().dpi());
        width.show(job.widthMm());
        height.show(job.heightMm());
        quality.show(job.quality());
        Ui.show(density, !job.format().vector());
        Ui.show(width, job.kind() == Job.Kind.FIELD);
        Ui.show(height, job.kind() == Job.Kind.FIELD);
        Ui.show(quality, job.format() == Job.Format.JPEG);
        showing = false;
    }

    private static void items(ComboBox<String> box, List<String> items, String value) {
        if (!box.getItems().equals(items)) {
            box.getItems().setAll(items);
        }
        box.setValue(value);
    }
}
