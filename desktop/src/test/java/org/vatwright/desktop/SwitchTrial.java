package org.vatwright.desktop;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CountDownLatch;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.control.Beforehand;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Settings;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;

/**
 * How long it takes from choosing another design, layer, chapter or stage until the window stands laid out with it: the
 * view-model's change, all that watches it, and the toolkit's next pulse. Everything twice: made for the first time, and
 * when it is there. Prints the middle and the longest of each, in ms, and how many were above {@link #WANTED}, also without
 * what the machine took away meanwhile; with -Deach=true every one.
 */
public final class SwitchTrial {

    private static final Map<String, List<Act>> TIMES = new TreeMap<>();
    private static final double WANTED = 50;

    /** How long the demo is looked at before anything is done, {@code -Dlooked.millis}. */
    private static final int LOOKED_MILLIS = Integer.getInteger("looked.millis", 3000);

    /** From one act to the next, {@code -Dbetween.millis}: a second or more is how somebody works who looks at what came. */
    private static final int BETWEEN_MILLIS = Integer.getInteger("between.millis", 150);

    private SwitchTrial() {}

    /** @param millis from the choice to the window laid out @param away of these at most, in which the machine gave no processor */
    record Act(double millis, double away) {

        boolean isLong() {
            return millis > WANTED;
        }

        boolean isLongByItself() {
            return millis - away > WANTED;
        }
    }

    public static void main(String[] args) throws Exception {
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        Platform.setImplicitExit(false);
        Window[] window = new Window[1];
        Scene[] scene = new Scene[1];
        Shots.onFx(() -> {
            window[0] = new Window(new Offline(), new Settings(Files.createTempDirectory("vatwright-switch")));
            scene[0] = window[0].scene(1280, 800);
            Beforehand.allow(scene[0]);
            javafx.stage.Stage stage = new javafx.stage.Stage();
            stage.setScene(scene[0]);
            stage.show();
        });
        // As long as it takes somebody to find the demo on the first page, and then to look at it.
        Thread.sleep(2500);
        Shots.onFx(() -> {
            window[0].work();
            window[0].desk().openDemo();
        });
        Thread.sleep(LOOKED_MILLIS);
        Studio studio = window[0].studio();
        for (String round : new String[]{"first", "again"}) {
            for (Design design : studio.project().designs()) {
                timed(round + " design", design.name(), scene[0], () -> studio.select(s -> s.withDesign(design)));
                for (Layer layer : design.layers()) {
                    timed(round + " layer", layer.name(), scene[0], () -> studio.select(s -> s.withLayer(layer.id())));
                    for (Button chapter : chapters(scene[0])) {
                        timed(round + " chapter", chapter.getId(), scene[0], chapter::fire);
                    }
                }
            }
            for (Stage stage : Stage.values()) {
                timed(round + " stage", stage.title(), scene[0], () -> studio.select(s -> s.withStage(stage)));
            }
            Shots.onFx(() -> studio.select(s -> s.withStage(Stage.BUILD)));
        }
        TIMES.forEach((what, all) -> {
            List<Double> millis = all.stream().map(Act::millis).sorted().toList();
            System.out.printf(Locale.ROOT, "%-16s %4d times  middle %6.1f  nine of ten %6.1f  longest %6.1f ms"
                    + "  above %.0f ms: %d, by themselves %d%n", what, all.size(), millis.get(all.size() / 2),
                    millis.get(all.size() * 9 / 10), millis.getLast(), WANTED,
                    all.stream().filter(Act::isLong).count(), all.stream().filter(Act::isLongByItself).count());
        });
        System.exit(0);
    }

    private static List<Button> chapters(Scene scene) throws Exception {
        List<Button> chapters = new ArrayList<>();
        Shots.onFx(() -> scene.getRoot().lookupAll(".chapter").stream().filter(Ui::seen)
                .map(Button.class::cast).forEach(chapters::add));
        return chapters;
    }

    private static void timed(String what, String detail, Scene scene, Runnable act) throws Exception {
        CountDownLatch laidOut = new CountDownLatch(1);
        long[] time = new long[2];
        double before = Away.millis();
        Runnable[] listener = new Runnable[1];
        listener[0] = () -> {
            time[1] = System.nanoTime();
            scene.removePostLayoutPulseListener(listener[0]);
            laidOut.countDown();
        };
        Shots.onFx(() -> {
            scene.addPostLayoutPulseListener(listener[0]);
            time[0] = System.nanoTime();
            act.run();
            Platform.requestNextPulse();
        });
        laidOut.await();
        Act done = new Act((time[1] - time[0]) / 1e6, Away.millis() - before);
        TIMES.computeIfAbsent(what, w -> new ArrayList<>()).add(done);
        if (Boolean.getBoolean("each")) {
            System.out.printf(Locale.ROOT, "%-16s %-24s %6.1f, away %3.0f%n", what, detail, done.millis(), done.away());
        }
        // What is painted beside the window is not what is measured here.
        Thread.sleep(BETWEEN_MILLIS);
    }
}
