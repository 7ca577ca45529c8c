package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Provenance;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.repeat.Repeat;

/**
 * One seamless pattern.
 *
 * @param id for as long as it lives; names may repeat
 * @param ground what lies under every layer
 * @param layers from the ground up
 * @param fills other designs and pictures that serve as inks, each name once and none that a slot has
 * @param provenance where it comes from
 * @param upright whether it has a right way up
 */
@RecordBuilder
public record Design(Id id, String name, Repeat repeat, Ink ground, List<Layer> layers, Palette palette,
        Guides guides, List<Fill> fills, Provenance provenance, boolean upright) implements DesignBuilder.With {

    public static final int MOST_FILLS = 100;

    public static final int MOST_LAYERS = 200;

    public Design {
        name = Require.named("design", name);
        Require.within("layers", layers.size(), 0, MOST_LAYERS);
        List<Layer> fitted = new ArrayList<>();
        Set<Integer> ids = new LinkedHashSet<>();
        for (Layer layer : layers) {
            fitted.add(layer.withStructure(layer.structure().fitted(repeat)));
            Require.that(ids.add(layer.id()),
                    "two layers have the number %d; each needs its own".formatted(layer.id()));
        }
        fills = List.copyOf(fills);
        layers = List.copyOf(fitted);
        Require.within("fills", fills.size(), 0, MOST_FILLS);
        Set<String> known = new LinkedHashSet<>();
        for (Fill fill : fills) {
            Require.that(known.add(fill.name()) && palette.slot(fill.name()) < 0,
                    "there is an ink %s already; a fill needs a name of its own".formatted(fill.name()));
        }
        for (Layer layer : layers) {
            layer.inks().stream().distinct().forEach(ink -> checkInk(ink, palette, known));
        }
        checkInk(ground, palette, known);
        for (Fill fill : fills) {
            fill.inks().forEach(ink -> checkInk(ink, palette, known));
        }
    }

    /** A new one without fills. */
    public Design(String name, Repeat repeat, Ink ground, List<Layer> layers, Palette palette, Guides guides) {
        this(Id.fresh(), name, repeat, ground, layers, palette, guides, List.of(), Provenance.NONE);
    }

    /** As right on its head as on its feet. */
    public Design(Id id, String name, Repeat repeat, Ink ground, List<Layer> layers, Palette palette, Guides guides,
            List<Fill> fills, Provenance provenance) {
        this(id, name, repeat, ground, layers, palette, guides, fills, provenance, false);
    }

    private static void checkInk(Ink ink, Palette palette, Set<String> fills) {
        if (ink instanceof Ink.Filled(String fill)) {
            Require.that(fills.contains(fill), "there is no fill %s in the design; it has %s".formatted(fill,
                    fills.isEmpty() ? "none" : String.join(", ", fills)));
        }
        if (ink instanceof Ink.Slot(String slot)) {
            Require.that(palette.slot(slot) >= 0, "there is no slot %s in the palette; it has %s".formatted(slot,
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
        layers.forEach(l -> used.addAll(l.inks()));
        usedFills().forEach(f -> used.addAll(f.inks()));
        return palette.slots().stream().filter(s -> used.contains(Ink.slot(s))).toList();
    }

    public Design replace(int layer, UnaryOperator<Layer> change) {
        return withLayers(layers.stream().map(l -> l.id() == layer ? change.apply(l) : l).toList());
    }

    /** @return why a layer's pixels have to be embedded into files of shapes; empty when it can be written as shapes */
    public Optional<String> shapeless(Layer layer) {
        return layer.shapeless().or(() -> fills.stream()
                .filter(f -> layer.inks().contains(f.ink())
                        && f.gradient().filter(g -> !g.shaped(layer.structure().runsOn())).isPresent())
                .findFirst().map(f -> "the gradient " + f.name()));
    }

    public Design renameSlot(String from, String to) {
        UnaryOperator<Ink> rename = ink -> ink.equals(Ink.slot(from)) ? Ink.slot(to) : ink;
        return with().ground(rename.apply(ground))
                .layers(layers.stream().map(l -> l.withInks(rename)).toList())
                .fills(fills.stream().map(f -> f.withInks(rename)).toList())
                .palette(palette.renameSlot(from, Require.named("slot", to))).build();
    }

    /** @return one layer alone, whole and laid normally on clear ground; what it is confined to stays, unseen */
    public Design alone(int at) {
        List<Layer> all = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            Layer one = layers.get(i).withVisible(i == at);
            all.add(i == at ? one.withOpacity(1).withMode(BlendMode.NORMAL) : one);
        }
        return withLayers(all).withGround(Ink.CLEAR);
    }

    // ---- fills

    public Optional<Fill> fill(String fill) {
        return fills.stream().filter(f -> f.name().equals(fill)).findFirst();
    }

    /** @return with one fill more, under a name that is free */
    public Design addFill(Fill fill) {
        List<String> taken = new ArrayList<>(palette.slots());
        fills.forEach(f -> taken.add(f.name()));
        List<Fill> more = new ArrayList<>(fills);
        more.add(fill.withName(taken.contains(fill.name()) ? Palette.freeName(fill.name(), taken) : fill.name()));
        return withFills(more);
    }

    /** Changes a fill; when its name changes, its inks follow. */
    public Design editFill(String fill, UnaryOperator<Fill> change) {
        List<Fill> changed = fills.stream().map(f -> f.name().equals(fill) ? change.apply(f) : f).toList();
        int at = fills.indexOf(fill(fill).orElseThrow());
        Ink now = changed.get(at).ink();
        return inked(ink -> ink.equals(new Ink.Filled(fill)) ? now : ink, changed);
    }

    /** @return without a fill; where it was used there is that ink instead */
    public Design removeFill(String fill, Ink instead) {
        return inked(ink -> ink.equals(new Ink.Filled(fill)) ? instead : ink,
                fills.stream().filter(f -> !f.name().equals(fill)).toList());
    }

    private Design inked(UnaryOperator<Ink> change, List<Fill> newFills) {
        return with().ground(change.apply(ground))
                .layers(layers.stream().map(l -> l.withInks(change)).toList())
                .fills(newFills).build();
    }

    /** @return the fills that marks or the ground use */
    public List<Fill> usedFills() {
        Set<Ink> used = new LinkedHashSet<>(List.of(ground));
        layers.forEach(l -> used.addAll(l.inks()));
        return fills.stream().filter(f -> used.contains(f.ink())).toList();
    }

    /** @return with these designs in place of those of the same ids in its fills; itself when there is nothing new */
    public Design relinked(Map<Id, Design> designs) {
        List<Fill> now = fills.stream().map(f -> f.relinked(designs)).toList();
        for (int i = 0; i < now.size(); i++) {
            if (now.get(i) != fills.get(i)) {
                return withFills(now);
            }
        }
        return this;
    }
}
