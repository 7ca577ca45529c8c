package org.vatwright.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

import org.vatwright.desktop.control.Beforehand;
import org.vatwright.desktop.frame.Settings;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The application: a project named on the command line, the demo, the last project, or a welcome. */
public final class VatwrightApp extends Application {

    private static final long LONGEST_TOUR_MILLIS = 120_000;

    @Override
    public void start(Stage stage) {
        Settings settings = Settings.standard();
        Window window = new Window(new SystemOutside(stage, getHostServices()), settings);
        Scene scene = window.scene(1280, 800);
        Beforehand.allow(scene);
        stage.setScene(scene);
        stage.setTitle("Vatwright");
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        stage.setOnCloseRequest(e -> {
            if (!window.mayClose()) {
                e.consume();
            }
        });
        List<String> words = getParameters().getRaw();
        opening(words, window, settings).ifPresent(opening -> {
            // The window stands first; what it is to show comes in at once after.
            window.bare();
            Platform.runLater(opening);
        });
        stage.show();
        if (words.contains("--leave-when-shown")) {
            // A training run for the start-up cache: show everything once, then go.
            Platform.runLater(() -> window.tour(Platform::exit));
            Thread.ofPlatform().daemon().start(VatwrightApp::leaveAnyway);
        }
    }

    /** A window that fails to open must not keep the launcher waiting. */
    private static void leaveAnyway() {
        try {
            Thread.sleep(LONGEST_TOUR_MILLIS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        Runtime.getRuntime().halt(1);
    }

    /** @return what is to be opened; nothing for the welcome */
    private static Optional<Runnable> opening(List<String> words, Window window, Settings settings) {
        if (words.contains("demo")) {
            return Optional.of(() -> {
                window.work();
                window.desk().openDemo();
            });
        }
        if (!words.isEmpty() && !words.getFirst().startsWith("--")) {
            return Optional.of(() -> window.open(Path.of(words.getFirst())));
        }
        return settings.lastProject().map(last -> () -> window.open(last));
    }
}
