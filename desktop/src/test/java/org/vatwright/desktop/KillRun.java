package org.vatwright.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.zip.CRC32;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.frame.Settings;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.json.Json;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.recovery.LeftBehind;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.stage.Stage;

/**
 * The real window, offscreen, working by itself until it is killed: takes up what was left behind, edits, drags, undoes,
 * brings in pictures and saves, and notes each finished state: {@code KillRun FOLDER SEED}.
 */
public final class KillRun {

    static final String PROJECT = "trial.vatwright";
    /** Instead of a mark, that something was begun: a way back, which leads to a known state, or anything else. */
    static final String BACK = "back";
    static final String FORTH = "forth";
    static final String NOTES = "notes.txt";
    private static final String RUST = "Rust";
    private static final int LONGEST_MILLIS = 60_000;

    private final Path folder;
    private final Random random;
    private final Offline outside = new Offline();
    private Window window;
    private Scene scene;
    private Studio studio;
    private boolean saving;

    private KillRun(Path folder, long seed) {
        this.folder = folder;
        random = new Random(seed);
    }

    public static void main(String[] args) throws Exception {
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        new KillRun(Path.of(args[0]), Long.parseLong(args[1])).work();
    }

    /** @return what tells one state of a project from another; pictures by their pixels */
    static String mark(Project project) {
        CRC32 crc = new CRC32();
        crc.update(Json.write(ProjectFile.document(project, raster -> {
            CRC32 pixels = new CRC32();
            for (int argb : raster.argb()) {
                pixels.update(argb);
                pixels.update(argb >>> 8);
            }
            return "picture " + pixels.getValue();
        })));
        return Long.toHexString(crc.getValue());
    }

    private void note(String kind, String mark) throws IOException {
        Files.writeString(folder.resolve(NOTES), "%d %s %s%n".formatted(System.currentTimeMillis(), kind, mark),
                StandardCharsets.UTF_8, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    private void work() throws Exception {
        Settings settings = new Settings(folder.resolve("own"));
        Shots.onFx(() -> {
            window = new Window(outside, settings);
            studio = window.studio();
            scene = window.scene(1280, 800);
            Stage stage = new Stage();
            stage.setScene(scene);
            stage.show();
        });
        boolean left = !settings.recovery().leftBehind().isEmpty();
        LeftBehind[] known = settings.recovery().leftBehind().toArray(LeftBehind[]::new);
        Shots.onFx(() -> {
            if (left) {
                ((Button) node("take-up-0")).fire();
            } else {
                window.open(folder.resolve(PROJECT));
            }
        });
        untilIdle();
        Shots.onFx(() -> note(left ? "taken-up-of-" + known.length : "opened", mark(studio.history().present())));
        long end = System.currentTimeMillis() + LONGEST_MILLIS;
        while (System.currentTimeMillis() < end) {
            Shots.onFx(this::act);
            Thread.sleep(random.nextInt(120));
            if (saving && random.nextInt(4) > 0) {
                // Else hardly a save would come to its end before the next begins or the program is killed.
                untilIdle();
            }
        }
        Runtime.getRuntime().halt(0);
    }

    /** Until what was read or written is. */
    private void untilIdle() throws Exception {
        boolean[] there = {false};
        while (!there[0]) {
            Thread.sleep(10);
            Shots.onFx(() -> there[0] = window.desk().errands().idle() && !studio.project().designs().isEmpty());
        }
    }

    private Node node(String id) {
        return scene.lookup("#" + id);
    }

    private void act() throws IOException {
        Project before = studio.history().present();
        Design design = before.designs().get(random.nextInt(before.designs().size()));
        studio.select(s -> s.withDesign(design));
        int act = random.nextInt(8);
        saving = act == 7;
        note("begun", act == 4 || act == 5 ? BACK : FORTH);
        switch (act) {
            case 0 -> studio.edit("rename", p -> p.withName("Sailing " + random.nextInt(1000)));
            case 1 -> studio.editDesign("widen", d -> d.withRepeat(d.repeat().withSize(
                    d.repeat().widthMm() * (0.9 + random.nextDouble() * 0.2), d.repeat().heightMm())));
            case 2 -> studio.recolour(design.palette().slots().getFirst(),
                    new Rgb(random.nextInt(256), random.nextInt(256), random.nextInt(256)));
            case 3 -> drag();
            case 4 -> studio.undo();
            case 5 -> studio.redo();
            case 6 -> picture(design);
            default -> save();
        }
        note("done", mark(studio.history().present()));
    }

    private void drag() {
        studio.beginDrag("name");
        for (int i = 0; i < 5; i++) {
            studio.edit("name", p -> p.withName("Berth " + random.nextInt(1000)));
        }
        studio.endDrag();
    }

    /** A few at a time: runs go on with what those before them left. */
    private void picture(Design design) {
        List<Design> rusty = studio.project().designs().stream().filter(d -> d.fill(RUST).isPresent()).toList();
        if (rusty.size() > 4 || rusty.contains(design)) {
            studio.select(s -> s.withDesign(rusty.getFirst()));
            studio.editDesign("fewer inks", d -> d.removeFill(RUST, Ink.CLEAR));
            return;
        }
        Raster raster = new Raster(200 + random.nextInt(400), 300);
        for (int i = 0; i < raster.argb().length; i++) {
            raster.argb()[i] = 0xFF000000 | random.nextInt();
        }
        studio.addFill(RUST, new Fill.OfPicture(new Picture(raster, 150)));
    }

    private void save() {
        outside.answers.clear();
        outside.answers.add(folder.resolve(PROJECT));
        if (random.nextInt(3) > 0) {
            window.desk().save();
        } else {
            window.desk().saveAs();
        }
    }
}
