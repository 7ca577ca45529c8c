package org.vatwright.desktop.building;

import java.awt.geom.AffineTransform;
import java.util.Optional;

import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.cloth.PathMarks;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Path;

/**
 * The line along which motifs stand, on the cloth: its points and handles are moved, a double click on it sets a point
 * more, on a point makes it smooth or a corner, Delete takes one away. Ends that meet across an edge stay together.
 */
final class LineHandles extends ClothHandles {

    private static final double NEAR_PX = 8;
    private static final double CHOSEN_PX = 9;

    /** @param from the line as it was taken hold of */
    private record Held(FreePath from, FreePath.Spot spot) {}

    private final GuideLines guides;
    private Held held;
    private FreePath.Spot chosen;

    LineHandles(Studio studio, CellPane pane, GuideLines guides) {
        super(studio, pane);
        this.guides = guides;
    }

    private Optional<Outline> line() {
        return studio.structure(Motifs.class).flatMap(m -> switch (m.placing()) {
            case Placing.Along a -> Optional.of(a.line());
            case Placing.Trim t -> Optional.of(t.line());
            default -> Optional.empty();
        });
    }

    private void set(String name, FreePath path) {
        Outline line = path.outline();
        studio.editStructure(name, Motifs.class, m -> switch (m.placing()) {
            case Placing.Along a -> m.withPlacing(new Placing.Along(line, a.count(), a.asideMm(), a.startShare(),
                    a.turned()));
            case Placing.Trim t -> m.withPlacing(t.withLine(line));
            default -> m;
        });
    }

    @Override
    void draw() {
        line().ifPresent(line -> {
            AffineTransform toPx = new AffineTransform(viewport.pxPerMm(), 0, 0, viewport.pxPerMm(), viewport.x(),
                    viewport.y());
            for (String style : new String[]{"picked-under", "picked"}) {
                Path path = AwtShapes.path(line.path(), toPx);
                path.getStyleClass().add(style);
                getChildren().add(path);
            }
            FreePath path = FreePath.of(line);
            for (int i = 0; i < points(path); i++) {
                PathMarks.point(viewport, path.point(0, i), new FreePath.Spot(0, i, 0).equals(chosen), getChildren());
            }
            repeat().ifPresent(p -> {
                Circle mark = new Circle(viewport.pxX(p[0]), viewport.pxY(p[1]), CHOSEN_PX);
                mark.getStyleClass().add("picked");
                mark.setFill(null);
                getChildren().add(mark);
            });
        });
    }

    /** @return the middle of the repeat that is chosen */
    private Optional<double[]> repeat() {
        return studio.structure(Motifs.class).flatMap(Motifs::trimRun)
                .flatMap(run -> run.middle(studio.motifHand().repeat()));
    }

    private static int points(FreePath path) {
        return path.runs().getFirst().points().size();
    }

    @Override
    void press(MouseEvent e) {
        held = null;
        if (e.getButton() != MouseButton.PRIMARY || design == null || line().isEmpty() || rolled) {
            return;
        }
        pane.requestFocus();
        FreePath path = FreePath.of(line().get());
        double x = viewport.mmX(e.getX());
        double y = viewport.mmY(e.getY());
        double near = NEAR_PX / viewport.pxPerMm();
        Optional<FreePath.Spot> found = path.at(x, y, near, Optional.ofNullable(chosen));
        if (found.isPresent()) {
            chosen = found.get().point();
            if (e.getClickCount() == 2 && found.get().handle() == 0) {
                set("smooth or corner", path.turned(0, chosen.index()));
            } else {
                held = new Held(path, found.get());
            }
        } else if (e.getClickCount() == 2) {
            FreePath.Place place = path.nearest(x, y);
            if (place.far() < near) {
                chosen = new FreePath.Spot(0, place.index() + 1, 0);
                set("add a point", path.split(place));
            }
        } else {
            chosen = null;
            int number = studio.structure(Motifs.class).flatMap(Motifs::trimRun)
                    .map(run -> run.at(x, y)).orElse(-1);
            if (number != studio.motifHand().repeat()) {
                studio.hold(h -> h.withRepeat(number));
            }
        }
        show(design, viewport, rolled);
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
        FreePath.Spot spot = held.spot();
        if (spot.handle() != 0) {
            set("pull a handle", from.moved(spot, x, y));
            return;
        }
        FreePath.Point p = from.point(0, spot.index());
        GuideLines.Rest across = e.isShiftDown() ? new GuideLines.Rest(x, "") : guides.rest(x, true);
        GuideLines.Rest down = e.isShiftDown() ? new GuideLines.Rest(y, "") : guides.rest(y, false);
        FreePath moved = from.moved(spot, across.mm(), down.mm());
        int last = points(from) - 1;
        if (meets(from) && (spot.index() == 0 || spot.index() == last)) {
            FreePath.Spot twin = new FreePath.Spot(0, spot.index() == 0 ? last : 0, 0);
            FreePath.Point other = from.point(0, twin.index());
            moved = moved.moved(twin, other.x() + across.mm() - p.x(), other.y() + down.mm() - p.y());
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
        if (line().isEmpty() || chosen == null
                || e.getCode() != KeyCode.DELETE && e.getCode() != KeyCode.BACK_SPACE) {
            return;
        }
        FreePath path = FreePath.of(line().get());
        if (path.has(chosen)) {
            set("take a point away", path.without(chosen.run(), chosen.index()));
            chosen = null;
            e.consume();
        }
    }
}
