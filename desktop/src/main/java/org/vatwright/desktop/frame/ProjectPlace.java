package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.project.FileName;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.disk.FileStamp;
import org.vatwright.files.disk.OpenMark;
import org.vatwright.files.project.ChangedMeanwhile;
import org.vatwright.files.project.ProjectFile;

import javafx.application.Platform;

/** Where the open project stands on the disk, and its way there. */
final class ProjectPlace {

    private static final String BESIDE = "save beside it\u2026";

    private final Studio studio;
    private final Outside outside;
    private final Settings settings;
    private final Saver saver = new Saver(Platform::runLater);
    private Optional<Path> file = Optional.empty();
    /** The file as it was when it was read or written here. */
    private Optional<FileStamp> seen = Optional.empty();
    private Optional<OpenMark> mark = Optional.empty();

    ProjectPlace(Studio studio, Outside outside, Settings settings) {
        this.studio = studio;
        this.outside = outside;
        this.settings = settings;
    }

    Optional<Path> file() {
        return file;
    }

    Optional<FileStamp> seen() {
        return seen;
    }

    /** The project stands nowhere yet. */
    void leave() {
        at(Optional.empty(), Optional.empty());
    }

    /** @param stamp of the file as it was seen */
    void at(Optional<Path> path, Optional<FileStamp> stamp) {
        Optional<Path> now = path.map(Path::toAbsolutePath);
        seen = stamp;
        if (!now.equals(file)) {
            file = now;
            mark.ifPresent(OpenMark::close);
            mark = file.flatMap(f -> OpenMark.take(settings.folder(), f));
            if (file.isPresent() && mark.isEmpty()) {
                studio.say(Message
                        .hint(("%s is open in another window as well. Nothing is overwritten unseen: whoever saves"
                                + " second is told.").formatted(file.get().getFileName())));
            }
        }
        file.ifPresent(settings::lastProject);
    }

    /** Saves beside the window's own work. */
    void save() {
        studio.settle();
        if (file.isPresent()) {
            saveTo(file.get(), seen);
        } else {
            saveAs();
        }
    }

    /** Saves where the user says; what is there already was asked about by the system's own window. */
    void saveAs() {
        studio.settle();
        askPlace().ifPresent(path -> saveTo(path, Optional.empty()));
    }

    private Optional<Path> askPlace() {
        return outside.askSave("Save the project",
                FileName.of(studio.project().name()).toLowerCase(Locale.ROOT) + ProjectFile.SUFFIX, Desk.PROJECT);
    }

    private void saveTo(Path path, Optional<FileStamp> expected) {
        Project saved = studio.history().present();
        saver.save(saved, path, expected, outcome -> {
            switch (outcome) {
                case Saver.Outcome.Saved(Optional<FileStamp> stamp) -> {
                    saved(saved, path, stamp);
                    studio.say(Message.done("Saved as " + path.getFileName() + ".").offering("open folder",
                            () -> outside.showFolder(path.toAbsolutePath().getParent())));
                }
                case Saver.Outcome.Changed(String sentence) -> changed(path, sentence);
                case Saver.Outcome.Failed(String sentence) -> studio.say(Message.refused(sentence)
                        .offering(BESIDE, this::saveAs));
            }
        });
    }

    private void changed(Path path, String sentence) {
        studio.say(Message.refused(sentence + "; nothing was overwritten").offering("save over it",
                () -> saveTo(path, Optional.empty())).offering(BESIDE, this::saveAs));
    }

    private void saved(Project project, Path path, Optional<FileStamp> stamp) {
        at(Optional.of(path), stamp);
        studio.markSaved(project);
    }

    /** @return whether the present project may be closed */
    boolean mayLeave() {
        studio.settle();
        if (!studio.history().unsaved()) {
            return true;
        }
        return switch (outside.askUnsaved(studio.project().name())) {
            case SAVE -> file.or(this::askPlace).filter(this::saveBeforeLeaving).isPresent();
            case DISCARD -> true;
            case STAY -> false;
        };
    }

    /** The window is about to show something else, so it waits. */
    private boolean saveBeforeLeaving(Path path) {
        Project project = studio.history().present();
        try {
            saved(project, path,
                    saver.saveNow(project, path, file.equals(Optional.of(path)) ? seen : Optional.empty()));
            return true;
        } catch (ChangedMeanwhile e) {
            changed(path, e.getMessage());
            return false;
        } catch (Refusal e) {
            studio.say(Message.refused(e.getMessage()));
            return false;
        }
    }
}
