package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.Optional;

/** What the window asks of the system around it. */
public interface Outside {

    /** A kind of file to choose, such as ("Vatwright project", "*.vatwright"). */
    record FileKind(String words, String... patterns) {}

    Optional<Path> askOpen(String title, FileKind kind);

    Optional<Path> askSave(String title, String proposal, FileKind kind);

    Optional<Path> askFolder(String title);

    /** Shows a folder in the system's own file window. */
    void showFolder(Path folder);

    /** What to do about changes that are not saved. */
    enum Leave {
        SAVE, DISCARD, STAY
    }

    Leave askUnsaved(String project);

    /** @return whether what runs may be stopped, as the sentence says */
    boolean askStop(String sentence);
}
