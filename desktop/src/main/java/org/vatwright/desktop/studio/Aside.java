package org.vatwright.desktop.studio;

import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Function;

import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** Work beside the window whose latest result alone counts. */
public final class Aside<T> {

    /** Two, so that a long question does not keep a short one waiting. */
    private static final ExecutorService HANDS = Executors.newFixedThreadPool(2,
            task -> Rows.thread(task, "vatwright-aside"));

    private final Executor deliver;
    private final Consumer<T> take;
    private final AtomicReference<Object> latest = new AtomicReference<>();

    /** @param deliver where {@code take} is called */
    public Aside(Executor deliver, Consumer<T> take) {
        this.deliver = deliver;
        this.take = take;
    }

    /**
     * @param value what the work depends on; the same one again is not worked on again, unless the work failed
     * @param work stopped when another value is asked for; between its strips it waits while the window is being laid out
     */
    public void ask(Object value, Function<Work, T> work) {
        if (value.equals(latest.get())) {
            return;
        }
        latest.set(value);
        HANDS.execute(() -> work(value, work));
    }

    private void work(Object value, Function<Work, T> work) {
        WindowFirst.giveWay();
        if (latest.get() != value) {
            return;
        }
        try {
            T result = work.apply(Work.plain().stoppedBy(() -> {
                WindowFirst.giveWay();
                return latest.get() != value;
            }));
            deliver.execute(() -> {
                if (latest.get() == value) {
                    take.accept(result);
                }
            });
        } catch (CancellationException e) {
            // Another value was asked for.
        } catch (Throwable e) {
            latest.compareAndSet(value, null);
            Faults.pass(e);
        }
    }
}
