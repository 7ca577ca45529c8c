package org.vatwright.desktop.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.raster.Raster;

@Timeout(60)
class WindowFirstTest {

    private final BlockingQueue<String> told = new LinkedBlockingQueue<>();

    @AfterEach
    void theWindowStands() {
        WindowFirst.stands();
    }

    private List<String> told(int count) throws InterruptedException {
        String[] all = new String[count];
        for (int i = 0; i < count; i++) {
            all[i] = told.poll(20, TimeUnit.SECONDS);
        }
        return List.of(all);
    }

    private void standsSoon(long changedNanos) throws InterruptedException {
        // Time enough for what would not wait.
        Thread.sleep(15);
        told.add("stands");
        boolean inTime = WindowFirst.busy();
        WindowFirst.stands();
        assumeTrue(inTime, "the machine rested for " + (System.nanoTime() - changedNanos) / 1e6 + " ms");
    }

    @Test
    void aQuestionIsWorkedOnWhenTheWindowStands() throws Exception {
        Aside<String> aside = new Aside<>(Runnable::run, told::add);
        long now = System.nanoTime();
        WindowFirst.changes();
        aside.ask("what", work -> "answer");
        standsSoon(now);

        assertThat(told(2)).containsExactly("stands", "answer");
    }

    @Test
    void aQuestionThatIsBeingWorkedOnWaitsBetweenItsStrips() throws Exception {
        Aside<String> aside = new Aside<>(Runnable::run, told::add);
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch chosen = new CountDownLatch(1);
        aside.ask("what", work -> {
            begun.countDown();
            await(chosen);
            work.goOn();
            return "answer";
        });
        await(begun);
        long now = System.nanoTime();
        WindowFirst.changes();
        chosen.countDown();
        standsSoon(now);

        assertThat(told(2)).containsExactly("stands", "answer");
    }

    @Test
    void questionsStandBackWhereTheSystemSharesOutTheMachine() throws Exception {
        Aside<String> aside = new Aside<>(Runnable::run, told::add);
        aside.ask("what", work -> "priority " + Thread.currentThread().getPriority());

        assertThat(told(1)).containsExactly("priority 2");
    }

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(20, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aPictureIsDrawnWhenTheWindowStands() throws Exception {
        for (boolean near : new boolean[]{false, true}) {
            LiveCloth cloth = new LiveCloth(Runnable::run, p -> {}, () -> {}, near);
            long now = System.nanoTime();
            WindowFirst.changes();
            cloth.ask((fineness, work) -> {
                told.add("drawn");
                return new Raster(1, 1);
            });
            standsSoon(now);

            assertThat(told(2)).as(near ? "at hand" : "elsewhere").containsExactly("stands", "drawn");
        }
    }

    @Test
    void laterPulsesHoldNobodyUp() {
        WindowFirst.changes();
        boolean busy = true;
        for (long begun = System.nanoTime(); busy && System.nanoTime() - begun < TimeUnit.SECONDS.toNanos(5);) {
            WindowFirst.stands();
            busy = WindowFirst.busy();
        }

        assertThat(busy).isFalse();
    }

    @Test
    void aWindowThatTakesLongIsNotWaitedFor() throws Exception {
        Aside<String> aside = new Aside<>(Runnable::run, told::add);
        WindowFirst.changes();
        aside.ask("what", work -> "answer");

        assertThat(told(1)).containsExactly("answer");
        assertThat(WindowFirst.busy()).isFalse();
    }
}
