package org.vatwright.core.family.flow;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.laid.Grip;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.shape.Drawing;

/**
 * Smooth lines that come again after one period: their two ends are one point with one direction.
 *
 * @param periodMm after which a line comes again, along its way; 1 to 5,000
 * @param pitchMm from one set of copies down to the next, 0.5 to 5,000
 * @param knots in the order of the line, at least one; the first stands at the line's two ends
 * @param travel lists of beads that pass in one loop of the motion, either way
 * @param phase of the motion, 0 to below 1
 */
@RecordBuilder
public record FlowLines(double periodMm, double pitchMm, List<Knot> knots, Copies copies, Ribbon stroke,
        List<BeadRow> beads, List<Blob> blobs, Sway sway, int travel, double phase,
        double angleDeg) implements FlowLinesBuilder.With, LaidStructure {

    public static final String FAMILY = "flow";
    public static final int MOST_KNOTS = 60;

    /**
     * Lines like the first, each a step on.
     *
     * @param count with the first, 1 to 200
     * @param dxMm,dyMm the step from one to the next
     * @param thickerMm how much thicker each is than the one before
     */
    public record Copies(int count, double dxMm, double dyMm, double thickerMm) {
        public Copies {
            Require.within("copies", count, 1, 200);
            Require.within("step of copies", dxMm, -5000, 5000, "mm");
            Require.within("step of copies", dyMm, -5000, 5000, "mm");
            Require.within("step of thickness", thickerMm, -100, 100, "mm");
        }
    }

    public FlowLines {
        Require.within("period", periodMm, 1, 5000, "mm");
        Require.within("pitch", pitchMm, 0.5, 5000, "mm");
        knots = List.copyOf(knots);
        Require.within("points of the line", knots.size(), 1, MOST_KNOTS);
        beads = List.copyOf(beads);
        Require.within("rows of beads", beads.size(), 0, 12);
        blobs = List.copyOf(blobs);
        Require.within("blobs", blobs.size(), 0, 200);
        Require.within("travel", travel, -100, 100);
        Require.within("phase", phase, -1e6, 1e6, "");
        phase = phase - Math.floor(phase);
        angleDeg = Angle.turn(angleDeg);
    }

    @Override
    public boolean runsOn() {
        return true;
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        List<Ink> inks = new ArrayList<>(stroke.inks());
        stroke.along().forEach(s -> inks.add(s.ink()));
        beads.forEach(b -> inks.add(b.ink()));
        blobs.forEach(b -> inks.add(b.ink()));
        return inks;
    }

    @Override
    public FlowLines withInks(UnaryOperator<Ink> change) {
        return new FlowLines(periodMm, pitchMm, knots, copies, stroke.inked(change),
                beads.stream().map(b -> b.withInk(change.apply(b.ink()))).toList(),
                blobs.stream().map(b -> b.withInk(change.apply(b.ink()))).toList(), sway, travel, phase, angleDeg);
    }

    public FlowLines withPeriod(double mm) {
        double by = mm / periodMm;
        return stretched(by, 1).orElseThrow();
    }

    public FlowLines with(int index, Knot knot) {
        List<Knot> changed = new ArrayList<>(knots);
        changed.set(index, knot);
        return withKnots(changed);
    }

    @Override
    public FlowLines withAngle(double degrees) {
        return with().angleDeg(degrees).build();
    }

    @Override
    public boolean moves() {
        return sway.amountMm() > 0 || travel != 0 && !beads.isEmpty();
    }

    /** Points and steps go with their sides; thickness, beads and blobs keep their shape. */
    @Override
    public Optional<FlowLines> stretched(double across, double down) {
        return Optional.of(new FlowLines(periodMm * across, pitchMm * down,
                knots.stream().map(k -> k.stretched(across, down)).toList(),
                new Copies(copies.count(), copies.dxMm() * across, copies.dyMm() * down, copies.thickerMm() * down),
                stroke.withThicknessMm(stroke.thicknessMm() * down),
                beads.stream().map(b -> b.scaled(down)).toList(),
                blobs.stream().map(b -> b.stretched(across, down)).toList(), sway.withAmountMm(sway.amountMm() * down),
                travel, phase, angleDeg));
    }

    @Override
    public FlowLines scaled(double factor) {
        return stretched(factor, factor).orElseThrow();
    }

    /** @return with one more point in the middle of the way after that one, the line as it was */
    public FlowLines splitAfter(int index) {
        Centreline.Split split = Centreline.split(this, index);
        List<Knot> more = new ArrayList<>(knots);
        more.set(index, split.before());
        more.set((index + 1) % knots.size(), knots.size() == 1 ? split.before() : split.after());
        more.add(index + 1, split.middle());
        return withKnots(more);
    }

    @Override
    public Lattice lattice() {
        return new Lattice(periodMm, 0, 0, pitchMm);
    }

    @Override
    public FlowLines fitted(Repeat repeat) {
        long count = (long) fit(repeat).count() * copies.count();
        Require.that(count <= 5_000, "the tile would hold %,d lines; 5,000 is the most: make pitch or period larger"
                .formatted(count));
        return this;
    }

    /** @return the middle of the first line */
    public Centreline centreline() {
        return Centreline.of(this, 0);
    }

    @Override
    public List<Grip> grips() {
        return FlowGrips.of(this);
    }

    @Override
    public Drawing drawing(Repeat repeat, Phase moment, Work work) {
        return FlowDrawing.of(withPhase(moment.orOwn(phase)), repeat);
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        List<Finding> findings = new ArrayList<>(closing(repeat, "Flow lines"));
        Centreline line = centreline();
        findings.add(Finding.fine("Length of the line", Numbers.plain(line.lengthMm(), 2) + " mm"));
        double bend = line.tightestMm();
        double half = stroke.thicknessMm() / 2;
        if (bend < half) {
            findings.add(new Finding(Finding.Severity.LOOK, "Line bends tighter than it is thick",
                    Numbers.plain(bend, 2) + " mm", "from %s mm".formatted(Numbers.plain(half, 2)),
                    "Its inner edge folds there; longer handles or a thinner line mend it."));
        }
        for (int i = 0; i < beads.size(); i++) {
            BeadRow row = beads.get(i);
            double sum = row.steps(line.lengthMm()).stream().mapToDouble(s -> s.lengthMm() + s.gapMm()).sum();
            findings.add(Finding.fine("Beads of row " + (i + 1), "%d times %s mm".formatted(
                    row.times(line.lengthMm()), Numbers.plain(sum, 3))));
        }
        return findings;
    }
}
