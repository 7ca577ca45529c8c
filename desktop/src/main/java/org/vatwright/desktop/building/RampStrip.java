package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.render.FillTiles;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;

/**
 * The inks of a gradient as a strip of cloth with a bead for each: beads are drawn along it, a click beside them strings one
 * more, Delete or a pull away from the strip takes one off. Below, the ink of the chosen bead.
 */
final class RampStrip extends VBox {

    private static final double WIDTH = 260;
    private static final double HIGH = 26;
    private static final double BEAD = 7;
    /** Room for half a bead at both ends. */
    private static final double LEFT = BEAD;
    private static final double BEADS_Y = HIGH + BEAD + 3;
    /** A bead pulled so far from the strip comes off. */
    private static final double OFF = 34;

    private final Studio studio;
    private final Consumer<List<Gradient.Stop>> take;
    private final Pane pane = new Pane();
    private final ImageView cloth = new ImageView();
    private final InkChip ink;
    private final NumberRow place;
    private final NumberRow opacity;
    private List<Gradient.Stop> stops = List.of();
    private int chosen;
    private boolean held;

    RampStrip(Studio studio, Consumer<List<Gradient.Stop>> take) {
        super(5);
        this.studio = studio;
        this.take = take;
        pane.setId("ramp");
        pane.setFocusTraversable(true);
        pane.setAccessibleText("Inks of the gradient; arrows move the chosen bead, Tab goes on");
        pane.setPrefSize(WIDTH + 2 * LEFT, BEADS_Y + BEAD + 3);
        pane.setMinHeight(BEADS_Y + BEAD + 3);
        pane.getStyleClass().add("ramp");
        pane.setOnMousePressed(this::press);
        pane.setOnMouseDragged(this::drag);
        pane.setOnMouseReleased(e -> release());
        pane.setOnKeyPressed(this::key);
        ink = new InkChip("ramp ink", i -> change(s -> new Gradient.Stop(s.place(), i, s.opacity()))).slotsOnly();
        place = NumberRow.number(studio, "Place", "place of the gradient's ink", "%", 1, 5,
                n -> change(s -> new Gradient.Stop(n / 100, s.ink(), s.opacity())));
        opacity = NumberRow.number(studio, "Opacity", "opacity of the gradient's ink", "%", 1, 5,
                n -> change(s -> new Gradient.Stop(s.place(), s.ink(), n / 100)));
        HBox row = Ui.row(ink, Ui.spring(), Ui.icon("x", "Take this ink off the gradient", this::off));
        getChildren().addAll(pane, row, Ui.pair(place, opacity));
    }

    void show(Fill fill, Design design, Colourway colourway) {
        Fill.OfGradient gradient = fill.gradient().orElseThrow();
        stops = gradient.stops();
        chosen = Math.max(0, Math.min(stops.size() - 1, chosen));
        Fill level = fill.withSource(gradient.withCourse(new Course(Course.Kind.LINEAR, 0, 0, 1, 0)));
        cloth.setImage(SmallPicture.image(FillTiles.chip(level, design.palette(), colourway, (int) WIDTH, (int) HIGH)));
        cloth.setX(LEFT);
        pane.getChildren().setAll(cloth);
        for (int i = 0; i < stops.size(); i++) {
            Circle bead = new Circle(beadX(stops.get(i)), BEADS_Y, BEAD - 1);
            bead.getStyleClass().add("bead");
            bead.setId("bead-" + i);
            bead.pseudoClassStateChanged(Styles.CHOSEN, i == chosen);
            pane.getChildren().add(bead);
        }
        Gradient.Stop stop = stops.get(chosen);
        ink.show(stop.ink(), design, colourway);
        place.show(100 * stop.place());
        opacity.show(100 * stop.opacity());
    }

    private interface StopChange {
        Gradient.Stop of(Gradient.Stop stop);
    }

    /** Changes the chosen one; it stays chosen where the order changes. */
    private void change(StopChange change) {
        List<Gradient.Stop> all = new ArrayList<>(stops);
        Gradient.Stop now = change.of(all.get(chosen));
        all.set(chosen, now);
        give(all, now);
    }

    private void give(List<Gradient.Stop> all, Gradient.Stop then) {
        all.sort(Comparator.comparingDouble(Gradient.Stop::place));
        chosen = all.indexOf(then);
        take.accept(all);
    }

    private static double beadX(Gradient.Stop stop) {
        return LEFT + stop.place() * WIDTH;
    }

    private static double place(double x) {
        return Math.rint(Math.max(0, Math.min(1, (x - LEFT) / WIDTH)) * 1000) / 1000;
    }

    private void press(MouseEvent e) {
        pane.requestFocus();
        int nearest = 0;
        for (int i = 0; i < stops.size(); i++) {
            if (Math.abs(beadX(stops.get(i)) - e.getX()) < Math.abs(beadX(stops.get(nearest))
                    - e.getX())) {
                nearest = i;
            }
        }
        held = true;
        if (Math.abs(beadX(stops.get(nearest)) - e.getX()) <= BEAD + 1) {
            chosen = nearest;
            studio.select(s -> s);
            pane.getChildren().stream().filter(Circle.class::isInstance).forEach(b -> b
                    .pseudoClassStateChanged(Styles.CHOSEN, b.getId().equals("bead-" + chosen)));
        } else if (stops.size() < Fill.OfGradient.MOST_STOPS) {
            chosen = nearest;
            List<Gradient.Stop> all = new ArrayList<>(stops);
            Gradient.Stop more = new Gradient.Stop(place(e.getX()), stops.get(nearest).ink(), 1);
            all.add(more);
            give(all, more);
        }
        e.consume();
    }

    private void drag(MouseEvent e) {
        if (held) {
            if (!studio.dragging()) {
                studio.beginDrag("inks of a gradient");
            }
            change(s -> new Gradient.Stop(place(e.getX()), s.ink(), s.opacity()));
            if (Math.abs(e.getY() - BEADS_Y) > OFF && stops.size() > 2) {
                held = false;
                off();
                studio.endDrag();
            }
        }
    }

    private void release() {
        held = false;
        if (studio.dragging()) {
            studio.endDrag();
        }
    }

    private void off() {
        if (stops.size() > 2) {
            List<Gradient.Stop> all = new ArrayList<>(stops);
            all.remove(chosen);
            chosen = Math.max(0, chosen - 1);
            take.accept(all);
        }
    }

    private void key(KeyEvent e) {
        int step = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        if (step != 0) {
            double by = step * (e.isShiftDown() ? 0.1 : 0.01);
            change(s -> new Gradient.Stop(Math.max(0, Math.min(1, s.place() + by)), s.ink(), s.opacity()));
            e.consume();
        } else if (e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE) {
            off();
            e.consume();
        } else if (e.getCode() == KeyCode.SPACE) {
            chosen = (chosen + 1) % stops.size();
            studio.select(s -> s);
            e.consume();
        }
    }
}
