package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.MotifsFrom;
import org.vatwright.core.measure.Id;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.shape.Outline;

/** A drawing that was read, brought into a design: a motif around its middle, its colours among the design's slots. */
public final class MotifDrawing {

    /** Of one drawing; what more parts are filled with begins where another's does. */
    private static final int MOST_FILLS = 100;

    private MotifDrawing() {}

    /**
     * A colour that a slot has in the first colourway becomes that slot; any other gets a new one. What shapes are filled
     * with becomes fills of the design.
     *
     * @param layer of motifs that it goes into; a new one when there is none of that number
     */
    public static Design into(Design design, int layer, MotifReader.Reading reading) {
        Palette palette = design.palette();
        Map<Ink, Ink> inks = new HashMap<>();
        for (Map.Entry<String, Rgb> colour : reading.palette().entrySet()) {
            int known = palette.first().colours().indexOf(colour.getValue());
            String fresh = reading.name() + " " + (inks.size() + 1);
            String slot = known >= 0
                    ? palette.slots().get(known)
                    : palette.slots().contains(fresh) ? Palette.freeName(fresh, palette.slots()) : fresh;
            if (known < 0) {
                palette = palette.withSlot(slot, colour.getValue());
            }
            inks.put(Ink.slot(colour.getKey()), Ink.slot(slot));
        }
        Design with = design.withPalette(palette);
        Map<VectorMark, Ink> filled = new IdentityHashMap<>();
        Map<Fill, Ink> known = new HashMap<>();
        for (VectorMark mark : reading.marks()) {
            for (Fill fill : reading.fills()) {
                if (mark.from().equals(fill.ink())) {
                    Fill own = known.size() < MOST_FILLS
                            ? begun(fill, mark)
                            : known.keySet().stream().filter(f -> f.id().equals(fill.id())).findFirst().orElse(fill);
                    if (!known.containsKey(own)) {
                        with = with.addFill(own.withId(Id.fresh()));
                        known.put(own, with.fills().getLast().ink());
                    }
                    filled.put(mark, known.get(own));
                }
            }
        }
        Rectangle2D box = box(reading);
        AffineTransform centred = AffineTransform.getTranslateInstance(-box.getCenterX(), -box.getCenterY());
        List<Part> parts = new ArrayList<>();
        for (VectorMark mark : reading.marks()) {
            VectorMark own = mark.moved(centred)
                    .inked(ink -> filled.containsKey(mark) ? filled.get(mark) : inks.getOrDefault(ink, ink));
            parts.add(new Part("shape " + (parts.size() + 1), new Form.Free(Outline.of(own.shape())), 0, 0, 0, 1, 1,
                    own.from(), own.gradient(), own.opacity(), Optional.empty()));
        }
        return MotifsFrom.with(with, layer, new Motif(1, reading.name(), parts));
    }

    /** In a motif a fill begins from the middle of each part: there it lies so that it lies as it was drawn. */
    private static Fill begun(Fill fill, VectorMark mark) {
        Rectangle2D part = mark.shape().getBounds2D();
        Lattice lattice = fill.lattice();
        double x = fill.startX() - part.getCenterX();
        double y = fill.startY() - part.getCenterY();
        double det = lattice.ax() * lattice.by() - lattice.ay() * lattice.bx();
        double across = Math.rint((x * lattice.by() - y * lattice.bx()) / det);
        double down = Math.rint((y * lattice.ax() - x * lattice.ay()) / det);
        return fill.withStart(near(x - across * lattice.ax() - down * lattice.bx()),
                near(y - across * lattice.ay() - down * lattice.by()));
    }

    private static double near(double mm) {
        return Math.rint(mm * 1e6) / 1e6;
    }

    /** The cell of a design that has no layers yet, drawn where it stands from the corner; in as many motifs as it takes. */
    static Design filling(Design design, MotifReader.Reading reading) {
        Design drawn = design;
        List<Rectangle2D> boxes = new ArrayList<>();
        for (int from = 0; from < reading.marks().size(); from += Motif.MOST_PARTS) {
            List<VectorMark> some = reading.marks().subList(from,
                    Math.min(from + Motif.MOST_PARTS, reading.marks().size()));
            List<Fill> used = reading.fills().stream()
                    .filter(f -> some.stream().anyMatch(m -> m.inks().contains(f.ink()))).toList();
            MotifReader.Reading part = new MotifReader.Reading(reading.name(), reading.widthMm(), reading.heightMm(),
                    some, reading.palette(), used, List.of());
            drawn = into(drawn, drawn.layers().isEmpty() ? 0 : drawn.layers().getFirst().id(), part);
            boxes.add(box(part));
        }
        return drawn.replace(drawn.layers().getFirst().id(), layer -> {
            Motifs motifs = (Motifs) layer.structure();
            List<Instance> placed = new ArrayList<>();
            for (int i = 0; i < boxes.size(); i++) {
                placed.add(motifs.byHand().get(i).with().x(boxes.get(i).getCenterX()).y(boxes.get(i).getCenterY())
                        .build());
            }
            return layer.withStructure(motifs.withByHand(placed));
        });
    }

    private static Rectangle2D box(MotifReader.Reading reading) {
        return reading.marks().stream().map(m -> m.shape().getBounds2D()).reduce(Rectangle2D::createUnion)
                .orElseThrow();
    }
}
