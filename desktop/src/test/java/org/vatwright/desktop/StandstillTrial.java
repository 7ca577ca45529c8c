package org.vatwright.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;

import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Beforehand;
import org.vatwright.desktop.frame.Settings;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Stage;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;

/**
 * Drops files on the window, shows what came of them in each stage, and says for how long at most it did not answer:
 * {@code StandstillTrial FOLDER} or
 * {@code StandstillTrial FILE}. A file by itself is the truer measure: of a folder, the windows before it still take memory.
 */
public final class StandstillTrial {

    private static final long MOST_SECONDS = 20;
    private static final long TOLD_MILLIS = 60;
    private static final long AGAIN_MILLIS = 20;
    private static final int INNERMOST = 12;
    private static final boolean WHERE = Boolean.getBoolean("standstill.where");

    /** @param longest for which the window's thread did not answer @param drawn ms until it was seen in Build @param millis in all stages */
    record Outcome(Wait longest, long drawn, long millis, String said) {}

    /** @param away of these ms at most, in which the machine gave no processor */
    record Wait(long millis, long away) {

        static Wait since(long asked, double away) {
            return new Wait((System.nanoTime() - asked) / 1_000_000, Math.round(Away.millis() - away));
        }

        Wait orLonger(Wait other) {
            return other.millis > millis ? other : this;
        }
    }

    private StandstillTrial() {}

    public static void main(String[] args) throws Exception {
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        Platform.setImplicitExit(false);
        try (Stream<Path> files = Files.walk(Path.of(args[0]), 1)) {
            for (Path file : files.filter(f -> f.toString().matches(".*\\.(svg|json|wif|vatwright)")).sorted()
                    .toList()) {
                // The first time forms are made and code is compiled; what is looked for here is what the file costs.
                drop(file);
                Outcome outcome = drop(file);
                System.out.printf(
                        "%-32s no answer for %5d ms (the machine away %d), drawn after %6d ms, in all stages %6d: %s%n",
                        file.getFileName(), outcome.longest().millis(), outcome.longest().away(), outcome.drawn(),
                        outcome.millis(),
                        outcome.said());
            }
        }
        System.exit(0);
    }

    static Outcome drop(Path file) throws Exception {
        Path own = Files.createTempDirectory("vatwright-standstill");
        Window[] window = new Window[1];
        Scene[] scene = new Scene[1];
        javafx.stage.Stage[] stage = new javafx.stage.Stage[1];
        String[] said = {""};
        Shots.onFx(() -> {
            window[0] = new Window(new Offline(), new Settings(own));
            scene[0] = window[0].scene(1280, 800);
            Beforehand.allow(scene[0]);
            stage[0] = new javafx.stage.Stage();
            stage[0].setScene(scene[0]);
            stage[0].show();
            window[0].work();
            window[0].desk().openDemo();
            window[0].studio().hear((Message m) -> said[0] = m.text());
        });
        settle(window[0], scene[0]);
        // Each stage is made when it is first shown; that is not what is looked for here.
        for (int i = 0; i < 2; i++) {
            for (Stage each : Stage.values()) {
                Shots.onFx(() -> window[0].studio().select(s -> s.withStage(each)));
                settle(window[0], scene[0]);
            }
        }
        Shots.onFx(() -> window[0].studio().select(s -> s.withStage(Stage.BUILD)));
        settle(window[0], scene[0]);
        AtomicReference<Wait> longest = new AtomicReference<>(new Wait(0, 0));
        Thread pulse = pulse(longest);
        long begun = System.nanoTime();
        int before = window[0].studio().project().designs().size();
        Shots.onFx(() -> window[0].desk().dropped(file));
        settle(window[0], scene[0]);
        // What came in is looked at in each stage.
        List<Design> all = window[0].studio().project().designs();
        long drawn = (System.nanoTime() - begun) / 1_000_000;
        if (all.size() > before) {
            for (Stage each : Stage.values()) {
                Shots.onFx(() -> window[0].studio().select(s -> s.withDesign(all.getLast()).withStage(each)));
                settle(window[0], scene[0]);
                drawn = each == Stage.BUILD ? (System.nanoTime() - begun) / 1_000_000 : drawn;
            }
        }
        long millis = (System.nanoTime() - begun) / 1_000_000;
        pulse.interrupt();
        pulse.join();
        Shots.onFx(() -> {
            stage[0].hide();
            window[0].desk().end();
        });
        return new Outcome(longest.get(), drawn, millis, said[0]);
    }

    /** Asks the window's thread again and again, and notes how long it took to answer. */
    private static Thread pulse(AtomicReference<Wait> longest) {
        Thread thread = new Thread(() -> {
            while (!Thread.currentThread().isInterrupted()) {
                double away = Away.millis();
                long asked = System.nanoTime();
                CountDownLatch answer = new CountDownLatch(1);
                Platform.runLater(answer::countDown);
                try {
                    for (long wait = TOLD_MILLIS; WHERE
                            && !answer.await(wait, TimeUnit.MILLISECONDS); wait = AGAIN_MILLIS) {
                        tellWhere((System.nanoTime() - asked) / 1_000_000);
                    }
                    boolean came = answer.await(MOST_SECONDS, TimeUnit.SECONDS);
                    longest.accumulateAndGet(Wait.since(asked, away), Wait::orLonger);
                    if (came) {
                        Thread.sleep(5);
                    }
                } catch (InterruptedException e) {
                    longest.accumulateAndGet(Wait.since(asked, away), Wait::orLonger);
                    return;
                }
            }
        });
        thread.setDaemon(true);
        thread.start();
        return thread;
    }

    /** Says what the window's thread and the one that draws for it are at: innermost steps, and those of this program. */
    private static void tellWhere(long millis) {
        Thread.getAllStackTraces().forEach((thread, trace) -> {
            if (thread.getName().matches("JavaFX Application Thread|QuantumRenderer.*") && trace.length > 0) {
                System.out.printf("    %d ms, %.6s: %s; %s%n", millis, thread.getName(),
                        Stream.of(trace).limit(INNERMOST).map(at -> at.getFileName() + ":" + at.getLineNumber())
                                .toList(),
                        Stream.of(trace).filter(at -> at.getClassName().startsWith("org.vatwright")).limit(6)
                                .map(at -> at.getFileName() + ":" + at.getLineNumber()).toList());
            }
        });
    }

    private static void settle(Window window, Scene scene) throws Exception {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(MOST_SECONDS);
        boolean[] busy = {true};
        while (busy[0] && System.nanoTime() < end) {
            Thread.sleep(100);
            Shots.onFx(() -> busy[0] = !window.desk().errands().idle() || busy(scene.getRoot()));
        }
    }

    private static boolean busy(Node node) {
        return node instanceof ClothImage cloth && cloth.isVisible() && !cloth.settled()
                || node instanceof Parent parent
                        && parent.getChildrenUnmodifiable().stream().anyMatch(StandstillTrial::busy);
    }
}
