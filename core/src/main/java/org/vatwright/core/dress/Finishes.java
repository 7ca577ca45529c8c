package org.vatwright.core.dress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;

/** Effects on pieces and articles: the same as those of layers. Their inks belong to no palette and are called by their colours. */
public final class Finishes {

    private Finishes() {}

    /** @return the ink of a colour */
    public static Ink ink(Rgb colour) {
        return Ink.slot(colour.hex());
    }

    /** @return the colour of such an ink; none when it is clear */
    public static Optional<Rgb> colour(Ink ink) {
        return ink instanceof Ink.Slot(String name) ? Optional.of(Rgb.parse(name)) : Optional.empty();
    }

    /** @return in the order in which they are done. @throws org.vatwright.core.measure.Refusal for two of a kind */
    static List<Effect> ordered(List<Effect> effects) {
        effects.forEach(e -> e.inks().forEach(Finishes::colour));
        Require.that(effects.stream().map(Effect::kind).distinct().count() == effects.size(),
                "an effect is named twice; each kind can be put on once");
        return effects.stream().sorted(Comparator.comparingInt(Effect::order)).toList();
    }

    /** @return with that effect in place of the one of its kind. @param on or with none of that kind */
    public static List<Effect> with(List<Effect> effects, Effect effect, boolean on) {
        List<Effect> all = new ArrayList<>(effects);
        all.removeIf(e -> e.kind().equals(effect.kind()));
        if (on) {
            all.add(effect);
        }
        return ordered(all);
    }

    static double reachMm(List<Effect> effects) {
        return effects.stream().mapToDouble(Effect::reachMm).sum();
    }

    static InkColours inks(List<Effect> effects) {
        List<Rgb> colours = effects.stream().flatMap(e -> e.inks().stream()).flatMap(i -> colour(i).stream()).distinct()
                .toList();
        List<Rgb> some = colours.isEmpty() ? List.of(Rgb.parse("#000000")) : colours;
        return new InkColours(new Palette(some.stream().map(Rgb::hex).toList(), List.of(new Colourway("worn", some))),
                new Colourway("worn", some));
    }
}
