package org.vatwright.desktop.draft;

import org.vatwright.core.draft.Squares;
import org.vatwright.desktop.draft.DraftGeometry.Square;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The draft by keyboard: arrows move as seen, with Shift they choose an area, with Ctrl they go over to the part that
 * lies there; Space or Enter marks.
 */
final class DraftKeys {

    private final DraftPane pane;
    private final DraftHand hand;

    DraftKeys(DraftPane pane, DraftHand hand) {
        this.pane = pane;
        this.hand = hand;
        pane.setOnKeyPressed(this::pressed);
    }

    private void pressed(KeyEvent e) {
        boolean used = true;
        switch (e.getCode()) {
            case LEFT -> arrow(e, -1, 0);
            case RIGHT -> arrow(e, 1, 0);
            case UP -> arrow(e, 0, -1);
            case DOWN -> arrow(e, 0, 1);
            case SPACE, ENTER -> hand.toggle();
            case ESCAPE -> hand.dropArea();
            case PLUS, ADD, EQUALS -> pane.zoom(1);
            case MINUS, SUBTRACT -> pane.zoom(-1);
            case DELETE, BACK_SPACE -> hand.change("clear", s -> Squares.blank(s.columns(), s.rows()));
            case I -> hand.change("invert", Squares::inverted);
            case M -> hand.change("mirror", e.isShiftDown() ? Squares::mirroredDown : Squares::mirroredAcross);
            case F -> hand.fill(0);
            default -> used = clipboard(e);
        }
        if (used) {
            e.consume();
        }
    }

    private boolean clipboard(KeyEvent e) {
        if (!e.isShortcutDown()) {
            return false;
        }
        if (e.getCode() == KeyCode.C) {
            hand.copy();
        } else if (e.getCode() == KeyCode.V) {
            hand.paste();
        } else {
            return false;
        }
        return true;
    }

    private void arrow(KeyEvent e, int right, int down) {
        pane.geometry().ifPresent(g -> {
            Square now = hand.cursor();
            if (e.isShortcutDown()) {
                hand.moveTo(g.showing(beyond(g, now, right, down)).in(beyond(g, now, right, down).part(),
                        middle(g, now, true), middle(g, now, false)), false);
            } else {
                hand.moveTo(moved(g, now, right, down), e.isShiftDown());
            }
            pane.follow();
        });
    }

    private static double middle(DraftGeometry g, Square square, boolean x) {
        DraftGeometry.Box box = g.place(square);
        return x ? box.x() + box.w() / 2.0 : box.y() + box.h() / 2.0;
    }

    /** @return the next square as seen, within the part */
    private static Square moved(DraftGeometry g, Square s, int right, int down) {
        boolean ends = s.part() == DraftPart.WARP_INKS || s.part() == DraftPart.THREADING
                || s.part() == DraftPart.DRAWDOWN;
        boolean picks = s.part() == DraftPart.WEFT_INKS || s.part() == DraftPart.DRAWDOWN
                || s.part() == g.treadPart();
        int column = s.column() + (ends && g.origin().right() ? -right : right);
        int row = s.row() + (picks && !g.origin().bottom() ? down : -down);
        int columns = ends ? g.ends() : s.part() == DraftPart.WEFT_INKS ? 1 : g.treads();
        int rows = picks ? g.picks() : s.part() == DraftPart.WARP_INKS ? 1 : g.shafts();
        return new Square(s.part(), Math.max(0, Math.min(columns - 1, column)),
                Math.max(0, Math.min(rows - 1, row)));
    }

    /** @return a square of the part that lies in that direction; the same where there is none */
    private static Square beyond(DraftGeometry g, Square s, int right, int down) {
        DraftPart[][] grid = {{DraftPart.WARP_INKS, DraftPart.WARP_INKS, DraftPart.WARP_INKS},
                {DraftPart.THREADING, g.planned() ? DraftPart.THREADING : DraftPart.TIE_UP, DraftPart.THREADING},
                {DraftPart.DRAWDOWN, g.treadPart(), DraftPart.WEFT_INKS}};
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                if (grid[row][column] == s.part()) {
                    int r = Math.max(0, Math.min(2, row + down));
                    int c = Math.max(0, Math.min(2, column + right));
                    return new Square(grid[r][c], 0, 0);
                }
            }
        }
        return s;
    }
}
