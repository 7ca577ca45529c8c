package org.vatwright.desktop.studio;

import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * Keeps one picture of the window true, beside the window's own work: a first picture at a lower density when the true
 * one takes long, then the true one. The last wish wins; a first picture once begun is always shown, so that cloth
 * moves while a hand drags.
 */
public final class LiveCloth {

    /** Below this a true picture is as good as a first one: with the window's own part it is there within 40 ms. */
    private static final long QUICK_NANOS = 22_000_000;
    /** A first picture that takes longer than this gives way: better none of a drag than one of long ago. */
    private static final long PATIENCE_NANOS = 1_500_000_000;
    private static final double FIRST_FINENESS = 1.0 / 3;
    /** What to draw: at full density, or at a share of it. */
    @FunctionalInterface
    public interface Subject {
        Raster draw(double fineness, Work work);
    }

    /** @param trueOne whether it has full density @param of what was asked for */
    public record Picture(Raster raster, boolean trueOne, Subject of) {}

    private final Executor deliver;
    private final Consumer<Picture> show;
    private final Runnable failed;
    private final boolean near;
    private final Object lock = new Object();
    private Subject wanted;
    private boolean busy;
    private long lastNanos;
    private final AtomicLong waited = new AtomicLong();

    /**
     * @param deliver where the others are called, as the window's own thread
     * @param failed called when a picture could not be drawn: it may be asked for again
     * @param near whether the hand works on it, so that it comes before all others
     */
    public LiveCloth(Executor deliver, Consumer<Picture> show, Runnable failed, boolean near) {
        this.near = near;
        this.deliver = deliver;
        this.show = show;
        this.failed = failed;
    }

    public void ask(Subject subject) {
        ask(subject, false);
    }

    /** @param small whether it is one of the small pictures, which come after the others */
    public void ask(Subject subject, boolean small) {
        if (near) {
            Artists.asked();
        }
        synchronized (lock) {
            wanted = subject;
            if (!busy) {
                busy = true;
                Artists.draw(near, small, this::work);
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
            WindowFirst.giveWay();
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
            } catch (Throwable e) {
                // The artist goes on with whatever is wanted next.
                deliver.execute(failed);
                Faults.pass(e);
            }
        }
    }

    private void draw(Subject subject) {
        long begun = System.nanoTime();
        if (lastNanos > QUICK_NANOS) {
            hand(new Picture(
                    subject.draw(FIRST_FINENESS, Work.plain().stoppedBy(() -> newerWaits(begun, PATIENCE_NANOS))),
                    false, subject));
        }
        long second = System.nanoTime();
        waited.set(0);
        long patience = lastNanos > QUICK_NANOS ? 0 : QUICK_NANOS;
        Raster raster = subject.draw(1, Work.plain().stoppedBy(() -> newerWaits(second, patience)));
        // What it waited for others says nothing about how long it takes.
        lastNanos = System.nanoTime() - second - waited.get();
        hand(new Picture(raster, true, subject));
    }

    /** @return whether something newer is wanted than what was begun longer ago than that */
    private boolean newerWaits(long begun, long patience) {
        if (!near) {
            waited.addAndGet(Artists.giveWay());
        }
        if (System.nanoTime() - begun < patience) {
            return false;
        }
        synchronized (lock) {
            return wanted != null;
        }
    }

    private void hand(Picture picture) {
        deliver.execute(() -> {
            show.accept(picture);
            if (near) {
                Artists.shown();
            }
        });
    }
}
