package org.vatwright.core.pattern;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.measure.Check;
import org.vatwright.core.repeat.Repeat;

/**
 * One seamless pattern.
 *
 * @param ground what lies under every layer
 * @param layers from the ground up
 */
public record Design(String name, Repeat repeat, Ink ground, List<Layer> layers, Palette palette, Guides guides) {

    public static final int MOST_LAYERS = 200;

    public Design {
        name = Check.named("design", name);
        Check.within("layers", layers.size(), 0, MOST_LAYERS);
        List<Layer> fitted = new ArrayList<>();
        Set<Integer> ids = new LinkedHashSet<>();
        for (Layer layer : layers) {
            fitted.add(layer.withStructure(layer.structure().fitted(repeat)));
            Check.that(ids.add(layer.id()), "two layers have the number %d; each needs its own".formatted(layer.id()));
            layer.structure().inks().forEach(ink -> checkInk(ink, palette));
        }
        checkInk(ground, palette);
        layers = List.copyOf(fitted);
    }

    private static void checkInk(Ink ink, Palette palette) {
        if (ink instanceof Ink.Slot(String slot)) {
            Check.that(palette.slot(slot) >= 0, "there is no slot %s in the palette; it has %s".formatted(slot,
                    String.join(", ", palette.slots())));
        }
    }

    public Optional<Layer> layer(int id) {
        return layers.stream().filter(l -> l.id() == id).findFirst();
    }

    /** @return a number no layer has */
    public int freeId() {
        return layers.stream().mapToInt(Layer::id).max().orElse(0) + 1;
    }

    /** @return the slots that marks or the ground use, in the palette's order */
    public List<String> usedSlots() {
        Set<Ink> used = new LinkedHashSet<>(List.of(ground));
        layers.forEach(l -> used.addAll(l.structure().inks()));
        return palette.slots().stream().filter(s -> used.contains(Ink.slot(s))).toList();
    }

    public Design withName(String other) {
        return new Design(other, repeat, ground, layers, palette, guides);
    }

    public Design withRepeat(Repeat other) {
        return new Design(name, other, ground, layers, palette, guides);
    }

    public Design withGround(Ink other) {
        return new Design(name, repeat, other, layers, palette, guides);
    }

    public Design withLayers(List<Layer> other) {
        return new Design(name, repeat, ground, other, palette, guides);
    }

    public Design withPalette(Palette other) {
        return new Design(name, repeat, ground, layers, other, guides);
    }

    public Design withGuides(Guides other) {
        return new Design(name, repeat, ground, layers, palette, other);
    }

    public Design replace(int layer, UnaryOperator<Layer> change) {
        return withLayers(layers.stream().map(l -> l.id() == layer ? change.apply(l) : l).toList());
    }

    /** @return with everything that moves at that phase; whole numbers are the start again */
    public Design atPhase(double phase) {
        return withLayers(layers.stream()
                .map(l -> l.structure().atPhase(phase).map(l::withStructure).orElse(l)).toList());
    }

    public Design renameSlot(String from, String to) {
        UnaryOperator<Ink> rename = ink -> ink.equals(Ink.slot(from)) ? Ink.slot(to) : ink;
        return new Design(name, repeat, rename.apply(ground),
                layers.stream().map(l -> l.withStructure(l.structure().withInks(rename))).toList(),
                palette.renameSlot(from, Check.named("slot", to)), guides);
    }
}
