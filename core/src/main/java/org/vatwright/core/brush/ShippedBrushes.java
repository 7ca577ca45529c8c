package org.vatwright.core.brush;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.brush.Brush.Jitter;

/** The brushes that are there at first. */
public final class ShippedBrushes {

    /** A pen cut from a reed: thin where it lands and where it lifts. */
    private static final Brush REED = new Brush("Reed", Tip.ROUND, Optional.empty(), 2.5, 1, 0.55, 40, false, 0.06,
            Jitter.NONE, 1, 1, 0,
            0, 3, 0.7);
    private static final Brush TAR = new Brush("Tar", Tip.ROUND, Optional.empty(), 8, 0.97, 1, 0, false, 0.05,
            Jitter.NONE, 1, 1, 0, 0,
            0.4,
            0.3);
    /** A wash: paler where it is thin, darker where it dries at its edge. */
    private static final Brush MOP = new Brush("Mop", Tip.ROUND, Optional.empty(), 22, 0.8, 0.85, 0, true, 0.04,
            new Jitter(0.05, 0.1, 0.006, 0), 0.6, 1, 0.8, 0, 0.5, 0.3);
    private static final Brush SCRUB = new Brush("Scrub", Tip.DRY, Optional.empty(), 14, 0.55, 0.8, 0, true, 0.05,
            Jitter.NONE, 0.95, 1,
            0,
            0.5, 0.6, 0.4);
    private static final Brush RUSH = new Brush("Rush", Tip.BRISTLE, Optional.empty(), 16, 0.8, 0.35, 90, true, 0.03,
            Jitter.NONE, 0.95,
            1,
            0, 0.36, 0.3, 0.3);
    /** A leaf with every touch. */
    private static final Brush FROND = new Brush("Frond", Tip.SEED, Optional.empty(), 13, 0.96, 0.3, 38, true, 0.55,
            new Jitter(0.25, 0.12, 0.05, 0.4), 1, 1, 0, 0, 4, 0.5);
    private static final Brush SPINDRIFT = new Brush("Spindrift", Tip.SPRAY, Optional.empty(), 24, 0.9, 1, 0, false,
            0.12,
            new Jitter(0.5, 0, 0.06, 0), 0.9, 1, 0, 0, 0, 0.4);
    private static final Brush SHINGLE = new Brush("Shingle", Tip.ROUND, Optional.empty(), 6, 0.97, 0.72, 0, false,
            0.95,
            new Jitter(0.65, 1, 0.7, 0.6), 1, 1, 0, 0, 0, 0);

    /** In the order in which they are shown. */
    public static final List<Brush> ALL = List.of(REED, TAR, MOP, SCRUB, RUSH, FROND, SPINDRIFT, SHINGLE);

    private ShippedBrushes() {}
}
