package org.vatwright.core.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicIntegerArray;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(20)
class RowsTest {

    @Test
    void everyRowIsDoneOnceWithAnyNumberOfThreads() {
        for (int threads : new int[]{1, 2, 7, 40}) {
            AtomicIntegerArray done = new AtomicIntegerArray(1003);
            Rows.each(1003, 9, Work.on(threads), (from, to) -> {
                assertThat(to - from).isBetween(1, 9);
                IntStream.range(from, to).forEach(done::incrementAndGet);
            });
            for (int y = 0; y < 1003; y++) {
                assertThat(done.get(y)).as("row %d with %d threads", y, threads).isEqualTo(1);
            }
        }
    }

    @Test
    void itEndsOnlyWhenTheOthersAreThrough() {
        for (int n = 0; n < 40; n++) {
            AtomicInteger at = new AtomicInteger();
            Rows.each(8, 1, Work.on(4), (from, to) -> {
                at.incrementAndGet();
                sleep(from % 3);
                at.decrementAndGet();
            });
            assertThat(at.get()).as("strips still being done").isZero();
        }
    }

    private static void sleep(int millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void whatAHelperStumblesOverReachesTheOneWhoAsked() {
        Thread asking = Thread.currentThread();
        CountDownLatch helped = new CountDownLatch(1);
        assertThatThrownBy(() -> Rows.each(2, 1, Work.on(2), (from, to) -> {
            if (Thread.currentThread() == asking) {
                await(helped);
            } else {
                helped.countDown();
                throw new IllegalArgumentException("in strip " + from);
            }
        })).isInstanceOf(IllegalArgumentException.class).hasMessageStartingWith("in strip");
        assertThatThrownBy(() -> Rows.each(2, 1, Work.on(1), (from, to) -> {
            throw new StackOverflowError("alone");
        })).isInstanceOf(StackOverflowError.class);
    }

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(10, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void aStopEndsItAndNobodyGoesOn() {
        AtomicInteger strips = new AtomicInteger();
        Work work = Work.on(3).stoppedBy(() -> strips.get() >= 10);
        assertThatThrownBy(() -> Rows.each(1000, 1, work, (from, to) -> strips.incrementAndGet()))
                .isInstanceOf(CancellationException.class);
        assertThat(strips.get()).as("the tenth, and what two others had begun before it").isBetween(10, 12);
    }

    @Test
    void whoIsInterruptedWhileOthersWorkIsStoppedAndStaysInterrupted() throws Exception {
        CountDownLatch busy = new CountDownLatch(1);
        CountDownLatch leave = new CountDownLatch(1);
        AtomicBoolean stopped = new AtomicBoolean();
        Thread asking = Thread.ofPlatform().start(() -> {
            Thread own = Thread.currentThread();
            try {
                Rows.each(2, 1, Work.on(2), (from, to) -> {
                    if (Thread.currentThread() == own) {
                        await(busy);
                    } else {
                        busy.countDown();
                        await(leave);
                    }
                });
            } catch (CancellationException e) {
                stopped.set(own.isInterrupted());
            }
        });
        assertThat(busy.await(10, TimeUnit.SECONDS)).isTrue();
        while (asking.getState() != Thread.State.WAITING) {
            Thread.sleep(1);
        }
        asking.interrupt();
        while (asking.isInterrupted()) {
            Thread.sleep(1);
        }
        assertThat(asking.isAlive()).as("it waits for who is still at it").isTrue();
        leave.countDown();
        asking.join();
        assertThat(stopped).isTrue();
    }

    @Test
    void mappedThingsStandInTheirOrder() {
        List<Integer> all = IntStream.range(0, 500).boxed().toList();
        assertThat(Rows.map(all, 7, Work.on(5), i -> i * i)).isEqualTo(all.stream().map(i -> i * i).toList());
    }
}
