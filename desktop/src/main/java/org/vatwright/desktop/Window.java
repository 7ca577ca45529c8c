package org.vatwright.desktop;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.Map;
import java.util.function.Supplier;

import org.vatwright.core.project.Project;
import org.vatwright.desktop.building.BuildStage;
import org.vatwright.desktop.colour.ColourStage;
import org.vatwright.desktop.dress.DressStage;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.frame.Frame;
import org.vatwright.desktop.frame.LeftBehindStrip;
import org.vatwright.desktop.frame.Outside;
import org.vatwright.desktop.frame.Settings;
import org.vatwright.desktop.frame.StageView;
import org.vatwright.desktop.frame.Welcome;
import org.vatwright.desktop.inspect.InspectStage;
import org.vatwright.desktop.produce.AtOnce;
import org.vatwright.desktop.produce.Press;
import org.vatwright.desktop.produce.ProduceStage;
import org.vatwright.desktop.studio.Faults;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.desktop.studio.WindowFirst;
import org.vatwright.files.recovery.LeftBehind;
import org.vatwright.files.type.ShippedTypefaces;

import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Font;

/** Puts the window together: studio, desk, frame, stages, style. */
public final class Window {

    private static final long LONGEST_STOP_MILLIS = 10_000;
    private static final String[] FONTS = {"font/Cabin-Regular.otf", "font/Cabin-SemiBold.otf"};

    private final Studio studio = new Studio(Project.empty("New commission"), new ShippedTypefaces());
    private final Settings settings;
    private final Outside outside;
    private final Desk desk;
    private final BorderPane content = new BorderPane();
    private final Press press;
    /** Nothing is seen of it: the styles give it the colour that the scene is filled with. */
    private final Rectangle ground = new Rectangle();
    private final StackPane root = new StackPane(ground, content);
    private Frame frame;

    public Window(Outside outside, Settings settings) {
        this.settings = settings;
        desk = new Desk(studio, outside, settings);
        Thread.setDefaultUncaughtExceptionHandler(new Faults(Platform::runLater, studio::say));
        press = new Press(Platform::runLater, studio::say, outside::showFolder);
        this.outside = outside;
        root.getStyleClass().add("vatwright");
        ground.getStyleClass().add("ground");
        ground.setManaged(false);
        content.setCenter(new Welcome(this::fresh, this::openOther, this::demo));
        content.setTop(new LeftBehindStrip(studio, desk, settings.recovery(), this::takeUp));
    }

    public Scene scene(double width, double height) {
        for (String font : FONTS) {
            try (InputStream in = Window.class.getResourceAsStream(font)) {
                Font.loadFont(in, 13);
            } catch (java.io.IOException e) {
                System.getLogger(Window.class.getName()).log(System.Logger.Level.WARNING, font, e);
            }
        }
        Scene scene = new Scene(root, width, height);
        scene.addPostLayoutPulseListener(WindowFirst::stands);
        scene.fillProperty().bind(ground.fillProperty());
        scene.getStylesheets().add(Window.class.getResource("vatwright.css").toExternalForm());
        return scene;
    }

    public Studio studio() {
        return studio;
    }

    public Desk desk() {
        return desk;
    }

    private void fresh() {
        work();
        desk.newProject();
    }

    private void demo() {
        work();
        desk.openDemo();
    }

    private void takeUp(LeftBehind left, Runnable done) {
        desk.takeUp(left, () -> {
            work();
            done.run();
        });
    }

    private void openOther() {
        work();
        desk.open();
        if (desk.errands().idle() && studio.project().designs().isEmpty()) {
            desk.newProject();
        }
    }

    /** Opens a project; when it cannot be read, says so over an empty one. */
    public void open(Path path) {
        work();
        desk.open(path, () -> {
            if (studio.project().designs().isEmpty()) {
                desk.addDesign();
            }
        });
    }

    /** @return whether the window may close; what runs is stopped then, and what was kept for recovery is let go */
    boolean mayClose() {
        if (press.busy() > 0 && !outside.askStop(press.busy() == 1
                ? "A job is still running. Closing stops it, and nothing of it is written."
                : "%d jobs are still running. Closing stops them, and nothing of them is written."
                        .formatted(press.busy()))) {
            return false;
        }
        if (!desk.mayLeave()) {
            return false;
        }
        press.stopAll(LONGEST_STOP_MILLIS);
        desk.end();
        return true;
    }

    /** Shows nothing yet, not even the welcome. */
    void bare() {
        content.setCenter(null);
    }

    /** Shows the stages instead of the welcome. */
    public void work() {
        if (frame == null) {
            Map<Stage, Supplier<StageView>> makers = Map.of(Stage.BUILD,
                    () -> new BuildStage(studio, desk, new AtOnce(studio, desk, press)::tile),
                    Stage.INSPECT,
                    () -> new InspectStage(studio), Stage.COLOUR, () -> new ColourStage(studio, desk), Stage.DRESS,
                    () -> new DressStage(studio, desk, new AtOnce(studio, desk, press)::article), Stage.PRODUCE,
                    () -> new ProduceStage(studio, desk, press));
            frame = new Frame(studio, desk, settings, makers);
            content.setCenter(frame);
        }
    }

    /** Shows everything for a moment, then does what is asked. */
    void tour(Runnable then) {
        work();
        if (studio.project().designs().isEmpty()) {
            desk.openDemo();
        }
        new Tour(studio, root).walk(then);
    }
}
