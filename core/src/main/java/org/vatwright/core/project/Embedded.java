package org.vatwright.core.project;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Layer;

/** What of a design is no shape, so that a file of shapes holds its pixels. */
public final class Embedded {

    private Embedded() {}

    /**
     * @param density at which it is embedded, at the most
     * @return a sentence each, with the density where it is seen largest; what is nested many times over is told once
     */
    public static List<String> of(Design design, Density density) {
        List<Design> order = new ArrayList<>();
        Map<Design, Double> scales = new IdentityHashMap<>();
        order(design, order, scales);
        scales.put(design, 1.0);
        List<String> told = new ArrayList<>();
        // Each after all that show it, so that its largest scale is known by then.
        for (Design each : order.reversed()) {
            tell(each, density.dpi(), scales, told);
        }
        return told;
    }

    /** Each design after all those that it shows. */
    private static void order(Design design, List<Design> order, Map<Design, Double> seen) {
        if (seen.putIfAbsent(design, 0.0) == null) {
            for (Fill fill : design.usedFills()) {
                if (fill.source() instanceof Fill.OfDesign of) {
                    order(of.design(), order, seen);
                }
            }
            order.add(design);
        }
    }

    private static void tell(Design design, double dpi, Map<Design, Double> scales, List<String> told) {
        double scale = scales.get(design);
        for (Layer layer : design.layers()) {
            if (layer.visible()) {
                design.shapeless(layer)
                        .ifPresent(why -> told.add("%s in %s is no shape (%s); its pixels are embedded at %s dpi"
                                .formatted(layer.name(), design.name(), why, Numbers.plain(dpi / scale, 1))));
            }
        }
        for (Fill fill : design.usedFills()) {
            switch (fill.source()) {
                case Fill.OfDesign of -> scales.merge(of.design(), scale * Math.max(fill.wide(), fill.high()),
                        Math::max);
                case Fill.OfPicture of -> told.add("%s in %s is a picture; it is embedded at %s dpi"
                        .formatted(fill.name(), design.name(),
                                Numbers.plain(Math.min(dpi, of.picture().dpi() / fill.wide()) / scale, 1)));
                // Told of the layers that show one which is no shape.
                case Fill.OfGradient _ -> {
                }
            }
        }
    }
}
