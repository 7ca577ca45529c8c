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
import org.vatwright.files.log.Fault;
import org.vatwright.files.project.ProjectFile;

/**
 * Saves projects beside the window's own work, one after the other. The program does not end before what was begun is
 * written.
 */
final class Saver {

    private final ExecutorService hand;
    private final Executor deliver;

    /** @param deliver where it is told how it went */
    Saver(Executor deliver) {
        this.deliver = deliver;
        // No thread is left waiting once all is saved, so that the program can end.
        hand = new ThreadPoolExecutor(0, 1, 1, TimeUnit.SECONDS, new LinkedBlockingQueue<>(),
                task -> new Thread(task, "vatwright-saver"));
    }

    /** @param done told what went wrong, in a sentence; nothing when it is saved */
    void save(Project project, Path path, Consumer<Optional<String>> done) {
        hand.execute(() -> {
            Optional<String> problem = Optional.empty();
            try {
                ProjectFile.write(project, path);
            } catch (Refusal e) {
                problem = Optional.of(e.getMessage());
            } catch (RuntimeException | Error e) {
                problem = Optional.of("%s could not be saved; the file stays as it was: %s"
                        .formatted(path.getFileName(), Fault.told(e)));
            }
            Optional<String> told = problem;
            deliver.execute(() -> done.accept(told));
        });
    }

    /** Saves after whatever is being saved, and waits for it. */
    void saveNow(Project project, Path path) {
        try {
            hand.submit(() -> ProjectFile.write(project, path)).get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Refusal("saving was interrupted; save again", e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof Refusal refusal
                    ? refusal
                    : new Refusal("%s could not be saved; the file stays as it was".formatted(path.getFileName()), e);
        }
    }
}
