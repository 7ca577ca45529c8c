package org.vatwright.core.family.together;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;

/** Layers of a design taken together as one coat, and opened again. */
public final class Taken {

    private Taken() {}

    /**
     * @param name of the layer that holds them; it lies where the topmost of them lay
     * @throws Refusal when there are fewer than two, or one of them shows in the marks of one that stays outside
     */
    public static Design together(Design design, Set<Integer> layers, String name) {
        List<Layer> inner = design.layers().stream().filter(l -> layers.contains(l.id())).toList();
        Require.that(inner.size() > 1, "%d layers are chosen; at least two are taken together".formatted(inner.size()));
        for (int i = 0; i < design.layers().size(); i++) {
            Layer layer = design.layers().get(i);
            int to = Shows.confinedTo(design.layers(), i);
            boolean in = layers.contains(layer.id());
            Require.that(to < 0 || in == layers.contains(design.layers().get(to).id()),
                    "%s shows by the marks of %s; take both, or neither".formatted(layer.name(),
                            to < 0 ? "" : design.layers().get(to).name()));
        }
        int id = design.freeId();
        int topmost = inner.getLast().id();
        List<Layer> all = new ArrayList<>();
        for (Layer layer : design.layers()) {
            if (layer.id() == topmost) {
                all.add(new Layer(id, name, new Together(inner.stream().map(l -> l.withGroup("").withLocked(false))
                        .toList())).withGroup(layer.group()));
            } else if (!layers.contains(layer.id())) {
                all.add(layer);
            }
        }
        return design.withLayers(all);
    }

    /** @return with the layers it holds in its place; what was done to all of them at once goes */
    public static Design opened(Design design, int layer) {
        List<Layer> all = new ArrayList<>();
        int free = design.freeId();
        for (Layer each : design.layers()) {
            if (each.id() != layer || !(each.structure() instanceof Together together)) {
                all.add(each);
                continue;
            }
            int first = free;
            List<Integer> numbers = together.layers().stream().map(Layer::id).toList();
            for (Layer inner : together.layers()) {
                all.add(inner.withId(free++).withGroup(each.group())
                        .withShows(inner.shows().renumbered(n -> numbers.contains(n)
                                ? first + numbers.indexOf(n)
                                : Shows.InMarks.BELOW)));
            }
        }
        return design.withLayers(all);
    }
}
