package org.vatwright.core.raster;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;

/** Shares out rows among threads in strips; each strip is done whole by one thread. */
public final class Rows {

    private static final ExecutorService HANDS = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "vatwright-rows");
        thread.setDaemon(true);
        return thread;
    });

    private Rows() {}

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
        Runnable hand = () -> {
            for (int s = next.getAndIncrement(); s < strips; s = next.getAndIncrement()) {
                work.goOn();
                strip.run(s * most, Math.min(rows, (s + 1) * most));
                work.progress().accept((double) done.incrementAndGet() / strips);
            }
        };
        int helpers = Math.min(work.threads(), strips) - 1;
        List<Future<?>> others = new ArrayList<>(Math.max(helpers, 0));
        for (int i = 0; i < helpers; i++) {
            others.add(HANDS.submit(hand));
        }
        try {
            hand.run();
        } finally {
            next.set(strips);
            others.forEach(Rows::join);
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

    private static void join(Future<?> other) {
        try {
            other.get();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException("stopped");
        }
    }
}
