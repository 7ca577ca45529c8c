package org.vatwright.core.family.zigzag;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.laid.Grip;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.Spine;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.Group;

/**
 * Lines that rise and fall evenly. Thickness and spacing are measured upright, so the clear gap between two lines is
 * (spacing - thickness) x cos(slope), with tan(slope) = 4 x amplitude / period.
 *
 * @param periodMm from tip to tip, 0.5 to 5,000
 * @param amplitudeMm from the middle to a tip, 0 to 5,000
 * @param spacingMm from the middle of a line to that of the next, 0.2 to 5,000
 * @param lines from the top down; then they begin anew
 * @param share how much of the way between two tips a round or cut corner takes, 0 to 1
 */
@RecordBuilder
public record Zigzag(double periodMm, double amplitudeMm, double spacingMm, List<Line> lines, Corner corner,
        double share, double angleDeg) implements ZigzagBuilder.With, LaidStructure {

    public static final String FAMILY = "zigzag";
    public static final int MOST_LINES = 40;

    /** One line. @param thicknessMm measured upright */
    @RecordBuilder
    public record Line(Ink ink, double thicknessMm) implements ZigzagLineBuilder.With {
        public Line {
            Require.within("thickness", thicknessMm, 0.05, 5000, "mm");
        }
    }

    /** How a tip looks. */
    public enum Corner {
        SHARP, ROUND, CUT;

        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Corner parse(String words) {
            for (Corner corner : values()) {
                if (corner.words().equals(words)) {
                    return corner;
                }
            }
            throw new Refusal("\"%s\" is no corner; sharp, round and cut are".formatted(words));
        }
    }

    public Zigzag {
        Require.within("period", periodMm, 0.5, 5000, "mm");
        Require.within("amplitude", amplitudeMm, 0, 5000, "mm");
        Require.within("spacing", spacingMm, 0.2, 5000, "mm");
        Require.within("corner", share * 100, 0, 100, "%");
        lines = List.copyOf(lines);
        Require.within("lines", lines.size(), 1, MOST_LINES);
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
        return lines.stream().map(Line::ink).toList();
    }

    @Override
    public Zigzag withInks(UnaryOperator<Ink> change) {
        return withLines(lines.stream().map(l -> l.withInk(change.apply(l.ink()))).toList());
    }

    public Zigzag with(int index, Line line) {
        List<Line> changed = new ArrayList<>(lines);
        changed.set(index, line);
        return withLines(changed);
    }

    public Zigzag withCorner(Corner other, double newShare) {
        return with().corner(other).share(newShare).build();
    }

    @Override
    public Zigzag withAngle(double degrees) {
        return with().angleDeg(degrees).build();
    }

    @Override
    public Optional<Zigzag> stretched(double across, double down) {
        return Optional.of(new Zigzag(periodMm * across, amplitudeMm * down, spacingMm * down,
                lines.stream().map(l -> l.withThicknessMm(l.thicknessMm() * down)).toList(), corner, share, angleDeg));
    }

    @Override
    public Zigzag scaled(double factor) {
        return stretched(factor, factor).orElseThrow();
    }

    /** @return a whole number of periods and of sets of lines in a cell of the zigzag's own directions */
    public Zigzag fittedTo(double wideMm, double highMm, int periods, int sets) {
        return withPeriodMm(wideMm / periods).withSpacingMm(highMm / sets / lines.size());
    }

    public double slopeDeg() {
        return Math.toDegrees(Math.atan2(4 * amplitudeMm, periodMm));
    }

    /** @return the clear gap below a line, in mm across the lines; 0 or less where it touches the next */
    public double gapMm(int line) {
        double next = lines.get((line + 1) % lines.size()).thicknessMm();
        return (spacingMm - (lines.get(line).thicknessMm() + next) / 2) * Math.cos(Math.toRadians(slopeDeg()));
    }

    /** @return the narrowest gap */
    public double leastGapMm() {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < lines.size(); i++) {
            least = Math.min(least, gapMm(i));
        }
        return least;
    }

    @Override
    public Lattice lattice() {
        return new Lattice(periodMm, 0, 0, spacingMm * lines.size());
    }

    @Override
    public Zigzag fitted(Repeat repeat) {
        int count = fit(repeat).count();
        Require.that((long) count * lines.size() <= 100_000,
                "the tile would hold %,d periods of %d lines; make the period longer or the cell smaller"
                        .formatted(count, lines.size()));
        return this;
    }

    @Override
    public List<Grip> grips() {
        return ZigzagGrips.of(this);
    }

    @Override
    public Drawing drawing(Repeat repeat, Phase phase, Work work) {
        LatticeFit fit = fit(repeat);
        var places = places(fit);
        List<Group> groups = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Path2D path = line(i);
            VectorMark mark = new VectorMark(path, lines.get(i).ink()).along(spine(i));
            groups.add(new Group(places.stream().map(mark::moved).toList()));
        }
        return new Drawing(groups);
    }

    private Spine spine(int index) {
        double y = index * spacingMm;
        double slope = Math.atan2(4 * amplitudeMm, periodMm);
        return new Spine(new double[]{0, periodMm / 4, 3 * periodMm / 4, periodMm},
                new double[]{y, y - amplitudeMm, y + amplitudeMm, y},
                lines.get(index).thicknessMm() / 2 * Math.cos(slope));
    }

    /** One period of a line, from one middle of a slope to the same, its ends cut upright. */
    private Path2D line(int index) {
        double y = index * spacingMm;
        double half = lines.get(index).thicknessMm() / 2;
        double cut = corner == Corner.SHARP ? 0 : share * periodMm / 4;
        Path2D path = new Path2D.Double();
        path.moveTo(0, y - half);
        tip(path, periodMm / 4, y - half, -1, cut);
        tip(path, 3 * periodMm / 4, y - half, 1, cut);
        path.lineTo(periodMm, y - half);
        path.lineTo(periodMm, y + half);
        tip(path, 3 * periodMm / 4, y + half, 1, -cut);
        tip(path, periodMm / 4, y + half, -1, -cut);
        path.lineTo(0, y + half);
        path.closePath();
        return path;
    }

    /** @param cut how far before the tip the corner begins; below 0 when coming from the right */
    private void tip(Path2D path, double x, double middle, int sign, double cut) {
        double y = middle + sign * amplitudeMm;
        double back = Math.abs(cut) * 4 * amplitudeMm / periodMm;
        path.lineTo(x - cut, y - sign * back);
        if (cut != 0 && corner == Corner.ROUND) {
            path.quadTo(x, y, x + cut, y - sign * back);
        } else if (cut != 0) {
            path.lineTo(x + cut, y - sign * back);
        }
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        List<Finding> findings = new ArrayList<>(closing(repeat, "Zigzags"));
        double gap = leastGapMm();
        String number = Numbers.plain(gap, 2) + " mm";
        findings.add(gap > 0
                ? Finding.fine("Clear gap between lines", number)
                : new Finding(Finding.Severity.LOOK, "Lines touch", number, "above 0 mm",
                        "The clear gap is (spacing - thickness) x cos(slope); more spacing or thinner lines open it."));
        return findings;
    }
}
