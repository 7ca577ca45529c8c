package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;

import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

@Timeout(60)
class BeforehandTest {

    private static final int ROWS = 40;
    private static final int FURNISHED = 5;

    private final List<VBox> made = new ArrayList<>();
    private final StackPane place = new StackPane();
    /** Told each time a column was filled a little. */
    private Consumer<VBox> amid = column -> {};
    private Beforehand beforehand;
    private StackPane root;
    private Stage stage;

    @BeforeEach
    void twoColumnsAreWanted() throws Exception {
        OnToolkit.run(() -> {
            beforehand = new Beforehand(
                    () -> made.size() == 2 ? List.of() : List.of(column(), Optional::empty, column()));
            root = new StackPane(place);
            stage = new Stage();
            return null;
        });
    }

    @AfterEach
    void close() throws Exception {
        OnToolkit.run(() -> {
            stage.hide();
            return null;
        });
    }

    private Supplier<Optional<Beforehand.Made>> column() {
        return () -> {
            VBox column = new VBox();
            IntStream.range(0, ROWS).forEach(i -> column.getChildren().add(new VBox(new Button("row " + i))));
            made.add(column);
            return Optional.of(new Beforehand.Made(column, place, IntStream.range(0, FURNISHED).<Runnable>mapToObj(
                    i -> () -> {
                        assertThat(column.getParent()).as("filled before it comes into the window").isNull();
                        column.getChildren().add(new VBox(new Button("row " + (ROWS + i))));
                        amid.accept(column);
                    }).toList()));
        };
    }

    private void open(boolean allowed) throws Exception {
        OnToolkit.run(() -> {
            Scene scene = new Scene(root, 200, 200);
            if (allowed) {
                Beforehand.allow(scene);
            }
            root.getChildren().add(beforehand);
            stage.setScene(scene);
            stage.show();
            return null;
        });
    }

    private boolean whole(VBox column) {
        return whole(column, ROWS + FURNISHED);
    }

    private boolean whole(VBox column, int rows) {
        List<String> words = column.getChildren().stream().flatMap(row -> ((VBox) row).getChildren().stream())
                .map(b -> ((Button) b).getText()).toList();
        return words.equals(IntStream.range(0, rows).mapToObj(i -> "row " + i).toList());
    }

    private static boolean styled(VBox column) {
        return column.getChildren().stream().flatMap(row -> ((VBox) row).getChildren().stream())
                .allMatch(b -> ((Button) b).getSkin() != null);
    }

    @Test
    void inQuietAllIsMadeAndStyledAndWaitsHiddenInItsPlace() throws Exception {
        open(true);
        boolean done = false;
        while (!done) {
            Thread.sleep(50);
            done = OnToolkit.run(() -> made.size() == 2 && beforehand.done());
        }
        OnToolkit.run(() -> {
            assertThat(made).allMatch(this::whole).allMatch(BeforehandTest::styled)
                    .noneMatch(Node::isVisible).noneMatch(Node::isManaged);
            assertThat(place.getChildren()).containsExactlyElementsOf(made);
            return null;
        });
    }

    @Test
    void whatIsWantedAtOnceIsWholeAndStaysWhereItIsPut() throws Exception {
        CompletableFuture<Boolean> wholeWhenCaught = new CompletableFuture<>();
        place.getChildren().addListener((ListChangeListener<Node>) put -> {
            if (made.size() == 1) {
                made.getFirst().getChildren().addListener((ListChangeListener<Node>) row -> {
                    if (row.getList().size() == 4) {
                        pause();
                        Platform.runLater(() -> {
                            wholeWhenCaught.complete(whole(made.getFirst()));
                            beforehand.giveWay(made.getFirst());
                            Ui.show(made.getFirst(), true);
                        });
                    }
                });
            }
        });
        open(true);
        assertThat(wholeWhenCaught.get(30, TimeUnit.SECONDS)).as("caught half way").isFalse();
        Thread.sleep(300);
        OnToolkit.run(() -> {
            assertThat(whole(made.getFirst())).isTrue();
            assertThat(made.getFirst().isVisible()).as("and seen").isTrue();
            assertThat(made.getFirst().getParent()).isSameAs(place);
            return null;
        });
    }

    /** Who wants it now fills it with what is wanted now. */
    @Test
    void whatIsWantedAtOnceIsNotFilledFirst() throws Exception {
        CompletableFuture<Integer> filled = new CompletableFuture<>();
        amid = column -> {
            amid = c -> {};
            pause();
            Platform.runLater(() -> {
                int rows = column.getChildren().size();
                beforehand.giveWay(column);
                filled.complete(whole(column, rows) && column.getParent() == place ? rows : -1);
            });
        };
        open(true);
        int rows = filled.get(30, TimeUnit.SECONDS);
        assertThat(rows).as("rows when it was wanted").isBetween(ROWS + 1, ROWS + FURNISHED - 1);
        boolean done = false;
        while (!done) {
            Thread.sleep(50);
            done = OnToolkit.run(() -> made.size() == 2 && beforehand.done());
        }
        assertThat(OnToolkit.run(() -> made.getFirst().getChildren().size())).as("and afterwards").isEqualTo(rows);
    }

    /** Longer than is done at once, so that what comes next waits for another turn. */
    private static void pause() {
        try {
            Thread.sleep(40);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void nothingIsMadeWhileKeysArePressed() throws Exception {
        open(true);
        long last = System.nanoTime();
        for (int i = 0; i < 30; i++) {
            Thread.sleep(60);
            boolean nothing = OnToolkit.run(() -> {
                Event.fireEvent(root, new KeyEvent(KeyEvent.KEY_PRESSED, "a", "a", KeyCode.A, false, false, false,
                        false));
                return made.isEmpty();
            });
            // Where the machine itself rested between two keys, it was quiet.
            assumeTrue(System.nanoTime() - last < 400_000_000L);
            last = System.nanoTime();
            assertThat(nothing).isTrue();
        }
    }

    @Test
    void norWhereNobodyLooks() throws Exception {
        open(false);
        Thread.sleep(1500);
        OnToolkit.run(() -> {
            assertThat(made).isEmpty();
            assertThat(beforehand.done()).isTrue();
            return null;
        });
    }
}
