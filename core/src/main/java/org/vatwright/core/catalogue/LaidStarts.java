package org.vatwright.core.catalogue;

import java.util.List;
import java.util.Set;

import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.family.flow.BeadRow;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.flow.Knot;
import org.vatwright.core.family.flow.Ribbon;
import org.vatwright.core.family.flow.Sway;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.measure.Fraction;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Structure;

/** Good-looking starts of the laid families; each closes on the tile of the design it is made for. */
final class LaidStarts {

    private LaidStarts() {}

    private static Ink ink(List<Ink> inks, int n) {
        return inks.get(n % inks.size());
    }

    private static double wide(Design design) {
        return design.repeat().tile().widthMm();
    }

    private static double high(Design design) {
        return design.repeat().tile().heightMm();
    }

    /** Running blocks three times as long as broad, four across, an even number of courses. */
    static Structure blocks(Design design, List<Ink> inks) {
        double w = wide(design) / 4;
        double h = high(design) / (2 * Math.max(1, Math.rint(high(design) / w * 3 / 2)));
        double joint = Math.max(0.05, Math.rint(Math.min(w, h) * 8) / 100);
        return new Blocks(new Bond.Running(new Fraction(1, 2)), Math.max(0.2, w - joint), Math.max(0.2, h - joint),
                joint, Ink.CLEAR, new Inking(Inking.Way.BY_TURN, List.of(ink(inks, 0))));
    }

    /** Four periods across; a broad and a narrow line in turn, three sets down. */
    static Structure zigzag(Design design, List<Ink> inks) {
        double spacing = high(design) / 6;
        return new Zigzag(Math.max(0.5, wide(design) / 4), spacing, Math.max(0.2, spacing),
                List.of(new Zigzag.Line(ink(inks, 0), Math.max(0.05, spacing * 0.5)),
                        new Zigzag.Line(ink(inks, 1), Math.max(0.05, spacing * 0.2))),
                Zigzag.Corner.SHARP, 0.5, 0);
    }

    /** Four rings across, each through its neighbours. */
    static Structure interlace(Design design, List<Ink> inks) {
        double w = Math.max(0.5, wide(design) / 4);
        double h = Math.max(0.5, high(design) / Math.max(1, Math.rint(high(design) / w)));
        double size = 1.25 * Math.min(w, h);
        return new Interlace(new Mesh.Rings(), size, w, h, size * 0.14, size * 0.03, 0.1, List.of(ink(inks, 0)), 0,
                Set.of());
    }

    /** Two swells of a line, three copies, a row of beads on each. */
    static Structure flow(Design design, List<Ink> inks) {
        double w = Math.max(1, wide(design));
        double pitch = Math.max(0.5, high(design) / 2);
        double step = pitch / 3;
        return new FlowLines(w, pitch,
                List.of(new Knot(0, step / 2, w / 6, -step, 1), new Knot(w / 2, step / 2, w / 6, step, 1)),
                new FlowLines.Copies(3, 0, step, 0), new Ribbon(step * 0.3, List.of(ink(inks, 0)), List.of()),
                List.of(new BeadRow(ink(inks, 1), 0, Math.max(0.05, step * 0.12), BeadRow.Cap.ROUND,
                        List.of(new BeadRow.Step(Math.max(0.05, step * 0.12), Math.max(0.05, step * 0.12))), false)),
                List.of(), Sway.NONE, 1, 0, 0);
    }
}
