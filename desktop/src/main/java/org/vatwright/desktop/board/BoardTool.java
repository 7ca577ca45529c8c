package org.vatwright.desktop.board;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Set;

import org.vatwright.core.motif.Arranging;
import org.vatwright.core.motif.Motif;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/** What mouse and keys do on the board. Places are mm of the motif. */
abstract class BoardTool {

    static final double NEAR_PX = 9;
    private static final double SNAP_PX = 7;
    private static final double NUDGE_MM = 0.1;

    final BoardHand hand;
    final BoardPane pane;

    BoardTool(BoardHand hand, BoardPane pane) {
        this.hand = hand;
        this.pane = pane;
    }

    /** @param x,y where, in mm of the motif */
    abstract void press(MouseEvent e, double x, double y);

    abstract void drag(MouseEvent e, double x, double y);

    abstract void release(MouseEvent e, double x, double y);

    void move(MouseEvent e, double x, double y) {
        // Only drawing a path follows the free pointer.
    }

    /** @return whether the key was taken */
    abstract boolean key(KeyEvent e);

    /** @return what is drawn over the motif */
    abstract List<Node> overlay();

    /** Another tool is taken. */
    void leave() {
        // Most have nothing to finish.
    }

    final double mm(double px) {
        return px / pane.viewport().pxPerMm();
    }

    /** @param free whether it rests on nothing, as with Shift */
    final Arranging.Snap snap(Motif motif, Set<Integer> moving, Rectangle2D box, boolean free) {
        return Arranging.snap(motif, moving, box, free ? -1 : mm(SNAP_PX), pane.guides());
    }

    final Arranging.Snap snap(Motif motif, Set<Integer> moving, double x, double y, boolean free) {
        return snap(motif, moving, new Rectangle2D.Double(x, y, 0, 0), free);
    }

    /** @return the way an arrow key nudges, ten times as far with Shift; null for other keys */
    static double[] nudge(KeyEvent e) {
        double step = e.isShiftDown() ? 10 * NUDGE_MM : NUDGE_MM;
        return switch (e.getCode()) {
            case LEFT -> new double[]{-step, 0};
            case RIGHT -> new double[]{step, 0};
            case UP -> new double[]{0, -step};
            case DOWN -> new double[]{0, step};
            default -> null;
        };
    }

    static boolean takesAway(KeyEvent e) {
        return e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE;
    }
}
