package org.vatwright.core.project;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;

/**
 * Designs within designs: a fill always shows its design as it is now, every design that is shown belongs to the project,
 * and none may come to lie in itself.
 */
final class Nesting {

    private final Map<Id, Design> asked = new LinkedHashMap<>();
    private final Map<Id, Design> done = new HashMap<>();

    private Nesting(List<Design> designs) {
        designs.forEach(d -> asked.put(d.id(), d));
        designs.forEach(this::takeIn);
    }

    /** What lies in a design belongs to the project, else its link would lead nowhere in the file. */
    private void takeIn(Design design) {
        for (Fill fill : design.fills()) {
            fill.design().filter(inner -> !asked.containsKey(inner.id())).ifPresent(inner -> {
                asked.put(inner.id(), inner);
                takeIn(inner);
            });
        }
    }

    /**
     * @return the same designs, each fill with the present design of its id, and all those they show, at the end
     * @throws Refusal naming the path when a design lies in itself
     */
    static List<Design> linked(List<Design> designs) {
        if (designs.stream().allMatch(d -> d.fills().isEmpty())) {
            return designs;
        }
        Nesting nesting = new Nesting(designs);
        return List.copyOf(nesting.asked.keySet()).stream().map(id -> nesting.link(id, new LinkedHashSet<>())).toList();
    }

    private Design link(Id id, Set<Id> way) {
        Design known = done.get(id);
        if (known != null) {
            return known;
        }
        Design design = asked.get(id);
        if (!way.add(id)) {
            List<String> names = new ArrayList<>(way.stream().map(each -> asked.get(each).name()).toList());
            throw new Refusal("a design cannot lie in itself: %s; take one of these fills out first".formatted(
                    String.join(" in ", List.copyOf(withEnd(names, design.name())).reversed())));
        }
        Map<Id, Design> inner = new HashMap<>();
        for (Fill fill : design.fills()) {
            fill.design().ifPresent(d -> inner.put(d.id(), link(d.id(), way)));
        }
        way.remove(id);
        Design linked = design.relinked(inner);
        done.put(id, linked);
        return linked;
    }

    /** The path from where the circle begins, closed by its first again. */
    private static List<String> withEnd(List<String> names, String end) {
        List<String> circle = new ArrayList<>(names.subList(names.indexOf(end), names.size()));
        circle.add(end);
        return circle;
    }

    /** @return the ids of the designs that one shows, at any depth */
    static Set<Id> within(Design design) {
        Set<Id> seen = new LinkedHashSet<>();
        collect(design, seen);
        return seen;
    }

    private static void collect(Design design, Set<Id> seen) {
        design.fills().forEach(f -> f.design().filter(d -> seen.add(d.id())).ifPresent(d -> collect(d, seen)));
    }
}
