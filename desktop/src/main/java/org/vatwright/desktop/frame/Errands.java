package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Rows;
import org.vatwright.desktop.studio.Faults;
import org.vatwright.desktop.studio.Message;

/**
 * What the desk fetches beside the window, one after the other, so that the window answers all the while. What takes long
 * is said, and can be stopped: its result is not taken then.
 */
public final class Errands {

    private static final long QUIET_MILLIS = 400;

    private final Consumer<Message> say;
    private final Executor window;
    private final ExecutorService runner = Executors
            .newSingleThreadExecutor(task -> Rows.thread(task, "vatwright-errand"));
    private final AtomicInteger open = new AtomicInteger();

    /** @param window where {@code say} and what follows an errand are called */
    Errands(Consumer<Message> say, Executor window) {
        this.say = say;
        this.window = window;
    }

    /** @return whether all is fetched and taken */
    public boolean idle() {
        return open.get() == 0;
    }

    /**
     * @param doing what is said when it takes long, as "Reading quay.svg"
     * @param then takes the result, unless the errand was refused, failed or was stopped
     */
    <T> void run(String doing, Supplier<T> work, Consumer<T> then) {
        run(doing, work, then, () -> {});
    }

    /** Reads a file; a refusal names it. */
    <T> void read(Path path, Supplier<T> work, Consumer<T> then) {
        run("Reading " + path.getFileName(), () -> {
            try {
                return work.get();
            } catch (Refusal e) {
                throw new Refusal("%s was not read: %s".formatted(path.getFileName(), e.getMessage()), e);
            }
        }, then);
    }

    /** @param otherwise called after it was said why nothing came of it */
    <T> void run(String doing, Supplier<T> work, Consumer<T> then, Runnable otherwise) {
        Errand<T> errand = new Errand<>(doing, work, then, otherwise);
        open.incrementAndGet();
        errand.future = runner.submit(errand::fetch);
        CompletableFuture.delayedExecutor(QUIET_MILLIS, TimeUnit.MILLISECONDS, window)
                .execute(errand::tellThatItTakesLong);
    }

    /** Touched on the window's thread but for the fetching. */
    private final class Errand<T> {

        private final String doing;
        private final Supplier<T> work;
        private final Consumer<T> then;
        private final Runnable otherwise;
        private volatile Future<?> future;
        private boolean over;

        Errand(String doing, Supplier<T> work, Consumer<T> then, Runnable otherwise) {
            this.doing = doing;
            this.work = work;
            this.then = then;
            this.otherwise = otherwise;
        }

        void tellThatItTakesLong() {
            if (!over) {
                say.accept(Message.hint(doing + "\u2026").offering("stop", this::stop).whileItGoesOn(() -> !over));
            }
        }

        private void stop() {
            if (!over) {
                future.cancel(true);
                end(() -> {
                    say.accept(Message.hint(doing + " was stopped; nothing was changed."));
                    otherwise.run();
                });
            }
        }

        void fetch() {
            try {
                T result = work.get();
                window.execute(() -> end(() -> then.accept(result)));
            } catch (Refusal e) {
                window.execute(() -> end(() -> {
                    say.accept(Message.refused(e.getMessage()));
                    otherwise.run();
                }));
            } catch (Throwable e) {
                Faults.pass(e);
                window.execute(() -> end(otherwise));
            }
        }

        private void end(Runnable last) {
            if (!over) {
                over = true;
                try {
                    last.run();
                } finally {
                    open.decrementAndGet();
                }
            }
        }
    }
}
