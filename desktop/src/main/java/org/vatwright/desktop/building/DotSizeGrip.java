package org.vatwright.desktop.building;

import java.util.Optional;

import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;

/** The size of the chosen dot on the cloth: a knob on the ring around it is pulled out or in. */
final class DotSizeGrip extends KnobGrip {

    /** The ring stands so far off the dot. */
    private static final double OFF_PX = 3;
    private static final double SLANT = Math.sqrt(0.5);
    private static final double SMALLEST_MM = 0.05;
    private static final double LARGEST_MM = 5000;

    DotSizeGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane, number, "grip-dot", "size of the dot");
    }

    private int chosen(Dots dots) {
        return Math.max(0, Math.min(dots.dots().size() - 1, studio.selection().own()));
    }

    private Optional<Dot> dot() {
        return studio.structure(Dots.class).map(d -> d.dots().get(chosen(d)));
    }

    private Point2D middle(Dot dot) {
        return new Point2D(viewport.pxX(dot.x()), viewport.pxY(dot.y()));
    }

    @Override
    Optional<Point2D> knob() {
        return dot().map(dot -> {
            double out = (dot.diameterMm() / 2 * viewport.pxPerMm() + OFF_PX) * SLANT;
            return middle(dot).add(out, out);
        });
    }

    @Override
    void draw() {
        drawKnob();
    }

    @Override
    void pull(MouseEvent e) {
        dot().ifPresent(dot -> {
            double out = middle(dot).distance(e.getX(), e.getY()) - OFF_PX;
            double step = e.isShiftDown() ? 0.01 : 0.1;
            size(Math.rint(2 * out / viewport.pxPerMm() / step) * step);
        });
    }

    private void size(double mm) {
        double kept = Math.max(SMALLEST_MM, Math.min(LARGEST_MM, mm));
        studio.editStructure("size of the dot %s mm".formatted(Numbers.plain(kept, 2)), Dots.class,
                d -> d.with(chosen(d), d.dots().get(chosen(d)).withDiameterMm(kept)));
    }

    @Override
    String words() {
        return "%s mm".formatted(Numbers.plain(dot().map(Dot::diameterMm).orElse(0.0), 2));
    }

    @Override
    void offer(HandNumber typed) {
        typed.releasedLength(this::size);
    }
}
