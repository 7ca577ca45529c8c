package org.vatwright.files.disk;

import java.nio.file.Path;

/** Where the program keeps what is the user's but in no project: settings, the log, what is kept for recovery. */
public record UserFolder(Path path) {

    /** Names another folder, as a system property. */
    public static final String PROPERTY = "vatwright.settings";

    /** @return in the user's own folder, or where the property says */
    public static UserFolder standard() {
        String folder = System.getProperty(PROPERTY);
        return new UserFolder(
                folder != null ? Path.of(folder) : Path.of(System.getProperty("user.home"), ".vatwright"));
    }

    public Path log() {
        return path.resolve("log");
    }

    /** @return the user's own brushes */
    public Path brushes() {
        return path.resolve("brushes.json");
    }

    public Path recovery() {
        return path.resolve("recovery");
    }
}
