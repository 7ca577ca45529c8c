package org.vatwright.core.family.motif;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.core.repeat.WallpaperGroup;

/** Motifs that come from a picture, from a whole design, or from another design's motifs. */
public final class MotifsFrom {

    private MotifsFrom() {}

    /**
     * A rectangle of the source's true size that shows it; the source becomes one of the design's fills.
     *
     * @param layer of motifs that it goes into; a new one when there is none of that number
     */
    public static Design source(Design design, int layer, String name, Fill.Source source) {
        Design with = design.addFill(new Fill(name, source).withAnew(true));
        Ink ink = with.fills().getLast().ink();
        return with(with, layer, new Motif(1, name, List.of(new Part(name,
                new Form.Rectangle(source.widthMm(), source.heightMm(), 0), 0, 0, 0, 1, 1, ink,
                java.util.Optional.empty(), 1, java.util.Optional.empty()))));
    }

    /** A motif of another design. Colours that the design has become its slots, others new ones. */
    public static Design copied(Design design, int layer, Design from, Motif motif) {
        Map<Ink, Ink> inks = new HashMap<>();
        Design with = design;
        for (Ink ink : motif.inks().stream().distinct().toList()) {
            with = Recipe.brought(with, from, ink, inks);
        }
        return with(with, layer, motif.inked(i -> inks.getOrDefault(i, i)));
    }

    /**
     * A motif that was made elsewhere. Placed at once, in the middle of the cell, where motifs are set by hand.
     *
     * @param layer of motifs that it goes into; a new one when there is none of that number
     */
    public static Design with(Design design, int layer, Motif motif) {
        Instance middle = new Instance(1, design.repeat().widthMm() / 2, design.repeat().heightMm() / 2);
        Motifs chosen = design.layer(layer).map(Layer::structure).filter(Motifs.class::isInstance)
                .map(Motifs.class::cast).orElse(null);
        if (chosen == null) {
            List<Layer> more = new ArrayList<>(design.layers());
            more.add(new Layer(design.freeId(), motif.name(), new Motifs(List.of(motif.withId(1)), List.of(middle),
                    new Placing.ByHand(), WallpaperGroup.P1)));
            return design.withLayers(more);
        }
        int id = chosen.freeId();
        List<Motif> motifs = new ArrayList<>(chosen.motifs());
        motifs.add(motif.withId(id));
        List<Instance> byHand = new ArrayList<>(chosen.byHand());
        if (chosen.placing() instanceof Placing.ByHand) {
            byHand.add(middle.withMotif(id));
        }
        return design.replace(layer, l -> l.withStructure(chosen.withMotifs(motifs).withByHand(byHand)));
    }
}
