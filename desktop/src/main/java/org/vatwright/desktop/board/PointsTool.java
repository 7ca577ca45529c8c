package org.vatwright.desktop.board;

import java.awt.geom.NoninvertibleTransformException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Arranging;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.cloth.PathMarks;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/**
 * Moves the points of the part in hand and their handles. A double click on the line sets a point more, on a point it
 * makes a corner smooth or the other way round; Delete takes the chosen one away. A drawn form becomes a free path with the
 * first change.
 */
final class PointsTool extends BoardTool {

    private FreePath.Spot held;
    private FreePath.Spot chosen;
    private FreePath from;
    private boolean moving;

    PointsTool(BoardHand hand, BoardPane pane) {
        super(hand, pane);
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

    @Override
    void press(MouseEvent e, double x, double y) {
        FreePath path = path().orElseThrow();
        held = path.at(x, y, mm(NEAR_PX), Optional.ofNullable(chosen)).orElse(null);
        if (held != null) {
            chosen = held.point();
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
                chosen = new FreePath.Spot(place.run(), place.index() + 1, 0);
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

    @Override
    void drag(MouseEvent e, double x, double y) {
        if (held == null) {
            return;
        }
        if (!moving) {
            moving = true;
            hand.studio().beginDrag("move a point");
        }
        if (held.handle() != 0) {
            set("pull a handle", from.moved(held, x, y));
            hand.tell("handle at %s, %s mm".formatted(Numbers.plain(x, 2), Numbers.plain(y, 2)));
            return;
        }
        Motif motif = hand.motif().orElseThrow();
        Arranging.Snap snap = snap(motif, Set.of(index(motif)), x, y, e.isShiftDown());
        double toX = x + snap.dx();
        double toY = y + snap.dy();
        set("move a point", from.moved(held, toX, toY));
        hand.tell("point at %s, %s mm %s".formatted(Numbers.plain(toX, 2), Numbers.plain(toY, 2), snap.why()));
    }

    @Override
    void release(MouseEvent e, double x, double y) {
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
        path().filter(p -> chosen != null && p.has(chosen)).ifPresent(p -> set(name, change.apply(p)));
    }

    @Override
    boolean key(KeyEvent e) {
        if (chosen == null) {
            return false;
        }
        if (takesAway(e)) {
            change("take a point away", p -> p.without(chosen.run(), chosen.index()));
            chosen = null;
            return true;
        }
        double[] by = nudge(e);
        if (by == null) {
            return false;
        }
        change("nudge a point", p -> {
            FreePath.Point point = p.point(chosen.run(), chosen.index());
            return p.moved(chosen, point.x() + by[0], point.y() + by[1]);
        });
        return true;
    }

    @Override
    List<Node> overlay() {
        List<Node> nodes = new ArrayList<>();
        path().ifPresent(path -> {
            nodes.add(pane.shape(path.outline().path(), "picked-under"));
            nodes.add(pane.shape(path.outline().path(), "picked"));
            for (int r = 0; r < path.runs().size(); r++) {
                for (int i = 0; i < path.runs().get(r).points().size(); i++) {
                    PathMarks.point(pane.viewport(), path.point(r, i), new FreePath.Spot(r, i, 0).equals(chosen),
                            nodes);
                }
            }
        });
        return nodes;
    }
}
