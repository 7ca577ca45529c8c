package org.vatwright.desktop.board;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.motif.Arranging;
import org.vatwright.core.pattern.motif.Form;
import org.vatwright.core.pattern.motif.FreePath;
import org.vatwright.core.pattern.motif.Motif;
import org.vatwright.core.pattern.motif.Part;
import org.vatwright.core.shape.Outline;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;

/**
 * Moves the points of the part in hand and their handles. A double click on the line sets a point more, on a point it
 * makes a corner smooth or the other way round; Delete takes the chosen one away. A drawn form becomes a free path with the
 * first change.
 */
final class PointsTool implements BoardTool {

    private static final double NEAR_PX = 8;
    private static final double SNAP_PX = 7;

    /** @param handle 0 the point itself, -1 its handle before, 1 after */
    private record Held(int run, int index, int handle) {}

    private final BoardHand hand;
    private final BoardPane pane;
    private Held held;
    private Held chosen;
    private FreePath from;
    private boolean moving;

    PointsTool(BoardHand hand, BoardPane pane) {
        this.hand = hand;
        this.pane = pane;
    }

    private int index(Motif m) {
        return hand.studio().motifHand().part(m);
    }

    private Optional<Part> part() {
        return hand.motif().map(m -> m.parts().get(index(m)));
    }

    /** @return the part's points where they stand in the motif */
    private Optional<FreePath> path() {
        return part().map(p -> FreePath.of(Outline.of(p.shape())));
    }

    private void set(String name, FreePath path) {
        hand.edit(name, m -> {
            Part part = m.parts().get(index(m));
            return m.with(index(m), part.withForm(new Form.Free(back(part, path))));
        });
    }

    private static Outline back(Part part, FreePath path) {
        try {
            return Outline.of(path.outline().path(), part.place().createInverse());
        } catch (NoninvertibleTransformException e) {
            return path.outline();
        }
    }

    private double mm(double px) {
        return px / pane.viewport().pxPerMm();
    }

    @Override
    public void press(MouseEvent e, double x, double y) {
        FreePath path = path().orElseThrow();
        held = find(path, x, y);
        if (held != null) {
            chosen = new Held(held.run(), held.index(), 0);
            from = path;
            moving = false;
            if (e.getClickCount() == 2 && held.handle() == 0) {
                turn();
                held = null;
            }
            return;
        }
        if (e.getClickCount() == 2) {
            FreePath.Place place = path.nearest(x, y);
            if (place.far() < mm(NEAR_PX)) {
                set("add a point", path.split(place));
                chosen = new Held(place.run(), place.index() + 1, 0);
            }
            return;
        }
        chosen = null;
        // Another part is taken in hand where one lies.
        Motif motif = hand.motif().orElseThrow();
        for (int i = motif.parts().size() - 1; i >= 0; i--) {
            if (motif.parts().get(i).shape().intersects(x - mm(3), y - mm(3), mm(6), mm(6))) {
                hand.choose(Set.of(i));
                int taken = i;
                hand.studio().hold(h -> h.withPart(taken));
                return;
            }
        }
    }

    private Held find(FreePath path, double x, double y) {
        double near = mm(NEAR_PX);
        if (chosen != null && has(path, chosen)) {
            FreePath.Point p = path.point(chosen.run(), chosen.index());
            for (int handle : new int[]{1, -1}) {
                double hx = handle > 0 ? p.outX() : p.inX();
                double hy = handle > 0 ? p.outY() : p.inY();
                if (Math.hypot(hx - p.x(), hy - p.y()) > mm(1) && Math.hypot(x - hx, y - hy) < near) {
                    return new Held(chosen.run(), chosen.index(), handle);
                }
            }
        }
        Held best = null;
        double least = near;
        for (int r = 0; r < path.runs().size(); r++) {
            for (int i = 0; i < path.runs().get(r).points().size(); i++) {
                FreePath.Point p = path.point(r, i);
                double far = Math.hypot(x - p.x(), y - p.y());
                if (far < least) {
                    least = far;
                    best = new Held(r, i, 0);
                }
            }
        }
        return best;
    }

    private static boolean has(FreePath path, Held at) {
        return at.run() < path.runs().size() && at.index() < path.runs().get(at.run()).points().size();
    }

    @Override
    public void drag(MouseEvent e, double x, double y) {
        if (held == null) {
            return;
        }
        if (!moving) {
            moving = true;
            hand.studio().beginDrag("move a point");
        }
        FreePath.Point p = from.point(held.run(), held.index());
        if (held.handle() != 0) {
            set("pull a handle", from.with(held.run(), held.index(), p.withHandle(held.handle() > 0, x, y)));
            hand.tell("handle at %s, %s mm".formatted(Numbers.plain(x, 2), Numbers.plain(y, 2)));
            return;
        }
        Motif motif = hand.motif().orElseThrow();
        Arranging.Snap snap = Arranging.snap(motif, Set.of(index(motif)), new Rectangle2D.Double(x, y, 0, 0),
                e.isShiftDown() ? -1 : mm(SNAP_PX), pane.guides());
        double toX = x + snap.dx();
        double toY = y + snap.dy();
        set("move a point", from.with(held.run(), held.index(), p.at(toX, toY)));
        hand.tell("point at %s, %s mm %s".formatted(Numbers.plain(toX, 2), Numbers.plain(toY, 2), snap.why()));
    }

    @Override
    public void release(MouseEvent e, double x, double y) {
        held = null;
        if (moving) {
            moving = false;
            hand.studio().endDrag();
        }
    }

    /** Makes the chosen corner smooth, or the chosen smooth point a corner. */
    void turn() {
        change("smooth or corner", p -> p.turned(chosen.run(), chosen.index()));
    }

    private void change(String name, UnaryOperator<FreePath> change) {
        path().filter(p -> chosen != null && has(p, chosen)).ifPresent(p -> set(name, change.apply(p)));
    }

    @Override
    public boolean key(KeyEvent e) {
        if (chosen == null) {
            return false;
        }
        if (e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE) {
            change("take a point away", p -> p.without(chosen.run(), chosen.index()));
            chosen = null;
            return true;
        }
        double step = e.isShiftDown() ? 1 : 0.1;
        double dx = e.getCode() == KeyCode.LEFT ? -step : e.getCode() == KeyCode.RIGHT ? step : 0;
        double dy = e.getCode() == KeyCode.UP ? -step : e.getCode() == KeyCode.DOWN ? step : 0;
        if (dx == 0 && dy == 0) {
            return false;
        }
        change("nudge a point", p -> {
            FreePath.Point point = p.point(chosen.run(), chosen.index());
            return p.with(chosen.run(), chosen.index(), point.at(point.x() + dx, point.y() + dy));
        });
        return true;
    }

    @Override
    public List<Node> overlay() {
        List<Node> nodes = new ArrayList<>();
        path().ifPresent(path -> {
            nodes.add(pane.shape(path.outline().path(), "picked-under"));
            nodes.add(pane.shape(path.outline().path(), "picked"));
            for (int r = 0; r < path.runs().size(); r++) {
                for (int i = 0; i < path.runs().get(r).points().size(); i++) {
                    marks(pane, path.point(r, i), chosen != null && chosen.run() == r && chosen.index() == i, nodes);
                }
            }
        });
        return nodes;
    }

    /** A point, round when it is smooth and square when it is a corner; the chosen one with its handles. */
    static void marks(BoardPane pane, FreePath.Point p, boolean withHandles, List<Node> nodes) {
        Point2D at = px(pane, p.x(), p.y());
        if (withHandles) {
            for (Point2D to : List.of(px(pane, p.inX(), p.inY()), px(pane, p.outX(), p.outY()))) {
                if (at.distance(to) > 1) {
                    for (String style : new String[]{"grip-arm-under", "grip-arm"}) {
                        nodes.add(BoardPane.styled(new Line(at.getX(), at.getY(), to.getX(), to.getY()), style));
                    }
                    nodes.add(BoardPane.styled(new Circle(to.getX(), to.getY(), 4), "grip-small"));
                }
            }
        }
        nodes.add(BoardPane.styled(p.smooth()
                ? new Circle(at.getX(), at.getY(), 4.5)
                : new Rectangle(at.getX() - 4, at.getY() - 4, 8, 8), withHandles ? "grip-small" : "grip"));
    }

    private static Point2D px(BoardPane pane, double x, double y) {
        return new AffineTransform(pane.viewport().pxPerMm(), 0, 0, pane.viewport().pxPerMm(), pane.viewport().x(),
                pane.viewport().y()).transform(new Point2D.Double(x, y), null);
    }
}
