package org.vatwright.core.family.block;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * What was changed on a single block by hand.
 *
 * @param tone lighter or darker, in OKLab lightness, -0.6 to 0.6
 * @param ink instead of the one it was given
 * @param rolls how often its kind was thrown anew
 */
@RecordBuilder
public record Touch(double tone, Optional<Ink> ink, int rolls) implements TouchBuilder.With {

    public static final Touch NONE = new Touch(0, Optional.empty(), 0);

    public Touch {
        Require.within("tone", tone * 100, -60, 60, "%");
        Require.within("rolls", rolls, 0, 1_000_000);
    }

    /** A block of the tile: steps along the lattice of the bond, and which block of its unit. */
    public record Spot(int column, int row, int index) {}

    public Touch withTone(double other) {
        return new Touch(Math.max(-0.6, Math.min(0.6, other)), ink, rolls);
    }

    public Touch rolled() {
        return new Touch(tone, ink, rolls + 1);
    }
}
