package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.motif.MotifsFrom;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.shape.Outline;

/** A drawing that was read, brought into a design: a motif around its middle, its colours among the design's slots. */
public final class MotifDrawing {

    private MotifDrawing() {}

    /**
     * A colour that a slot has in the first colourway becomes that slot; any other gets a new one.
     *
     * @param layer of motifs that it goes into; a new one when there is none of that number
     */
    public static Design into(Design design, int layer, MotifReader.Reading reading) {
        Palette palette = design.palette();
        Map<Ink, Ink> slots = new HashMap<>();
        for (Map.Entry<String, Rgb> colour : reading.palette().entrySet()) {
            int known = palette.first().colours().indexOf(colour.getValue());
            String fresh = reading.name() + " " + (slots.size() + 1);
            String slot = known >= 0
                    ? palette.slots().get(known)
                    : palette.slots().contains(fresh) ? Palette.freeName(fresh, palette.slots()) : fresh;
            if (known < 0) {
                palette = palette.withSlot(slot, colour.getValue());
            }
            slots.put(Ink.slot(colour.getKey()), Ink.slot(slot));
        }
        Rectangle2D box = reading.marks().stream().map(m -> m.shape().getBounds2D())
                .reduce(Rectangle2D::createUnion).orElseThrow();
        AffineTransform centred = AffineTransform.getTranslateInstance(-box.getCenterX(), -box.getCenterY());
        List<Part> parts = new ArrayList<>();
        for (VectorMark mark : reading.marks()) {
            VectorMark own = mark.moved(centred).inked(ink -> slots.getOrDefault(ink, ink));
            parts.add(new Part("shape " + (parts.size() + 1), new Form.Free(Outline.of(own.shape())), 0, 0, 0, 1, 1,
                    own.from(), own.gradient(), own.opacity(), Optional.empty()));
        }
        return MotifsFrom.with(design.withPalette(palette), layer, new Motif(1, reading.name(), parts));
    }
}
