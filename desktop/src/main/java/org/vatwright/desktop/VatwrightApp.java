package org.vatwright.desktop;

import java.nio.file.Path;
import java.util.List;

import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.frame.Settings;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The application: a project named on the command line, the demo, the last project, or a welcome. */
public final class VatwrightApp extends Application {

    @Override
    public void start(Stage stage) {
        Settings settings = Settings.standard();
        Window window = new Window(new SystemOutside(stage, getHostServices()), settings);
        Scene scene = window.scene(1280, 800);
        stage.setScene(scene);
        stage.setTitle("Vatwright");
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        Desk desk = window.desk();
        stage.setOnCloseRequest(e -> {
            if (!desk.mayLeave()) {
                e.consume();
            }
        });
        List<String> words = getParameters().getRaw();
        if (words.contains("demo")) {
            window.work();
            desk.openDemo();
        } else if (!words.isEmpty() && !words.getFirst().startsWith("--")) {
            window.open(Path.of(words.getFirst()));
        } else {
            settings.lastProject().ifPresent(window::open);
        }
        stage.show();
        if (words.contains("--leave-when-shown")) {
            // A training run for the start-up cache: show every stage once, then go.
            Platform.runLater(() -> window.tour(Platform::exit));
        }
    }
}
