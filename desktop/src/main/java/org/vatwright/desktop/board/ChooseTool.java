package org.vatwright.desktop.board;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Arranging;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;

/**
 * Parts are chosen, moved, scaled by the corners of their box, turned by the knob above it, all about a point that Ctrl and
 * the mouse set.
 */
final class ChooseTool extends BoardTool {

    private static final double KNOB_PX = 26;

    private enum Doing {
        NOTHING, MOVING, SCALING, TURNING, ABOUT, AREA
    }

    private Doing doing = Doing.NOTHING;
    private Motif from;
    private Set<Integer> parts = Set.of();
    private Rectangle2D box = new Rectangle2D.Double();
    private double pressX;
    private double pressY;
    private double nowX;
    private double nowY;
    /** Where things turn and scale; by default the middle of what is chosen. */
    private double aboutX;
    private double aboutY;
    private boolean aboutSet;

    ChooseTool(BoardHand hand, BoardPane pane) {
        super(hand, pane);
    }

    double aboutX() {
        return aboutSet ? aboutX : chosenBox().getCenterX();
    }

    double aboutY() {
        return aboutSet ? aboutY : chosenBox().getCenterY();
    }

    private Rectangle2D chosenBox() {
        return hand.motif().map(m -> Arranging.box(m, hand.parts())).orElse(new Rectangle2D.Double());
    }

    @Override
    void press(MouseEvent e, double x, double y) {
        from = hand.motif().orElseThrow();
        parts = hand.parts();
        box = Arranging.box(from, parts);
        pressX = nowX = x;
        pressY = nowY = y;
        doing = what(x, y, e.isShortcutDown());
        if (doing == Doing.ABOUT) {
            about(x, y, e.isShiftDown());
        }
        if (doing != Doing.NOTHING) {
            return;
        }
        int found = find(from, x, y);
        if (found < 0) {
            doing = Doing.AREA;
            if (!e.isShiftDown()) {
                aboutSet = false;
                hand.choose(Set.of());
            }
            return;
        }
        Set<Integer> unit = Arranging.whole(from, Set.of(found));
        Set<Integer> wanted = new TreeSet<>(e.isShiftDown() || parts.contains(found) ? parts : Set.of());
        if (e.isShiftDown() && parts.contains(found)) {
            wanted.removeAll(unit);
        } else {
            wanted.addAll(unit);
        }
        if (!wanted.equals(parts)) {
            aboutSet = false;
        }
        hand.choose(wanted);
        parts = hand.parts();
        box = Arranging.box(from, parts);
        doing = wanted.contains(found) ? Doing.MOVING : Doing.NOTHING;
    }

    /** The point lies in the middle at first, where shapes are taken hold of; so it is set with Ctrl. */
    private Doing what(double x, double y, boolean point) {
        if (parts.isEmpty()) {
            return Doing.NOTHING;
        }
        if (point) {
            return Doing.ABOUT;
        }
        double near = mm(NEAR_PX);
        if (Math.hypot(x - box.getCenterX(), y - (box.getMinY() - mm(KNOB_PX))) < near) {
            return Doing.TURNING;
        }
        for (double cx : new double[]{box.getMinX(), box.getMaxX()}) {
            for (double cy : new double[]{box.getMinY(), box.getMaxY()}) {
                if (Math.hypot(x - cx, y - cy) < near) {
                    return Doing.SCALING;
                }
            }
        }
        return Doing.NOTHING;
    }

    /** @return the topmost part there, with some slack; -1 for none */
    private int find(Motif motif, double x, double y) {
        double slack = mm(3);
        for (int i = motif.parts().size() - 1; i >= 0; i--) {
            Part part = motif.parts().get(i);
            if (part.shape().intersects(x - slack, y - slack, 2 * slack, 2 * slack)) {
                return i;
            }
        }
        return -1;
    }

    @Override
    void drag(MouseEvent e, double x, double y) {
        nowX = x;
        nowY = y;
        switch (doing) {
            case MOVING -> moveTo(x - pressX, y - pressY, e.isShiftDown());
            case SCALING -> scale(x, y, e.isShiftDown());
            case TURNING -> turn(x, y, e.isShiftDown());
            case ABOUT -> about(x, y, e.isShiftDown());
            default -> {
                // The area is taken when the hand lets go.
            }
        }
    }

    private void change(String name, AffineTransform by, String words) {
        if (!hand.studio().dragging()) {
            hand.studio().beginDrag(name);
        }
        hand.edit(name, m -> Arranging.moved(from, parts, by));
        hand.tell(words);
    }

    private void moveTo(double dx, double dy, boolean free) {
        Rectangle2D to = new Rectangle2D.Double(box.getX() + dx, box.getY() + dy, box.getWidth(), box.getHeight());
        Arranging.Snap snap = snap(from, parts, to, free);
        double byX = dx + snap.dx();
        double byY = dy + snap.dy();
        change("move a shape", AffineTransform.getTranslateInstance(byX, byY), "moved %s, %s mm %s".formatted(
                Numbers.plain(byX, 2), Numbers.plain(byY, 2), snap.why()));
    }

    /** Alike both ways; with Shift each side by itself. */
    private void scale(double x, double y, boolean each) {
        double ax = aboutX();
        double ay = aboutY();
        double wide = ratio(x - ax, pressX - ax);
        double high = ratio(y - ay, pressY - ay);
        if (!each) {
            double by = Math.hypot(x - ax, y - ay) / Math.max(1e-9, Math.hypot(pressX - ax, pressY - ay));
            wide = Math.max(0.01, by);
            high = wide;
        }
        change("scale a shape", Arranging.about(ax, ay, 0, wide, high, 0), "%s %% across, %s %% down".formatted(
                Numbers.plain(100 * wide, 1), Numbers.plain(100 * high, 1)));
    }

    private static double ratio(double now, double before) {
        double by = Math.abs(before) < 1e-9 ? 1 : now / before;
        return Math.abs(by) < 0.01 ? 0.01 : by;
    }

    private void turn(double x, double y, boolean stepped) {
        double before = Math.atan2(pressY - aboutY(), pressX - aboutX());
        double now = Math.atan2(y - aboutY(), x - aboutX());
        double degrees = -Math.toDegrees(now - before);
        double rested = stepped ? 15 * Math.rint(degrees / 15) : degrees;
        double ax = aboutX();
        double ay = aboutY();
        aboutX = ax;
        aboutY = ay;
        aboutSet = true;
        change("turn a shape", Arranging.about(ax, ay, rested, 1, 1, 0), "turned by %s\u00b0".formatted(
                Numbers.plain(rested, 1)));
    }

    /** The point itself rests on edges, middles and points as shapes do. */
    private void about(double x, double y, boolean free) {
        Arranging.Snap snap = snap(from, Set.of(), x, y, free);
        aboutX = x + snap.dx();
        aboutY = y + snap.dy();
        aboutSet = true;
        hand.tell("turns and scales about %s, %s mm %s".formatted(Numbers.plain(aboutX, 2), Numbers.plain(aboutY, 2),
                snap.why()));
    }

    @Override
    void release(MouseEvent e, double x, double y) {
        if (doing == Doing.AREA && (Math.abs(x - pressX) > mm(3) || Math.abs(y - pressY) > mm(3))) {
            Rectangle2D area = area();
            Set<Integer> inside = new TreeSet<>(e.isShiftDown() ? parts : Set.of());
            for (int i = 0; i < from.parts().size(); i++) {
                if (area.contains(from.parts().get(i).shape().getBounds2D())) {
                    inside.add(i);
                }
            }
            hand.choose(inside);
        }
        doing = Doing.NOTHING;
        if (hand.studio().dragging()) {
            hand.studio().endDrag();
        }
    }

    private Rectangle2D area() {
        return new Rectangle2D.Double(Math.min(pressX, nowX), Math.min(pressY, nowY), Math.abs(nowX - pressX),
                Math.abs(nowY - pressY));
    }

    /** Turns, scales or leans what is chosen about the point. */
    void change(String name, double turnDeg, double wide, double high, double shearDeg) {
        Set<Integer> chosen = hand.parts();
        double x = aboutX();
        double y = aboutY();
        hand.edit(name, m -> Arranging.moved(m, chosen, Arranging.about(x, y, turnDeg, wide, high, shearDeg)));
    }

    @Override
    boolean key(KeyEvent e) {
        double[] by = nudge(e);
        Set<Integer> chosen = hand.parts();
        if (chosen.isEmpty()) {
            return false;
        }
        if (by != null) {
            hand.edit("nudge a shape",
                    m -> Arranging.moved(m, chosen, AffineTransform.getTranslateInstance(by[0], by[1])));
            return true;
        }
        if (takesAway(e)) {
            hand.edit("remove shapes", m -> {
                List<Part> rest = new ArrayList<>();
                for (int i = 0; i < m.parts().size(); i++) {
                    if (!chosen.contains(i)) {
                        rest.add(m.parts().get(i));
                    }
                }
                return m.withParts(rest);
            });
            hand.choose(Set.of());
            return true;
        }
        return false;
    }

    @Override
    List<Node> overlay() {
        List<Node> nodes = new ArrayList<>();
        Motif motif = hand.motif().orElseThrow();
        Set<Integer> chosen = hand.parts();
        for (int i : chosen) {
            nodes.add(pane.shape(motif.parts().get(i).shape(), "picked-under"));
            nodes.add(pane.shape(motif.parts().get(i).shape(), "picked"));
        }
        if (doing == Doing.AREA) {
            nodes.add(pane.shape(area(), "board-area"));
        }
        if (!chosen.isEmpty()) {
            grips(Arranging.box(motif, chosen), nodes);
        }
        return nodes;
    }

    private void grips(Rectangle2D around, List<Node> nodes) {
        var v = pane.viewport();
        Rectangle frame = new Rectangle(v.pxX(around.getMinX()), v.pxY(around.getMinY()),
                around.getWidth() * v.pxPerMm(), around.getHeight() * v.pxPerMm());
        nodes.add(BoardPane.styled(frame, "board-frame"));
        double knobX = v.pxX(around.getCenterX());
        double knobY = v.pxY(around.getMinY()) - KNOB_PX;
        nodes.add(BoardPane.styled(new Line(knobX, knobY, knobX, v.pxY(around.getMinY())), "grip-arm"));
        Circle knob = BoardPane.styled(new Circle(knobX, knobY, 5), "grip-small");
        knob.setId("board-turn");
        nodes.add(knob);
        for (double cx : new double[]{around.getMinX(), around.getMaxX()}) {
            for (double cy : new double[]{around.getMinY(), around.getMaxY()}) {
                nodes.add(BoardPane.styled(new Circle(v.pxX(cx), v.pxY(cy), 5), "grip"));
            }
        }
        double px = v.pxX(aboutX());
        double py = v.pxY(aboutY());
        for (String style : new String[]{"grip-arm-under", "grip-arm"}) {
            nodes.add(BoardPane.styled(new Line(px - 7, py, px + 7, py), style));
            nodes.add(BoardPane.styled(new Line(px, py - 7, px, py + 7), style));
        }
        Circle about = BoardPane.styled(new Circle(px, py, 3), "grip-small");
        about.setId("board-about");
        nodes.add(about);
    }
}
