package org.vatwright.core.family.interlace;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.laid.Grip;

/** What can be pulled on interlaced lines: size, thickness, spacing. */
final class InterlaceGrips {

    private InterlaceGrips() {}

    static List<Grip> of(Interlace i) {
        List<Grip> grips = new ArrayList<>();
        double s = i.spacingMm();
        double d = i.downMm();
        double half = i.sizeMm() / 2;
        double thick = i.thicknessMm();
        if (i.mesh() instanceof Mesh.Strips) {
            double most = Math.min(s, d) - 2 * i.gapMm();
            grips.add(new Grip("thickness", s / 2 + thick / 2, d, (x, y) -> i.withThicknessMm(
                    Grip.kept(2 * (x - s / 2), 0.1, most))).measuring(thick, i::withThicknessMm));
            double least = thick + 2 * i.gapMm();
            grips.add(new Grip("spacing", 1.5 * s, d, (x, y) -> i.withSpacing(Grip.kept(x / 1.5, least, 5000), d))
                    .measuring(s, mm -> i.withSpacing(mm, d)));
            grips.add(new Grip("spacing down", s, 1.5 * d,
                    (x, y) -> i.withSpacing(s, Grip.kept(y / 1.5, least, 5000)))
                    .measuring(d, mm -> i.withSpacing(s, mm)));
            return grips;
        }
        double middle = i.mesh() instanceof Mesh.Braid ? d : d / 2;
        grips.add(new Grip("size", s / 2 + half, middle,
                (x, y) -> i.withSizeMm(Grip.kept(2 * (x - s / 2), Math.max(0.5, 2.3 * thick), 5000)))
                .measuring(i.sizeMm(), i::withSizeMm));
        if (i.mesh() instanceof Mesh.Rings) {
            grips.add(new Grip("thickness", s / 2 - half + thick, middle, (x, y) -> i.withThicknessMm(
                    Grip.kept(x - (s / 2 - half), 0.1, i.sizeMm() / 2.3))).measuring(thick, i::withThicknessMm));
        }
        grips.add(new Grip("spacing", 1.5 * s, middle, (x, y) -> i.withSpacing(Grip.kept(x / 1.5, 0.5, 5000), d))
                .measuring(s, mm -> i.withSpacing(mm, d)));
        grips.add(i.mesh() instanceof Mesh.Braid
                ? new Grip("period", s / 2, d, (x, y) -> i.withSpacing(s, Grip.kept(y, 0.5, 5000)))
                        .measuring(d, mm -> i.withSpacing(s, mm))
                : new Grip("spacing down", s / 2, 1.5 * d,
                        (x, y) -> i.withSpacing(s, Grip.kept(y / 1.5, 0.5, 5000)))
                        .measuring(d, mm -> i.withSpacing(s, mm)));
        return grips;
    }
}
