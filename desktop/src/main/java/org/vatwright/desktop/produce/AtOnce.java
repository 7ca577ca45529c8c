package org.vatwright.desktop.produce;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Task;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.produce.Producer;

/** Writes what is in view as a PNG by one click, where the docket's jobs go, without a job that stays on the docket. */
public final class AtOnce {

    private final Studio studio;
    private final Desk desk;
    private final Press press;

    public AtOnce(Studio studio, Desk desk, Press press) {
        this.studio = studio;
        this.desk = desk;
        this.press = press;
    }

    /** Writes the tile of the design in view in its colourway. */
    public void tile() {
        studio.design().ifPresent(d -> write(d.name() + " tile", new Task.Tile(d.id(), studio.colourway(d).name())));
    }

    /** Writes the article in view as it is dressed. */
    public void article() {
        studio.article().ifPresent(a -> write(a.name() + " article", new Task.Dressed(a.id(), Optional.empty())));
    }

    private void write(String name, Task task) {
        Project project = studio.project();
        List<String> names = project.jobs().stream().map(Job::name).toList();
        // Where the docket has it already, it is written as it is set there.
        Optional<Job> known = project.jobs().stream()
                .filter(j -> j.task().equals(task) && j.output().format() == Output.Format.PNG).findFirst();
        Job job = known.orElseGet(() -> new Job(names.contains(name) ? Palette.freeName(name, names) : name, task,
                new Output(Output.Format.PNG, project.density())));
        Producer producer = new Producer(known.isPresent() ? project : project.addJob(job), studio.faces());
        press.run(producer::run, job, desk.producedFolder());
        studio.say(Message.hint("Writing %s to %s\u2026".formatted(job.name(), desk.producedFolder()))
                .offering("stop", () -> press.stop(job.id())).whileItGoesOn(() -> press.share(job.id()).isPresent()));
    }
}
