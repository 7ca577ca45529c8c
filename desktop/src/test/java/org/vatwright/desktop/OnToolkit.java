package org.vatwright.desktop;

import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;

import javafx.application.Platform;

/** Parts of the window without a window: on the toolkit's thread, which whoever comes first starts. */
public final class OnToolkit {

    private OnToolkit() {}

    static synchronized void start() throws InterruptedException {
        CountDownLatch started = new CountDownLatch(1);
        try {
            Platform.startup(started::countDown);
        } catch (IllegalStateException e) {
            // Another test started it.
            started.countDown();
        }
        started.await();
        Platform.setImplicitExit(false);
    }

    public static <T> T run(Callable<T> what) throws Exception {
        start();
        FutureTask<T> task = new FutureTask<>(what);
        Platform.runLater(task);
        return task.get(20, TimeUnit.SECONDS);
    }
}
