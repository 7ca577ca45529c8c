package org.vatwright.desktop.frame;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;

import org.vatwright.core.measure.Refusal;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.UserFolder;
import org.vatwright.files.recovery.RecoveryStore;

/** What the window remembers from one day to the next. */
public final class Settings {

    private static final String LAST = "last.project";
    private static final String SURROUND = "surround";

    private final UserFolder folder;
    private final Path file;
    private final Properties values = new Properties();

    public Settings(Path folder) {
        this.folder = new UserFolder(folder);
        file = folder.resolve("settings.properties");
        if (Files.isRegularFile(file)) {
            try (InputStream in = Files.newInputStream(file)) {
                values.load(in);
            } catch (IOException | IllegalArgumentException e) {
                System.getLogger(Settings.class.getName()).log(System.Logger.Level.WARNING, "settings not read", e);
            }
        }
    }

    /** @return in the user's own folder, or where the property {@code vatwright.settings} says */
    public static Settings standard() {
        return new Settings(UserFolder.standard().path());
    }

    UserFolder folder() {
        return folder;
    }

    /** @return where work is kept for recovery */
    public RecoveryStore recovery() {
        return new RecoveryStore(folder.recovery());
    }

    public Optional<Path> lastProject() {
        try {
            return Optional.ofNullable(values.getProperty(LAST)).map(Path::of).filter(Files::isReadable);
        } catch (InvalidPathException e) {
            System.getLogger(Settings.class.getName()).log(System.Logger.Level.WARNING, "the last project", e);
            return Optional.empty();
        }
    }

    public void lastProject(Path path) {
        set(LAST, path.toAbsolutePath().toString());
    }

    public String surround() {
        return values.getProperty(SURROUND, "grey");
    }

    public void surround(String tone) {
        set(SURROUND, tone);
    }

    private void set(String name, String value) {
        values.setProperty(name, value);
        try {
            Disk.writeWhole(file, out -> values.store(out, "Vatwright"));
        } catch (Refusal e) {
            // A window that cannot remember still works.
            System.getLogger(Settings.class.getName()).log(System.Logger.Level.WARNING, e.getMessage());
        }
    }
}
