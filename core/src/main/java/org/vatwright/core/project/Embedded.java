package org.vatwright.core.project;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Layer;

/** What of a design is no shape, so that a file of shapes holds its pixels. */
public final class Embedded {

    private Embedded() {}

    /** @param density at which it is embedded, at the most @return a sentence each */
    public static List<String> of(Design design, Density density) {
        List<String> told = new ArrayList<>();
        tell(design, density.dpi(), told);
        return told;
    }

    private static void tell(Design design, double dpi, List<String> told) {
        for (Layer layer : design.layers()) {
            if (layer.visible()) {
                design.shapeless(layer)
                        .ifPresent(why -> told.add("%s in %s is no shape (%s); its pixels are embedded at %s dpi"
                                .formatted(layer.name(), design.name(), why, Numbers.plain(dpi, 1))));
            }
        }
        for (Fill fill : design.usedFills()) {
            switch (fill.source()) {
                case Fill.OfDesign of -> tell(of.design(), dpi * fill.wide(), told);
                case Fill.OfPicture of -> told.add("%s in %s is a picture; it is embedded at %s dpi"
                        .formatted(fill.name(), design.name(),
                                Numbers.plain(Math.min(dpi, of.picture().dpi() / fill.wide()), 1)));
                // Told of the layers that show one which is no shape.
                case Fill.OfGradient _ -> {
                }
            }
        }
    }
}
