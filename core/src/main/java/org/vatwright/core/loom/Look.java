package org.vatwright.core.loom;

import org.vatwright.core.measure.Require;

/** How warp and weft show where they cross. */
public sealed interface Look {

    /** Thread by thread: the weave says which is on top. */
    record Woven() implements Look {}

    /** Both mixed, in linear light. @param warpShare of the warp's colour, 0 to 1 */
    record Blended(double warpShare) implements Look {
        public Blended {
            Require.within("share of the warp", warpShare * 100, 0, 100, "%");
        }
    }

    /** Thread by thread, with the thickness and the roundness of yarn. */
    record Yarns(YarnLook yarn) implements Look {}

    Look WOVEN = new Woven();
    Look HALF = new Blended(0.5);
}
