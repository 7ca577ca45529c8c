package org.vatwright.desktop.studio;

import java.util.concurrent.locks.LockSupport;

/**
 * While the window is being laid out and drawn with what was chosen, work beside it waits: nobody sees a picture before the window
 * that holds it stands, and two that share a processor take twice as long.
 */
public final class WindowFirst {

    private static final long MILLI = 1_000_000;
    /** A window that takes longer is not waited for. */
    private static final long MOST_NANOS = 60 * MILLI;
    /** So long it takes at least to draw a window that has been laid out; its thread waits for that before it shows anything else. */
    private static final long DRAWING_NANOS = 25 * MILLI;
    private static final long LOOK_NANOS = MILLI / 2;
    private static volatile boolean laidOut = true;
    private static volatile long until = System.nanoTime();

    private WindowFirst() {}

    /** Notes that something else is to be shown, before all that shows it is told. */
    public static void changes() {
        laidOut = false;
        until = System.nanoTime() + MOST_NANOS;
    }

    /** Called whenever the window has been laid out: if something else was to be shown, it stands now and is being drawn. */
    public static void stands() {
        if (!laidOut) {
            laidOut = true;
            until = System.nanoTime() + DRAWING_NANOS;
        }
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
