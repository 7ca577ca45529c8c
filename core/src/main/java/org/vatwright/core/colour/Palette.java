package org.vatwright.core.colour;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * A design's slots and colourways. The first colourway is the one the design was made in: it is never removed, and
 * once there is a second one it is never overwritten unless {@code firstOpen}.
 *
 * @param slots names, each once
 * @param colourways at least one, each with a colour for every slot, names each once
 * @param firstOpen whether the first colourway may be changed although there are others
 */
@RecordBuilder
public record Palette(List<String> slots, List<Colourway> colourways,
        boolean firstOpen) implements PaletteBuilder.With {

    public static final int MOST_SLOTS = 256;
    public static final int MOST_COLOURWAYS = 200;

    public Palette {
        slots = slots.stream().map(s -> Require.named("slot", s)).toList();
        colourways = List.copyOf(colourways);
        Require.within("slots", slots.size(), 1, MOST_SLOTS);
        Require.within("colourways", colourways.size(), 1, MOST_COLOURWAYS);
        once("slot", slots);
        once("colourway", colourways.stream().map(Colourway::name).toList());
        for (Colourway c : colourways) {
            Require.that(c.colours().size() == slots.size(),
                    "colourway %s has %d colours for %d slots; each slot needs one"
                            .formatted(c.name(), c.colours().size(), slots.size()));
        }
    }

    public Palette(List<String> slots, List<Colourway> colourways) {
        this(slots, colourways, false);
    }

    private static void once(String what, List<String> names) {
        Set<String> seen = new HashSet<>();
        for (String name : names) {
            Require.that(seen.add(name), "two %ss are called %s; names must differ".formatted(what, name));
        }
    }

    public Colourway first() {
        return colourways.getFirst();
    }

    public Optional<Colourway> find(String colourway) {
        return colourways.stream().filter(c -> c.name().equals(colourway)).findFirst();
    }

    /** @return that colourway, or the first when there is none of that name */
    public Colourway orFirst(String colourway) {
        return find(colourway).orElse(first());
    }

    public int slot(String name) {
        return slots.indexOf(name);
    }

    /** @return whether a colour change to that colourway goes into the colourway itself, not into a copy */
    public boolean mayChange(String colourway) {
        return firstOpen || colourways.size() == 1 || !first().name().equals(colourway);
    }

    /** What a colour change made: the palette, and the colourway that holds the change. */
    public record Change(Palette palette, String colourway) {}

    /** Sets a colour; when the colourway is the kept first one, a copy beside it takes the change. */
    public Change recolour(String colourway, int slot, Rgb colour) {
        Colourway old = orFirst(colourway);
        if (mayChange(old.name())) {
            return new Change(replace(old.name(), c -> c.with(slot, colour)), old.name());
        }
        Change copied = copy(old.name());
        return new Change(copied.palette().replace(copied.colourway(), c -> c.with(slot, colour)), copied.colourway());
    }

    public Change copy(String colourway) {
        Colourway old = orFirst(colourway);
        String name = freeName(old.name(), colourways.stream().map(Colourway::name).toList());
        List<Colourway> all = new ArrayList<>(colourways);
        all.add(all.indexOf(old) + 1, old.renamed(name));
        return new Change(new Palette(slots, all, firstOpen), name);
    }

    public Palette replace(String colourway, UnaryOperator<Colourway> change) {
        return new Palette(slots,
                colourways.stream().map(c -> c.name().equals(colourway) ? change.apply(c) : c).toList(),
                firstOpen);
    }

    public Palette remove(String colourway) {
        Require.that(!first().name().equals(colourway), "%s is the first colourway and stays".formatted(colourway));
        return new Palette(slots, colourways.stream().filter(c -> !c.name().equals(colourway)).toList(), firstOpen);
    }

    /** Adds a slot that has the same colour in every colourway, to be told apart there. */
    public Palette withSlot(String name, Rgb colour) {
        Require.that(slots.size() < MOST_SLOTS, "a palette holds %d slots at most".formatted(MOST_SLOTS));
        List<String> more = new ArrayList<>(slots);
        more.add(name);
        return new Palette(more, colourways.stream().map(c -> {
            List<Rgb> colours = new ArrayList<>(c.colours());
            colours.add(colour);
            return new Colourway(c.name(), colours);
        }).toList(), firstOpen);
    }

    /** @return without a slot that nothing uses; the same when there is none of that name */
    public Palette withoutSlot(String name) {
        int at = slot(name);
        return at < 0
                ? this
                : new Palette(slots.stream().filter(s -> !s.equals(name)).toList(), colourways.stream().map(c -> {
                    List<Rgb> colours = new ArrayList<>(c.colours());
                    colours.remove(at);
                    return new Colourway(c.name(), colours);
                }).toList(), firstOpen);
    }

    public Palette renameSlot(String from, String to) {
        return new Palette(slots.stream().map(s -> s.equals(from) ? to : s).toList(), colourways, firstOpen);
    }

    /** @return {@code wanted}, or with the first number behind it that none of {@code taken} has */
    public static String freeName(String wanted, List<String> taken) {
        String base = wanted.replaceFirst(" \\d+$", "");
        for (int n = 2; n < 10_000; n++) {
            String name = base + " " + n;
            if (!taken.contains(name)) {
                return name;
            }
        }
        throw new Refusal("there are too many called " + wanted);
    }
}
