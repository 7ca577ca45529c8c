package org.vatwright.desktop.building;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Path;

import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Track;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.studio.BrushHand.Doing;
import org.vatwright.desktop.studio.Studio;

/**
 * Strokes taken hold of on the cloth, in whatever cell they show: clicked, with Shift together with others, dragged, nudged
 * by keys, thrown away by Delete.
 */
final class StrokeHandles extends ClothHandles {

    private static final double SLACK_PX = 4;

    private final BrushInHand hand;
    private Brushwork grabbed;
    private Set<Integer> held = Set.of();
    private double fromX;
    private double fromY;

    StrokeHandles(Studio studio, CellPane pane) {
        super(studio, pane);
        hand = new BrushInHand(studio);
    }

    private boolean choosing() {
        return design != null && hand.work().isPresent() && studio.brushHand().doing() == Doing.CHOOSE && !rolled;
    }

    @Override
    void draw() {
        hand.work().ifPresent(w -> {
            AffineTransform toPx = new AffineTransform(viewport.pxPerMm(), 0, 0, viewport.pxPerMm(), viewport.x(),
                    viewport.y());
            for (int i : hand.chosen()) {
                for (String style : new String[]{"picked-under", "picked"}) {
                    Path path = AwtShapes.path(line(w.strokes().get(i).track()), toPx);
                    path.getStyleClass().add(style);
                    path.setId("chosen-stroke");
                    getChildren().add(path);
                }
            }
        });
    }

    private static Path2D line(Track track) {
        Path2D line = new Path2D.Double();
        line.moveTo(track.x(0), track.y(0));
        for (int i = 1; i < track.size(); i++) {
            line.lineTo(track.x(i), track.y(i));
        }
        if (track.size() == 1) {
            line.lineTo(track.x(0) + 1e-3, track.y(0));
        }
        return line;
    }

    @Override
    void press(MouseEvent e) {
        grabbed = null;
        if (e.isConsumed() || e.getButton() != MouseButton.PRIMARY || !choosing()) {
            return;
        }
        pane.requestFocus();
        Brushwork work = hand.work().orElseThrow();
        fromX = viewport.mmX(e.getX());
        fromY = viewport.mmY(e.getY());
        Optional<Integer> found = find(work, fromX, fromY);
        Set<Integer> now = new TreeSet<>(hand.chosen());
        if (found.isEmpty()) {
            now = e.isShiftDown() ? now : Set.of();
        } else if (e.isShiftDown()) {
            if (!now.remove(found.get())) {
                now.add(found.get());
            }
        } else if (!now.contains(found.get())) {
            now = Set.of(found.get());
        }
        Set<Integer> then = now;
        studio.select(s -> s.withStrokes(then));
        if (found.isPresent() && then.contains(found.get())) {
            grabbed = work;
            held = then;
        }
    }

    /** @return the topmost stroke that shows there, through any edge and in any of its copies */
    private Optional<Integer> find(Brushwork work, double x, double y) {
        double slack = SLACK_PX / viewport.pxPerMm();
        for (int i = work.strokes().size() - 1; i >= 0; i--) {
            BrushStroke stroke = work.strokes().get(i);
            if (!stroke.erases() && stroke.touches(design.repeat(), x, y, slack)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    @Override
    void drag(MouseEvent e) {
        if (grabbed == null) {
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag(moving());
        }
        double dx = viewport.mmX(e.getX()) - fromX;
        double dy = viewport.mmY(e.getY()) - fromY;
        Brushwork moved = grabbed.edit(held, s -> s.moved(dx, dy));
        studio.editStructure(moving(), Brushwork.class, w -> moved);
        studio.tellFoot(f -> f.withPlace("moved by %s, %s mm".formatted(Numbers.plain(dx, 1), Numbers.plain(dy, 1)),
                0));
    }

    private String moving() {
        return hand.chosen().size() == 1 ? "move a stroke" : "move strokes";
    }

    @Override
    void release(MouseEvent e) {
        if (grabbed != null) {
            grabbed = null;
            if (studio.dragging()) {
                studio.endDrag();
            }
        }
    }

    @Override
    void key(KeyEvent e) {
        Set<Integer> chosen = hand.chosen();
        if (!choosing() || chosen.isEmpty()) {
            return;
        }
        double[] step = step(e);
        if (e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE) {
            StrokesChapter.throwAway(studio, chosen);
        } else if (step != null) {
            hand.strokes(e.isShortcutDown() ? "move strokes by one cell" : "nudge strokes",
                    s -> s.moved(step[0], step[1]));
        } else {
            return;
        }
        e.consume();
    }
}
