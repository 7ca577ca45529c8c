package org.vatwright.desktop.building;

import java.util.Optional;

import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

/** Dots on the cloth: taken hold of wherever they show, dragged over any edge, nudged by keys. */
final class DotHandles extends ClothHandles {

    private final GuideLines guides;
    private final HandNumber number;
    private Dots grabbed;
    private int index;
    private double grabX;
    private double grabY;
    private double spotX;
    private double spotY;

    DotHandles(Studio studio, CellPane pane, GuideLines guides, HandNumber number) {
        super(studio, pane);
        this.number = number;
        this.guides = guides;
    }

    private Optional<Dots> dots() {
        return studio.structure(Dots.class);
    }

    @Override
    void draw() {
        dots().ifPresent(this::rings);
    }

    @Override
    void release(MouseEvent e) {
        if (grabbed != null) {
            boolean pulled = studio.dragging();
            grabbed = null;
            studio.endDrag();
            if (pulled) {
                number.releasedPlace((x, y) -> dots().ifPresent(d -> move(d.with(chosen(d),
                        d.dots().get(chosen(d)).at(x, y)), "place dot")));
            }
        }
    }

    /** A ring around the chosen dot in the first small cell. */
    private void rings(Dots dots) {
        Dot dot = dots.dots().get(chosen(dots));
        for (String style : new String[]{"dot-ring-under", "dot-ring"}) {
            Circle ring = new Circle(viewport.pxX(dot.x()), viewport.pxY(dot.y()),
                    dot.diameterMm() / 2 * viewport.pxPerMm() + 3);
            ring.getStyleClass().add(style);
            getChildren().add(ring);
        }
    }

    private int chosen(Dots dots) {
        return Math.max(0, Math.min(dots.dots().size() - 1, studio.selection().own()));
    }

    @Override
    void press(MouseEvent e) {
        pane.requestFocus();
        if (e.isConsumed() || e.getButton() != MouseButton.PRIMARY || design == null || dots().isEmpty()) {
            return;
        }
        Dots dots = dots().get();
        double x = pane.originX() + viewport.mmX(e.getX());
        double y = pane.originY() + viewport.mmY(e.getY());
        Tile tile = design.repeat().tile();
        for (int i = dots.dots().size() - 1; i >= 0; i--) {
            for (Dots.Spot spot : dots.spots(dots.dots().get(i), design.repeat())) {
                double dx = around(x - spot.x(), tile.widthMm());
                double dy = around(y - spot.y(), tile.heightMm());
                if (Math.hypot(dx, dy) <= Math.max(dots.dots().get(i).diameterMm() / 2, 4 / viewport.pxPerMm())) {
                    index = i;
                    grabbed = dots;
                    grabX = x;
                    grabY = y;
                    spotX = x - dx;
                    spotY = y - dy;
                    int chosen = i;
                    studio.select(s -> s.withOwn(chosen));
                    return;
                }
            }
        }
    }

    @Override
    void drag(MouseEvent e) {
        if (grabbed == null) {
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag("move dot");
        }
        double toX = spotX + pane.originX() + viewport.mmX(e.getX()) - grabX;
        double toY = spotY + pane.originY() + viewport.mmY(e.getY()) - grabY;
        GuideLines.Rest across = e.isShiftDown() ? new GuideLines.Rest(toX, "") : guides.rest(toX, true);
        GuideLines.Rest down = e.isShiftDown() ? new GuideLines.Rest(toY, "") : guides.rest(toY, false);
        Dot dot = grabbed.dots().get(index);
        move(grabbed.with(index, dot.at(dot.x() + across.mm() - spotX, dot.y() + down.mm() - spotY)), "move dot");
        dots().map(d -> d.dots().get(index)).ifPresent(d -> number.pulledPlace(e, d.x(), d.y()));
        String why = !across.why().isEmpty() ? across.why() : down.why();
        studio.tellFoot(f -> f.withPlace("dot at %s, %s mm %s".formatted(Numbers.plain(across.mm(), 1),
                Numbers.plain(down.mm(), 1), why), 0));
    }

    private void move(Dots moved, String name) {
        studio.editStructure(name, Dots.class, d -> moved);
    }

    @Override
    void key(KeyEvent e) {
        double[] step = step(e);
        if (step == null || dots().isEmpty()) {
            return;
        }
        Dots dots = dots().get();
        Dot dot = dots.dots().get(chosen(dots));
        move(dots.with(chosen(dots), dot.at(dot.x() + step[0], dot.y() + step[1])),
                e.isShortcutDown() ? "move dot by one cell" : "nudge dot");
        e.consume();
    }
}
