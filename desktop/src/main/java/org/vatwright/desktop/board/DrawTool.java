package org.vatwright.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Arranging;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.motif.Part;
import org.vatwright.desktop.cloth.PathMarks;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

/**
 * Draws a path: a click sets a corner, a drag a smooth point. It closes on its first point, or where Enter is pressed;
 * Escape gives it up, Backspace takes the last point back.
 */
final class DrawTool extends BoardTool {

    private final List<FreePath.Point> points = new ArrayList<>();
    private boolean pulling;
    private double nowX;
    private double nowY;

    DrawTool(BoardHand hand, BoardPane pane) {
        super(hand, pane);
    }

    @Override
    void press(MouseEvent e, double x, double y) {
        if (points.size() > 1 && Math.hypot(x - points.getFirst().x(), y - points.getFirst().y()) < mm(NEAR_PX)) {
            close();
            return;
        }
        double[] rest = rest(x, y, e.isShiftDown());
        points.add(FreePath.Point.corner(rest[0], rest[1]));
        pulling = true;
    }

    /** Points rest as shapes do, and level with the points already set. */
    private double[] rest(double x, double y, boolean free) {
        Arranging.Snap snap = snap(hand.motif().orElseThrow(), Set.of(), x, y, free);
        double toX = x + snap.dx();
        double toY = y + snap.dy();
        String why = snap.why();
        for (FreePath.Point p : points) {
            if (!free && snap.across().isEmpty() && Math.abs(p.x() - x) < mm(NEAR_PX)) {
                toX = p.x();
                why = "upright over a point";
            }
            if (!free && snap.down().isEmpty() && Math.abs(p.y() - y) < mm(NEAR_PX)) {
                toY = p.y();
                why = "level with a point";
            }
        }
        hand.tell("point at %s, %s mm %s".formatted(Numbers.plain(toX, 2), Numbers.plain(toY, 2), why));
        return new double[]{toX, toY};
    }

    @Override
    void drag(MouseEvent e, double x, double y) {
        nowX = x;
        nowY = y;
        if (pulling && !points.isEmpty()) {
            FreePath.Point p = points.getLast();
            boolean pulled = Math.hypot(x - p.x(), y - p.y()) > mm(3);
            points.set(points.size() - 1, pulled
                    ? FreePath.Point.smooth(p.x(), p.y(), x, y)
                    : FreePath.Point.corner(p.x(), p.y()));
        }
    }

    @Override
    void release(MouseEvent e, double x, double y) {
        pulling = false;
    }

    @Override
    void move(MouseEvent e, double x, double y) {
        nowX = x;
        nowY = y;
        if (!points.isEmpty()) {
            rest(x, y, e.isShiftDown());
        }
    }

    private void close() {
        pulling = false;
        if (points.size() > 1) {
            FreePath path = new FreePath(List.of(new FreePath.Run(points, true)));
            Part part = new Part(new Form.Free(path.outline()), hand.ink());
            int[] at = {0};
            if (hand.edit("draw a path", m -> {
                List<Part> more = new ArrayList<>(m.parts());
                at[0] = more.size();
                more.add(part.withName("path " + (more.size() + 1)));
                return m.withParts(more);
            })) {
                hand.choose(Set.of(at[0]));
            }
        }
        points.clear();
    }

    @Override
    boolean key(KeyEvent e) {
        if (points.isEmpty()) {
            return false;
        }
        switch (e.getCode()) {
            case ENTER -> close();
            case ESCAPE -> points.clear();
            case BACK_SPACE, DELETE -> points.removeLast();
            default -> {
                return e.getCode() == KeyCode.SPACE;
            }
        }
        return true;
    }

    @Override
    void leave() {
        points.clear();
    }

    @Override
    List<Node> overlay() {
        List<Node> nodes = new ArrayList<>();
        if (points.isEmpty()) {
            return nodes;
        }
        List<FreePath.Point> shown = new ArrayList<>(points);
        if (!pulling) {
            shown.add(FreePath.Point.corner(nowX, nowY));
        }
        var outline = new FreePath(List.of(new FreePath.Run(shown, false))).outline().path();
        nodes.add(pane.shape(outline, "picked-under"));
        nodes.add(pane.shape(outline, "picked"));
        for (int i = 0; i < points.size(); i++) {
            PathMarks.point(pane.viewport(), points.get(i), i == points.size() - 1, nodes);
        }
        Circle first = BoardPane.styled(new Circle(pane.viewport().pxX(points.getFirst().x()),
                pane.viewport().pxY(points.getFirst().y()), 5), "grip");
        nodes.add(first);
        return nodes;
    }
}
