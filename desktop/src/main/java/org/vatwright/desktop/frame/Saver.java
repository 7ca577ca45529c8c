package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.project.Project;
import org.vatwright.files.disk.FileStamp;
import org.vatwright.files.log.Fault;
import org.vatwright.files.project.ChangedMeanwhile;
import org.vatwright.files.project.ProjectFile;

/**
 * Saves projects beside the window's own work, one after the other. The program does not end before what was begun is
 * written.
 */
final class Saver {

    /** How saving went. */
    sealed interface Outcome {

        /** @param stamp of the file as it is now */
        record Saved(Optional<FileStamp> stamp) implements Outcome {}

        /** Someone else changed the file meanwhile; nothing was written. */
        record Changed(String sentence) implements Outcome {}

        /** Nothing was written, for another reason. */
        record Failed(String sentence) implements Outcome {}
    }

    private final ExecutorService hand;
    private final Executor deliver;
    /** Of the file that was written last, which the next save of it must find: several may be under way. */
    private Path lastFile;
    private Optional<FileStamp> lastStamp = Optional.empty();

    /** @param deliver where it is told how it went */
    Saver(Executor deliver) {
        this.deliver = deliver;
        // No thread is left waiting once all is saved, so that the program can end.
        hand = new ThreadPoolExecutor(0, 1, 1, TimeUnit.SECONDS, new LinkedBlockingQueue<>(),
                task -> new Thread(task, "vatwright-saver"));
    }

    /** @param seen the file as it was seen last; nothing to write over whatever is there */
    void save(Project project, Path path, Optional<FileStamp> seen, Consumer<Outcome> done) {
        hand.execute(() -> {
            Outcome outcome;
            try {
                outcome = new Outcome.Saved(write(project, path, seen));
            } catch (ChangedMeanwhile e) {
                outcome = new Outcome.Changed(e.getMessage());
            } catch (Refusal e) {
                outcome = new Outcome.Failed(e.getMessage());
            } catch (RuntimeException | Error e) {
                outcome = new Outcome.Failed("%s could not be saved; the file stays as it was: %s"
                        .formatted(path.getFileName(), Fault.told(e)));
            }
            Outcome told = outcome;
            deliver.execute(() -> done.accept(told));
        });
    }

    private Optional<FileStamp> write(Project project, Path path, Optional<FileStamp> seen) {
        // What was written here since the save was asked for is not someone else's.
        boolean own = path.equals(lastFile) && FileStamp.of(path).equals(lastStamp);
        Optional<FileStamp> expected = seen.isPresent() && own ? lastStamp : seen;
        lastStamp = ProjectFile.write(project, path, expected);
        lastFile = path;
        return lastStamp;
    }

    /** Saves after whatever is being saved, and waits for it. @return the file as it is now */
    Optional<FileStamp> saveNow(Project project, Path path, Optional<FileStamp> seen) {
        try {
            return hand.submit(() -> write(project, path, seen)).get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Refusal("saving was interrupted; save again", e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof Refusal refusal
                    ? refusal
                    : new Refusal("%s could not be saved; the file stays as it was: %s".formatted(path.getFileName(),
                            Fault.told(e.getCause())), e);
        }
    }
}
