package org.vatwright.desktop.board;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

import java.util.List;

/** What mouse and keys do on the board. Places are mm of the motif. */
interface BoardTool {

    /** @param x,y where, in mm of the motif */
    void press(MouseEvent e, double x, double y);

    void drag(MouseEvent e, double x, double y);

    void release(MouseEvent e, double x, double y);

    default void move(MouseEvent e, double x, double y) {
        // Only drawing a path follows the free pointer.
    }

    /** @return whether the key was taken */
    boolean key(KeyEvent e);

    /** @return what is drawn over the motif */
    List<Node> overlay();

    /** Another tool is taken. */
    default void leave() {
        // Most have nothing to finish.
    }
}
