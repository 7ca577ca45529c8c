package org.vatwright.core.family.flow;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * Beads or dashes along a line: lengths and gaps in turn. The list is laid along the line a whole number of times; what is
 * left over is shared out among the gaps in proportion, so it always fits.
 *
 * @param offsetMm beside the line's middle, to the right of its way, -1,000 to 1,000
 * @param sizeMm thickness across the line
 * @param steps at least one
 * @param tied whether a change to a length is taken from its gap, and the other way round
 */
@RecordBuilder
public record BeadRow(Ink ink, double offsetMm, double sizeMm, Cap cap, List<Step> steps,
        boolean tied) implements BeadRowBuilder.With {

    public static final int MOST_STEPS = 40;

    /** A bead and the gap after it. @param lengthMm along the line, ends included */
    public record Step(double lengthMm, double gapMm) {
        public Step {
            Require.within("bead", lengthMm, 0.05, 5000, "mm");
            Require.within("gap", gapMm, 0, 5000, "mm");
        }
    }

    /** How the ends of beads and dashes look. */
    public enum Cap {
        SQUARE, ROUND, POINTED;

        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Cap parse(String words) {
            for (Cap cap : values()) {
                if (cap.words().equals(words)) {
                    return cap;
                }
            }
            throw new Refusal("\"%s\" is no end of a bead; square, round and pointed are".formatted(words));
        }
    }

    public BeadRow {
        Require.within("beside the line", offsetMm, -1000, 1000, "mm");
        Require.within("bead size", sizeMm, 0.05, 1000, "mm");
        steps = List.copyOf(steps);
        Require.within("beads in the list", steps.size(), 1, MOST_STEPS);
        Require.that(steps.stream().anyMatch(s -> s.gapMm() > 0),
                "one gap at least must be above 0 mm, so that the rest "
                        + "of the line can be shared out");
    }

    /** @return length of the list as typed, in mm */
    public double sumMm() {
        return steps.stream().mapToDouble(s -> s.lengthMm() + s.gapMm()).sum();
    }

    /** @return how often the list comes along a line of that length, at least once */
    public int times(double lineMm) {
        double beads = steps.stream().mapToDouble(Step::lengthMm).sum();
        int times = (int) Math.max(1, Math.rint(lineMm / sumMm()));
        // Beads keep their length, so they must leave something for the gaps.
        while (times > 1 && times * beads >= lineMm) {
            times--;
        }
        return times;
    }

    /** @return the steps as they are laid on a line of that length: times x their sum is the length */
    public List<Step> steps(double lineMm) {
        double each = lineMm / times(lineMm);
        double beads = steps.stream().mapToDouble(Step::lengthMm).sum();
        double gaps = steps.stream().mapToDouble(Step::gapMm).sum();
        if (beads >= each) {
            // A single bead longer than the line: all shrinks alike.
            double by = each / (beads + gaps);
            return steps.stream().map(s -> new Step(Math.max(0.05, s.lengthMm() * by), s.gapMm() * by)).toList();
        }
        double by = (each - beads) / gaps;
        return steps.stream().map(s -> new Step(s.lengthMm(), s.gapMm() * by)).toList();
    }

    /** @return with one length or gap changed; tied, its fellow gives or takes the difference */
    public BeadRow with(int index, boolean gap, double mm) {
        Step old = steps.get(index);
        double other = gap ? old.lengthMm() + old.gapMm() - mm : old.gapMm() + old.lengthMm() - mm;
        Step step = gap
                ? new Step(tied ? other : old.lengthMm(), mm)
                : new Step(mm, tied ? other : old.gapMm());
        List<Step> changed = new ArrayList<>(steps);
        changed.set(index, step);
        return withSteps(changed);
    }

    BeadRow scaled(double by) {
        return new BeadRow(ink, offsetMm * by, sizeMm * by, cap,
                steps.stream().map(s -> new Step(s.lengthMm() * by, s.gapMm() * by)).toList(), tied);
    }
}
