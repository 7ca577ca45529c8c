package org.vatwright.desktop.dress;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Print;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.sewing.Across;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** The figures on the chosen piece: one is taken in the hand, moved, and turned and scaled by a knob at its corner. */
final class PrintGrips extends ArticleGrips {

    private static final double NUDGE_MM = 0.5;

    /** So near to a seam that it is on a figure keeps to it. */
    private static final double KEEPS_PX = 14;

    private boolean moving;
    private boolean across;
    private boolean turning;
    private double startX;
    private double startY;
    private Print origin;

    PrintGrips(Studio studio) {
        super(studio);
    }

    private List<Print> prints() {
        return worn().map(d -> d.prints()).orElse(List.of());
    }

    private Optional<Print> chosen() {
        int at = studio.dressHand().figure();
        return at >= 0 && at < prints().size() ? Optional.of(prints().get(at)) : Optional.empty();
    }

    /** @return its corners, from the upper left on */
    private Optional<Place[]> corners(Print print) {
        return studio.project().design(print.design()).map(design -> {
            Repeat cell = print.alone(design).repeat();
            AffineTransform place = print.place(cell);
            Place[] corners = new Place[4];
            double[][] at = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};
            for (int k = 0; k < 4; k++) {
                Point2D p = place.transform(new Point2D.Double(at[k][0] * cell.widthMm(), at[k][1] * cell.heightMm()),
                        null);
                corners[k] = new Place(p.getX(), p.getY());
            }
            return corners;
        });
    }

    @Override
    void draw() {
        chosen().flatMap(this::corners).ifPresent(c -> {
            Piece piece = piece().orElseThrow();
            double[] places = new double[10];
            for (int k = 0; k < 5; k++) {
                places[2 * k] = px(piece, c[k % 4]);
                places[2 * k + 1] = py(piece, c[k % 4]);
            }
            line(places, "drape-line");
            named(knob(places[4], places[5], "grip-turn"), "figure-turn");
        });
    }

    @Override
    boolean press(MouseEvent e) {
        moving = false;
        turning = false;
        startX = e.getX();
        startY = e.getY();
        if (e.getButton() != MouseButton.PRIMARY || prints().isEmpty()) {
            return false;
        }
        Piece piece = piece().orElseThrow();
        Optional<Place> corner = chosen().flatMap(this::corners).map(c -> c[2]);
        if (corner.filter(c -> Math.hypot(px(piece, c) - startX, py(piece, c) - startY) < REACH_PX).isPresent()) {
            turning = true;
            origin = chosen().orElseThrow();
            return true;
        }
        for (int i = prints().size() - 1; i >= 0; i--) {
            if (holds(prints().get(i), piece)) {
                int taken = i;
                studio.holdDress(h -> h.withFigure(taken));
                origin = prints().get(i);
                moving = true;
                across = DressEdits.acrossSeam(studio).isPresent();
                return true;
            }
        }
        if (chosen().isPresent()) {
            studio.holdDress(h -> h.withFigure(-1));
        }
        return false;
    }

    private boolean holds(Print print, Piece piece) {
        return corners(print).filter(c -> {
            javafx.scene.shape.Polygon shape = new javafx.scene.shape.Polygon();
            for (Place p : c) {
                shape.getPoints().addAll(px(piece, p), py(piece, p));
            }
            return shape.contains(startX, startY);
        }).isPresent();
    }

    @Override
    void drag(MouseEvent e) {
        if (!studio.dragging()) {
            if (Math.hypot(e.getX() - startX, e.getY() - startY) < 3) {
                return;
            }
            studio.beginDrag(turning ? "turn the figure" : "move the figure");
        }
        if (moving) {
            Place free = new Place(clean(origin.x() + (e.getX() - startX) / view.pxPerMm()),
                    clean(origin.y() + (e.getY() - startY) / view.pxPerMm()));
            move(free);
        } else {
            Piece piece = piece().orElseThrow();
            double x = px(piece, new Place(origin.x(), origin.y()));
            double y = py(piece, new Place(origin.x(), origin.y()));
            double degrees = Math.toDegrees(
                    Math.atan2(startY - y, startX - x) - Math.atan2(e.getY() - y, e.getX() - x));
            double factor = Math.hypot(e.getX() - x, e.getY() - y) / Math.max(1, Math.hypot(startX - x, startY - y));
            double scale = Math.max(0.01, Math.min(100, origin.scale() * factor));
            set("turn the figure", origin.with().turnDeg(clean(Angle.turn(origin.turnDeg() + degrees)))
                    .scale(clean(scale)).build());
        }
    }

    /** Near a seam that it lies across it keeps to it, and slides. */
    private void move(Place free) {
        Optional<Place> onSeam = across && studio.article().orElseThrow() instanceof Article.Flat flat
                ? Across.nearest(flat, piece().orElseThrow().id(), free, KEEPS_PX / view.pxPerMm())
                : Optional.empty();
        Place to = onSeam.orElse(free);
        set("move the figure", origin.at(to.x(), to.y()));
    }

    private void set(String name, Print print) {
        DressEdits.figure(studio, name, was -> print);
    }

    @Override
    boolean key(KeyEvent e) {
        double[] way = ArticlePane.way(e.getCode());
        double step = e.isShiftDown() ? 10 * NUDGE_MM : NUDGE_MM;
        if (chosen().isEmpty() || way[0] == 0 && way[1] == 0) {
            return false;
        }
        Print print = chosen().get();
        set("nudge the figure", print.at(print.x() + step * way[0], print.y() + step * way[1]));
        return true;
    }
}
