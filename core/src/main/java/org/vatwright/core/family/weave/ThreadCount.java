package org.vatwright.core.family.weave;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

import org.vatwright.core.loom.Fabric;
import org.vatwright.core.pattern.Ink;

/**
 * How much of one ink's yarn a cloth takes.
 *
 * @param ends,picks in one repeat of colours and weave
 * @param endsInWidth ends across the whole width
 * @param picksInMetre picks in a metre of cloth
 * @param yarnM metres of yarn in a metre of cloth of that width, warp and weft, before take-up and waste
 */
public record ThreadCount(Ink ink, int ends, int picks, double endsInWidth, double picksInMetre, double yarnM) {

    /** @param widthMm of the cloth @return an entry an ink, warp inks first */
    public static List<ThreadCount> of(Fabric fabric, double widthMm) {
        List<Ink> warp = Fabric.threads(fabric.warp());
        List<Ink> weft = Fabric.threads(fabric.weft());
        Set<Ink> inks = new LinkedHashSet<>(warp);
        inks.addAll(weft);
        double ends = fabric.endsPerCm() * widthMm / 10;
        double picks = fabric.picksPerCm() * 100;
        List<ThreadCount> counts = new ArrayList<>();
        for (Ink ink : inks) {
            double warpShare = share(warp, ink);
            double weftShare = share(weft, ink);
            counts.add(new ThreadCount(ink, (int) Math.rint(warpShare * fabric.endsInPeriod()),
                    (int) Math.rint(weftShare * fabric.picksInPeriod()), warpShare * ends, weftShare * picks,
                    warpShare * ends + weftShare * picks * widthMm / 1000));
        }
        return counts;
    }

    private static double share(List<Ink> threads, Ink ink) {
        return (double) threads.stream().filter(ink::equals).count() / threads.size();
    }
}
