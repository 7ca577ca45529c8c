package org.vatwright.desktop.recipe;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.catalogue.Catalogue;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.woven.FabricStructure;

/** A layer just added: on top of the others, in the first inks the design does not use yet. */
public final class FreshLayer {

    /** A cell of one period below this would be a speck on the cloth. */
    private static final double LEAST_PERIOD_MM = 25;

    private FreshLayer() {}

    public static Design on(Design design, Catalogue.Family family) {
        return on(design, family, family.begin().apply(design, inks(design)));
    }

    private static Design on(Design design, Catalogue.Family family, Structure fresh) {
        List<Layer> more = new ArrayList<>(design.layers());
        more.add(new Layer(design.freeId(), family.title(), fresh));
        return sized(design, fresh).withLayers(more);
    }

    /** @return as it may look, over the ground alone */
    static Design alone(Design design, Catalogue.Family family) {
        Design with = on(design, family, family.fresh().apply(design, inks(design)));
        return with.withLayers(List.of(with.layers().getLast()));
    }

    private static List<Ink> inks(Design design) {
        List<String> free = new ArrayList<>(design.palette().slots());
        free.removeAll(design.usedSlots());
        design.palette().slots().stream().filter(s -> !Ink.slot(s).equals(design.ground())).forEach(free::add);
        free.addAll(design.palette().slots());
        return free.stream().distinct().map(Ink::slot).toList();
    }

    /** The first layer, when it is a cloth, gets a cell of one period; of several when one is hardly seen. */
    private static Design sized(Design design, Structure fresh) {
        if (!design.layers().isEmpty() || !(fresh instanceof FabricStructure cloth)) {
            return design;
        }
        double width = cloth.fabric().periodWidthMm();
        double height = cloth.fabric().periodHeightMm();
        if (Math.min(width, height) >= LEAST_PERIOD_MM) {
            return design.withRepeat(design.repeat().withSize(width, height));
        }
        return cloth.closings(design.repeat()).stream().filter(c -> c.id().equals("resize-cell")).findFirst()
                .map(o -> design.withRepeat(o.repeat())).orElse(design);
    }
}
