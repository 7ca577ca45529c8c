package org.vatwright.desktop.board;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Arranging.GuideMarks;
import org.vatwright.desktop.cloth.Ruler;
import org.vatwright.desktop.cloth.Viewport;

import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;

/**
 * Lines to draw by: dragged out of a ruler, moved by dragging, taken away by dragging them back. Each motif has its own, for
 * as long as the window is open.
 */
final class BoardGuides extends Pane {

    private final BoardHand hand;
    private final BoardPane pane;
    private final Map<Integer, GuideMarks> all = new HashMap<>();
    private int motif;

    BoardGuides(BoardHand hand, BoardPane pane, Ruler across, Ruler down) {
        this.hand = hand;
        this.pane = pane;
        setPickOnBounds(false);
        outOf(across, false);
        outOf(down, true);
    }

    GuideMarks marks() {
        return all.getOrDefault(motif, GuideMarks.NONE);
    }

    private void outOf(Ruler ruler, boolean upright) {
        List<Double> others = new ArrayList<>();
        ruler.setOnMousePressed(e -> {
            others.clear();
            others.addAll(places(upright));
        });
        ruler.setOnMouseDragged(e -> drag(e, upright, others));
    }

    private List<Double> places(boolean upright) {
        return upright ? marks().across() : marks().down();
    }

    private void drag(MouseEvent e, boolean upright, List<Double> others) {
        var at = pane.sceneToLocal(e.getSceneX(), e.getSceneY());
        Viewport v = pane.viewport();
        double mm = upright ? v.mmX(at.getX()) : v.mmY(at.getY());
        // Whole tenths unless Shift is held, as on a ruler.
        double rested = e.isShiftDown() ? mm : Math.rint(mm * 10) / 10;
        List<Double> now = new ArrayList<>(others);
        if ((upright ? at.getX() : at.getY()) > Ruler.BREADTH) {
            now.add(rested);
            hand.tell("guide at %s mm from the motif's middle".formatted(Numbers.plain(rested, 2)));
        }
        all.put(motif, upright ? new GuideMarks(now, marks().down()) : new GuideMarks(marks().across(), now));
        show(motif);
        e.consume();
    }

    void show(int shown) {
        motif = shown;
        getChildren().clear();
        Viewport v = pane.viewport();
        marks().across().forEach(x -> guide(x, true, v.pxX(x), pane.getHeight()));
        marks().down().forEach(y -> guide(y, false, v.pxY(y), pane.getWidth()));
    }

    private void guide(double place, boolean upright, double at, double to) {
        Line seen = upright ? new Line(at, 0, at, to) : new Line(0, at, to, at);
        seen.getStyleClass().add("guide");
        seen.setMouseTransparent(true);
        Line held = upright ? new Line(at, 0, at, to) : new Line(0, at, to, at);
        held.getStyleClass().add("guide-grip");
        held.setCursor(upright ? Cursor.H_RESIZE : Cursor.V_RESIZE);
        List<Double> others = new ArrayList<>();
        held.setOnMousePressed(e -> {
            others.clear();
            places(upright).stream().filter(p -> p != place).forEach(others::add);
            e.consume();
        });
        held.setOnMouseDragged(e -> drag(e, upright, others));
        held.setOnMouseReleased(MouseEvent::consume);
        getChildren().addAll(seen, held);
    }
}
