package org.vatwright.desktop.control;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.layout.StackPane;

/**
 * Several views in one place, of which one is seen. The others wait there, hidden: what is taken out and put in again is styled
 * anew, which takes longer than all else that is done with it.
 */
public final class OneSeen extends StackPane {

    private Node seen;

    public OneSeen() {
        setAlignment(Pos.TOP_LEFT);
    }

    /** @return whether it was not there before */
    public boolean show(Node view) {
        seen = view;
        boolean fresh = !getChildren().contains(view);
        if (fresh) {
            getChildren().add(view);
        }
        getChildren().forEach(v -> Ui.show(v, v == view));
        return fresh;
    }

    public void showNone() {
        seen = null;
        getChildren().forEach(v -> Ui.show(v, false));
    }

    /** Takes out what waits hidden in there: all of it would be styled when the styles of a whole window change. */
    public static void clear(Parent within) {
        within.getChildrenUnmodifiable().forEach(n -> {
            if (n instanceof Parent parent) {
                clear(parent);
            }
        });
        if (within instanceof OneSeen place) {
            // Whom the one that is seen belongs to may hide it for a while.
            place.getChildren().removeIf(v -> v != place.seen);
        }
    }
}
