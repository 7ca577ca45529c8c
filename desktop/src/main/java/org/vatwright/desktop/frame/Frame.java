package org.vatwright.desktop.frame;

import java.io.File;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

import org.vatwright.core.measure.Id;
import org.vatwright.desktop.control.Beforehand;
import org.vatwright.desktop.control.OneSeen;
import org.vatwright.desktop.control.Scroll;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Change;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.event.EventHandler;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The window: head, shelf, the present stage, its column, the foot. */
public final class Frame extends BorderPane {

    /** In front of a design's name while it is dragged from the shelf. */
    private static final String DRAGGED_DESIGN = "vatwright-design:";

    /** @return what is carried while a design is dragged */
    public static ClipboardContent dragged(Id design) {
        ClipboardContent content = new ClipboardContent();
        content.putString(DRAGGED_DESIGN + design);
        return content;
    }

    /** @return the design that is dragged, when it is one */
    public static Optional<Id> draggedDesign(Dragboard board) {
        return Optional.ofNullable(board.getString()).filter(t -> t.startsWith(DRAGGED_DESIGN))
                .map(t -> new Id(t.substring(DRAGGED_DESIGN.length())));
    }
    private static final List<String> SURROUNDS = List.of("grey", "white", "black");
    private static final double COLUMN = 320;

    private final Studio studio;
    private final Settings settings;
    private final Map<Stage, Supplier<StageView>> makers;
    private final Map<Stage, StageView> stages = new EnumMap<>(Stage.class);
    private final Set<Stage> furnished = EnumSet.noneOf(Stage.class);
    private final Head head;
    private final ShelfStrip shelf;
    private final FootLine foot = new FootLine();
    private final OneSeen middles = new OneSeen();
    private final OneSeen columns = new OneSeen();
    private final StackPane middle = new StackPane(middles);
    private final ScrollPane column = new Scroll();
    private final MessageBar messages = new MessageBar();
    private final CommandField commands;
    /** Who had the keys before the event that is under way: a field that has just been clicked chooses its own row. */
    private Node held;
    private final InvalidationListener owners = o -> Platform
            .runLater(() -> held = getScene() == null ? null : getScene().getFocusOwner());
    private final EventHandler<KeyEvent> down = this::keyDown;
    private final EventHandler<KeyEvent> up = this::keyUp;
    private final Beforehand beforehand = new Beforehand(this::ahead);
    private Stage shown;
    private boolean onlyCloth;

    public Frame(Studio studio, Desk desk, Settings settings, Map<Stage, Supplier<StageView>> makers) {
        this.studio = studio;
        this.settings = settings;
        this.makers = makers;
        head = new Head(studio, desk, this::nextSurround, this::openCommands);
        shelf = new ShelfStrip(studio, desk);
        column.getStyleClass().add("column");
        column.setFitToWidth(true);
        column.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        column.setMinWidth(COLUMN);
        column.setMaxWidth(COLUMN);
        columns.getStyleClass().add("column-content");
        columns.setMaxWidth(COLUMN - 10);
        column.setContent(columns);
        StackPane.setAlignment(messages, Pos.BOTTOM_CENTER);
        commands = new CommandField(() -> Stream.concat(stage(shown).commands().stream(), Commands.of(head).stream())
                .toList());
        StackPane.setAlignment(commands, Pos.TOP_CENTER);
        middle.getChildren().addAll(messages, commands, beforehand);
        setTop(head);
        setLeft(shelf);
        setCenter(middle);
        setRight(column);
        setBottom(foot);
        surround(settings.surround());
        // At the scene: a key that comes just as the control in focus has gone reaches no node.
        sceneProperty().addListener((o, was, is) -> keys(was, is));
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        setOnDragDropped(e -> {
            e.getDragboard().getFiles().stream().map(File::toPath).forEach(desk::dropped);
            e.setDropCompleted(true);
        });
        studio.whenSettling(this::leaveField);
        studio.watch(this::refresh);
        studio.watchFoot(foot::show);
        studio.hear(messages::show);
        bringStage();
        head.refresh();
        shelf.refresh();
        stage(shown).refresh();
    }

    /** @return the view of a stage, made when it is first asked for */
    public StageView stage(Stage stage) {
        return stages.computeIfAbsent(stage, s -> makers.get(s).get());
    }

    /** @return middle and column of the stages that are not there yet, and what fills the one that is */
    private List<Supplier<Optional<Beforehand.Made>>> ahead() {
        List<Supplier<Optional<Beforehand.Made>>> parts = new ArrayList<>();
        for (Stage each : studio.project().designs().isEmpty() ? new Stage[0] : Stage.values()) {
            if (!stages.containsKey(each) || stage(each).middle().getScene() == null) {
                parts.add(() -> missing(new Beforehand.Made(stage(each).middle(), middles, furnishing(each))));
                parts.add(() -> missing(new Beforehand.Made(stage(each).column(), columns, List.of())));
            } else {
                furnishing(each).forEach(step -> parts.add(() -> {
                    step.run();
                    return Optional.empty();
                }));
            }
        }
        return parts;
    }

    private List<Runnable> furnishing(Stage each) {
        return furnished.add(each) ? stage(each).furnishing() : List.of();
    }

    private static Optional<Beforehand.Made> missing(Beforehand.Made part) {
        return Optional.of(part).filter(p -> p.column().getScene() == null);
    }

    /** Draws again what a change touches; the head, which says what can be undone, after each. */
    private void refresh(Change change) {
        boolean other = bringStage();
        // The cloth under the hand first; its artist is at work while the rest is brought up to date.
        if (other || stage(shown).touchedBy(change)) {
            stage(shown).refresh();
        }
        head.refresh();
        if (change.selection() || !change.designs().isEmpty()) {
            shelf.refresh();
        }
    }

    /** @return whether another stage stands there now */
    private boolean bringStage() {
        Stage present = studio.selection().stage();
        if (present == shown) {
            return false;
        }
        shown = present;
        studio.tellFoot(f -> f.withPlace("", 0));
        StageView view = stage(present);
        beforehand.giveWay(view.middle());
        beforehand.giveWay(view.column());
        middles.show(view.middle());
        columns.show(view.column());
        column.setVvalue(0);
        Platform.runLater(middle::requestFocus);
        return true;
    }

    private void keys(Scene was, Scene is) {
        if (was != null) {
            was.removeEventFilter(KeyEvent.KEY_PRESSED, down);
            was.removeEventFilter(KeyEvent.KEY_RELEASED, up);
            was.focusOwnerProperty().removeListener(owners);
        }
        if (is != null) {
            is.addEventFilter(KeyEvent.KEY_PRESSED, down);
            is.addEventFilter(KeyEvent.KEY_RELEASED, up);
            is.focusOwnerProperty().addListener(owners);
        }
    }

    private void keyUp(KeyEvent e) {
        if (e.getCode() == KeyCode.F8) {
            studio.showBefore(false);
        }
    }

    private void keyDown(KeyEvent e) {
        if (new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN).match(e)) {
            studio.settle();
            studio.undo();
        } else if (new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN)
                .match(e)) {
            studio.settle();
            studio.redo();
        } else if (e.getCode() == KeyCode.F5) {
            openCommands();
        } else if (e.getCode() == KeyCode.F6) {
            stage(shown).fit();
        } else if (e.getCode() == KeyCode.F7) {
            stage(shown).trueSize();
        } else if (e.getCode() == KeyCode.F8) {
            studio.showBefore(true);
        } else if (e.getCode() == KeyCode.F9) {
            onlyCloth(!onlyCloth);
        } else if (e.isAltDown() && e.getCode().isDigitKey()) {
            int stage = e.getCode().getCode() - KeyCode.DIGIT1.getCode();
            if (stage < 0 || stage >= Stage.values().length) {
                return;
            }
            studio.select(s -> s.withStage(Stage.values()[stage]));
        } else {
            return;
        }
        e.consume();
    }

    /** What was typed and not taken yet is taken first, so that it stays with what it was typed for. */
    private void leaveField() {
        if (held instanceof TextInputControl && getScene() != null && getScene().getFocusOwner() == held) {
            requestFocus();
        }
    }

    private void onlyCloth(boolean only) {
        onlyCloth = only;
        Ui.show(head, !only);
        Ui.show(shelf, !only);
        Ui.show(foot, !only);
        Ui.show(column, !only);
        if (only) {
            studio.say(Message.hint("Only the cloth is shown; F9 brings the rest back."));
        }
    }

    private void openCommands() {
        commands.open();
    }

    private void nextSurround() {
        String now = settings.surround();
        String next = SURROUNDS.get((SURROUNDS.indexOf(now) + 1) % SURROUNDS.size());
        settings.surround(next);
        surround(next);
    }

    private void surround(String tone) {
        OneSeen.clear(this);
        SURROUNDS.forEach(s -> getStyleClass().remove("surround-" + s));
        getStyleClass().add("surround-" + tone);
    }
}
