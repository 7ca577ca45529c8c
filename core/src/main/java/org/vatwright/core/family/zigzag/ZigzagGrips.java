package org.vatwright.core.family.zigzag;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.laid.Grip;

/** What can be pulled on a zigzag: its tip, its period, the next line, each line's thickness. */
final class ZigzagGrips {

    private ZigzagGrips() {}

    static List<Grip> of(Zigzag z) {
        List<Grip> grips = new ArrayList<>();
        double p = z.periodMm();
        grips.add(new Grip("amplitude", p / 4, -z.amplitudeMm(), (x, y) -> z.withAmplitudeMm(Grip.kept(-y, 0, 5000)))
                .measuring(z.amplitudeMm(), z::withAmplitudeMm));
        grips.add(new Grip("period", p, 0, (x, y) -> z.withPeriodMm(Grip.kept(x, 0.5, 5000)))
                .measuring(p, z::withPeriodMm));
        grips.add(new Grip("spacing", 0, z.spacingMm(), (x, y) -> z.withSpacingMm(Grip.kept(y, 0.2, 5000)))
                .measuring(z.spacingMm(), z::withSpacingMm));
        for (int i = 0; i < z.lines().size(); i++) {
            int index = i;
            Zigzag.Line line = z.lines().get(i);
            double middle = i * z.spacingMm();
            grips.add(new Grip("thickness", p / 2, middle + line.thicknessMm() / 2, p / 2, middle, i, (x, y) -> z.with(
                    index, line.withThicknessMm(Grip.kept(2 * (y - middle), 0.05, 5000))))
                    .measuring(line.thicknessMm(), mm -> z.with(index, line.withThicknessMm(mm))));
        }
        return grips;
    }
}
