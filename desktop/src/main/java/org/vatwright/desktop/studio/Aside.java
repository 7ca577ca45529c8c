package org.vatwright.desktop.studio;

import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** Work beside the window whose latest result alone counts. */
public final class Aside<T> {

    private static final ExecutorService HANDS = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "vatwright-aside");
        thread.setDaemon(true);
        return thread;
    });

    private final Executor deliver;
    private final Consumer<T> take;
    private final AtomicReference<Object> latest = new AtomicReference<>();

    /** @param deliver where {@code take} is called */
    public Aside(Executor deliver, Consumer<T> take) {
        this.deliver = deliver;
        this.take = take;
    }

    /** @param value what the work depends on; the same one again is not worked on again */
    public void ask(Object value, Supplier<T> work) {
        if (value.equals(latest.get())) {
            return;
        }
        latest.set(value);
        HANDS.execute(() -> {
            if (latest.get() == value) {
                T result = work.get();
                deliver.execute(() -> {
                    if (latest.get() == value) {
                        take.accept(result);
                    }
                });
            }
        });
    }
}
