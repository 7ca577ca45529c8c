package org.vatwright.desktop.studio;

import java.util.concurrent.locks.LockSupport;

/**
 * While the window is being laid out with what was chosen, work beside it waits: nobody sees a picture before the window that
 * holds it stands, and two that share a processor take twice as long.
 */
public final class WindowFirst {

    private static final long MILLI = 1_000_000;
    /** A window that takes longer is not waited for. */
    private static final long MOST_NANOS = 60 * MILLI;
    private static final long LOOK_NANOS = MILLI / 2;
    private static volatile long until = System.nanoTime();

    private WindowFirst() {}

    /** Notes that something else is to be shown, before all that shows it is told. */
    public static void changes() {
        until = System.nanoTime() + MOST_NANOS;
    }

    /** Notes that it stands. */
    public static void stands() {
        until = System.nanoTime();
    }

    static boolean busy() {
        return until - System.nanoTime() > 0;
    }

    /** Called beside the window before what may wait. */
    static void giveWay() {
        while (busy() && !Thread.currentThread().isInterrupted()) {
            LockSupport.parkNanos(LOOK_NANOS);
        }
    }
}
