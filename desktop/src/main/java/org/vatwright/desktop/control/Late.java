package org.vatwright.desktop.control;

import javafx.scene.Node;
import javafx.scene.layout.StackPane;

/**
 * The place of something that is hidden at first. It comes into the window when it is shown for the first time: all that is in
 * the window is styled, seen or not, and most of a stage's chapters are not looked at.
 */
public final class Late extends StackPane {

    private final Node inside;

    /** @param inside hidden until its owner shows it, as {@link Ui#show} does */
    public Late(Node inside) {
        this.inside = inside;
        Ui.show(inside, false);
        Ui.show(this, false);
        inside.visibleProperty().addListener((o, was, is) -> {
            if (is) {
                ready();
            }
            Ui.show(this, is);
        });
    }

    /** Brings it into the window although it is hidden: it may be looked at soon. */
    public void ready() {
        if (getChildren().isEmpty()) {
            getChildren().add(inside);
            applyCss();
        }
    }
}
