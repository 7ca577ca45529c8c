package org.vatwright.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.TitledPane;

/** What is seldom needed, under a line that opens it. It is styled and laid out only once it has been opened. */
public final class Fold extends TitledPane {

    private final Node inside;

    public Fold(String words, Node inside) {
        super(words, null);
        this.inside = inside;
        setExpanded(false);
        setAnimated(false);
        expandedProperty().addListener((o, was, is) -> setContent(inside));
    }

    /** @return what it holds, opened or not */
    public Node inside() {
        return inside;
    }
}
