package org.vatwright.core.family.plaid;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Letters;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;

/**
 * A design that is one plaid, from a sett as text; its cell is the plaid's own period.
 *
 * @param unknown letters that nothing said a colour for; each took a distinct one
 */
public record PlaidDesign(Design design, List<String> unknown) {

    /**
     * @param weft empty when it is the same as the warp
     * @param inks colours of letters, before the usual ones
     */
    public static PlaidDesign of(String name, SettText warp, Optional<SettText> weft, Weave weave, Look look,
            double threadsPerCm, Map<String, Rgb> inks) {
        Set<String> letters = new LinkedHashSet<>(warp.letters());
        weft.ifPresent(w -> letters.addAll(w.letters()));
        List<String> unknown = new ArrayList<>();
        Map<String, Ink> slots = new LinkedHashMap<>();
        List<Rgb> colours = new ArrayList<>();
        for (String letter : letters) {
            Optional<Letters.Usual> usual = Letters.usual(letter);
            if (!inks.containsKey(letter) && usual.isEmpty()) {
                unknown.add(letter);
            }
            slots.put(letter, Ink.slot(usual.map(Letters.Usual::slot).orElse(letter)));
            colours.add(inks.containsKey(letter)
                    ? inks.get(letter)
                    : usual.map(Letters.Usual::colour).orElseGet(() -> Letters.distinct(unknown.size() - 1)));
        }
        Palette palette = new Palette(slots.values().stream().map(Ink::words).toList(),
                List.of(new Colourway("First colours", colours)));
        Fabric fabric = new Fabric(warp.run(slots::get), weft.map(w -> w.run(slots::get)), weave, look, threadsPerCm,
                threadsPerCm);
        Plaid plaid = new Plaid(fabric, slots, 0);
        Repeat repeat = new Repeat(fabric.periodWidthMm(), fabric.periodHeightMm(), Arrangement.STRAIGHT);
        return new PlaidDesign(new Design(name, repeat, Ink.CLEAR, List.of(new Layer(1, name, plaid)), palette,
                Guides.NONE), List.copyOf(unknown));
    }

    public Plaid plaid() {
        return (Plaid) design.layers().getFirst().structure();
    }
}
