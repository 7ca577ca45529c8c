package org.vatwright.desktop.produce;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Work;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.frame.StageView;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.produce.JobPlan;
import org.vatwright.files.produce.Producer;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Produce: the docket of jobs. They run beside the window, one after the other, and can be stopped. */
public final class ProduceStage extends StageView {

    private static final ExecutorService PRESS = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "vatwright-press");
        thread.setDaemon(true);
        return thread;
    });

    private final Desk desk;
    private final VBox docket = new VBox(8);
    private final List<JobRow> rows = new ArrayList<>();
    private final Label where = Ui.label("", "on-cloth");
    private final JobForm form;
    private final Label hint = Ui.prose("Choose a job to change its settings, or add one.", "quiet");
    private final Map<String, AtomicBoolean> running = new ConcurrentHashMap<>();
    private Path folder;

    public ProduceStage(Studio studio, Desk desk) {
        super(studio);
        this.desk = desk;
        form = new JobForm(studio);
        MenuButton add = new MenuButton("Add a job");
        add.setId("add-job");
        add.getStyleClass().add("pill");
        for (Job.Kind kind : Job.Kind.values()) {
            String words = switch (kind) {
                case TILE -> "Tile of a design";
                case FIELD -> "Field of a design";
                case ARTICLE -> "Dressed article";
            };
            MenuItem item = new MenuItem(words);
            item.setOnAction(e -> add(kind));
            add.getItems().add(item);
        }
        Button all = Ui.button("Produce all", () -> studio.project().jobs().forEach(j -> run(j.name())));
        all.getStyleClass().add("pill");
        Button choose = Ui.link("choose a folder\u2026", () -> desk.outside().askFolder("Folder for what is produced")
                .ifPresent(p -> {
                    folder = p;
                    refresh();
                }));
        choose.setId("choose-folder");
        var head = Ui.row(add, all, Ui.spring(), where, choose);
        head.getStyleClass().add("pane-head");
        ScrollPane scroll = new ScrollPane(docket);
        scroll.getStyleClass().add("bare-scroll");
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        docket.getStyleClass().add("docket");
        middle().getStyleClass().add("plain-ground");
        middle().setSpacing(8);
        middle().getChildren().addAll(head, scroll);
        column().getChildren().addAll(Ui.label("Settings of the job", "column-title"), hint, form);
    }

    private Path folder() {
        return folder != null
                ? folder
                : desk.file().map(Path::getParent).orElse(Path.of(System.getProperty("user.home"))).resolve("produced");
    }

    private void add(Job.Kind kind) {
        Project project = studio.project();
        String subject = kind == Job.Kind.ARTICLE ? studio.selection().article() : studio.selection().design();
        if (subject.isEmpty()) {
            studio.say(Message.wrong("There is nothing of that kind to produce yet."));
            return;
        }
        String wanted = subject + " " + kind.name().toLowerCase(Locale.ROOT);
        List<String> names = project.jobs().stream().map(Job::name).toList();
        String name = names.contains(wanted) ? Palette.freeName(wanted, names) : wanted;
        Job job = new Job(name, kind, subject, kind == Job.Kind.ARTICLE ? "" : studio.selection().colourway(),
                Job.Format.PNG, project.density(), 1000, 1000, Producer.QUALITY);
        if (studio.edit("add job " + name, p -> p.addJob(job))) {
            studio.select(s -> s.withJob(name));
        }
    }

    private void run(String name) {
        Project project = studio.project();
        Optional<Job> found = project.jobs().stream().filter(j -> j.name().equals(name)).findFirst();
        if (found.isEmpty() || running.containsKey(name)) {
            return;
        }
        AtomicBoolean stop = new AtomicBoolean();
        running.put(name, stop);
        progress(name, 0);
        Path target = folder();
        PRESS.execute(() -> {
            Message message;
            try {
                Work work = Work.plain().stoppedBy(stop::get)
                        .telling(share -> Platform.runLater(() -> progress(name, share)));
                work.goOn();
                Path file = new Producer(project, studio.faces()).run(found.get(), target, work);
                message = Message.done(JobRow.written(file)).offering("open folder",
                        () -> desk.outside().showFolder(file.getParent()));
            } catch (CancellationException e) {
                message = Message.hint(name + " was stopped; nothing was written.");
            } catch (Refusal e) {
                message = Message.wrong(name + ": " + e.getMessage() + ".");
            } catch (OutOfMemoryError e) {
                message = Message.wrong(name + ": there is not enough memory for that many pixels; lower the density.");
            }
            Message said = message;
            Platform.runLater(() -> {
                running.remove(name);
                row(name).ifPresent(JobRow::idle);
                studio.say(said);
            });
        });
    }

    private void progress(String name, double share) {
        if (running.containsKey(name)) {
            row(name).ifPresent(r -> r.running(share));
        }
    }

    private Optional<JobRow> row(String name) {
        return rows.stream().filter(r -> name.equals(r.job())).findFirst();
    }

    private void halt(String name) {
        Optional.ofNullable(running.get(name)).ifPresent(stop -> stop.set(true));
    }

    @Override
    public void refresh() {
        List<Job> jobs = studio.project().jobs();
        while (rows.size() < jobs.size()) {
            rows.add(new JobRow(studio, this::run, this::halt));
        }
        while (rows.size() > jobs.size()) {
            rows.removeLast();
        }
        List<Node> shown = new ArrayList<>(rows);
        if (jobs.isEmpty()) {
            shown.add(Ui.prose(
                    "Nothing on the docket yet. Add a job: a tile for a printer, a field at true size, a dressed article.",
                    "quiet"));
        }
        if (!docket.getChildren().equals(shown)) {
            docket.getChildren().setAll(shown);
        }
        for (int i = 0; i < jobs.size(); i++) {
            rows.get(i).show(jobs.get(i), JobPlan.of(studio.project(), jobs.get(i), studio.faces()));
        }
        where.setText("into " + String.valueOf(folder()).replace(System.getProperty("user.home"), "~"));
        Optional<Job> chosen = jobs.stream().filter(j -> j.name().equals(studio.selection().job())).findFirst();
        Ui.show(form, chosen.isPresent());
        Ui.show(hint, chosen.isEmpty());
        chosen.ifPresent(form::show);
        studio.tellFoot(f -> f.withNotes(List.of("%d jobs".formatted(jobs.size())), ""));
    }
}
