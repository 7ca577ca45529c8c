package org.vatwright.desktop.produce;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Task;
import org.vatwright.desktop.studio.Message;

/** However a job ends, it is over and said, and the next one runs. */
class PressTest {

    private static final Path FOLDER = Path.of("made");

    /** The window's thread is this one: it does what was handed to it when it is asked. */
    private final LinkedBlockingQueue<Runnable> window = new LinkedBlockingQueue<>();
    private final List<Message> said = new ArrayList<>();
    private final Press press = new Press(window::add, said::add, folder -> {});

    private static Job job(String name) {
        return new Job(name, new Task.Tile(new Id("gangway"), "Day"), new Output(Output.Format.PNG, new Density(50)));
    }

    private void untilSaid(int count) throws InterruptedException {
        while (said.size() < count) {
            Runnable next = window.poll(20, TimeUnit.SECONDS);
            assertThat(next).as("the press says how it went").isNotNull();
            next.run();
        }
    }

    private static Throwable fault(String kind) {
        return switch (kind) {
            case "refusal" -> new Refusal("the disk is full");
            case "fault" -> new IllegalStateException("a loom without a reed");
            case "memory" -> new OutOfMemoryError("Java heap space");
            case "depth" -> new StackOverflowError();
            default -> new InternalError("the platform's geometry");
        };
    }

    @SuppressWarnings("unchecked")
    private static <E extends Throwable> Path raise(Throwable e) throws E {
        throw (E) e;
    }

    @ParameterizedTest
    @ValueSource(strings = {"refusal", "fault", "memory", "depth", "platform"})
    void whateverFailsIsSaidInOneSentenceAndTheNextJobRuns(String kind) throws Exception {
        Job bad = job("Deck cloth");
        Job good = job("Lounge paper");
        press.run((job, folder, work) -> raise(fault(kind)), bad, FOLDER);
        press.run((job, folder, work) -> folder.resolve("Lounge-paper.png"), good, FOLDER);
        assertThat(press.busy()).isEqualTo(2);
        untilSaid(2);
        assertThat(said.getFirst().tone()).isEqualTo(Message.Tone.WRONG);
        assertThat(said.getFirst().text()).startsWith("Deck cloth: ").endsWith(".").doesNotContain("\n", "Java heap");
        assertThat(said.getLast().text()).isEqualTo("Lounge-paper.png is written to made.");
        assertThat(press.busy()).isZero();
        assertThat(press.share(bad.id())).isEmpty();
        press.run((job, folder, work) -> folder.resolve("Deck-cloth.png"), bad, FOLDER);
        untilSaid(3);
        assertThat(said.getLast().text()).startsWith("Deck-cloth.png is written");
    }

    @Test
    void aJobRunsOnceAtATimeAndSaysHowFarItIs() throws Exception {
        CountDownLatch half = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        Job job = job("Deck cloth");
        List<Double> seen = new ArrayList<>();
        press.watch(() -> press.share(job.id()).ifPresent(seen::add));
        Press.Maker maker = (j, folder, work) -> {
            for (int i = 1; i <= 500; i++) {
                work.progress().accept(i / 1000.0);
            }
            half.countDown();
            await(go);
            return folder.resolve("x.png");
        };
        press.run(maker, job, FOLDER);
        press.run(maker, job, FOLDER);
        assertThat(half.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(press.busy()).isEqualTo(1);
        assertThat(press.share(job.id())).hasValue(0.5);
        assertThat(window.size()).as("as many steps as the window can follow").isEqualTo(1);
        go.countDown();
        untilSaid(1);
        assertThat(seen.getLast()).isEqualTo(0.5);
        assertThat(press.share(job.id())).isEmpty();
    }

    @Test
    void whatIsStoppedEndsAndWhatWaitsIsNotBegun() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        boolean[] second = {false};
        press.run((job, folder, work) -> {
            begun.countDown();
            while (true) {
                work.goOn();
                Thread.onSpinWait();
            }
        }, job("Deck cloth"), FOLDER);
        press.run((job, folder, work) -> {
            second[0] = true;
            return folder;
        }, job("Lounge paper"), FOLDER);
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        press.stopAll(10_000);
        untilSaid(2);
        assertThat(said).extracting(Message::text).containsExactly("Deck cloth was stopped; nothing was written.",
                "Lounge paper was stopped; nothing was written.");
        assertThat(second[0]).isFalse();
    }

    @Test
    void closingDoesNotWaitForEver() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        press.run((job, folder, work) -> {
            begun.countDown();
            await(go);
            return folder;
        }, job("Deck cloth"), FOLDER);
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        press.stopAll(50);
        assertThat(press.busy()).isEqualTo(1);
        go.countDown();
        untilSaid(1);
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
