package org.vatwright.desktop.building;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

/** The gap of a scatter on the cloth: a ring around one of its motifs, half the gap away from it, is pulled wider. */
final class GapGrip extends KnobGrip {

    /** The ring as it lies: its middle, and how far the motif itself reaches, in mm. */
    private record Ring(double x, double y, double reach) {}

    private final PlacedMotifs placed = new PlacedMotifs();
    private Optional<Ring> ring = Optional.empty();

    GapGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane, number, "grip-gap", "gap between motifs");
    }

    private Optional<Placing.Scattered> scattered() {
        return studio.structure(Motifs.class).map(Motifs::placing).filter(Placing.Scattered.class::isInstance)
                .map(Placing.Scattered.class::cast);
    }

    private double gapMm() {
        return scattered().map(Placing.Scattered::gapMm).orElse(0.0);
    }

    @Override
    void draw() {
        if (held()) {
            // The motifs move while it is pulled; the ring stays where the hand took it.
            ring();
            return;
        }
        ring = Optional.empty();
        studio.structure(Motifs.class).filter(m -> scattered().isPresent())
                .ifPresent(m -> placed.tell(m, design.repeat(), all -> {
                    ring = nearest(m, all);
                    ring();
                }));
    }

    /** @return the one nearest to the middle of the cell */
    private Optional<Ring> nearest(Motifs motifs, List<Instance> all) {
        double x = design.repeat().widthMm() / 2;
        double y = design.repeat().heightMm() / 2;
        return all.stream().min(Comparator.comparingDouble(i -> Math.hypot(i.x() - x, i.y() - y)))
                .flatMap(i -> motifs.motif(i.motif()).map(m -> new Ring(i.x(), i.y(), i.scale()
                        * Math.hypot(m.bounds().getWidth(), m.bounds().getHeight()) / 2)));
    }

    private Point2D middle(Ring r) {
        return new Point2D(viewport.pxX(r.x()), viewport.pxY(r.y()));
    }

    private double radiusPx(Ring r) {
        return (r.reach() + gapMm() / 2) * viewport.pxPerMm();
    }

    @Override
    Optional<Point2D> knob() {
        return ring.filter(r -> scattered().isPresent()).map(r -> middle(r).add(radiusPx(r), 0));
    }

    private void ring() {
        ring.ifPresent(r -> drawTwice("grip-ring",
                () -> new Circle(middle(r).getX(), middle(r).getY(), radiusPx(r))));
        drawKnob();
    }

    @Override
    void pull(MouseEvent e) {
        ring.ifPresent(r -> {
            double out = middle(r).distance(e.getX(), e.getY()) / viewport.pxPerMm();
            double step = e.isShiftDown() ? 0.05 : 0.5;
            gap(Math.max(0, Math.rint(2 * (out - r.reach()) / step) * step));
        });
    }

    private void gap(double mm) {
        studio.editStructure("gap between motifs %s mm".formatted(Numbers.plain(mm, 2)), Motifs.class,
                m -> m.placing() instanceof Placing.Scattered s ? m.withPlacing(s.withGapMm(mm)) : m);
    }

    @Override
    String words() {
        return "%s mm".formatted(Numbers.plain(gapMm(), 2));
    }

    @Override
    void offer(HandNumber typed) {
        typed.releasedLength(this::gap);
    }
}
