package org.vatwright.desktop;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

import org.vatwright.desktop.frame.Outside;

/** Answers for the system's file windows, given beforehand. */
final class Offline implements Outside {

    final Deque<Path> answers = new ArrayDeque<>();
    final List<Path> foldersShown = new ArrayList<>();
    /** What was proposed where a name was asked for. */
    final List<String> names = new ArrayList<>();
    final List<String> asked = new ArrayList<>();
    boolean stop = true;
    Leave leave = Leave.DISCARD;

    @Override
    public Optional<Path> askOpen(String title, FileKind kind) {
        return Optional.ofNullable(answers.poll());
    }

    @Override
    public Optional<Path> askName(String title, String proposal, FileKind kind) {
        names.add(proposal);
        return Optional.ofNullable(answers.poll());
    }

    @Override
    public Optional<Path> askFolder(String title) {
        return Optional.ofNullable(answers.poll());
    }

    @Override
    public void showFolder(Path folder) {
        foldersShown.add(folder);
    }

    @Override
    public boolean askStop(String sentence) {
        asked.add(sentence);
        return stop;
    }

    @Override
    public Leave askUnsaved(String project) {
        return leave;
    }
}
