package org.vatwright.desktop.produce;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;

import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Job;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Observation;
import org.vatwright.files.log.Fault;

/**
 * Runs jobs beside the window, one after the other. However a job ends, by itself, stopped, refused or by a fault, it is
 * over and said, and the next one runs. Called on the window's thread.
 */
public final class Press {

    /** Does a job. */
    @FunctionalInterface
    interface Maker {
        /** @return the file it wrote */
        Path make(Job job, Path folder, Work work);
    }

    /** A job that is running or waits to. */
    private static final class Run {

        private final AtomicBoolean stop = new AtomicBoolean();
        private final AtomicBoolean telling = new AtomicBoolean();
        private volatile double share;
        private Future<?> future;
    }

    private final Executor window;
    private final Consumer<Message> say;
    private final Consumer<Path> showFolder;
    private final ExecutorService hand = Executors
            .newSingleThreadExecutor(task -> Rows.thread(task, "vatwright-press"));
    private final Map<Id, Run> runs = new HashMap<>();
    private final List<Runnable> watchers = new ArrayList<>();

    /** @param window where all the others are called */
    public Press(Executor window, Consumer<Message> say, Consumer<Path> showFolder) {
        this.window = window;
        this.say = say;
        this.showFolder = showFolder;
    }

    /** @param watcher told when a job began, went on or ended */
    public Observation watch(Runnable watcher) {
        watchers.add(watcher);
        return () -> watchers.remove(watcher);
    }

    /** @return how much of a job is done, when it runs or waits to */
    public OptionalDouble share(Id job) {
        Run run = runs.get(job);
        return run == null ? OptionalDouble.empty() : OptionalDouble.of(run.share);
    }

    /** @return how many jobs run or wait to */
    public int busy() {
        return runs.size();
    }

    /** Runs a job as it is now, unless it is running; what becomes of it later has no part in it. */
    void run(Maker maker, Job job, Path folder) {
        if (!runs.containsKey(job.id())) {
            Run run = new Run();
            runs.put(job.id(), run);
            run.future = hand.submit(() -> work(maker, job, folder, run));
            tell();
        }
    }

    private void work(Maker maker, Job job, Path folder, Run run) {
        Message message;
        try {
            Work work = Work.plain().stoppedBy(run.stop::get).telling(share -> progress(run, share));
            work.goOn();
            Path file = maker.make(job, folder, work);
            message = Message.done("%s is written to %s.".formatted(file.getFileName(), file.getParent()))
                    .offering("open folder", () -> showFolder.accept(file.getParent()));
        } catch (CancellationException e) {
            message = Message.hint(job.name() + " was stopped; nothing was written.");
        } catch (Throwable e) {
            message = Message.wrong(job.name() + ": " + Fault.told(e) + ".");
        }
        Message said = message;
        window.execute(() -> {
            runs.remove(job.id(), run);
            tell();
            say.accept(said);
        });
    }

    /** Every strip of rows tells; the window hears as often as it can follow. */
    private void progress(Run run, double share) {
        run.share = share;
        if (run.telling.compareAndSet(false, true)) {
            window.execute(() -> {
                run.telling.set(false);
                tell();
            });
        }
    }

    private void tell() {
        List.copyOf(watchers).forEach(Runnable::run);
    }

    public void stop(Id job) {
        Run run = runs.get(job);
        if (run != null) {
            run.stop.set(true);
        }
    }

    /** Stops what runs and waits, and stays until nothing half written is left, or for as long as that. */
    public void stopAll(long millis) {
        List<Future<?>> futures = runs.values().stream().<Future<?>>map(r -> r.future).toList();
        runs.values().forEach(r -> r.stop.set(true));
        long end = System.currentTimeMillis() + millis;
        for (Future<?> future : futures) {
            try {
                future.get(Math.max(1, end - System.currentTimeMillis()), TimeUnit.MILLISECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            } catch (ExecutionException | TimeoutException e) {
                System.getLogger(Press.class.getName()).log(System.Logger.Level.WARNING, "a job was left running", e);
            }
        }
    }
}
