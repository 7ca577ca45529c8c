package org.vatwright.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.function.Consumer;

import javax.imageio.ImageIO;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.frame.Settings;
import org.vatwright.desktop.studio.ChosenInk;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.UserFolder;
import org.vatwright.files.recovery.KeptPlace;
import org.vatwright.files.recovery.KeptWork;
import org.vatwright.files.recovery.RecoveryStore;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;

/** Takes one picture of each main view of the demo commission, without a display. Arguments: folder, names. */
public final class Shots {

    private static final long SETTLE_MILLIS = 2600;
    private static final int MOST_TURNS = 8;

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
        views.put("build",
                s -> s.select(x -> x.withDesign(s.project().design(new Id("gangway")).orElseThrow()).withLayer(1)
                        .withOwn(3).withWorn(new Id("crew-apron"))));
        views.put("build-plaid",
                s -> s.select(x -> x.withDesign(s.project().design(new Id("skarholm")).orElseThrow()).withLayer(1)
                        .withOwn(4).withWorn(new Id("crew-smock"))));
        views.put("build-brush", s -> s.select(x -> x.withDesign(s.project().design(new Id("kelp")).orElseThrow())
                .withLayer(1).withWorn(new Id("tote"))));
        views.put("build-draft",
                s -> s.select(x -> x.withDesign(s.project().design(new Id("bosun-twill")).orElseThrow())
                        .withLayer(1).withWorn(new Id("crew-apron"))));
        views.put("build-interlace",
                s -> s.select(x -> x.withDesign(s.project().design(new Id("mooring")).orElseThrow())
                        .withLayer(1).withWorn(new Id("tote"))));
        views.put("build-flow", s -> s.select(x -> x.withDesign(s.project().design(new Id("wake")).orElseThrow())
                .withLayer(1).withOwn(1).withWorn(new Id("departures-screen"))));
        views.put("build-motifs", s -> s.select(x -> x
                .withDesign(s.project().design(new Id("galley-napkin")).orElseThrow()).withLayer(1)));
        views.put("build-board", s -> {
            s.select(x -> x.withDesign(s.project().design(new Id("terns")).orElseThrow()).withLayer(1)
                    .withWorn(new Id("saloon-curtain")));
            s.hold(h -> h.withPart(2));
        });
        views.put("build-gradient", s -> s.select(x -> x.withDesign(s.project().design(new Id("shoal")).orElseThrow())
                .withLayer(1).withInk(new ChosenInk.Fill(1)).withWorn(new Id("lifejacket-cover"))));
        views.put("build-surface", s -> s.select(x -> x.withDesign(s.project().design(new Id("quay")).orElseThrow())
                .withLayer(1).withWorn(new Id("floor-mat"))));
        views.put("build-picture",
                s -> s.select(x -> x.withDesign(s.project().design(new Id("old-chart")).orElseThrow())
                        .withLayer(1).withWorn(new Id("wrapping-paper"))));
        views.put("inspect", s -> s.select(x -> x.withStage(Stage.INSPECT)
                .withDesign(s.project().design(new Id("buoys")).orElseThrow())));
        views.put("inspect-seams", s -> s.select(x -> x.withStage(Stage.INSPECT)
                .withDesign(s.project().design(new Id("foredeck")).orElseThrow())));
        views.put("colour", s -> s.select(x -> x.withStage(Stage.COLOUR)
                .withDesign(s.project().design(new Id("gangway")).orElseThrow()).withColourway("Night Crossing")
                .withInk(new ChosenInk.Slot(1))
                .withWorn(new Id("crew-apron"))));
        views.put("dress", s -> s.select(x -> x.withStage(Stage.DRESS)
                .withArticle(s.project().article(new Id("deck-blanket")).orElseThrow())));
        views.put("dress-words", s -> s.select(x -> x.withStage(Stage.DRESS)
                .withArticle(s.project().article(new Id("ship-s-name")).orElseThrow())
                .withPieces(Set.of(Article.Lettering.letter(2)))));
        views.put("dress-panel", s -> s.select(x -> x.withStage(Stage.DRESS)
                .withArticle(s.project().article(new Id("notice-panel")).orElseThrow())
                .withPieces(Set.of(new Id("panel")))));
        views.put("produce", s -> s.select(x -> x.withStage(Stage.PRODUCE).withJob(new Id("job-ticket-hall-paper"))));
        return views;
    }

    private static void shoot(String name, Consumer<Studio> view, Path folder) throws Exception {
        javafx.stage.Stage[] stage = new javafx.stage.Stage[1];
        Scene[] scene = new Scene[1];
        onFx(() -> {
            Path own = Files.createTempDirectory("vatwright-shots");
            if (view == null) {
                leaveBehind(new RecoveryStore(new UserFolder(own).recovery()));
            }
            Window window = new Window(new Offline(), new Settings(own));
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
        if (name.equals("build-surface")) {
            onFx(() -> ((javafx.scene.control.Button) scene[0].lookup("#chapter-surface")).fire());
            settle(scene);
            onFx(() -> ((javafx.scene.control.Button) scene[0].lookup("#effect-relief")).fire());
        }
        if (name.equals("build-motifs")) {
            onFx(() -> ((javafx.scene.control.Button) scene[0].lookup("#chapter-placing")).fire());
        }
        if (name.equals("build-draft")) {
            onFx(() -> ((javafx.scene.control.ToggleButton) scene[0].lookup("#see-draft")).fire());
        }
        settle(scene);
        onFx(() -> {
            write(scene[0].snapshot(null), folder.resolve(name + ".png"));
            stage[0].hide();
        });
    }

    /** As if the program had ended with two projects in hand. */
    private static void leaveBehind(RecoveryStore store) {
        Project demo = DemoCommission.load();
        for (int i = 0; i < 2; i++) {
            KeptPlace place = store.begin();
            Project project = i == 0 ? demo : demo.withName("Winter timetable");
            place.keep(new KeptWork(project,
                    i == 0 ? Optional.of(Path.of("skarholm-ferry.vatwright")) : Optional.empty(), Optional.empty(),
                    new Id(i == 0 ? "gangway" : "terns")));
            place.close();
        }
    }

    /** Waits until every cloth shows its true picture. */
    private static void settle(Scene[] scene) throws Exception {
        boolean[] busy = {true};
        for (int turn = 0; turn < MOST_TURNS && busy[0]; turn++) {
            Thread.sleep(SETTLE_MILLIS);
            onFx(() -> busy[0] = busy(scene[0].getRoot()));
        }
    }

    private static boolean busy(Node node) {
        return node instanceof ClothImage cloth && cloth.isVisible() && !cloth.settled()
                || node instanceof Parent parent && parent.getChildrenUnmodifiable().stream().anyMatch(Shots::busy);
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
