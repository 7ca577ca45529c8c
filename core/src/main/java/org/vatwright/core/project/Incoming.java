package org.vatwright.core.project;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;

/** A design that comes into a project, with those that lie in it: none takes the place of one that is there. */
final class Incoming {

    private final Map<Id, Design> there = new HashMap<>();
    private final Map<Id, Design> taken = new HashMap<>();

    Incoming(List<Design> designs) {
        designs.forEach(d -> there.put(d.id(), d));
    }

    /** @return the design as it comes in, under an id that is free */
    Design take(Design design) {
        Design inner = withInner(design);
        return there.containsKey(design.id()) ? inner.withId(Id.fresh()) : inner;
    }

    /** @return those that are not there yet, as they come in */
    List<Design> all(List<Design> designs) {
        return designs.stream().map(this::once).filter(d -> !there.containsKey(d.id())).toList();
    }

    private Design withInner(Design design) {
        return design.fills().isEmpty()
                ? design
                : design.withFills(design.fills().stream().map(this::linked).toList());
    }

    private Fill linked(Fill fill) {
        return fill.design().map(d -> fill.showing(once(d))).orElse(fill);
    }

    private Design once(Design design) {
        Design known = taken.get(design.id());
        if (known == null) {
            known = inner(design);
            taken.put(design.id(), known);
        }
        return known;
    }

    private Design inner(Design design) {
        Optional<Design> same = Optional.ofNullable(there.get(design.id())).filter(design::equals);
        return same.orElseGet(() -> take(design));
    }
}
