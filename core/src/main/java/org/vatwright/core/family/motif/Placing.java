package org.vatwright.core.family.motif;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;

/** How motifs are placed, beside those set by hand. */
public sealed interface Placing {

    /** @return the same with every length that many times as long */
    default Placing scaled(double by) {
        return switch (this) {
            case ByHand none -> none;
            case Rows rows -> rows;
            case Rings r -> new Rings(r.rings, r.first, r.more, r.radiusMm * by, r.stepMm * by, r.outward);
            case Along a -> new Along(Outline.of(a.line.path(AffineTransform.getScaleInstance(by, by))), a.count,
                    a.asideMm * by, a.startShare, a.turned);
            case Trim t -> new Trim(Outline.of(t.line.path(AffineTransform.getScaleInstance(by, by))), t.corner,
                    t.form.scaled(by));
            case Scattered s -> s.withGapMm(s.gapMm * by);
        };
    }

    /** None but those set by hand. */
    record ByHand() implements Placing {}

    /**
     * In rows: motifs in turn, in small cells of equal size.
     *
     * @param turnStep added from one to the next, degrees
     * @param flipEverySecond whether every second is mirrored
     */
    record Rows(int across, int down, Arrangement arrangement, double turnStep,
            boolean flipEverySecond) implements Placing {
        public Rows {
            Require.within("motifs across", across, 1, 200);
            Require.within("motifs down", down, 1, 200);
            Require.within("turn from one to the next", turnStep, -360, 360, "degrees");
        }
    }

    /**
     * On rings around the middle of the cell.
     *
     * @param first how many stand on the innermost, @param more how many more on each next
     * @param radiusMm of the innermost
     * @param outward whether each is turned to look outward
     */
    record Rings(int rings, int first, int more, double radiusMm, double stepMm, boolean outward) implements Placing {
        public Rings {
            Require.within("rings", rings, 1, 40);
            Require.within("motifs on the first ring", first, 1, 400);
            Require.within("more on each next ring", more, 0, 100);
            Require.within("radius", radiusMm, 0, 5000, "mm");
            Require.within("step of rings", stepMm, 0.1, 5000, "mm");
        }
    }

    /**
     * Along a line: motifs in turn, evenly spaced from end to end. Where its ends meet, in the cell or across its edges,
     * the last is as far from the first as from the one before.
     *
     * @param line in mm of the cell
     * @param asideMm how far to the left of the line each stands, as one goes along it
     * @param startShare where the first stands, as a share of the step, 0 to 1
     * @param turned whether each is turned with the line
     */
    record Along(Outline line, int count, double asideMm, double startShare, boolean turned) implements Placing {
        public Along {
            Require.within("motifs along the line", count, 1, 2000);
            Require.within("aside of the line", asideMm, -5000, 5000, "mm");
            Require.within("start along the line", startShare * 100, 0, 100, "%");
        }
    }

    /**
     * As a trim: motifs in turn along a line, as broad as it is, bent with it or turned as a whole, around its corners.
     *
     * @param line in mm of the cell
     * @param corner the motif that stands in corners which are turned by one, and nowhere else; without one they take the
     *        first
     */
    record Trim(Outline line, Optional<Integer> corner, TrimForm form) implements Placing {

        public Trim {
            line.checked("the line of a trim");
        }

        public Trim withLine(Outline other) {
            return new Trim(other, corner, form);
        }

        public Trim withForm(TrimForm other) {
            return new Trim(line, corner, other);
        }
    }

    /**
     * Scattered over the cell, none nearer to another than a gap; those set by hand are respected.
     *
     * @param shares how often each motif comes, in the order of the motifs; 1 where none is given
     * @param gapMm from the circle around one motif to that around another
     * @param least,most scale, a share of the motif's own size
     * @param turnFrom,turnTo degrees
     * @param flipped share of those mirrored, 0 to 1
     * @param inks in turn instead of each motif's first ink; none leaves it
     * @param even whether size and turn go evenly over their range, else at random
     * @param fill how many more are put into the largest gaps
     * @param relax how many steps they are moved apart
     * @param again how often single ones were thrown anew, by their number; all others stay where they are
     */
    @RecordBuilder
    record Scattered(int count, List<Double> shares, double gapMm, double least, double most, double turnFrom,
            double turnTo, double flipped, List<Ink> inks, boolean even, int fill, int relax, long seed,
            Map<Integer, Integer> again) implements PlacingScatteredBuilder.With, Placing {

        public static final int MOST = 20_000;

        public Scattered {
            Require.within("scattered motifs", count, 0, MOST);
            shares = List.copyOf(shares);
            shares.forEach(s -> Require.within("share", s, 0, 1000, ""));
            Require.within("gap", gapMm, -500, 500, "mm");
            Require.within("smallest", least * 100, 1, 10_000, "%");
            Require.within("largest", most * 100, least * 100, 10_000, "%");
            Require.within("turn", turnFrom, -360, 360, "degrees");
            Require.within("turn", turnTo, turnFrom, 720, "degrees");
            Require.within("mirrored", flipped * 100, 0, 100, "%");
            inks = List.copyOf(inks);
            Require.within("motifs put into gaps", fill, 0, 2000);
            Require.within("steps apart", relax, 0, 60);
            again = Map.copyOf(again);
        }

        /** None thrown anew by itself. */
        public Scattered(int count, List<Double> shares, double gapMm, double least, double most, double turnFrom,
                double turnTo, double flipped, List<Ink> inks, boolean even, int fill, int relax, long seed) {
            this(count, shares, gapMm, least, most, turnFrom, turnTo, flipped, inks, even, fill, relax, seed,
                    Map.of());
        }

        public static Scattered of(int count, double gapMm, long seed) {
            return new Scattered(count, List.of(), gapMm, 1, 1, 0, 0, 0, List.of(), true, 0, 0, seed);
        }

        public Scattered withSizes(double smallest, double largest) {
            return with().least(smallest).most(largest).build();
        }

        public Scattered withTurns(double from, double to) {
            return with().turnFrom(from).turnTo(to).build();
        }

        public Scattered withSeed(long other) {
            return new Scattered(count, shares, gapMm, least, most, turnFrom, turnTo, flipped, inks, even, fill, relax,
                    other);
        }

        /** @return with one thrown anew, all others where they are */
        public Scattered thrownAnew(int number) {
            Map<Integer, Integer> more = new TreeMap<>(again);
            more.merge(number, 1, Integer::sum);
            return with().again(more).build();
        }
    }
}
