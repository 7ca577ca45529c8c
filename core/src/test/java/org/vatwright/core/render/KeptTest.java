package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.logging.Handler;
import java.util.logging.LogRecord;
import java.util.logging.Logger;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Work;

@Timeout(20)
class KeptTest {

    private static final Work WORK = Work.on(1);

    private final Kept<String, int[]> kept = new Kept<>(100, v -> v.length);

    @Test
    void whatWasMadeIsGivenAgainAndWhatIsTooLargeDisplacesNothing() {
        int[] first = kept.get("a", WORK, () -> new int[40]);
        int[] second = kept.get("b", WORK, () -> new int[40]);
        int[] large = kept.get("large", WORK, () -> new int[101]);
        assertThat(kept.get("a", WORK, () -> new int[1])).isSameAs(first);
        assertThat(kept.get("b", WORK, () -> new int[1])).isSameAs(second);
        assertThat(kept.get("large", WORK, () -> new int[101])).isNotSameAs(large);
    }

    @Test
    void manyWhoAskAtOnceGetOneMaking() throws Exception {
        AtomicInteger makings = new AtomicInteger();
        try (ExecutorService hands = Executors.newFixedThreadPool(6)) {
            List<Future<int[]>> asked = hands
                    .invokeAll(java.util.Collections.nCopies(6, () -> kept.get("x", WORK, () -> {
                        makings.incrementAndGet();
                        pause(60);
                        return new int[5];
                    })));
            for (Future<int[]> one : asked) {
                assertThat(one.get()).isSameAs(asked.getFirst().get());
            }
        }
        assertThat(makings).hasValue(1);
    }

    @Test
    void whoIsStoppedLeavesNothingAndTheNextOneMakesItItself() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch stop = new CountDownLatch(1);
        try (ExecutorService hands = Executors.newFixedThreadPool(2)) {
            Future<int[]> stopped = hands.submit(() -> kept.get("x", WORK, () -> {
                begun.countDown();
                await(stop);
                throw new CancellationException("stopped");
            }));
            begun.await();
            Future<int[]> waiting = hands.submit(() -> kept.get("x", WORK, () -> new int[7]));
            stop.countDown();
            assertThat(waiting.get()).hasSize(7);
            assertThatThrownBy(stopped::get).hasCauseInstanceOf(CancellationException.class);
        }
        assertThat(kept.get("x", WORK, () -> new int[1])).hasSize(7);
    }

    @Test
    void whoWaitsCanBeStoppedWhileTheMakingGoesOn() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        AtomicBoolean enough = new AtomicBoolean();
        try (ExecutorService hands = Executors.newFixedThreadPool(2)) {
            Future<int[]> making = hands.submit(() -> kept.get("x", WORK, () -> {
                begun.countDown();
                await(goOn);
                return new int[3];
            }));
            begun.await();
            Future<int[]> waiting = hands.submit(() -> kept.get("x", WORK.stoppedBy(enough::get), () -> new int[9]));
            enough.set(true);
            assertThatThrownBy(() -> waiting.get(5, TimeUnit.SECONDS)).hasCauseInstanceOf(CancellationException.class);
            goOn.countDown();
            assertThat(making.get()).hasSize(3);
        }
    }

    /** A refusal is told to who asked for the thing; the log is for faults. */
    @Test
    void whatIsRefusedReachesWhoAskedAndNotTheLog() {
        Logger root = Logger.getLogger("");
        List<LogRecord> logged = new CopyOnWriteArrayList<>();
        Handler handler = new Handler() {
            @Override
            public void publish(LogRecord entry) {
                logged.add(entry);
            }

            @Override
            public void flush() {}

            @Override
            public void close() {}
        };
        root.addHandler(handler);
        try {
            Kept<String, String> kept = new Kept<>(100, String::length);
            assertThatThrownBy(() -> kept.get("sea", Work.plain(), () -> {
                throw new Refusal("too wide");
            })).isInstanceOf(Refusal.class).hasMessage("too wide");
            assertThat(kept.get("sea", Work.plain(), () -> "wave")).isEqualTo("wave");
        } finally {
            root.removeHandler(handler);
        }
        assertThat(logged).isEmpty();
    }

    @Test
    void somethingMayBeMadeWhileSomethingElseIs() {
        assertThat(kept.get("outer", WORK, () -> new int[kept.get("inner", WORK, () -> new int[4]).length + 1]))
                .hasSize(5);
    }

    private static void pause(int millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            throw new CancellationException();
        }
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new CancellationException();
        }
    }
}
