package org.vatwright.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.function.Consumer;

import javax.imageio.ImageIO;

import org.vatwright.desktop.frame.Settings;
import org.vatwright.desktop.studio.Selection;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;

/** Takes one picture of each main view of the demo commission, without a display. Arguments: folder, names. */
public final class Shots {

    private static final long SETTLE_MILLIS = 2600;

    private Shots() {}

    public static void main(String[] args) throws Exception {
        Path folder = Path.of(args.length > 0 ? args[0] : "docs/screenshots");
        Files.createDirectories(folder);
        Map<String, Consumer<Studio>> views = views();
        if (args.length > 1) {
            views.keySet().retainAll(Set.of(args).stream().toList());
        }
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        Platform.setImplicitExit(false);
        for (Map.Entry<String, Consumer<Studio>> view : views.entrySet()) {
            shoot(view.getKey(), view.getValue(), folder);
        }
        Platform.exit();
        System.exit(0);
    }

    private static Map<String, Consumer<Studio>> views() {
        Map<String, Consumer<Studio>> views = new LinkedHashMap<>();
        views.put("welcome", null);
        views.put("build", s -> s.select(x -> x.withDesign(s.project().design("Gangway").orElseThrow()).withLayer(1)
                .withPart(3).withWorn("Crew apron")));
        views.put("build-plaid",
                s -> s.select(x -> x.withDesign(s.project().design("Skarholm").orElseThrow()).withLayer(1)
                        .withPart(4).withWorn("Crew smock")));
        views.put("build-weave", s -> s.select(x -> x.withDesign(s.project().design("Sailcloth").orElseThrow())
                .withLayer(1).withWorn("Tote")));
        views.put("build-draft", s -> s.select(x -> x.withDesign(s.project().design("Bosun Twill").orElseThrow())
                .withLayer(1).withWorn("Crew apron")));
        views.put("build-blocks", s -> s.select(x -> x.withDesign(s.project().design("Quay").orElseThrow())
                .withLayer(1).withPart(14).withWorn("Floor mat")));
        views.put("build-interlace", s -> s.select(x -> x.withDesign(s.project().design("Mooring").orElseThrow())
                .withLayer(1).withWorn("Tote")));
        views.put("build-flow", s -> s.select(x -> x.withDesign(s.project().design("Wake").orElseThrow())
                .withLayer(1).withPart(1).withWorn("Departures screen")));
        views.put("build-motifs", s -> s.select(x -> x.withDesign(s.project().design("Terns").orElseThrow())
                .withLayer(1).withWorn("Saloon curtain")));
        views.put("build-board", s -> {
            s.select(x -> x.withDesign(s.project().design("Terns").orElseThrow()).withLayer(1)
                    .withWorn("Saloon curtain"));
            s.hold(h -> h.withPart(2));
        });
        views.put("build-fill", s -> s.select(x -> x.withDesign(s.project().design("Portholes").orElseThrow())
                .withLayer(1).withSlot(Selection.FILLS).withWorn("Tea towel")));
        views.put("build-ink", s -> s.select(x -> x.withDesign(s.project().design("Gangway").orElseThrow()).withSlot(2)
                .withColourway("Night Crossing")));
        views.put("inspect", s -> s.select(x -> x.withStage(Stage.INSPECT)
                .withDesign(s.project().design("Buoys").orElseThrow())));
        views.put("inspect-seams", s -> s.select(x -> x.withStage(Stage.INSPECT)
                .withDesign(s.project().design("Foredeck").orElseThrow())));
        views.put("colour", s -> s.select(x -> x.withStage(Stage.COLOUR)
                .withDesign(s.project().design("Gangway").orElseThrow()).withColourway("Night Crossing").withSlot(1)
                .withWorn("Crew apron")));
        views.put("dress", s -> s.select(x -> x.withStage(Stage.DRESS)
                .withArticle(s.project().article("Crew apron").orElseThrow()).withPieces(Set.of(7))));
        views.put("dress-words", s -> s.select(x -> x.withStage(Stage.DRESS)
                .withArticle(s.project().article("Ship's name").orElseThrow()).withPieces(Set.of(1))));
        views.put("dress-tote", s -> s.select(x -> x.withStage(Stage.DRESS)
                .withArticle(s.project().article("Tote").orElseThrow()).withPieces(Set.of(1))));
        views.put("produce", s -> s.select(x -> x.withStage(Stage.PRODUCE).withJob("Ticket-hall paper")));
        return views;
    }

    private static void shoot(String name, Consumer<Studio> view, Path folder) throws Exception {
        javafx.stage.Stage[] stage = new javafx.stage.Stage[1];
        Scene[] scene = new Scene[1];
        onFx(() -> {
            Window window = new Window(new Offline(), new Settings(Files.createTempDirectory("vatwright-shots")));
            scene[0] = window.scene(1280, Integer.getInteger("shots.height", 800));
            stage[0] = new javafx.stage.Stage();
            stage[0].setScene(scene[0]);
            stage[0].show();
            if (view != null) {
                window.work();
                window.desk().openDemo();
                view.accept(window.studio());
            }
        });
        if (name.equals("inspect-seams")) {
            onFx(() -> ((javafx.scene.control.ToggleButton) scene[0].lookup("#sight-seams")).fire());
        }
        if (name.equals("build-board")) {
            onFx(() -> ((javafx.scene.control.ToggleButton) scene[0].lookup("#see-motif")).fire());
            onFx(() -> ((javafx.scene.control.ToggleButton) scene[0].lookup("#board-points")).fire());
        }
        if (name.equals("build-draft")) {
            onFx(() -> ((javafx.scene.control.ToggleButton) scene[0].lookup("#see-draft")).fire());
        }
        Thread.sleep(SETTLE_MILLIS);
        onFx(() -> {
            write(scene[0].snapshot(null), folder.resolve(name + ".png"));
            stage[0].hide();
        });
    }

    /** Something to be done on the window's thread. */
    interface Act {
        void run() throws Exception;
    }

    static void onFx(Act act) throws Exception {
        CountDownLatch done = new CountDownLatch(1);
        Exception[] failed = new Exception[1];
        Platform.runLater(() -> {
            try {
                act.run();
            } catch (Exception e) {
                failed[0] = e;
            } finally {
                done.countDown();
            }
        });
        done.await();
        if (failed[0] != null) {
            throw failed[0];
        }
    }

    static void write(WritableImage image, Path file) throws IOException {
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        BufferedImage picture = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                picture.setRGB(x, y, image.getPixelReader().getArgb(x, y));
            }
        }
        ImageIO.write(picture, "png", file.toFile());
    }
}
