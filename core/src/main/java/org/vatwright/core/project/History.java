package org.vatwright.core.project;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/**
 * The present project and the way back. Undo is keeping the old value. A drag is one step: edits made between
 * {@link #begin} and {@link #end} count as one. Not safe to use from several threads.
 */
public final class History {

    private record Step(String name, Project before, Project after) {}

    private static final int MOST_STEPS = 10_000;

    private final Deque<Step> done = new ArrayDeque<>();
    private final Deque<Step> undone = new ArrayDeque<>();
    private Project present;
    private Optional<Project> saved;
    private String running;
    private Project beforeRun;

    public History(Project start) {
        present = start;
        saved = Optional.of(start);
    }

    public Project present() {
        return present;
    }

    /** Takes the new state under that name; nothing happens when nothing changed. */
    public void edit(String name, Project after) {
        if (running != null) {
            running = name;
            present = after;
        } else if (!after.equals(present)) {
            push(new Step(name, present, after));
        }
    }

    /** Opens a step that takes in all edits until {@link #end}. */
    public void begin(String name) {
        if (running == null) {
            running = name;
            beforeRun = present;
        }
    }

    /** Closes the step; a step that changed nothing leaves no trace. */
    public void end() {
        if (running != null) {
            Step step = new Step(running, beforeRun, present);
            running = null;
            present = beforeRun;
            if (!step.before().equals(step.after())) {
                push(step);
            }
        }
    }

    /** @return whether a step is open, as while something is dragged */
    public boolean open() {
        return running != null;
    }

    /** Gives up the open step. */
    public void cancel() {
        if (running != null) {
            running = null;
            present = beforeRun;
        }
    }

    private void push(Step step) {
        done.push(step);
        undone.clear();
        present = step.after();
        if (done.size() > MOST_STEPS) {
            done.removeLast();
        }
    }

    public Optional<String> undoName() {
        return Optional.ofNullable(done.peek()).map(Step::name);
    }

    public Optional<String> redoName() {
        return Optional.ofNullable(undone.peek()).map(Step::name);
    }

    public void undo() {
        end();
        if (!done.isEmpty()) {
            Step step = done.pop();
            undone.push(step);
            present = step.before();
        }
    }

    public void redo() {
        end();
        if (!undone.isEmpty()) {
            Step step = undone.pop();
            done.push(step);
            present = step.after();
        }
    }

    /** @return the project before the last step, to be held against the present one */
    public Optional<Project> before() {
        return Optional.ofNullable(done.peek()).map(Step::before);
    }

    /** @param state of the project that is on the disk, which may be an earlier one than the present */
    public void markSaved(Project state) {
        saved = Optional.of(state);
    }

    /** Notes that no state of the project is on the disk as it should be. */
    public void markUnsaved() {
        saved = Optional.empty();
    }

    public boolean unsaved() {
        return !saved.filter(present::equals).isPresent();
    }
}
