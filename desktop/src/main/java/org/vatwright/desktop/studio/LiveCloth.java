package org.vatwright.desktop.studio;

import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * Keeps one picture of the window true, beside the window's own work: a first picture at a lower density when the true
 * one takes long, then the true one. The last wish wins; a first picture once begun is always shown, so that cloth
 * moves while a hand drags.
 */
public final class LiveCloth {

    /** Below this a true picture is as good as a first one. */
    private static final long QUICK_NANOS = 35_000_000;
    private static final double FIRST_FINENESS = 1.0 / 3;
    private static final ExecutorService ARTISTS = Executors.newFixedThreadPool(2, task -> {
        Thread thread = new Thread(task, "vatwright-artist");
        thread.setDaemon(true);
        return thread;
    });

    /** What to draw: at full density, or at a share of it. */
    @FunctionalInterface
    public interface Subject {
        Raster draw(double fineness, Work work);
    }

    /** @param trueOne whether it has full density */
    public record Picture(Raster raster, boolean trueOne) {}

    private final Executor deliver;
    private final Consumer<Picture> show;
    private final Object lock = new Object();
    private Subject wanted;
    private boolean busy;
    private long lastNanos;

    /** @param deliver where {@code show} is called, as the window's own thread */
    public LiveCloth(Executor deliver, Consumer<Picture> show) {
        this.deliver = deliver;
        this.show = show;
    }

    public void ask(Subject subject) {
        synchronized (lock) {
            wanted = subject;
            if (!busy) {
                busy = true;
                ARTISTS.execute(this::work);
            }
        }
    }

    /** @return whether nothing is wanted and nothing is being drawn */
    public boolean idle() {
        synchronized (lock) {
            return !busy;
        }
    }

    private void work() {
        while (true) {
            Subject subject;
            synchronized (lock) {
                subject = wanted;
                if (subject == null) {
                    busy = false;
                    return;
                }
                wanted = null;
            }
            try {
                draw(subject);
            } catch (CancellationException e) {
                // A newer wish is waiting.
            } catch (Refusal e) {
                System.getLogger(LiveCloth.class.getName()).log(System.Logger.Level.INFO, e.getMessage());
            } catch (RuntimeException | OutOfMemoryError e) {
                System.getLogger(LiveCloth.class.getName()).log(System.Logger.Level.ERROR, "could not draw", e);
            }
        }
    }

    private void draw(Subject subject) {
        if (lastNanos > QUICK_NANOS) {
            hand(subject.draw(FIRST_FINENESS, Work.plain()), false);
        }
        long begun = System.nanoTime();
        Raster raster = subject.draw(1, Work.plain().stoppedBy(this::newerWaits));
        lastNanos = System.nanoTime() - begun;
        hand(raster, true);
    }

    private boolean newerWaits() {
        synchronized (lock) {
            return wanted != null && lastNanos > QUICK_NANOS;
        }
    }

    private void hand(Raster raster, boolean trueOne) {
        deliver.execute(() -> show.accept(new Picture(raster, trueOne)));
    }
}
