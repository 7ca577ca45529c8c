package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.BlendMode;

/**
 * One step of a design.
 *
 * @param id tells layers of one design apart for as long as they live, whatever their order and name
 * @param opacity 0 to 1
 * @param shows where it shows
 * @param fade how much of it shows from place to place; all of it without one
 * @param effects what is done to its marks, in the order in which it is done; one of each kind
 * @param locked whether a hand that passes by leaves it as it is
 * @param group name of the group it belongs to with its neighbours of the same one; empty for none
 */
@RecordBuilder
public record Layer(int id, String name, Structure structure, boolean visible, double opacity, BlendMode mode,
        Shows shows, Optional<Fade> fade, List<Effect> effects, boolean locked,
        String group) implements LayerBuilder.With {

    public Layer {
        name = Require.named("layer", name);
        Require.within("opacity", opacity * 100, 0, 100, "%");
        group = group.isBlank() ? "" : Require.named("group", group);
        Set<String> kinds = new HashSet<>();
        effects.forEach(e -> Require.that(kinds.add(e.kind()),
                "two effects are of the kind %s; a layer has one of each".formatted(e.kind())));
        effects = effects.stream().sorted(Comparator.comparingInt(Effect::order)).toList();
    }

    public Layer(int id, String name, Structure structure) {
        this(id, name, structure, true, 1, BlendMode.NORMAL, Shows.EVERYWHERE, Optional.empty(), List.of(), false, "");
    }

    /** @return the pattern of its own where alone it shows, when there is one */
    public Optional<Mask> mask() {
        return shows instanceof Shows.Where(Mask mask) ? Optional.of(mask) : Optional.empty();
    }

    /** @return showing only where that pattern is; everywhere without one */
    public Layer withMask(Optional<Mask> mask) {
        return withShows(mask.<Shows>map(Shows.Where::new).orElse(Shows.EVERYWHERE));
    }

    /** @return with that effect instead of the one of its kind. @param on whether it is done; else the kind is left out */
    public Layer withEffect(Effect effect, boolean on) {
        List<Effect> others = effects.stream().filter(e -> !e.kind().equals(effect.kind())).toList();
        return withEffects(on ? Stream.concat(others.stream(), Stream.of(effect)).toList() : others);
    }

    /** @return every ink of its marks and of what is done to them; may hold one several times */
    public List<Ink> inks() {
        return Stream.concat(structure.inks().stream(), effects.stream().flatMap(e -> e.inks().stream())).toList();
    }

    /** @return the same with each ink replaced */
    public Layer withInks(UnaryOperator<Ink> change) {
        return withStructure(structure.withInks(change)).withEffects(effects.stream().map(e -> e.withInks(change))
                .toList());
    }

    /** @return the same with every length of its marks and of what is done to them that many times as long */
    public Layer resized(double by) {
        return withStructure(structure.resized(by)).withEffects(effects.stream().map(e -> e.resized(by)).toList());
    }

    /** @return whether it adds light to what lies below it */
    public boolean addsLight() {
        return effects.stream().anyMatch(Effect::addsLight);
    }

    /** @return whether it is another picture at another phase */
    public boolean moves() {
        return structure.moves() || mask().filter(Mask::moves).isPresent();
    }

    /** @return why its pixels have to be embedded into files of shapes; empty when it can be written as shapes */
    public Optional<String> shapeless() {
        if (addsLight()) {
            return Optional.of("light added to all below it");
        }
        if (!effects.isEmpty()) {
            return Optional.of(String.join(" and ", effects.stream().map(Effect::kind).toList()));
        }
        if (!mode.recommended()) {
            return Optional.of("blended by %s, with all below it".formatted(mode.words()));
        }
        if (shows instanceof Shows.InMarks marks) {
            return Optional.of("shown %s the marks of another layer".formatted(marks.outside() ? "outside" : "in"));
        }
        if (fade.isPresent()) {
            return Optional.of("faded");
        }
        return structure.drawn() ? Optional.empty() : Optional.of("painted");
    }
}
