package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.StrokeOnPane;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.desktop.cloth.Patches;

/**
 * A stroke that is seen under the hand before a picture of the cell has it: it lies over the cloth as that was before it, in every
 * cell in view. What it would look like otherwise than laid on top is not shown so.
 */
final class WetStroke {

    private final CellPane pane;
    private final StrokeOnPane stroke;
    private final Patches patches = new Patches();

    private WetStroke(CellPane pane, StrokeOnPane stroke) {
        this.pane = pane;
        this.stroke = stroke;
        pane.hold(patches);
    }

    /** @param number of the layer that is painted in @return none when it must be painted with all the rest to be seen */
    static Optional<WetStroke> on(CellPane pane, int number, BrushStroke begun) {
        Design design = pane.design();
        StrokeOnPane.Part part = pane.part();
        Optional<Layer> layer = design.layer(number).filter(WetStroke::plain);
        if (begun.erases() || layer.isEmpty() || covered(design, layer.get())
                || !(begun.ink() instanceof Ink.Slot) || begun.other().filter(o -> !(o instanceof Ink.Slot)).isPresent()
                || !StrokeOnPane.takes(begun, design.repeat(), part)) {
            return Optional.empty();
        }
        return Optional.of(new WetStroke(pane, new StrokeOnPane(begun, design.repeat(),
                new InkColours(design.palette(), pane.colourway()), part)));
    }

    private static boolean plain(Layer layer) {
        return layer.visible() && layer.opacity() == 1 && layer.mode() == BlendMode.NORMAL
                && layer.shows().equals(Shows.EVERYWHERE) && layer.fade().isEmpty() && layer.effects().isEmpty();
    }

    private static boolean covered(Design design, Layer layer) {
        List<Layer> all = design.layers();
        return all.subList(all.indexOf(layer) + 1, all.size()).stream().anyMatch(Layer::visible);
    }

    /** @return whether it is seen as far as the hand has come; not any more once the view is another one */
    boolean go(BrushStroke now) {
        if (patches.getParent() == null) {
            return false;
        }
        for (StrokeOnPane.Area area : stroke.go(now)) {
            patches.write(area.left(), area.top(), area.right(), area.bottom(), stroke::argb);
        }
        return true;
    }

    /** Gives way to the picture of the cell that has it. */
    void dry() {
        pane.letGo();
    }

    /** Is not there any more. */
    void wipe() {
        pane.wipe();
    }
}
