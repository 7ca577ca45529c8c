package org.vatwright.desktop.building;

import java.util.Set;

import javafx.geometry.Point2D;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.brush.Track;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.studio.BrushHand;
import org.vatwright.desktop.studio.BrushHand.Doing;
import org.vatwright.desktop.studio.Studio;

/**
 * Painting on the cloth. A press begins a stroke, wherever on the cloth it is: what leaves the cell comes in on the other
 * side. With Shift it is a straight pull; with a steady hand the tip trails behind. Plus and minus change the size.
 */
final class BrushHandles extends ClothHandles {

    /** Nearer to each other points say nothing. */
    private static final double LEAST_STEP_PX = 1.5;
    private static final double PLACES_PER_MM = 1000;
    private static final double SIZE_STEP = 1.1;
    /** At this speed, in px a millisecond, a hand no longer presses. */
    private static final double LIGHT_SPEED = 5;
    private static final double LEAST_PRESSED = 0.3;
    private static final double SLUGGISH = 0.75;
    private static final double NANOS_PER_MILLI = 1e6;
    /** What is seen under the hand is told to all the rest so seldom, and so that it takes a small share of the time. */
    private static final long TOLD_NANOS = 200_000_000;
    private static final int TOLD_SHARE = 25;

    /** A stroke that is being painted. @param dx,dy from the place on the pane, in mm, to the cell in which it began */
    private record Stroke(Brushwork before, BrushStroke stroke, double dx, double dy) {}

    private final BrushInHand hand;
    private final Circle ring = new Circle();
    private final Circle ringUnder = new Circle();
    private final Line leash = new Line();
    private final Circle tip = new Circle(2.5);
    private Stroke under;
    /** Null where the stroke is seen in the picture of the cell alone. */
    private WetStroke wet;
    private long tellNextNanos;
    private boolean untold;
    private double tipX;
    private double tipY;
    private double pressed = 1;
    private long lastNanos;
    private double lastX;
    private double lastY;

    BrushHandles(Studio studio, CellPane pane) {
        super(studio, pane);
        hand = new BrushInHand(studio);
        ring.getStyleClass().add("brush-ring");
        ringUnder.getStyleClass().add("brush-ring-under");
        ring.setId("brush-ring");
        leash.getStyleClass().add("grip-arm");
        tip.getStyleClass().add("brush-tip");
        pane.addEventHandler(MouseEvent.MOUSE_MOVED, e -> ring(e.getX(), e.getY()));
        pane.addEventHandler(MouseEvent.MOUSE_EXITED, e -> ring(-1, -1));
    }

    private boolean painting() {
        Doing doing = studio.brushHand().doing();
        return design != null && hand.work().isPresent() && (doing == Doing.PAINT || doing == Doing.ERASE);
    }

    @Override
    void draw() {
        getChildren().addAll(ringUnder, ring, leash, tip);
        leash.setVisible(under != null && studio.brushHand().steadyMm() > 0);
        tip.setVisible(leash.isVisible());
        if (!painting()) {
            ring(-1, -1);
        }
    }

    /** The size of the brush where the hand is. */
    private void ring(double x, double y) {
        boolean shown = x >= 0 && painting();
        ring.setVisible(shown);
        ringUnder.setVisible(shown);
        if (shown) {
            for (Circle each : new Circle[]{ring, ringUnder}) {
                each.setCenterX(x);
                each.setCenterY(y);
                each.setRadius(Math.max(1.5, studio.brushHand().brush().sizeMm() / 2 * viewport.pxPerMm()));
            }
        }
    }

    private double mmX(double px) {
        return pane.originX() + viewport.mmX(px);
    }

    private double mmY(double px) {
        return pane.originY() + viewport.mmY(px);
    }

    private static double place(double mm) {
        return Math.rint(mm * PLACES_PER_MM) / PLACES_PER_MM;
    }

    @Override
    void press(MouseEvent e) {
        under = null;
        if (e.isConsumed() || e.getButton() != MouseButton.PRIMARY || !painting()) {
            return;
        }
        pane.requestFocus();
        if (!studio.selection().strokes().isEmpty()) {
            studio.select(s -> s.withStrokes(Set.of()));
        }
        BrushHand now = studio.brushHand();
        Brushwork before = hand.work().orElseThrow();
        double x = mmX(e.getX());
        double y = mmY(e.getY());
        Tile.Origin cell = design.repeat().cellAt(x, y);
        tipX = e.getX();
        tipY = e.getY();
        lastX = e.getX();
        lastY = e.getY();
        lastNanos = System.nanoTime();
        pressed = 1;
        Track track = Track.of(place(x - cell.x()), place(y - cell.y()));
        Symmetry symmetry = before.symmetry();
        under = new Stroke(before, new BrushStroke(track, now.brush(), now.inkIn(design), now.otherIn(design),
                now.doing() == Doing.ERASE, symmetry, before.strokes().size() + 1L), -cell.x(), -cell.y());
        studio.beginDrag(name());
        wet = WetStroke.on(pane, studio.selection().layer(), under.stroke).orElse(null);
        lay(true);
        e.consume();
    }

    private String name() {
        BrushHand now = studio.brushHand();
        return (now.doing() == Doing.ERASE ? "erase with " : "paint with ") + now.brush().name();
    }

    /** @param told whether all must know now how far it has come */
    private void lay(boolean told) {
        boolean seen = wet != null && wet.go(under.stroke);
        untold = seen && !told && tellNextNanos - System.nanoTime() > 0;
        if (untold) {
            return;
        }
        long begun = System.nanoTime();
        Brushwork with = under.before.and(under.stroke);
        if (!studio.editStructure(name(), Brushwork.class, w -> with)) {
            under = null;
            studio.endDrag();
            if (wet != null) {
                wet.wipe();
                wet = null;
            }
        }
        long now = System.nanoTime();
        tellNextNanos = now + Math.max(TOLD_NANOS, TOLD_SHARE * (now - begun));
    }

    @Override
    void drag(MouseEvent e) {
        if (under == null) {
            return;
        }
        e.consume();
        Track track = under.stroke.track();
        Point2D to = e.isShiftDown() ? new Point2D(e.getX(), e.getY()) : trailing(e.getX(), e.getY());
        double x = place(mmX(to.getX()) + under.dx);
        double y = place(mmY(to.getY()) + under.dy);
        Track next;
        if (e.isShiftDown()) {
            next = Track.of(track.x(0), track.y(0), x, y);
        } else if (Math.hypot(x - track.x(track.size() - 1), y - track.y(track.size() - 1)) * viewport
                .pxPerMm() < LEAST_STEP_PX) {
            next = track;
        } else {
            next = track.and(x, y, pressure(e.getX(), e.getY()));
        }
        ring(e.getX(), e.getY());
        if (next != track) {
            under = new Stroke(under.before, under.stroke.withTrack(next), under.dx, under.dy);
            lay(false);
        }
    }

    /** The tip stays where it is until the hand is farther away than its leash, and then comes after. */
    private Point2D trailing(double x, double y) {
        double leashPx = studio.brushHand().steadyMm() * viewport.pxPerMm();
        double far = Math.hypot(x - tipX, y - tipY);
        if (far > leashPx) {
            double share = leashPx / far;
            tipX = x + (tipX - x) * share;
            tipY = y + (tipY - y) * share;
        }
        leash.setStartX(tipX);
        leash.setStartY(tipY);
        leash.setEndX(x);
        leash.setEndY(y);
        tip.setCenterX(tipX);
        tip.setCenterY(tipY);
        return new Point2D(tipX, tipY);
    }

    /** A mouse does not tell how firmly it is held; a quick hand is a light one. */
    private double pressure(double x, double y) {
        if (under.stroke.brush().thins() == 0) {
            return 1;
        }
        long now = System.nanoTime();
        double millis = Math.max(1, (now - lastNanos) / NANOS_PER_MILLI);
        double speed = Math.hypot(x - lastX, y - lastY) / millis;
        lastNanos = now;
        lastX = x;
        lastY = y;
        double wanted = Math.max(LEAST_PRESSED, 1 - speed / LIGHT_SPEED);
        pressed = SLUGGISH * pressed + (1 - SLUGGISH) * wanted;
        return Math.rint(pressed * PLACES_PER_MM) / PLACES_PER_MM;
    }

    @Override
    void release(MouseEvent e) {
        if (under != null && untold) {
            lay(true);
        }
        if (under != null) {
            under = null;
            studio.endDrag();
            if (wet != null) {
                wet.dry();
                wet = null;
            }
        }
    }

    @Override
    void key(KeyEvent e) {
        int by = switch (e.getCode()) {
            case PLUS, ADD, EQUALS -> 1;
            case MINUS, SUBTRACT -> -1;
            default -> 0;
        };
        if (by != 0 && painting()) {
            double size = hand.brush().sizeMm() * Math.pow(SIZE_STEP, by);
            double kept = Math.max(Brush.LEAST_MM, Math.min(Brush.MOST_MM, Math.rint(size * 100) / 100));
            hand.brush("size %s mm".formatted(Numbers.plain(kept, 2)), b -> b.withSizeMm(kept));
            ring(ring.getCenterX(), ring.getCenterY());
            e.consume();
        }
    }
}
