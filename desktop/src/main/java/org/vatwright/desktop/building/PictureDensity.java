package org.vatwright.desktop.building;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.project.Project;

/** What a picture really has at the size it is used, and how large it may be for what is wanted. */
final class PictureDensity {

    private static final int FEW = 3;

    private PictureDensity() {}

    /** @param wanted of the output */
    static String told(Fill fill, Density wanted) {
        Fill.OfPicture of = fill.picture().orElseThrow();
        double dpi = of.picture().dpi() / Math.max(fill.wide(), fill.high());
        double larger = dpi / wanted.dpi();
        return "%,d x %,d px, its tile %s x %s mm here: %s dpi. %s".formatted(of.picture().raster().width(),
                of.picture().raster().height(), Numbers.plain(fill.wide() * of.widthMm(), 1),
                Numbers.plain(fill.high() * of.heightMm(), 1), Numbers.plain(dpi, 1),
                larger >= 1
                        ? "Enough for %s dpi up to %s mm wide.".formatted(Numbers.plain(wanted.dpi()),
                                Numbers.plain(fill.wide() * of.widthMm() * larger, 0))
                        : "For %s dpi it may be %s mm wide at most.".formatted(Numbers.plain(wanted.dpi()),
                                Numbers.plain(fill.wide() * of.widthMm() * larger, 0)));
    }

    /** @return what it has on each article that wears the design, the coarsest first; empty when none does */
    static String worn(Project project, Design design, Fill fill) {
        double dpi = fill.picture().orElseThrow().picture().dpi() / Math.max(fill.wide(), fill.high());
        Map<String, Double> largest = new LinkedHashMap<>();
        project.articles().forEach(a -> a.withEachLay(lay -> {
            if (lay.design().equals(design.id())) {
                largest.merge(a.name(), lay.scale(), Math::max);
            }
            return lay;
        }));
        List<Map.Entry<String, Double>> all = largest.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed()).toList();
        String told = all.stream().limit(FEW)
                .map(e -> "on %s %s dpi".formatted(e.getKey(), Numbers.plain(dpi / e.getValue(), 1)))
                .collect(Collectors.joining(", "));
        return told.isEmpty()
                ? ""
                : " It has " + told + (all.size() > FEW ? " and more on %d others.".formatted(all.size() - FEW) : ".");
    }
}
