package org.vatwright.desktop.build;

import java.awt.geom.AffineTransform;
import java.util.Optional;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.motif.FreePath;
import org.vatwright.core.pattern.motif.Motifs;
import org.vatwright.core.pattern.motif.Placing;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;

/**
 * The line along which motifs stand, on the cloth: its points and handles are moved, a double click on it sets a point
 * more, on a point makes it smooth or a corner, Delete takes one away. Ends that meet across an edge stay together.
 */
final class LineHandles extends ClothHandles {

    private static final double NEAR_PX = 8;

    /** @param handle 0 the point itself, -1 its handle before, 1 after */
    private record Held(FreePath from, int index, int handle) {}

    private final GuideLines guides;
    private Held held;
    private int chosen = -1;

    LineHandles(Studio studio, CellPane pane, GuideLines guides) {
        super(studio, pane);
        this.guides = guides;
    }

    private Optional<Placing.Along> along() {
        return studio.layer().filter(l -> l.structure() instanceof Motifs).map(l -> ((Motifs) l.structure()).placing())
                .filter(Placing.Along.class::isInstance).map(Placing.Along.class::cast);
    }

    private void set(String name, FreePath path) {
        Outline line = path.outline();
        studio.editStructure(name, Motifs.class, m -> m.placing() instanceof Placing.Along a
                ? m.withPlacing(new Placing.Along(line, a.count(), a.asideMm(), a.startShare(), a.turned()))
                : m);
    }

    @Override
    void draw() {
        along().ifPresent(a -> {
            AffineTransform toPx = new AffineTransform(viewport.pxPerMm(), 0, 0, viewport.pxPerMm(), viewport.x(),
                    viewport.y());
            for (String style : new String[]{"picked-under", "picked"}) {
                Path path = AwtShapes.path(a.line().path(), toPx);
                path.getStyleClass().add(style);
                getChildren().add(path);
            }
            FreePath path = FreePath.of(a.line());
            for (int i = 0; i < points(path); i++) {
                point(path.point(0, i), i);
            }
        });
    }

    private static int points(FreePath path) {
        return path.runs().getFirst().points().size();
    }

    private void point(FreePath.Point p, int index) {
        double x = viewport.pxX(p.x());
        double y = viewport.pxY(p.y());
        if (index == chosen) {
            for (double[] to : new double[][]{{p.inX(), p.inY()}, {p.outX(), p.outY()}}) {
                double hx = viewport.pxX(to[0]);
                double hy = viewport.pxY(to[1]);
                if (Math.hypot(hx - x, hy - y) > 1) {
                    for (String style : new String[]{"grip-arm-under", "grip-arm"}) {
                        Line arm = new Line(x, y, hx, hy);
                        arm.getStyleClass().add(style);
                        getChildren().add(arm);
                    }
                    Circle end = new Circle(hx, hy, 4);
                    end.getStyleClass().add("grip-small");
                    getChildren().add(end);
                }
            }
        }
        javafx.scene.shape.Shape mark = p.smooth() ? new Circle(x, y, 4.5) : new Rectangle(x - 4, y - 4, 8, 8);
        mark.getStyleClass().add(index == chosen ? "grip-small" : "grip");
        getChildren().add(mark);
    }

    @Override
    void press(MouseEvent e) {
        held = null;
        if (e.getButton() != MouseButton.PRIMARY || design == null || along().isEmpty() || rolled) {
            return;
        }
        pane.requestFocus();
        FreePath path = FreePath.of(along().get().line());
        double x = viewport.mmX(e.getX());
        double y = viewport.mmY(e.getY());
        double near = NEAR_PX / viewport.pxPerMm();
        held = find(path, x, y, near);
        if (held != null) {
            chosen = held.index();
            if (e.getClickCount() == 2 && held.handle() == 0) {
                set("smooth or corner", path.turned(0, held.index()));
                held = null;
            }
        } else if (e.getClickCount() == 2) {
            FreePath.Place place = path.nearest(x, y);
            if (place.far() < near) {
                chosen = place.index() + 1;
                set("add a point", path.split(place));
            }
        } else {
            chosen = -1;
        }
        show(design, viewport, rolled);
    }

    private Held find(FreePath path, double x, double y, double near) {
        if (chosen >= 0 && chosen < points(path)) {
            FreePath.Point p = path.point(0, chosen);
            if (Math.hypot(x - p.outX(), y - p.outY()) < near && Math.hypot(p.outX() - p.x(), p.outY() - p.y()) > 0) {
                return new Held(path, chosen, 1);
            }
            if (Math.hypot(x - p.inX(), y - p.inY()) < near && Math.hypot(p.inX() - p.x(), p.inY() - p.y()) > 0) {
                return new Held(path, chosen, -1);
            }
        }
        for (int i = 0; i < points(path); i++) {
            FreePath.Point p = path.point(0, i);
            if (Math.hypot(x - p.x(), y - p.y()) < near) {
                return new Held(path, i, 0);
            }
        }
        return null;
    }

    @Override
    void drag(MouseEvent e) {
        if (held == null) {
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag("move the line");
        }
        double x = viewport.mmX(e.getX());
        double y = viewport.mmY(e.getY());
        FreePath from = held.from();
        FreePath.Point p = from.point(0, held.index());
        if (held.handle() != 0) {
            set("pull a handle", from.with(0, held.index(), p.withHandle(held.handle() > 0, x, y)));
            return;
        }
        GuideLines.Rest across = e.isShiftDown() ? new GuideLines.Rest(x, "") : guides.rest(x, true);
        GuideLines.Rest down = e.isShiftDown() ? new GuideLines.Rest(y, "") : guides.rest(y, false);
        FreePath moved = from.with(0, held.index(), p.at(across.mm(), down.mm()));
        int last = points(from) - 1;
        if (meets(from) && (held.index() == 0 || held.index() == last)) {
            int twin = held.index() == 0 ? last : 0;
            FreePath.Point other = from.point(0, twin);
            moved = moved.with(0, twin, other.at(other.x() + across.mm() - p.x(), other.y() + down.mm() - p.y()));
        }
        set("move the line", moved);
        studio.tellFoot(f -> f.withPlace("point at %s, %s mm %s".formatted(Numbers.plain(across.mm(), 1),
                Numbers.plain(down.mm(), 1), across.why().isEmpty() ? down.why() : across.why()), 0));
    }

    /** Whether an open line's ends are one place of the endless cloth. */
    private boolean meets(FreePath path) {
        FreePath.Run run = path.runs().getFirst();
        FreePath.Point first = run.points().getFirst();
        FreePath.Point last = run.points().getLast();
        return !run.closed() && run.points().size() > 1
                && Lattice.of(design.repeat()).holds(last.x() - first.x(), last.y() - first.y());
    }

    @Override
    void release(MouseEvent e) {
        if (held != null) {
            held = null;
            if (studio.dragging()) {
                studio.endDrag();
            }
        }
    }

    @Override
    void key(KeyEvent e) {
        if (along().isEmpty() || chosen < 0
                || e.getCode() != KeyCode.DELETE && e.getCode() != KeyCode.BACK_SPACE) {
            return;
        }
        FreePath path = FreePath.of(along().get().line());
        if (chosen < points(path)) {
            set("take a point away", path.without(0, chosen));
            chosen = -1;
            e.consume();
        }
    }
}
