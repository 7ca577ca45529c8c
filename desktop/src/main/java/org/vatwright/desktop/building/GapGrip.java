package org.vatwright.desktop.building;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.studio.Studio;

/** The gap of a scatter on the cloth: a ring around one of its motifs, half the gap away from it, is pulled wider. */
final class GapGrip extends ClothHandles {

    private static final double REACH_PX = 8;
    private static final double KNOB_PX = 5;

    /** The ring as it lies: its middle, and how far the motif itself reaches, in mm. */
    private record Ring(double x, double y, double reach) {}

    private final HandNumber number;
    private final PlacedMotifs placed = new PlacedMotifs();
    private Optional<Ring> ring = Optional.empty();
    private Optional<Ring> held = Optional.empty();

    GapGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane);
        this.number = number;
    }

    private Optional<Placing.Scattered> scattered() {
        return studio.structure(Motifs.class).map(Motifs::placing).filter(Placing.Scattered.class::isInstance)
                .map(Placing.Scattered.class::cast);
    }

    @Override
    void draw() {
        if (held.isPresent()) {
            held.ifPresent(this::draw);
            return;
        }
        ring = Optional.empty();
        studio.structure(Motifs.class).filter(m -> scattered().isPresent())
                .ifPresent(m -> placed.tell(m, design.repeat(), all -> {
                    ring = nearest(m, all);
                    ring.ifPresent(this::draw);
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

    private double radiusPx(Ring r) {
        return (r.reach() + scattered().map(Placing.Scattered::gapMm).orElse(0.0) / 2) * viewport.pxPerMm();
    }

    private void draw(Ring r) {
        double radius = radiusPx(r);
        for (String style : new String[]{"grip-ring-under", "grip-ring"}) {
            Circle circle = new Circle(viewport.pxX(r.x()), viewport.pxY(r.y()), radius);
            circle.getStyleClass().add(style);
            getChildren().add(circle);
        }
        Circle knob = new Circle(viewport.pxX(r.x()) + radius, viewport.pxY(r.y()), KNOB_PX);
        knob.getStyleClass().add("grip");
        knob.setId("grip-gap");
        getChildren().add(knob);
    }

    @Override
    void press(MouseEvent e) {
        held = Optional.empty();
        if (e.getButton() == MouseButton.PRIMARY && design != null && !rolled) {
            held = ring.filter(r -> scattered().isPresent() && Math.hypot(viewport.pxX(r.x()) + radiusPx(r) - e.getX(),
                    viewport.pxY(r.y()) - e.getY()) < REACH_PX);
            held.ifPresent(r -> e.consume());
        }
    }

    @Override
    void drag(MouseEvent e) {
        held.ifPresent(r -> {
            e.consume();
            if (!studio.dragging()) {
                studio.beginDrag("gap between motifs");
            }
            double out = Math.hypot(viewport.pxX(r.x()) - e.getX(), viewport.pxY(r.y()) - e.getY())
                    / viewport.pxPerMm();
            double step = e.isShiftDown() ? 0.05 : 0.5;
            gap(Math.max(0, Math.rint(2 * (out - r.reach()) / step) * step));
            number.pulled(e,
                    "%s mm".formatted(Numbers.plain(scattered().map(Placing.Scattered::gapMm).orElse(0.0), 2)));
        });
    }

    private void gap(double mm) {
        studio.editStructure("gap between motifs %s mm".formatted(Numbers.plain(mm, 2)), Motifs.class,
                m -> m.placing() instanceof Placing.Scattered s ? m.withPlacing(s.withGapMm(mm)) : m);
    }

    @Override
    void release(MouseEvent e) {
        if (held.isPresent() && studio.dragging()) {
            held = Optional.empty();
            studio.endDrag();
            number.releasedLength(this::gap);
        }
        held = Optional.empty();
    }
}
