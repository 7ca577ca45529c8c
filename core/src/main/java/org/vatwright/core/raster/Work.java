package org.vatwright.core.raster;

import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/**
 * How work over many rows is to be done.
 *
 * @param threads at least 1; the result is the same to the bit with any number
 * @param stop asked between strips of rows; when true the work ends with {@link CancellationException}
 * @param progress told the share done, 0 to 1, from any thread
 */
public record Work(int threads, BooleanSupplier stop, DoubleConsumer progress) {

    public static Work on(int threads) {
        return new Work(threads, () -> false, share -> {});
    }

    /** On all cores. */
    public static Work plain() {
        return on(Runtime.getRuntime().availableProcessors());
    }

    public Work stoppedBy(BooleanSupplier when) {
        return new Work(threads, when, progress);
    }

    public Work telling(DoubleConsumer listener) {
        return new Work(threads, stop, listener);
    }

    public void goOn() {
        if (stop.getAsBoolean()) {
            throw new CancellationException("stopped");
        }
    }
}
