package org.vatwright.desktop.dress;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.MeshHand;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Piece;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Rectangle;

/**
 * The drape of the chosen piece: its points are pulled singly or in groups; a knob beside several turns and scales them; a pull
 * from beside the article takes all points in a rectangle.
 */
final class DrapeGrips extends ArticleGrips {

    private static final double ASIDE_PX = 26;
    private static final double NUDGE_MM = 0.5;

    private boolean shown = true;
    private int grabbed = -1;
    private boolean turning;
    private boolean band;
    private double startX;
    private double startY;
    private Optional<Drape> origin = Optional.empty();

    DrapeGrips(Studio studio) {
        super(studio);
    }

    boolean shown() {
        return shown;
    }

    /** @param now whether it is seen and in reach */
    void shown(boolean now) {
        shown = now;
    }

    private Optional<Drape> drape() {
        return !shown ? Optional.empty() : worn().flatMap(d -> d.drape());
    }

    @Override
    void draw() {
        Optional<Piece> piece = piece();
        Optional<Drape> drape = drape();
        if (piece.isEmpty() || drape.isEmpty()) {
            return;
        }
        for (List<Place> line : DrapeLines.lines(drape.get())) {
            double[] places = new double[2 * line.size()];
            for (int i = 0; i < line.size(); i++) {
                places[2 * i] = px(piece.get(), line.get(i));
                places[2 * i + 1] = py(piece.get(), line.get(i));
            }
            line(places, "drape-line");
        }
        List<Place> points = DrapeLines.points(drape.get());
        Set<Integer> chosen = studio.dressHand().points();
        Set<Integer> pins = drape.get() instanceof Mesh m ? m.pins() : Set.of();
        for (int i = 0; i < points.size(); i++) {
            String style = chosen.contains(i) ? "grip-taken" : pins.contains(i) ? "grip-pinned" : "grip-drape";
            named(knob(px(piece.get(), points.get(i)), py(piece.get(), points.get(i)), style), "drape-point-" + i);
        }
        knobPlace().ifPresent(k -> named(knob(k[0], k[1], "grip-turn"), "drape-turn"));
    }

    /** Beside the chosen points, level with their middle. */
    private Optional<double[]> knobPlace() {
        Set<Integer> chosen = studio.dressHand().points();
        if (chosen.size() < 2 || !(drape().orElse(null) instanceof Mesh mesh)
                || chosen.stream().anyMatch(i -> i >= mesh.points().size())) {
            return Optional.empty();
        }
        Piece piece = piece().orElseThrow();
        double right = chosen.stream().mapToDouble(i -> px(piece, mesh.points().get(i))).max().orElse(0);
        return Optional.of(new double[]{right + ASIDE_PX, py(piece, new MeshHand(chosen, 0).middle(mesh))});
    }

    @Override
    boolean press(MouseEvent e) {
        grabbed = -1;
        turning = false;
        band = false;
        origin = drape();
        startX = e.getX();
        startY = e.getY();
        if (origin.isEmpty() || e.getButton() != MouseButton.PRIMARY) {
            return false;
        }
        if (knobPlace().filter(k -> Math.hypot(k[0] - startX, k[1] - startY) < REACH_PX).isPresent()) {
            turning = true;
            return true;
        }
        Piece piece = piece().orElseThrow();
        List<Place> points = DrapeLines.points(origin.get());
        double near = REACH_PX;
        for (int i = 0; i < points.size(); i++) {
            double far = Math.hypot(px(piece, points.get(i)) - startX, py(piece, points.get(i)) - startY);
            if (far < near) {
                near = far;
                grabbed = i;
            }
        }
        if (grabbed >= 0) {
            choose(grabbed, e.isShiftDown() || e.isShortcutDown());
            return true;
        }
        band = cut.pieceAt(view.mmX(startX), view.mmY(startY)).isEmpty();
        return band;
    }

    private void choose(int point, boolean more) {
        Set<Integer> chosen = new HashSet<>(studio.dressHand().points());
        if (more) {
            if (!chosen.remove(point)) {
                chosen.add(point);
            }
        } else if (!chosen.contains(point)) {
            chosen = Set.of(point);
        }
        Set<Integer> now = chosen;
        studio.holdDress(h -> h.withPoints(now));
    }

    @Override
    void drag(MouseEvent e) {
        if (Math.hypot(e.getX() - startX, e.getY() - startY) < 3 && !studio.dragging() && !band) {
            return;
        }
        if (band) {
            getChildren().removeIf(n -> n instanceof Rectangle);
            Rectangle area = new Rectangle(Math.min(startX, e.getX()), Math.min(startY, e.getY()),
                    Math.abs(e.getX() - startX), Math.abs(e.getY() - startY));
            area.getStyleClass().add("board-area");
            getChildren().add(area);
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag(turning ? "turn points of the drape" : "pull the drape");
        }
        Drape from = origin.orElseThrow();
        if (turning) {
            turn((Mesh) from, e);
        } else if (from instanceof Mesh mesh) {
            MeshHand hand = new MeshHand(studio.dressHand().points(), studio.dressHand().reachMm());
            set("pull the drape", hand.moved(mesh, clean((e.getX() - startX) / view.pxPerMm()),
                    clean((e.getY() - startY) / view.pxPerMm())));
        } else {
            set("pull the drape", DrapeLines.moved(from, grabbed, place(piece().orElseThrow(), e)));
        }
    }

    private void turn(Mesh from, MouseEvent e) {
        MeshHand hand = new MeshHand(studio.dressHand().points(), studio.dressHand().reachMm());
        Piece piece = piece().orElseThrow();
        double x = px(piece, hand.middle(from));
        double y = py(piece, hand.middle(from));
        double degrees = Math.toDegrees(Math.atan2(startY - y, startX - x) - Math.atan2(e.getY() - y, e.getX() - x));
        double factor = Math.max(0.05, Math.hypot(e.getX() - x, e.getY() - y) / Math.hypot(startX - x, startY - y));
        set("turn points of the drape", hand.scaled(hand.turned(from, degrees), factor));
    }

    private void set(String name, Drape drape) {
        DressEdits.dressings(studio, name, d -> d.withDrape(Optional.of(drape)));
    }

    @Override
    void release(MouseEvent e) {
        if (!band) {
            return;
        }
        band = false;
        if (Math.hypot(e.getX() - startX, e.getY() - startY) < 3) {
            studio.holdDress(h -> h.withPoints(Set.of()));
            studio.select(s -> s.withPieces(Set.of()));
            return;
        }
        Piece piece = piece().orElseThrow();
        List<Place> points = DrapeLines.points(drape().orElseThrow());
        Set<Integer> within = new HashSet<>(e.isShiftDown() ? studio.dressHand().points() : Set.of());
        for (int i = 0; i < points.size(); i++) {
            double x = px(piece, points.get(i));
            double y = py(piece, points.get(i));
            if (x >= Math.min(startX, e.getX()) && x <= Math.max(startX, e.getX())
                    && y >= Math.min(startY, e.getY()) && y <= Math.max(startY, e.getY())) {
                within.add(i);
            }
        }
        studio.holdDress(h -> h.withPoints(within));
        draw();
    }

    @Override
    boolean key(KeyEvent e) {
        Set<Integer> chosen = studio.dressHand().points();
        if (!(drape().orElse(null) instanceof Mesh mesh) || chosen.isEmpty()) {
            return false;
        }
        double step = e.isShiftDown() ? 10 * NUDGE_MM : NUDGE_MM;
        double[] way = ArticlePane.way(e.getCode());
        if (way[0] == 0 && way[1] == 0) {
            return false;
        }
        set("nudge points of the drape", new MeshHand(chosen, studio.dressHand().reachMm()).moved(mesh, step * way[0],
                step * way[1]));
        return true;
    }
}
