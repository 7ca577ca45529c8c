package org.vatwright.desktop.studio;

import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

import org.vatwright.core.measure.Refusal;
import org.vatwright.files.log.Fault;

/**
 * The one place for what nobody catches, in the window and beside it: a sentence for the user, the details for the log,
 * and everything else goes on.
 */
public final class Faults implements Thread.UncaughtExceptionHandler {

    /** A fault of every pulse of the window is told once, not sixty times a second. */
    private static final long QUIET_NANOS = TimeUnit.SECONDS.toNanos(2);

    private final Executor window;
    private final Consumer<Message> say;
    private String last = "";
    private long lastNanos;

    /** @param window where {@code say} is called */
    public Faults(Executor window, Consumer<Message> say) {
        this.window = window;
        this.say = say;
    }

    /** Hands what failed on a thread that goes on to whoever hears of it. */
    public static void pass(Throwable e) {
        Thread thread = Thread.currentThread();
        thread.getUncaughtExceptionHandler().uncaughtException(thread, e);
    }

    @Override
    public void uncaughtException(Thread thread, Throwable e) {
        if (e instanceof CancellationException || toldJustNow(e)) {
            return;
        }
        String sentence = Fault.told(e);
        Message message = e instanceof Refusal
                ? Message.refused(sentence)
                : Message.refused(sentence + "; your work is as it was before");
        window.execute(() -> say.accept(message));
    }

    private synchronized boolean toldJustNow(Throwable e) {
        StackTraceElement[] trace = e.getStackTrace();
        String now = e + (trace.length == 0 ? "" : trace[0].toString());
        long time = System.nanoTime();
        boolean again = now.equals(last) && time - lastNanos < QUIET_NANOS;
        last = now;
        lastNanos = time;
        return again;
    }
}
