package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import javafx.application.Platform;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Contours;
import org.vatwright.core.brush.Track;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.BrushHand;
import org.vatwright.desktop.studio.BrushHand.Doing;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

/** A pull along a line that is there: a click on a guide, or on the outline of a mark of any layer that is seen. */
final class AlongPull {

    private static final double REACH_PX = 12;

    /** @param number of the click, for the same place is asked for again after an undo */
    private record Asked(Design design, double x, double y, double reachMm, int layer, int number) {}

    private record Found(Asked asked, Optional<Track> track) {}

    private final Studio studio;
    private final CellPane pane;
    private final BrushInHand hand;
    private final Aside<Found> looking = new Aside<>(Platform::runLater, this::pull);
    private int clicks;

    AlongPull(Studio studio, CellPane pane) {
        this.studio = studio;
        this.pane = pane;
        hand = new BrushInHand(studio);
        pane.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
    }

    private void press(MouseEvent e) {
        if (e.isConsumed() || e.getButton() != MouseButton.PRIMARY || hand.work().isEmpty()
                || studio.brushHand().doing() != Doing.ALONG) {
            return;
        }
        pane.requestFocus();
        studio.design().ifPresent(d -> {
            double x = pane.originX() + pane.viewport().mmX(e.getX());
            double y = pane.originY() + pane.viewport().mmY(e.getY());
            Tile.Origin cell = d.repeat().cellAt(x, y);
            Asked asked = new Asked(d, x - cell.x(), y - cell.y(), REACH_PX / pane.viewport().pxPerMm(),
                    studio.selection().layer(), ++clicks);
            looking.ask(asked, work -> find(asked, work));
        });
        e.consume();
    }

    private static Found find(Asked asked, Work work) {
        Design design = asked.design();
        List<VectorMark> marks = new ArrayList<>();
        for (Layer layer : design.layers()) {
            if (layer.visible()) {
                layer.structure().outlines(design.repeat(), Phase.OWN, work).ifPresent(marks::addAll);
            }
            // A line along which motifs stand is a line too, though nothing of it is drawn.
            if (layer.structure() instanceof Motifs motifs && motifs.placing() instanceof Placing.Along along) {
                marks.add(new VectorMark(along.line().path(), Ink.CLEAR));
            }
            if (layer.structure() instanceof Motifs motifs && motifs.placing() instanceof Placing.Trim trim) {
                marks.add(new VectorMark(trim.line().path(), Ink.CLEAR));
            }
        }
        return new Found(asked, Contours.nearest(marks, design.guides(), design.repeat(), asked.x(), asked.y(),
                asked.reachMm()));
    }

    private void pull(Found found) {
        if (hand.work().isEmpty() || studio.selection().layer() != found.asked().layer()) {
            return;
        }
        if (found.track().isEmpty()) {
            studio.say(Message.hint("There is no guide and no outline there; click on one."));
            return;
        }
        BrushHand now = studio.brushHand();
        studio.editStructure("pull %s along a line".formatted(now.brush().name()), Brushwork.class,
                w -> w.and(new BrushStroke(found.track().get(), now.brush(), now.inkIn(found.asked().design()),
                        now.otherIn(found.asked().design()), false, w.symmetry(), w.strokes().size() + 1L)));
    }
}
