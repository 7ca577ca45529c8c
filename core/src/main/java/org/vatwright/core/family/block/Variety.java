package org.vatwright.core.family.block;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Require;

/**
 * How much blocks differ from each other, so that the eye does not pick out the repeat.
 *
 * @param kinds how many different blocks there are; 1 is all alike
 * @param tone the largest step lighter or darker, in OKLab lightness, 0 to 0.4
 * @param flip whether some lie turned about or mirrored, which shows where edges are worn
 * @param wornMm how deep edges are worn at most
 * @param chipped share of blocks with a corner or edge broken out, 0 to 1
 */
@RecordBuilder
public record Variety(int kinds, double tone, boolean flip, double wornMm, double chipped,
        long seed) implements VarietyBuilder.With {

    public static final Variety NONE = new Variety(1, 0, false, 0, 0, 1);

    public Variety {
        Require.within("kinds of blocks", kinds, 1, 60);
        Require.within("tone", tone * 100, 0, 40, "%");
        Require.within("worn edges", wornMm, 0, 100, "mm");
        Require.within("chipped blocks", chipped * 100, 0, 100, "%");
    }

    /** @return whether any two blocks differ */
    public boolean shows() {
        return kinds > 1 && (tone > 0 || wornMm > 0 || chipped > 0);
    }
}
