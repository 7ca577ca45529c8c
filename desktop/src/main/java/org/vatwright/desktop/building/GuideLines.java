package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.Ruler;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;

/** Lines to work by: made by dragging out of a ruler, moved by dragging, taken away by dragging off the cell. */
final class GuideLines extends Pane {

    /** Pixels within which something comes to rest on a guide. */
    static final double SNAP_PX = 7;

    private final Studio studio;
    private final CellPane pane;
    private Design design;
    private Viewport viewport;
    private boolean rolled;

    GuideLines(Studio studio, CellPane pane) {
        this.studio = studio;
        this.pane = pane;
        setPickOnBounds(false);
    }

    void listenTo(Ruler across, Ruler down) {
        outOf(across, false);
        outOf(down, true);
    }

    private void outOf(Ruler ruler, boolean upright) {
        List<Double> before = new ArrayList<>();
        ruler.setOnMousePressed(e -> {
            before.clear();
            before.addAll(places(upright));
        });
        ruler.setOnMouseDragged(e -> drag(e, upright, before));
        ruler.setOnMouseReleased(e -> studio.endDrag());
    }

    private List<Double> places(boolean upright) {
        return upright ? design.guides().across() : design.guides().down();
    }

    private void drag(MouseEvent e, boolean upright, List<Double> others) {
        if (!studio.dragging()) {
            studio.beginDrag("move guide");
        }
        var point = pane.sceneToLocal(e.getSceneX(), e.getSceneY());
        double share = upright
                ? viewport.mmX(point.getX()) / design.repeat().widthMm()
                : viewport.mmY(point.getY()) / design.repeat().heightMm();
        double size = (upright ? design.repeat().widthMm() : design.repeat().heightMm()) * viewport.pxPerMm();
        double rested = rest(share, size, e.isShiftDown());
        List<Double> places = new ArrayList<>(others);
        if (rested >= 0 && rested <= 1) {
            places.add(rested);
            studio.tellFoot(f -> f.withPlace("guide at %s %% of the cell%s".formatted(Numbers.plain(100 * rested, 2),
                    rested == share ? "" : ", at a share"), 0));
        }
        studio.editDesign(places.size() == others.size() ? "remove guide" : "move guide",
                d -> d.withGuides(
                        upright
                                ? d.guides().withLines(places, d.guides().down())
                                : d.guides().withLines(d.guides().across(), places)));
    }

    /** Halves, thirds, quarters, fifths, sixths and eighths hold what comes near. */
    private static double rest(double share, double size, boolean free) {
        if (!free) {
            for (int parts : new int[]{2, 3, 4, 5, 6, 8}) {
                double near = Math.rint(share * parts) / parts;
                if (Math.abs(near - share) * size < SNAP_PX) {
                    return near;
                }
            }
        }
        return share;
    }

    void show(Design shown, Viewport view, boolean isRolled) {
        design = shown;
        viewport = view;
        rolled = isRolled;
        getChildren().clear();
        if (rolled) {
            return;
        }
        double width = design.repeat().widthMm() * view.pxPerMm();
        double height = design.repeat().heightMm() * view.pxPerMm();
        for (double share : design.guides().across()) {
            guide(share, true, view.x() + share * width, view.y() - 10, view.y() + height + 10);
        }
        for (double share : design.guides().down()) {
            guide(share, false, view.y() + share * height, view.x() - 10, view.x() + width + 10);
        }
    }

    private void guide(double share, boolean upright, double at, double from, double to) {
        Line seen = upright ? new Line(at, from, at, to) : new Line(from, at, to, at);
        seen.getStyleClass().add("guide");
        seen.setMouseTransparent(true);
        Line held = upright ? new Line(at, from, at, to) : new Line(from, at, to, at);
        held.getStyleClass().add("guide-grip");
        held.setCursor(upright ? Cursor.H_RESIZE : Cursor.V_RESIZE);
        List<Double> others = new ArrayList<>();
        held.setOnMousePressed(e -> {
            others.clear();
            places(upright).stream().filter(s -> s != share).forEach(others::add);
            e.consume();
        });
        held.setOnMouseDragged(e -> {
            drag(e, upright, others);
            e.consume();
        });
        held.setOnMouseReleased(e -> {
            studio.endDrag();
            e.consume();
        });
        getChildren().addAll(seen, held);
    }

    /** Where something came to rest: its place in mm, and why; empty when nothing held it. */
    record Rest(double mm, String why) {}

    /** @param mm a place in the cell's direction, anywhere on the endless cloth */
    Rest rest(double mm, boolean upright) {
        double side = upright ? design.repeat().widthMm() : design.repeat().heightMm();
        double share = mm / side;
        double whole = Math.floor(share);
        List<Double> shares = new ArrayList<>(places(upright));
        shares.addAll(List.of(0.0, 0.5, 1.0));
        for (double s : shares) {
            if (Math.abs(whole + s - share) * side * viewport.pxPerMm() < SNAP_PX) {
                return new Rest((whole + s) * side,
                        places(upright).contains(s) ? "on a guide" : s == 0.5 ? "on the middle" : "on the edge");
            }
        }
        return new Rest(mm, "");
    }
}
