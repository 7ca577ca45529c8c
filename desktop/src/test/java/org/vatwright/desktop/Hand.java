package org.vatwright.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;

import org.vatwright.desktop.frame.Settings;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;

/** A person's hand on mouse and keys, on a window of its own. */
@SuppressWarnings("try") // Closing waits for the toolkit, which a test may interrupt.
final class Hand implements AutoCloseable {

    static final long PATIENCE_MILLIS = 30_000;

    final Offline outside = new Offline();
    private final Robot robot;
    private final Stage stage;
    final Window window;
    private final Eye eye;

    private Hand(Path settings) throws Exception {
        OnToolkit.start();
        Object[] made = onFx(() -> {
            Window w = new Window(outside, new Settings(settings));
            Stage s = new Stage();
            s.setScene(w.scene(1280, 800));
            s.setX(0);
            s.setY(0);
            s.show();
            return new Object[]{w, s, new Robot()};
        });
        window = (Window) made[0];
        stage = (Stage) made[1];
        eye = new Eye(this, stage);
        robot = (Robot) made[2];
        rest();
    }

    static Hand onWelcome(Path settings) throws Exception {
        return new Hand(settings);
    }

    static Hand onDemo(Path settings) throws Exception {
        Hand hand = new Hand(settings);
        hand.click("welcome-demo");
        return hand;
    }

    static <T> T onFx(Callable<T> work) throws Exception {
        CompletableFuture<T> result = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                result.complete(work.call());
            } catch (Throwable e) {
                result.completeExceptionally(e);
            }
        });
        return result.get(30, TimeUnit.SECONDS);
    }

    Studio studio() {
        return window.studio();
    }

    /** Lets what was asked for happen, and all find its place. */
    void rest() throws Exception {
        for (int i = 0; i < 2; i++) {
            onFx(() -> null);
            Thread.sleep(25);
        }
        Places.found(stage);
        until("all that was asked for is fetched", () -> window.desk().errands().idle());
    }

    void until(String what, BooleanSupplier holds) throws Exception {
        until(what, 1, holds);
    }

    /** @param times as patient as mostly */
    void until(String what, int times, BooleanSupplier holds) throws Exception {
        long end = System.currentTimeMillis() + times * PATIENCE_MILLIS;
        while (!onFx(holds::getAsBoolean)) {
            if (System.currentTimeMillis() > end) {
                throw new AssertionError("waited in vain until " + what);
            }
            Thread.sleep(30);
        }
    }

    /** @return the shown node of that id, waiting for it */
    Node node(String id) throws Exception {
        return eye.find("#" + id, n -> id.equals(n.getId()));
    }

    /** @return the shown button or label of those words */
    Node words(String text) throws Exception {
        return eye.find("\"" + text + "\"",
                n -> n instanceof javafx.scene.control.Labeled l && text.equals(l.getText()));
    }

    /** @return the shown node that says this to a screen reader */
    Node named(String words) throws Exception {
        return eye.find("named \"" + words + "\"", n -> words.equals(n.getAccessibleText()));
    }

    boolean shows(String id) throws Exception {
        return onFx(() -> showsNow(id));
    }

    /** To be asked on the window's thread. */
    boolean showsNow(String id) {
        return eye.search(n -> id.equals(n.getId())) != null;
    }

    /** Clicks beside the thumb of a scroll bar until the node is in view. */
    private Point2D reach(Node node) throws Exception {
        for (int turn = 0; turn < 60; turn++) {
            Integer wheel = onFx(() -> {
                for (Parent p = node.getParent(); p != null; p = p.getParent()) {
                    if (p instanceof ScrollPane scroll && scroll.getContent() != null) {
                        Bounds view = scroll.localToScreen(scroll.getBoundsInLocal());
                        Bounds own = node.localToScreen(node.getBoundsInLocal());
                        int way = own.getMinY() < view.getMinY() ? -1 : own.getMaxY() > view.getMaxY() + 1 ? 1 : 0;
                        if (way != 0) {
                            robot.mouseMove(view.getMaxX() - 5, way < 0 ? view.getMinY() + 12 : view.getMaxY() - 12);
                            return way;
                        }
                    }
                }
                return 0;
            });
            if (wheel == 0) {
                break;
            }
            does(() -> robot.mouseClick(MouseButton.PRIMARY));
            rest();
        }
        return centre(node);
    }

    private static Point2D centre(Node node) throws Exception {
        return onFx(() -> {
            Bounds b = node.localToScreen(node.getBoundsInLocal());
            return new Point2D(b.getCenterX(), b.getCenterY());
        });
    }

    void click(String id) throws Exception {
        click(node(id));
    }

    void click(Node node, KeyCode... held) throws Exception {
        Point2D at = reach(node);
        // What is still finding its place is waited for, as a hand would.
        for (int turn = 0; turn < 8; turn++) {
            rest();
            if (centre(node).distance(at) < 1) {
                break;
            }
            at = reach(node);
        }
        clickAt(at.getX(), at.getY(), held);
    }

    /** Adds a layer of a family from the sheet, which is opened where it is not there by itself. */
    void addLayer(String family) throws Exception {
        addFrom("add-" + family);
    }

    /** Takes what is in the sheet a layer is added from. */
    void addFrom(String id) throws Exception {
        if (!shows("family-sheet")) {
            click("add-layer");
        }
        twice(node(id));
    }

    void point(Node node) throws Exception {
        Point2D at = reach(node);
        does(() -> robot.mouseMove(at));
        rest();
    }

    /** Clicks twice, quickly. */
    void twice(Node node) throws Exception {
        Point2D at = reach(node);
        does(() -> robot.mouseMove(at));
        rest();
        does(() -> robot.mouseClick(MouseButton.PRIMARY));
        does(() -> robot.mouseClick(MouseButton.PRIMARY));
        rest();
    }

    /** Clicks a place of a node twice, in its own pixels. */
    void twice(Node node, double x, double y) throws Exception {
        does(() -> robot.mouseMove(node.localToScreen(x, y)));
        rest();
        does(() -> robot.mouseClick(MouseButton.PRIMARY));
        does(() -> robot.mouseClick(MouseButton.PRIMARY));
        rest();
    }

    void clickAt(double x, double y, KeyCode... held) throws Exception {
        onFx(() -> {
            for (KeyCode key : held) {
                robot.keyPress(key);
            }
            robot.mouseMove(x, y);
            return null;
        });
        rest();
        onFx(() -> {
            robot.mousePress(MouseButton.PRIMARY);
            return null;
        });
        onFx(() -> {
            robot.mouseRelease(MouseButton.PRIMARY);
            for (KeyCode key : held) {
                robot.keyRelease(key);
            }
            return null;
        });
        rest();
    }

    /** Clicks a place of a node, in its own pixels. */
    void clickOn(Node node, double x, double y, KeyCode... held) throws Exception {
        Point2D at = onFx(() -> node.localToScreen(x, y));
        clickAt(at.getX(), at.getY(), held);
    }

    private static void does(Runnable act) throws Exception {
        onFx(() -> {
            act.run();
            return null;
        });
    }

    void drag(Node node, double fromX, double fromY, double dx, double dy) throws Exception {
        Point2D from = onFx(() -> node.localToScreen(fromX, fromY));
        dragBetween(from, from.add(dx, dy));
    }

    void dragBetween(Point2D from, Point2D to) throws Exception {
        dragBetween(from, to, () -> null);
    }

    /** @param held what is done before the hand lets go */
    void dragBetween(Point2D from, Point2D to, Callable<?> held) throws Exception {
        does(() -> robot.mouseMove(from));
        rest();
        does(() -> robot.mousePress(MouseButton.PRIMARY));
        int steps = 12;
        for (int i = 1; i <= steps; i++) {
            Point2D at = from.add(to.subtract(from).multiply((double) i / steps));
            does(() -> robot.mouseMove(at));
            Thread.sleep(12);
        }
        held.call();
        does(() -> robot.mouseRelease(MouseButton.PRIMARY));
        rest();
    }

    /** Lets a file fall on the middle of the window, dragged in from the lower left corner. */
    void drop(Path file) throws Exception {
        CountDownLatch let = new CountDownLatch(1);
        Region source = onFx(() -> {
            Region region = new Region();
            region.setMaxSize(30, 30);
            StackPane.setAlignment(region, Pos.BOTTOM_LEFT);
            region.setOnDragDetected(e -> {
                ClipboardContent content = new ClipboardContent();
                content.putFiles(List.of(file.toFile()));
                region.startDragAndDrop(TransferMode.COPY).setContent(content);
                e.consume();
            });
            region.setOnDragDone(e -> let.countDown());
            ((StackPane) stage.getScene().getRoot()).getChildren().add(region);
            return region;
        });
        rest();
        dragBetween(onFx(() -> source.localToScreen(15, 15)), new Point2D(500, 400));
        until(file + " was let go", () -> let.getCount() == 0);
        onFx(() -> ((StackPane) stage.getScene().getRoot()).getChildren().remove(source));
        rest();
    }

    Point2D middle(Node node) throws Exception {
        return reach(node);
    }

    void press(KeyCode... chord) throws Exception {
        does(() -> {
            for (KeyCode key : chord) {
                robot.keyPress(key);
            }
            for (int i = chord.length - 1; i >= 0; i--) {
                robot.keyRelease(chord[i]);
            }
        });
        rest();
    }

    void hold(KeyCode key, boolean down) throws Exception {
        does(down ? () -> robot.keyPress(key) : () -> robot.keyRelease(key));
        rest();
    }

    void type(String text) throws Exception {
        for (char c : text.toCharArray()) {
            boolean shift = Character.isUpperCase(c) || "#%".indexOf(c) >= 0;
            KeyCode key = switch (c) {
                case ' ' -> KeyCode.SPACE;
                case '.' -> KeyCode.PERIOD;
                case ',' -> KeyCode.COMMA;
                case '/' -> KeyCode.SLASH;
                case '-' -> KeyCode.MINUS;
                case '#' -> KeyCode.DIGIT3;
                case '%' -> KeyCode.DIGIT5;
                default -> KeyCode.getKeyCode(String.valueOf(Character.toUpperCase(c)));
            };
            if (shift) {
                press(KeyCode.SHIFT, key);
            } else {
                press(key);
            }
        }
    }

    /** Writes something else into a field and takes it with Enter. */
    void write(String id, String text) throws Exception {
        click(id);
        Node field = node(id);
        for (int turn = 0; turn < 3 && !onFx(field::isFocused); turn++) {
            click(id);
        }
        press(KeyCode.CONTROL, KeyCode.A);
        type(text);
        press(KeyCode.ENTER);
    }

    /** Opens a menu and takes its n-th entry, counted from 1, by the keys. */
    void menu(String id, int entry) throws Exception {
        click(id);
        for (int i = 0; i < entry; i++) {
            press(KeyCode.DOWN);
        }
        press(KeyCode.ENTER);
    }

    String text(String id) throws Exception {
        Node node = node(id);
        return onFx(() -> node instanceof javafx.scene.control.TextInputControl t
                ? t.getText()
                : ((javafx.scene.control.Labeled) node).getText());
    }

    /** @return what the message at the foot of the cloth says now; to be asked on the window's thread */
    String messageText() {
        Node text = eye.search(n -> "message-text".equals(n.getId()));
        return text == null ? "" : ((javafx.scene.control.Labeled) text).getText();
    }

    /** @return whether the window lets itself be closed */
    boolean closes() throws Exception {
        return onFx(window::mayClose);
    }

    @Override
    public void close() throws Exception {
        does(() -> {
            stage.hide();
            window.desk().end();
        });
    }
}
