package org.vatwright.desktop.produce;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.FileName;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.JobPlan;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Task;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.FirstSteps;
import org.vatwright.desktop.control.Scroll;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.frame.StageView;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.produce.Producer;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Produce: the docket of jobs. They run beside the window, one after the other, and can be stopped. */
public final class ProduceStage extends StageView {

    private final Desk desk;
    private final VBox docket = new VBox(8);
    private final List<JobRow> rows = new ArrayList<>();
    private final Label where = Ui.label("");
    private final JobForm form;
    private final Label hint = Ui.prose("Choose a job to change its settings, or add one.", "quiet");
    private final Press press;
    private final ClothImage tile = new ClothImage();
    private final ClothImage field = new ClothImage();
    private final ClothImage dressed = new ClothImage();
    private final FirstSteps empty;

    public ProduceStage(Studio studio, Desk desk, Press press) {
        super(studio);
        this.desk = desk;
        this.press = press;
        press.watch(this::showRuns);
        form = new JobForm(studio, press);
        Button addTile = adding("add-tile", "Tile", "Add the tile of the design in view", this::ofTile);
        Button addField = adding("add-field", "Field", "Add a field of the design in view", this::ofField);
        Button addDressed = adding("add-dressed", "Dressed article", "Add the article in view", this::ofArticle);
        empty = new FirstSteps("Nothing on the docket yet", List.of(
                new FirstSteps.Step("first-tile", "A tile", "The repeat in whole pixels, for a printer.", tile,
                        this::ofTile),
                new FirstSteps.Step("first-field", "A field", "A stretch of the cloth at true size.", field,
                        this::ofField),
                new FirstSteps.Step("first-dressed", "A dressed article", "What is worn, as one picture.", dressed,
                        this::ofArticle)));
        Button all = Ui.button("Produce all", () -> studio.project().jobs().forEach(j -> run(j.id())));
        all.getStyleClass().add("pill");
        Button choose = Ui.link("choose a folder\u2026", () -> desk.outside().askFolder("Folder for what is produced")
                .ifPresent(p -> {
                    desk.produceInto(p);
                    refresh();
                }));
        choose.setId("choose-folder");
        Label add = Ui.label("Add", "card-title");
        add.setMinWidth(Region.USE_PREF_SIZE);
        var head = Ui.row(add, addTile, addField, addDressed, all, Ui.spring(), where,
                choose);
        head.getStyleClass().add("pane-head");
        ScrollPane scroll = new Scroll(docket);
        scroll.getStyleClass().add("bare-scroll");
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        docket.getStyleClass().add("docket");
        middle().setSpacing(8);
        middle().getChildren().addAll(head, scroll);
        column().getChildren().addAll(Ui.label("Settings of the job", "column-title"), hint, form);
    }

    private static Button adding(String id, String title, String words, Runnable add) {
        Button button = Ui.button(title, add);
        button.setId(id);
        button.setAccessibleText(words);
        button.getStyleClass().add("pill");
        Ui.tip(button, words);
        return button;
    }

    private void ofTile() {
        ofDesign("tile", (d, c) -> new Task.Tile(d, c));
    }

    private void ofField() {
        ofDesign("field", (d, c) -> new Task.Field(d, c, Task.Field.USUAL_MM, Task.Field.USUAL_MM));
    }

    /** The first steps, with the design and the article in view. */
    private void drawSteps() {
        int wide = (int) FirstSteps.WIDE;
        int high = (int) FirstSteps.HIGH;
        studio.design().ifPresent(d -> {
            int side = high - 20;
            Tile whole = d.repeat().tile();
            double one = side / Math.max(whole.widthMm(), whole.heightMm());
            Scenes.Field tiled = new Scenes.Field(d, studio.colourway(d), 0, 0,
                    (int) Math.max(1, whole.widthMm() * one), (int) Math.max(1, whole.heightMm() * one), one);
            tile.draw(tiled, tiled.subject(studio.tiles()), tiled.widthPx(), tiled.heightPx());
            Scenes.Field stretch = new Scenes.Field(d, studio.colourway(d), 0, 0, wide, high, one / 2);
            field.draw(stretch, stretch.subject(studio.tiles()), wide, high);
        });
        studio.article().ifPresent(a -> {
            Cut cut = studio.cut(a);
            double pxPerMm = Scenes.fit(cut.widthMm(), cut.heightMm(), wide, high, 10);
            Scenes.Dressed scene = new Scenes.Dressed(studio.project(), cut, Optional.empty(), pxPerMm);
            dressed.draw(a, scene.subject(studio.tiles()), cut.widthMm() * pxPerMm, cut.heightMm() * pxPerMm);
        });
    }

    private void ofDesign(String kind, BiFunction<Id, String, Task> task) {
        studio.design().ifPresentOrElse(
                d -> add(d.name() + " " + kind, task.apply(d.id(), studio.colourway(d).name())), this::nothing);
    }

    private void ofArticle() {
        studio.article().ifPresentOrElse(
                a -> add(a.name() + " article", new Task.Dressed(a.id(), Optional.empty())), this::nothing);
    }

    private void nothing() {
        studio.say(Message.wrong("There is nothing of that kind to produce yet."));
    }

    private void add(String wanted, Task task) {
        Project project = studio.project();
        List<String> names = project.jobs().stream().map(Job::name).toList();
        String name = names.contains(wanted) ? Palette.freeName(wanted, names) : wanted;
        Job job = new Job(name, task, new Output(Output.Format.PNG, project.density()));
        if (studio.edit("add job " + name, p -> p.addJob(job), s -> s.withJob(job.id()))) {
            rows.stream().filter(r -> r.job().equals(job.id())).forEach(JobRow::focus);
        }
    }

    private void run(Id id) {
        Project project = studio.project();
        Producer producer = new Producer(project, studio.faces());
        project.job(id).ifPresent(job -> press.run(producer::run, job, desk.producedFolder()));
    }

    private void showRuns() {
        rows.forEach(row -> row.showRun(press.share(row.job())));
    }

    @Override
    public List<Runnable> furnishing() {
        return studio.project().jobs().stream().<Runnable>map(job -> () -> {
            Project project = studio.project();
            if (rows.size() < project.jobs().size()) {
                JobRow row = another();
                docket.getChildren().add(row);
                Job next = project.jobs().get(rows.size() - 1);
                row.show(next, FileName.of(next, project.jobs()), JobPlan.of(project, next, studio.faces()));
            }
        }).toList();
    }

    private JobRow another() {
        rows.add(new JobRow(studio, this::run, press::stop));
        return rows.getLast();
    }

    @Override
    public void refresh() {
        List<Job> jobs = studio.project().jobs();
        while (rows.size() < jobs.size()) {
            another();
        }
        while (rows.size() > jobs.size()) {
            rows.removeLast();
        }
        List<Node> shown = new ArrayList<>(rows);
        if (jobs.isEmpty()) {
            shown.add(empty);
            drawSteps();
        }
        if (!docket.getChildren().equals(shown)) {
            docket.getChildren().setAll(shown);
        }
        Map<Id, String> files = FileName.all(jobs);
        for (int i = 0; i < jobs.size(); i++) {
            Job job = jobs.get(i);
            rows.get(i).show(job, files.get(job.id()), JobPlan.of(studio.project(), job, studio.faces()));
        }
        showRuns();
        where.setText("into " + String.valueOf(desk.producedFolder()).replace(System.getProperty("user.home"), "~"));
        Optional<Job> chosen = studio.project().job(studio.selection().job());
        Ui.show(form, chosen.isPresent());
        Ui.show(hint, chosen.isEmpty());
        chosen.ifPresent(form::show);
        studio.tellFoot(f -> f.withNotes(List.of("%d jobs".formatted(jobs.size())), ""));
    }
}
