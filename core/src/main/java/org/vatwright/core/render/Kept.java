package org.vatwright.core.render;

import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;

import org.vatwright.core.raster.Work;

import com.github.benmanes.caffeine.cache.AsyncCache;
import com.github.benmanes.caffeine.cache.Caffeine;

/**
 * Things that are dear to make, kept by the values they are made from; those used last stay. Each is made once at a time:
 * who asks for one that is being made waits for it. Safe to use from several threads, and while something is being made.
 */
public final class Kept<K, V> {

    private static final long ASK_MILLIS = 15;

    private final AsyncCache<K, V> cache;

    /** @param most weight of all together; one that weighs more by itself is not kept, and displaces nothing */
    public Kept(long most, ToLongFunction<V> weight) {
        cache = Caffeine.newBuilder().executor(Runnable::run).maximumWeight(most)
                .weigher((K key, V value) -> (int) Math.min(Integer.MAX_VALUE, weight.applyAsLong(value))).buildAsync();
    }

    /**
     * @param work asked, while waiting for another one's making, whether to go on
     * @param make on the asking thread; what it throws reaches who asked, and nothing is kept
     */
    public V get(K key, Work work, Supplier<V> make) {
        while (true) {
            CompletableFuture<V> mine = new CompletableFuture<>();
            CompletableFuture<V> other = cache.asMap().putIfAbsent(key, mine);
            if (other == null) {
                return made(mine, make);
            }
            try {
                return waited(other, work);
            } catch (MakingFailed e) {
                // Who made it was stopped or failed: it is tried here, under this one's own work.
                cache.asMap().remove(key, other);
            }
        }
    }

    /** @return whether it is there, without waiting for one that is being made */
    boolean has(K key) {
        CompletableFuture<V> there = cache.getIfPresent(key);
        return there != null && there.isDone() && !there.isCompletedExceptionally();
    }

    private static <V> V made(CompletableFuture<V> mine, Supplier<V> make) {
        try {
            V value = make.get();
            mine.complete(value);
            return value;
        } catch (RuntimeException | Error e) {
            // Who waits tries it itself; that it failed is said to who asked, and is no matter for the cache's log.
            mine.cancel(false);
            throw e;
        }
    }

    private static <V> V waited(CompletableFuture<V> other, Work work) throws MakingFailed {
        while (true) {
            work.goOn();
            try {
                return other.get(ASK_MILLIS, TimeUnit.MILLISECONDS);
            } catch (TimeoutException e) {
                // Asked again whether to go on.
                continue;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new CancellationException("stopped");
            } catch (ExecutionException | CompletionException | CancellationException e) {
                throw new MakingFailed();
            }
        }
    }

    private static final class MakingFailed extends Exception {
        private static final long serialVersionUID = 1;

        MakingFailed() {
            super("made elsewhere, without success", null, false, false);
        }
    }
}
