package org.vatwright.core.render;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.coat.Stack;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.Shows;

import com.github.benmanes.caffeine.cache.Interner;

/**
 * All that a picture depends on, as a value: what has no part in it (names, guides, colours that nothing wears, the phase of
 * what does not move) is left out. Its hash is worked out once, and equal ones are the same object, so that designs nested
 * many times over cost no more than their number.
 */
final class ClothLook {

    private static final Interner<ClothLook> KNOWN = Interner.newWeakInterner();

    private final List<?> parts;
    private final int hash;

    private ClothLook(List<?> parts) {
        this.parts = parts;
        hash = parts.hashCode();
    }

    private static ClothLook known(List<?> parts) {
        return KNOWN.intern(new ClothLook(parts));
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof ClothLook look && hash == look.hash && parts.equals(look.parts);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    static ClothLook of(Cloth cloth) {
        return new Looks(cloth.phase()).design(cloth.design(), cloth.colourway());
    }

    /** @return what the coat of a layer depends on, before opacity and blend */
    static ClothLook ofCoat(Cloth cloth, Layer layer) {
        return new Looks(cloth.phase()).coat(cloth.design(), cloth.colourway(), layer);
    }

    /** The looks of one asking; each nested design is looked at once. */
    private static final class Looks {
        private final Phase phase;
        private final Map<Design, Map<Colourway, ClothLook>> seen = new IdentityHashMap<>();

        Looks(Phase phase) {
            this.phase = phase;
        }

        ClothLook design(Design design, Colourway colourway) {
            Map<Colourway, ClothLook> worn = seen.computeIfAbsent(design, d -> new IdentityHashMap<>());
            ClothLook known = worn.get(colourway);
            if (known == null) {
                known = made(design, colourway);
                worn.put(colourway, known);
            }
            return known;
        }

        private ClothLook made(Design design, Colourway colourway) {
            List<Object> parts = new ArrayList<>();
            parts.add(design.repeat());
            parts.add(ink(design, colourway, design.ground()));
            boolean[] needed = Stack.needed(design.layers());
            for (int i = 0; i < needed.length; i++) {
                if (needed[i]) {
                    Layer layer = design.layers().get(i);
                    parts.add(List.of(coat(design, colourway, layer), layer.visible(), layer.opacity(), layer.mode(),
                            Shows.confinedTo(design.layers(), i),
                            layer.shows() instanceof Shows.InMarks marks && marks.outside()));
                }
            }
            return known(parts);
        }

        ClothLook coat(Design design, Colourway colourway, Layer layer) {
            List<Object> parts = new ArrayList<>();
            parts.add(design.repeat());
            parts.add(layer.structure());
            parts.add(layer.effects());
            parts.add(layer.mask());
            parts.add(layer.fade());
            if (layer.moves()) {
                parts.add(phase);
            }
            layer.inks().stream().distinct().forEach(i -> parts.add(ink(design, colourway, i)));
            return known(parts);
        }

        /** Colours in place of inks. */
        private ClothLook gradient(Fill.OfGradient gradient, Design design, Colourway colourway) {
            List<Object> parts = new ArrayList<>(List.of(gradient.course(), gradient.across()));
            gradient.stops().forEach(
                    s -> parts.add(List.of(s.place(), s.opacity(), ink(design, colourway, s.ink()))));
            return known(parts);
        }

        private Object ink(Design design, Colourway colourway, Ink ink) {
            return switch (ink) {
                case Ink.Clear _ -> ink;
                case Ink.Slot(String name) -> colourway.colours().get(design.palette().slot(name));
                case Ink.Filled(String name) -> fill(design.fill(name).orElseThrow(), design, colourway);
            };
        }

        private ClothLook fill(Fill fill, Design design, Colourway outer) {
            if (fill.source() instanceof Fill.OfGradient gradient) {
                return gradient(gradient, design, outer);
            }
            Object source = switch (fill.source()) {
                case Fill.OfDesign of -> design(of.design(), FillTiles.colourway(of, outer));
                case Fill.OfPicture of -> List.of(of.picture(), of.cut(), of.making(), of.reduced().stream()
                        .map(r -> List.of(r.found(), ink(design, outer, r.ink()))).toList());
                case Fill.OfGradient gradient -> gradient;
            };
            return known(List.of(source, fill.wide(), fill.high(), fill.turnDeg(), fill.startX(), fill.startY(),
                    fill.anew(), fill.follows()));
        }
    }
}
