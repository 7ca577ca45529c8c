package org.vatwright.desktop.control;

import javafx.scene.Node;
import javafx.scene.layout.StackPane;

/**
 * The place of something that is hidden at first. It comes into the window when it is shown for the first time: all that is in
 * the window is styled, seen or not, and most of a stage's chapters are not looked at.
 */
public final class Late extends StackPane {

    /** @param inside hidden until its owner shows it, as {@link Ui#show} does */
    public Late(Node inside) {
        Ui.show(inside, false);
        Ui.show(this, false);
        inside.visibleProperty().addListener((o, was, is) -> {
            if (is && getChildren().isEmpty()) {
                getChildren().add(inside);
            }
            Ui.show(this, is);
        });
    }
}
