package org.vatwright.desktop.building;

import java.util.Optional;

import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimRun;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;

/** The breadth of a trim on the cloth: a knob at the outer side of its first stretch is pulled away from the line. */
final class BreadthGrip extends KnobGrip {

    private static final double LEAST_MM = 0.5;

    /** Where the hand took it: a place on the line and the way out from it, in mm. */
    private record Side(double x, double y, double outX, double outY) {}

    private Optional<Side> side = Optional.empty();

    BreadthGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane, number, "grip-breadth", "breadth of the trim");
    }

    private Optional<TrimForm> form() {
        return studio.structure(Motifs.class).map(Motifs::placing).filter(Placing.Trim.class::isInstance)
                .map(p -> ((Placing.Trim) p).form());
    }

    private double breadthMm() {
        return form().map(TrimForm::breadthMm).orElse(0.0);
    }

    private int rows() {
        return form().map(TrimForm::rows).orElse(1);
    }

    @Override
    void draw() {
        if (!held()) {
            side = studio.structure(Motifs.class).flatMap(Motifs::trimRun).filter(r -> !r.stretches().isEmpty())
                    .map(TrimRun::stretches).map(s -> s.getFirst().at(s.getFirst().length() / 2))
                    .map(p -> new Side(p[0], p[1], p[3], -p[2]));
        }
        drawKnob();
    }

    @Override
    Optional<Point2D> knob() {
        double out = breadthMm() * rows() / 2;
        return side.filter(s -> form().isPresent())
                .map(s -> new Point2D(viewport.pxX(s.x() + out * s.outX()), viewport.pxY(s.y() + out * s.outY())));
    }

    @Override
    void pull(MouseEvent e) {
        side.ifPresent(s -> {
            double out = (viewport.mmX(e.getX()) - s.x()) * s.outX() + (viewport.mmY(e.getY()) - s.y()) * s.outY();
            double step = e.isShiftDown() ? 0.05 : 0.5;
            breadth(Math.max(LEAST_MM, Math.rint(2 * out / rows() / step) * step));
        });
    }

    private void breadth(double mm) {
        studio.editStructure("breadth of the trim %s mm".formatted(Numbers.plain(mm, 2)), Motifs.class,
                m -> m.placing() instanceof Placing.Trim t
                        ? m.withPlacing(t.withForm(t.form().withBreadthMm(mm)))
                        : m);
    }

    @Override
    String words() {
        return "%s mm".formatted(Numbers.plain(breadthMm(), 2));
    }

    @Override
    void offer(HandNumber typed) {
        typed.releasedLength(this::breadth);
    }
}
