package org.vatwright.core.woven;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.vatwright.core.loom.Fabric;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.Repeat;

/** The smallest cell in which all upright cloths of a design, and all weaves that show layers, begin anew together. */
public final class FabricTogether {

    private static final int MOST_PERIODS = 4000;
    private static final double WHOLE = 1e-7;

    private FabricTogether() {}

    /** @return the design's repeat with that cell; nothing when it has it already, or when no cell of 20 m is enough */
    public static Optional<Repeat> repeat(Design design) {
        List<Fabric> cloths = new ArrayList<>();
        for (Layer layer : design.layers()) {
            if (layer.structure() instanceof FabricStructure c && c.angleDeg() == 0) {
                cloths.add(c.fabric());
            }
            layer.mask().filter(ThreadMask.class::isInstance).map(ThreadMask.class::cast)
                    .ifPresent(m -> cloths.add(m.fabric()));
        }
        Repeat now = design.repeat();
        double width = together(cloths.stream().map(Fabric::periodWidthMm).toList());
        double height = together(cloths.stream().map(Fabric::periodHeightMm).toList());
        if (width <= 0 || height <= 0 || width > Repeat.MOST_MM || height > Repeat.MOST_MM
                || whole(now.widthMm() / width) && whole(now.heightMm() / height)) {
            return Optional.empty();
        }
        // Of the cells that will do, the one nearest to what there is.
        return Optional.of(now.withSize(nearest(width, now.widthMm()), nearest(height, now.heightMm())));
    }

    private static double nearest(double unit, double wanted) {
        return unit * Math.max(1, Math.min(Math.floor(Repeat.MOST_MM / unit), Math.rint(wanted / unit)));
    }

    /** @return the least common multiple of lengths, 0 when there is none within reach */
    private static double together(List<Double> periods) {
        double longest = periods.stream().mapToDouble(p -> p).max().orElse(0);
        for (int n = 1; n <= MOST_PERIODS && longest > 0; n++) {
            double length = n * longest;
            if (periods.stream().allMatch(p -> whole(length / p))) {
                return length;
            }
        }
        return 0;
    }

    private static boolean whole(double ratio) {
        return ratio > 0.5 && Math.abs(ratio - Math.rint(ratio)) < WHOLE * ratio;
    }
}
