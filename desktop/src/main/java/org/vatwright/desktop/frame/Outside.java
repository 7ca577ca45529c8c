package org.vatwright.desktop.frame;

import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What the window asks of the system around it. */
public interface Outside {

    /** A kind of file to choose, such as ("Vatwright project", "*.vatwright"). */
    record FileKind(String words, String... patterns) {

        /** @return what the names of new ones end in, such as ".vatwright" */
        String ending() {
            return patterns[0].substring(1);
        }

        /** @return whether it is called as new ones are */
        boolean ends(Path path) {
            return ends(path, patterns[0]);
        }

        /** @return whether it is called as any of them is */
        boolean has(Path path) {
            return Stream.of(patterns).anyMatch(pattern -> ends(path, pattern));
        }

        private static boolean ends(Path path, String pattern) {
            return path.toString().toLowerCase(Locale.ROOT).endsWith(pattern.substring(1).toLowerCase(Locale.ROOT));
        }
    }

    Optional<Path> askOpen(String title, FileKind kind);

    /** @return the name as it was typed; about a file of just this name the system has asked */
    Optional<Path> askName(String title, String proposal, FileKind kind);

    /**
     * Asks where to write. A name without the kind's ending is given it; if a file is called so, it is asked for once
     * more, for about that one nobody was asked.
     */
    default Optional<Path> askSave(String title, String proposal, FileKind kind) {
        Optional<Path> typed = askName(title, proposal, kind);
        while (typed.isPresent() && !kind.ends(typed.get())) {
            Path whole = Path.of(typed.get() + kind.ending());
            if (!Files.exists(whole, LinkOption.NOFOLLOW_LINKS)) {
                return Optional.of(whole);
            }
            typed = askName(title, whole.getFileName().toString(), kind);
        }
        return typed;
    }

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
