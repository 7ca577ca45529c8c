package org.vatwright.desktop.building;

import java.util.Optional;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.studio.Studio;

/** The size of the chosen dot on the cloth: a knob on the ring around it is pulled out or in. */
final class DotSizeGrip extends ClothHandles {

    private static final double REACH_PX = 7;
    private static final double KNOB_PX = 4.5;
    /** The ring stands so far off the dot. */
    private static final double OFF_PX = 3;
    private static final double SLANT = Math.sqrt(0.5);
    private static final double SMALLEST_MM = 0.05;
    private static final double LARGEST_MM = 5000;

    private final HandNumber number;
    private boolean held;

    DotSizeGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane);
        this.number = number;
    }

    private Optional<Dots> dots() {
        return studio.structure(Dots.class);
    }

    private int chosen(Dots dots) {
        return Math.max(0, Math.min(dots.dots().size() - 1, studio.selection().own()));
    }

    private Optional<Dot> dot() {
        return dots().map(d -> d.dots().get(chosen(d)));
    }

    private double knob(Dot dot) {
        return (dot.diameterMm() / 2 * viewport.pxPerMm() + OFF_PX) * SLANT;
    }

    @Override
    void draw() {
        dot().ifPresent(dot -> {
            Circle knob = new Circle(viewport.pxX(dot.x()) + knob(dot), viewport.pxY(dot.y()) + knob(dot), KNOB_PX);
            knob.getStyleClass().add("grip");
            knob.setId("grip-dot");
            getChildren().add(knob);
        });
    }

    @Override
    void press(MouseEvent e) {
        held = e.getButton() == MouseButton.PRIMARY && design != null && !rolled
                && dot().filter(dot -> Math.hypot(viewport.pxX(dot.x()) + knob(dot) - e.getX(),
                        viewport.pxY(dot.y()) + knob(dot) - e.getY()) < REACH_PX).isPresent();
        if (held) {
            e.consume();
        }
    }

    @Override
    void drag(MouseEvent e) {
        if (!held) {
            return;
        }
        e.consume();
        if (!studio.dragging()) {
            studio.beginDrag("size of the dot");
        }
        dot().ifPresent(dot -> {
            double out = Math.hypot(viewport.pxX(dot.x()) - e.getX(), viewport.pxY(dot.y()) - e.getY()) - OFF_PX;
            double step = e.isShiftDown() ? 0.01 : 0.1;
            size(Math.rint(2 * out / viewport.pxPerMm() / step) * step);
        });
        dot().ifPresent(dot -> number.pulled(e, "%s mm".formatted(Numbers.plain(dot.diameterMm(), 2))));
    }

    private void size(double mm) {
        double kept = Math.max(SMALLEST_MM, Math.min(LARGEST_MM, mm));
        studio.editStructure("size of the dot %s mm".formatted(Numbers.plain(kept, 2)), Dots.class,
                d -> d.with(chosen(d), d.dots().get(chosen(d)).withDiameterMm(kept)));
    }

    @Override
    void release(MouseEvent e) {
        if (held && studio.dragging()) {
            held = false;
            studio.endDrag();
            number.releasedLength(this::size);
        }
        held = false;
    }
}
