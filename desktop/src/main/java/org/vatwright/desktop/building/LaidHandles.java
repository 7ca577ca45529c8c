package org.vatwright.desktop.building;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.laid.Click;
import org.vatwright.core.laid.Grip;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/**
 * Blocks, zigzags, interlace and flow lines on the cloth: their grips are pulled, a block is picked, a crossing turned about.
 * Held with Shift, a pull changes all sizes together.
 */
final class LaidHandles extends ClothHandles {

    private static final double REACH_PX = 8;
    private static final double RADIUS_PX = 5;
    private static final int MOST_PLACES = 3000;

    /** A pull in work. @param toTile from the unit to the tile, as it lay when the pull began */
    private record Pull(LaidStructure from, Grip grip, AffineTransform toTile) {}

    private final HandNumber number;
    private Pull pull;
    private double pressX;
    private double pressY;

    LaidHandles(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane);
        this.number = number;
    }

    private Optional<LaidStructure> laid() {
        return studio.structure(LaidStructure.class);
    }

    @Override
    void draw() {
        laid().ifPresent(laid -> {
            picked(laid);
            AffineTransform toTile = pull == null ? toTile(laid) : pull.toTile();
            for (Grip grip : laid.grips()) {
                if (shows(grip)) {
                    draw(grip, toTile);
                }
            }
        });
    }

    /** Handles of a point show once it is chosen. */
    private boolean shows(Grip grip) {
        return !grip.name().startsWith("handle") || grip.part() == Math.max(0, studio.selection().own());
    }

    private void draw(Grip grip, AffineTransform toTile) {
        Point2D at = toTile.transform(new Point2D.Double(grip.x(), grip.y()), null);
        Point2D from = toTile.transform(new Point2D.Double(grip.fromX(), grip.fromY()), null);
        if (at.distance(from) > 0) {
            for (String style : new String[]{"grip-arm-under", "grip-arm"}) {
                Line arm = new Line(viewport.pxX(from.getX()), viewport.pxY(from.getY()), viewport.pxX(at.getX()),
                        viewport.pxY(at.getY()));
                arm.getStyleClass().add(style);
                getChildren().add(arm);
            }
        }
        Circle knob = new Circle(viewport.pxX(at.getX()), viewport.pxY(at.getY()), RADIUS_PX);
        knob.getStyleClass().add(grip.name().startsWith("handle") ? "grip-small" : "grip");
        knob.setId("grip-" + grip.name().replace(' ', '-') + (grip.part() < 0 ? "" : "-" + grip.part()));
        getChildren().add(knob);
    }

    private void picked(LaidStructure laid) {
        int part = studio.selection().own();
        if (part >= 0) {
            laid.outline(design.repeat(), part).ifPresent(this::outline);
        }
    }

    private void outline(Shape shape) {
        AffineTransform toPx = new AffineTransform(viewport.pxPerMm(), 0, 0, viewport.pxPerMm(), viewport.x(),
                viewport.y());
        for (String style : new String[]{"picked-under", "picked"}) {
            javafx.scene.shape.Path path = AwtShapes.path(shape, toPx);
            path.getStyleClass().add(style);
            getChildren().add(path);
        }
    }

    /** @return from the unit to the tile, at the place of the lattice whose grips lie best in the cell */
    private AffineTransform toTile(LaidStructure laid) {
        LatticeFit fit = laid.fit(design.repeat());
        Tile tile = design.repeat().tile();
        List<Grip> grips = laid.grips();
        AffineTransform best = null;
        double least = Double.MAX_VALUE;
        List<AffineTransform> places = fit.count() > MOST_PLACES
                ? List.of(laid.onTile(fit))
                : laid.places(fit);
        for (AffineTransform place : places) {
            Point2D at = place.transform(new Point2D.Double(grips.getFirst().x(), grips.getFirst().y()), null);
            double dx = -tile.widthMm() * Math.floor(at.getX() / tile.widthMm());
            double dy = -tile.heightMm() * Math.floor(at.getY() / tile.heightMm());
            double off = Math.hypot(at.getX() + dx - design.repeat().widthMm() * 0.4,
                    at.getY() + dy - design.repeat().heightMm() * 0.4);
            if (off < least) {
                least = off;
                best = AffineTransform.getTranslateInstance(dx, dy);
                best.concatenate(place);
            }
        }
        return best;
    }

    @Override
    void press(MouseEvent e) {
        pull = null;
        if (e.isConsumed() || e.getButton() != MouseButton.PRIMARY || design == null || laid().isEmpty()) {
            return;
        }
        pane.requestFocus();
        pressX = e.getX();
        pressY = e.getY();
        if (rolled) {
            return;
        }
        LaidStructure laid = laid().get();
        AffineTransform toTile = toTile(laid);
        double nearest = REACH_PX;
        for (Grip grip : laid.grips()) {
            Point2D at = toTile.transform(new Point2D.Double(grip.x(), grip.y()), null);
            double off = Math.hypot(viewport.pxX(at.getX()) - e.getX(), viewport.pxY(at.getY()) - e.getY());
            if (shows(grip) && off < nearest) {
                nearest = off;
                pull = new Pull(laid, grip, toTile);
            }
        }
        if (pull != null && pull.grip().part() >= 0) {
            int part = pull.grip().part();
            studio.select(s -> s.withOwn(part));
        }
    }

    @Override
    void drag(MouseEvent e) {
        if (pull == null) {
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag("pull " + pull.grip().name());
        }
        try {
            Point2D start = pull.toTile().transform(new Point2D.Double(pull.grip().x(), pull.grip().y()), null);
            // From where the hand took hold, so that nothing jumps.
            Point2D to = pull.toTile().inverseTransform(new Point2D.Double(
                    start.getX() + (e.getX() - pressX) / viewport.pxPerMm(),
                    start.getY() + (e.getY() - pressY) / viewport.pxPerMm()), null);
            LaidStructure pulled = pull.grip().pull().to(to.getX(), to.getY());
            LaidStructure result = e.isShiftDown() ? together(pulled, to) : pulled;
            studio.editStructure("pull " + pull.grip().name(), LaidStructure.class, l -> result);
            number.pulled(e, now().map(g -> "%s mm".formatted(Numbers.plain(g.measure().orElseThrow().mm(), 2)))
                    .orElse("%s, %s mm".formatted(Numbers.plain(to.getX(), 1), Numbers.plain(to.getY(), 1))));
        } catch (NoninvertibleTransformException wrong) {
            pull = null;
        } catch (Refusal tooFar) {
            studio.tellFoot(f -> f.withPlace(tooFar.getMessage(), 0));
        }
    }

    /** @return the grip in hand as it is now, when it changes one length */
    private Optional<Grip> now() {
        return laid().flatMap(l -> l.grips().stream().filter(g -> g.name().equals(pull.grip().name())
                && g.part() == pull.grip().part() && g.measure().isPresent()).findFirst());
    }

    /** All sizes by the share the grip has come from the unit's corner. */
    private LaidStructure together(LaidStructure pulled, Point2D to) {
        double before = Math.hypot(pull.grip().x(), pull.grip().y());
        double now = Math.hypot(to.getX(), to.getY());
        return pull.grip().part() >= 0 || before < 1e-6 || now < 1e-6 ? pulled : pull.from().scaled(now / before);
    }

    @Override
    void release(MouseEvent e) {
        if (studio.dragging() && pull != null) {
            studio.endDrag();
            now().ifPresentOrElse(g -> number.releasedLength(mm -> studio.editStructure("%s %s mm".formatted(g.name(),
                    Numbers.plain(mm, 2)), LaidStructure.class, l -> g.measure().orElseThrow().with().apply(mm))),
                    number::hide);
        } else if (pull == null && Math.hypot(e.getX() - pressX, e.getY() - pressY) < 4
                && e.getButton() == MouseButton.PRIMARY) {
            click(pane.originX() + viewport.mmX(e.getX()), pane.originY() + viewport.mmY(e.getY()));
        }
        pull = null;
    }

    private void click(double x, double y) {
        laid().ifPresent(laid -> {
            switch (laid.click(design.repeat(), x, y, REACH_PX / viewport.pxPerMm())) {
                case Click.Chosen(int part) -> studio.select(s -> s.withOwn(part));
                case Click.Changed(String name, LaidStructure to) ->
                    studio.editStructure(name, LaidStructure.class, l -> to);
                case Click.Nothing _ -> {
                    // There is nothing under the hand.
                }
            }
        });
    }
}
