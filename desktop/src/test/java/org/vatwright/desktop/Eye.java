package org.vatwright.desktop;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

import org.vatwright.desktop.control.Styles;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TitledPane;
import javafx.stage.Stage;

/** What a person finds in a window by looking, and by opening what may hold it. */
final class Eye {

    private static final long HUNT_AFTER_MILLIS = 300;
    private static final int FEW_LOOKS = 6;

    private final Hand hand;
    private final Stage stage;

    Eye(Hand hand, Stage stage) {
        this.hand = hand;
        this.stage = stage;
    }

    Node find(String what, Predicate<Node> wanted) throws Exception {
        long end = System.currentTimeMillis() + Hand.PATIENCE_MILLIS;
        int looks = FEW_LOOKS;
        while (true) {
            Node found = Hand.onFx(() -> search(wanted));
            if (found != null) {
                return found;
            }
            if (System.currentTimeMillis() > end) {
                throw new AssertionError("there is nothing shown that is " + what);
            }
            if (System.currentTimeMillis() > end - Hand.PATIENCE_MILLIS + HUNT_AFTER_MILLIS) {
                found = hunt(wanted, looks);
                if (found != null) {
                    return found;
                }
                // Where drawing is slow a chapter's rows are longer in coming.
                looks *= 4;
            }
            Thread.sleep(40);
        }
    }

    /** A chapter comes in row by row. */
    private Node soon(Predicate<Node> wanted, int looks) throws Exception {
        for (int i = 0; i < looks; i++) {
            Node found = Hand.onFx(() -> search(wanted));
            if (found != null) {
                return found;
            }
            Thread.sleep(25);
        }
        return null;
    }

    /** Opens the chapters of the column in turn, and the line of the repeat, as somebody does who looks for a thing. */
    private Node hunt(Predicate<Node> wanted, int looks) throws Exception {
        Node before = Hand.onFx(() -> search(n -> n.getStyleClass().contains("chapter")
                && n.getPseudoClassStates().contains(Styles.CHOSEN)));
        List<Node> doors = new ArrayList<>(
                Hand.onFx(() -> List.copyOf(stage.getScene().getRoot().lookupAll(".chapter"))));
        Node repeat = Hand.onFx(() -> search(n -> "repeat".equals(n.getId())));
        if (repeat != null) {
            doors.add(repeat);
        }
        for (Node door : doors) {
            if (Hand.onFx(() -> door.isVisible() && door.getScene() != null)) {
                hand.click(door);
                Node found = soon(wanted, looks);
                found = found != null ? found : unfold(wanted);
                if (found != null) {
                    return found;
                }
            }
        }
        if (before != null) {
            hand.click(before);
        }
        return null;
    }

    /** Opens the folds of what is open, one after the other, and closes those that hold nothing of it. */
    private Node unfold(Predicate<Node> wanted) throws Exception {
        for (Node node : Hand.onFx(() -> List.copyOf(stage.getScene().getRoot().lookupAll(".titled-pane")))) {
            TitledPane fold = (TitledPane) node;
            if (Hand.onFx(() -> !fold.isExpanded() && search(n -> n == fold) != null)) {
                Node title = Hand.onFx(() -> fold.lookup(".title"));
                hand.click(title);
                Node found = Hand.onFx(() -> search(wanted));
                if (found != null) {
                    return found;
                }
                hand.click(title);
            }
        }
        return null;
    }

    Node search(Predicate<Node> wanted) {
        List<javafx.stage.Window> windows = new ArrayList<>(javafx.stage.Window.getWindows());
        for (javafx.stage.Window w : windows.reversed()) {
            if (w.getScene() != null && (w == stage || w != stage && !(w instanceof Stage))) {
                Node found = search(w.getScene().getRoot(), wanted);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }

    private static Node search(Node at, Predicate<Node> wanted) {
        if (!at.isVisible()) {
            return null;
        }
        if (wanted.test(at)) {
            return at;
        }
        if (at instanceof Parent parent) {
            for (Node child : parent.getChildrenUnmodifiable()) {
                Node found = search(child, wanted);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }
}
