package org.vatwright.core.project;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;

/** Designs within designs: a fill always shows its design as it is now, and no design may come to lie in itself. */
final class Nesting {

    private final Map<String, Design> asked = new HashMap<>();
    private final Map<String, Design> done = new HashMap<>();

    private Nesting(List<Design> designs) {
        designs.forEach(d -> asked.put(d.name(), d));
    }

    /**
     * @return the same designs, each fill with the present design of its name
     * @throws Refusal naming the path when a design lies in itself
     */
    static List<Design> linked(List<Design> designs) {
        if (designs.stream().allMatch(d -> d.fills().isEmpty())) {
            return designs;
        }
        Nesting nesting = new Nesting(designs);
        return designs.stream().map(d -> nesting.link(d, List.of())).toList();
    }

    private Design link(Design design, List<String> path) {
        if (done.containsKey(design.name())) {
            return done.get(design.name());
        }
        List<String> way = new ArrayList<>(path);
        way.add(design.name());
        if (path.contains(design.name())) {
            throw new Refusal("a design cannot lie in itself: %s; take one of these fills out first"
                    .formatted(String.join(" in ", way.reversed())));
        }
        List<Design> inner = new ArrayList<>();
        for (Fill fill : design.fills()) {
            fill.design().map(d -> asked.getOrDefault(d.name(), d)).ifPresent(d -> inner.add(link(d, way)));
        }
        Design linked = design.relinked(inner);
        if (asked.get(design.name()) == design) {
            done.put(design.name(), linked);
        }
        return linked;
    }

    /** @return the names of the designs that one shows, at any depth */
    static Set<String> within(Design design) {
        Set<String> names = new TreeSet<>();
        for (Fill fill : design.fills()) {
            fill.design().ifPresent(d -> {
                names.add(d.name());
                names.addAll(within(d));
            });
        }
        return names;
    }
}
