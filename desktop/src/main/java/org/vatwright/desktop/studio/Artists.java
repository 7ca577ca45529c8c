package org.vatwright.desktop.studio;

import java.util.Comparator;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;

import org.vatwright.core.raster.Rows;

/**
 * Who draws the window's pictures. What the hand is on has an artist of its own; until its picture is shown the others wait
 * between their strips, so that a pull is seen at once however much else shows the same cloth.
 */
final class Artists {

    private static final long MILLI = 1_000_000;
    /** What the hand is on and takes longer than that is no answer to a hand any more; others go on beside it. */
    private static final long AHEAD_NANOS = 60 * MILLI;
    /** So long the window itself needs the machine when a picture has come. */
    private static final long SHOWING_NANOS = 4 * MILLI;
    /** A hand that asked so lately is still at work: then one of the others is enough. */
    private static final long AT_WORK_NANOS = 250 * MILLI;
    private static final AtomicBoolean FIRST = new AtomicBoolean(true);
    /** Before the others also where the system shares out the machine: a hand waits for it. */
    private static final ExecutorService NEAR = Executors.newSingleThreadExecutor(task -> {
        Artist artist = new Artist(task, false);
        artist.setPriority(Rows.PRIORITY + 1);
        return artist;
    });
    /** What is looked at comes before the small pictures one chooses from, whichever was asked for first. */
    private static final ExecutorService FAR = new ThreadPoolExecutor(2, 2, 0, TimeUnit.MILLISECONDS,
            new PriorityBlockingQueue<>(), task -> new Artist(task, !FIRST.getAndSet(false)));
    private static final AtomicLong COUNT = new AtomicLong();
    private static volatile long nearUntil = System.nanoTime();
    private static volatile long atWorkUntil = System.nanoTime();

    private Artists() {}

    private static final class Artist extends Thread {

        private final boolean spare;

        Artist(Runnable task, boolean spare) {
            super(task, "vatwright-artist");
            this.spare = spare;
            setDaemon(true);
            setPriority(Rows.PRIORITY);
        }
    }

    /** Of one size in the order in which they were asked for. */
    private record Task(boolean small, long number, Runnable work) implements Runnable, Comparable<Task> {

        private static final Comparator<Task> ORDER = Comparator.comparing(Task::small).thenComparing(Task::number);

        @Override
        public void run() {
            work.run();
        }

        @Override
        public int compareTo(Task other) {
            return ORDER.compare(this, other);
        }
    }

    /** @param near whether the hand is on it */
    static void draw(boolean near, boolean small, Runnable work) {
        if (near) {
            NEAR.execute(work);
        } else {
            FAR.execute(new Task(small, COUNT.getAndIncrement(), work));
        }
    }

    /** Notes that what the hand is on is to be drawn. */
    static void asked() {
        long now = System.nanoTime();
        nearUntil = now + AHEAD_NANOS;
        atWorkUntil = now + AT_WORK_NANOS;
    }

    /** Notes that it was handed to the window. */
    static void shown() {
        nearUntil = System.nanoTime() + SHOWING_NANOS;
    }

    /**
     * Called between strips of what the hand is not on. Each strip waits for so long at most: what the hand is on may itself wait
     * for what is being made here.
     *
     * @return how long it waited, in nanoseconds
     */
    static long giveWay() {
        long from = System.nanoTime();
        boolean spare = Thread.currentThread() instanceof Artist artist && artist.spare;
        long most = from + (spare ? AT_WORK_NANOS : AHEAD_NANOS);
        while ((WindowFirst.busy() || nearUntil - System.nanoTime() > 0
                || spare && atWorkUntil - System.nanoTime() > 0)
                && most - System.nanoTime() > 0 && !Thread.currentThread().isInterrupted()) {
            LockSupport.parkNanos(MILLI);
        }
        return System.nanoTime() - from;
    }
}
