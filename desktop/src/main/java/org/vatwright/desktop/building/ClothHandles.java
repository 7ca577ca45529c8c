package org.vatwright.desktop.building;

import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;

/** What is taken hold of on the cloth of the cell: drawn over it, driven by the pane's mouse and keys. */
abstract class ClothHandles extends Pane {

    private static final double NUDGE_MM = 0.5;

    final Studio studio;
    final CellPane pane;
    Design design;
    Viewport viewport;
    boolean rolled;

    ClothHandles(Studio studio, CellPane pane) {
        this.studio = studio;
        this.pane = pane;
        setMouseTransparent(true);
        pane.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        pane.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        pane.addEventHandler(MouseEvent.MOUSE_RELEASED, this::release);
        pane.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    final void show(Design shown, Viewport view, boolean isRolled) {
        design = shown;
        viewport = view;
        rolled = isRolled;
        getChildren().clear();
        if (!rolled) {
            draw();
        }
    }

    /** Draws all anew, for the layer that is open. */
    abstract void draw();

    abstract void press(MouseEvent e);

    abstract void drag(MouseEvent e);

    abstract void release(MouseEvent e);

    void key(KeyEvent e) {
        // Most handles need no keys.
    }

    /** @return the way an arrow key goes, in mm: a nudge, ten with Shift, exactly one cell with Ctrl; null for others */
    final double[] step(KeyEvent e) {
        int dx = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        int dy = e.getCode() == KeyCode.DOWN ? 1 : e.getCode() == KeyCode.UP ? -1 : 0;
        if (dx == 0 && dy == 0) {
            return null;
        }
        double nudge = e.isShiftDown() ? 10 * NUDGE_MM : NUDGE_MM;
        return new double[]{dx * (e.isShortcutDown() ? design.repeat().widthMm() : nudge),
                dy * (e.isShortcutDown() ? design.repeat().heightMm() : nudge)};
    }

    /** @return the distance on a torus of that size, with its sign */
    static double around(double distance, double side) {
        return distance - side * Math.rint(distance / side);
    }
}
