package org.vatwright.desktop.studio;

import java.util.Set;
import java.util.TreeSet;

import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.motif.Motif;

/**
 * The motif that is being drawn, and the parts of it that are chosen. Not part of the document.
 *
 * @param motif its id; another layer's hand falls on its first
 * @param part the part whose numbers are shown
 * @param parts all that are chosen, {@code part} among them
 * @param repeat the repeat of a trim that is chosen, by its number; below 0 for none
 */
public record MotifHand(int motif, int part, Set<Integer> parts, int repeat) {

    public static final MotifHand FIRST = new MotifHand(-1, 0, Set.of(0), -1);

    public MotifHand {
        parts = Set.copyOf(parts);
    }

    public static MotifHand on(int motif) {
        return new MotifHand(motif, 0, Set.of(0), -1);
    }

    public MotifHand withPart(int other) {
        return new MotifHand(motif, other, Set.of(other), repeat);
    }

    /** @return with these chosen; none leaves the hand empty, the numbers stay */
    public MotifHand withParts(Set<Integer> others) {
        int main = others.isEmpty() || others.contains(part) ? part : new TreeSet<>(others).last();
        return new MotifHand(motif, main, others, repeat);
    }

    public MotifHand withRepeat(int number) {
        return new MotifHand(motif, part, parts, number);
    }

    public Motif in(Motifs motifs) {
        return motifs.motif(motif).orElse(motifs.motifs().getFirst());
    }

    /** @return the part whose numbers are shown, as far as the motif has so many */
    public int part(Motif m) {
        return Math.max(0, Math.min(m.parts().size() - 1, part));
    }

    /** @return those chosen that the motif has */
    public Set<Integer> parts(Motif m) {
        Set<Integer> had = new TreeSet<>(parts);
        had.removeIf(i -> i >= m.parts().size());
        return had;
    }
}
