package org.vatwright.core.raster;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;

/** Shares out rows among threads in strips; each strip is done whole by one thread. */
public final class Rows {

    /** Of threads that paint: where a hand waits for the window, the window comes first. */
    public static final int PRIORITY = Thread.MIN_PRIORITY + 1;

    private static final ExecutorService HANDS = Executors.newCachedThreadPool(task -> thread(task, "vatwright-rows"));

    private Rows() {}

    /** @return a thread that stands back behind the window's and keeps no program from ending */
    public static Thread thread(Runnable task, String name) {
        Thread thread = new Thread(task, name);
        thread.setDaemon(true);
        thread.setPriority(PRIORITY);
        return thread;
    }

    /** What is done to the rows {@code from} to below {@code to}. */
    @FunctionalInterface
    public interface Strip {
        void run(int from, int to);
    }

    /** Runs {@code strip} over 0..rows in pieces of at most {@code most} rows; returns when all are done. */
    public static void each(int rows, int most, Work work, Strip strip) {
        int strips = (rows + most - 1) / most;
        AtomicInteger next = new AtomicInteger();
        AtomicInteger done = new AtomicInteger();
        Helpers helpers = new Helpers(() -> {
            for (int s = next.getAndIncrement(); s < strips; s = next.getAndIncrement()) {
                work.goOn();
                strip.run(s * most, Math.min(rows, (s + 1) * most));
                work.progress().accept((double) done.incrementAndGet() / strips);
            }
        });
        for (int i = Math.min(work.threads(), strips); i > 1; i--) {
            HANDS.execute(helpers);
        }
        try {
            helpers.work.run();
        } finally {
            next.set(strips);
            helpers.join();
        }
    }

    /** Other threads at the same work. One that comes when all is done is not waited for: on a busy machine that takes long. */
    private static final class Helpers implements Runnable {

        private final Runnable work;
        private int busy;
        private boolean over;
        private Throwable failed;

        Helpers(Runnable work) {
            this.work = work;
        }

        private synchronized boolean begin() {
            busy += over ? 0 : 1;
            return !over;
        }

        private synchronized void end(Throwable why) {
            busy--;
            failed = failed == null ? why : failed;
            notifyAll();
        }

        @Override
        public void run() {
            if (!begin()) {
                return;
            }
            Throwable why = null;
            try {
                work.run();
            } catch (Throwable e) {
                why = e;
            } finally {
                end(why);
            }
        }

        /** Ends when nobody is at it any more, as the first of them that failed did. */
        synchronized void join() {
            over = true;
            boolean interrupted = false;
            while (busy > 0) {
                try {
                    wait();
                } catch (InterruptedException e) {
                    interrupted = true;
                }
            }
            if (interrupted) {
                Thread.currentThread().interrupt();
            }
            switch (failed) {
                case null -> {
                    if (interrupted) {
                        throw new CancellationException("stopped");
                    }
                }
                case RuntimeException e -> throw e;
                case Error e -> throw e;
                default -> throw new IllegalStateException(failed);
            }
        }
    }

    /** @return what {@code change} makes of each, in their order. @param most that one thread takes at once */
    public static <T, R> List<R> map(List<T> all, int most, Work work, Function<? super T, ? extends R> change) {
        Object[] made = new Object[all.size()];
        Work quiet = work.telling(share -> {});
        each(all.size(), most, quiet, (from, to) -> {
            for (int i = from; i < to; i++) {
                made[i] = change.apply(all.get(i));
            }
        });
        @SuppressWarnings("unchecked") // Only what change made was put in.
        List<R> list = (List<R>) Arrays.asList(made);
        return list;
    }
}
