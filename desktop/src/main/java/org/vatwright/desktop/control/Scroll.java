package org.vatwright.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;

/**
 * A part of the window that is scrolled. What it holds is drawn where it has changed; the toolkit's own keeps a picture of all of
 * it, which is drawn anew whole with every change within, and without a graphics card that holds up the window.
 */
public class Scroll extends ScrollPane {

    public Scroll() {}

    public Scroll(Node content) {
        super(content);
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        Skin<?> skin = super.createDefaultSkin();
        getChildren().forEach(part -> part.setCache(false));
        return skin;
    }
}
