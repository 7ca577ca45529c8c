package org.vatwright.core.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;

/** What is done to several layers of a design at once. Layers are named by their numbers; unknown ones are passed over. */
public final class Recipe {

    private Recipe() {}

    public static Design changed(Design design, Set<Integer> layers, UnaryOperator<Layer> change) {
        return design.withLayers(design.layers().stream().map(l -> layers.contains(l.id()) ? change.apply(l) : l)
                .toList());
    }

    /** @throws Refusal when one of them is locked */
    public static Design without(Design design, Set<Integer> layers) {
        refuseLocked(design, layers);
        return design.withLayers(design.layers().stream().filter(l -> !layers.contains(l.id())).toList());
    }

    /** @throws Refusal when one of them is locked, with its name */
    public static void refuseLocked(Design design, Set<Integer> layers) {
        design.layers().stream().filter(l -> layers.contains(l.id()) && l.locked()).findFirst().ifPresent(l -> {
            throw new Refusal("%s is locked; unlock it in the recipe to change it".formatted(l.name()));
        });
    }

    /**
     * Lays them, in their own order, on top of so many of the others. What comes between two layers of a group belongs to
     * it; what goes away from its group leaves it.
     *
     * @param place 0 to the number of the others; beyond is taken as the nearest
     */
    public static Design moved(Design design, Set<Integer> layers, int place) {
        List<Layer> moving = design.layers().stream().filter(l -> layers.contains(l.id())).toList();
        List<Layer> all = new ArrayList<>(design.layers().stream().filter(l -> !layers.contains(l.id())).toList());
        int at = Math.max(0, Math.min(all.size(), place));
        String below = at > 0 ? all.get(at - 1).group() : "";
        String above = at < all.size() ? all.get(at).group() : "";
        Set<String> left = all.stream().map(Layer::group).collect(Collectors.toSet());
        all.addAll(at, moving.stream().map(l -> l.withGroup(joined(l.group(), below, above, left))).toList());
        return design.withLayers(all);
    }

    /** @param left the groups that have others than those that are moved */
    private static String joined(String own, String below, String above, Set<String> left) {
        if (!below.isEmpty() && below.equals(above)) {
            return below;
        }
        boolean beside = own.equals(below) || own.equals(above);
        return beside || !left.contains(own) ? own : "";
    }

    /** @return the place for {@link #moved} that lifts them over the next layer, or lowers them under it. @param by 1 or -1 */
    public static int place(Design design, Set<Integer> layers, int by) {
        int highest = -1;
        int lowest = -1;
        int others = 0;
        for (Layer layer : design.layers()) {
            if (!layers.contains(layer.id())) {
                others++;
                continue;
            }
            lowest = lowest < 0 ? others : lowest;
            highest = others;
        }
        return by > 0 ? highest + 1 : lowest - 1;
    }

    /** Brings them together where the topmost of them lies. @param group its name; empty takes them out of theirs */
    public static Design grouped(Design design, Set<Integer> layers, String group) {
        if (group.isBlank()) {
            return changed(design, layers, l -> l.withGroup(""));
        }
        Design together = moved(design, layers, place(design, layers, 1) - 1);
        return changed(together, layers, l -> l.withGroup(group));
    }

    /** @return with each once more, all on top of the topmost of them */
    public static Design doubled(Design design, Set<Integer> layers) {
        List<Layer> copies = new ArrayList<>();
        int id = design.freeId();
        for (Layer layer : design.layers()) {
            if (layers.contains(layer.id())) {
                copies.add(layer.withId(id++).withName(layer.name() + " copy").withLocked(false));
            }
        }
        List<Layer> all = new ArrayList<>(design.layers());
        int top = all.stream().filter(l -> layers.contains(l.id())).mapToInt(all::indexOf).max().orElse(-1);
        all.addAll(top + 1, copies);
        return design.withLayers(all);
    }

    /**
     * Layers of another design, on top of all others. Inks whose colour the design has become its slots, others new ones;
     * fills come along.
     */
    public static Design brought(Design design, Design from, Set<Integer> layers) {
        Map<Ink, Ink> inks = new HashMap<>();
        Design with = design;
        for (Ink ink : from.layers().stream().filter(l -> layers.contains(l.id()))
                .flatMap(l -> l.inks().stream()).distinct().toList()) {
            with = brought(with, from, ink, inks);
        }
        List<Layer> all = new ArrayList<>(with.layers());
        Map<Integer, Integer> numbers = new HashMap<>();
        int id = with.freeId();
        for (Layer layer : from.layers()) {
            if (layers.contains(layer.id())) {
                numbers.put(layer.id(), id);
                // In the marks of one that stays behind: in those of whichever it comes to lie on.
                all.add(layer.withId(id++).withLocked(false)
                        .withShows(layer.shows().renumbered(n -> numbers.getOrDefault(n, Shows.InMarks.BELOW)))
                        .withInks(i -> inks.getOrDefault(i, i)));
            }
        }
        return with.withLayers(all);
    }

    /** @param known gets what the ink is in the design */
    public static Design brought(Design design, Design from, Ink ink, Map<Ink, Ink> known) {
        Palette palette = design.palette();
        if (ink instanceof Ink.Slot(String slot)) {
            Rgb colour = from.palette().first().colours().get(from.palette().slot(slot));
            List<Rgb> own = palette.first().colours();
            int same = palette.slot(slot);
            int at = same >= 0 && own.get(same).equals(colour) ? same : own.indexOf(colour);
            String name = at >= 0 ? palette.slots().get(at) : free(design, slot);
            known.put(ink, Ink.slot(name));
            return at >= 0 ? design : design.withPalette(palette.withSlot(name, colour));
        }
        if (ink instanceof Ink.Filled(String fill)) {
            Fill asked = from.fill(fill).orElseThrow();
            Design inked = design;
            for (Ink stop : asked.inks()) {
                inked = brought(inked, from, stop, known);
            }
            Fill wanted = asked.withInks(i -> known.getOrDefault(i, i));
            Fill there = inked.fills().stream().filter(wanted::equals).findFirst().orElse(null);
            Design with = there == null ? inked.addFill(wanted) : inked;
            known.put(ink, there == null ? with.fills().getLast().ink() : there.ink());
            return with;
        }
        return design;
    }

    private static String free(Design design, String wanted) {
        List<String> taken = new ArrayList<>(design.palette().slots());
        design.fills().forEach(f -> taken.add(f.name()));
        return taken.contains(wanted) ? Palette.freeName(wanted, taken) : wanted;
    }
}
