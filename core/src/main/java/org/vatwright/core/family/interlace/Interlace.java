package org.vatwright.core.family.interlace;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.laid.Click;
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
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.shape.Drawing;

/**
 * Lines that pass over and under each other.
 *
 * @param sizeMm of a ring, a braid's width, or a knot, outlines included; strips have none. 0.5 to 5,000
 * @param spacingMm,downMm from one ring, braid, strip or knot to the next across and down; a braid comes again after
 *        {@code downMm}
 * @param thicknessMm of a line
 * @param gapMm left open beside a line where it passes over another
 * @param light how round lines look, as a step of OKLab lightness, 0 to 0.4
 * @param inks of rings and strips, of strands or knots, in turn
 * @param flipped crossings that were turned about by hand
 */
@RecordBuilder
public record Interlace(Mesh mesh, double sizeMm, double spacingMm, double downMm, double thicknessMm, double gapMm,
        double light, List<Ink> inks, double angleDeg,
        Set<Spot> flipped) implements InterlaceBuilder.With, LaidStructure {

    public static final String FAMILY = "interlace";
    private static final int MOST_STRANDS = 6_000;

    /** A crossing of the tile: steps along the lattice, and which crossing of the unit. */
    public record Spot(int column, int row, int index) {}

    public Interlace {
        Require.within("size", sizeMm, 0.5, 5000, "mm");
        Require.within("spacing", spacingMm, 0.5, 5000, "mm");
        Require.within("spacing down", downMm, 0.5, 5000, "mm");
        Require.within("thickness", thicknessMm, 0.1, 1000, "mm");
        Require.within("gap", gapMm, 0, 500, "mm");
        Require.within("light", light * 100, 0, 40, "%");
        inks = List.copyOf(inks);
        Require.within("inks of the lines", inks.size(), 1, 12);
        angleDeg = Angle.turn(angleDeg);
        flipped = Set.copyOf(flipped);
        if (mesh instanceof Mesh.Strips) {
            Require.that(thicknessMm + 2 * gapMm <= Math.min(spacingMm, downMm),
                    "strips %s mm wide with gaps of %s mm do not fit a spacing of %s mm; make them narrower"
                            .formatted(Numbers.plain(thicknessMm), Numbers.plain(gapMm),
                                    Numbers.plain(Math.min(spacingMm, downMm))));
        } else {
            Require.that(thicknessMm < sizeMm / 2.2, "thickness %s mm must be less than %s mm for a size of %s mm"
                    .formatted(Numbers.plain(thicknessMm), Numbers.plain(sizeMm / 2.2), Numbers.plain(sizeMm)));
        }
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
    public Interlace withInks(UnaryOperator<Ink> change) {
        return inked(inks.stream().map(change).toList());
    }

    public Interlace inked(List<Ink> other) {
        return with().inks(other).build();
    }

    /** @return with another mesh; hand-turned crossings are another's, so none are kept */
    public Interlace withMesh(Mesh other) {
        double thick = other instanceof Mesh.Strips
                ? Math.min(thicknessMm, Math.min(spacingMm, downMm) - 2 * gapMm)
                : Math.min(thicknessMm, sizeMm / 2.3);
        return with().mesh(other).thicknessMm(Math.max(0.1, thick)).flipped(Set.of()).build();
    }

    public Interlace withSpacing(double across, double down) {
        return with().spacingMm(across).downMm(down).build();
    }

    @Override
    public Interlace withAngle(double degrees) {
        return with().angleDeg(degrees).build();
    }

    /** @return with that crossing turned about */
    public Interlace flip(Spot spot) {
        Set<Spot> changed = new HashSet<>(flipped);
        if (!changed.remove(spot)) {
            changed.add(spot);
        }
        return withFlipped(changed);
    }

    /** The crossing there is turned about. */
    @Override
    public Click click(Repeat repeat, double x, double y, double reachMm) {
        Tile tile = repeat.tile();
        double most = Math.max(thicknessMm * 0.75, reachMm);
        return crossings(repeat).stream().filter(c -> away(c, tile, x, y) < most)
                .min(Comparator.comparingDouble(c -> away(c, tile, x, y)))
                .<Click>map(c -> new Click.Changed("turn a crossing about", flip(c.spot()))).orElse(Click.NOTHING);
    }

    /** On the torus, in mm. */
    private static double away(Place crossing, Tile tile, double x, double y) {
        double dx = x - crossing.x();
        double dy = y - crossing.y();
        return Math.hypot(dx - tile.widthMm() * Math.rint(dx / tile.widthMm()),
                dy - tile.heightMm() * Math.rint(dy / tile.heightMm()));
    }

    @Override
    public Interlace scaled(double factor) {
        return with().sizeMm(sizeMm * factor).spacingMm(spacingMm * factor).downMm(downMm * factor)
                .thicknessMm(thicknessMm * factor).gapMm(gapMm * factor).build();
    }

    /** Rings stay round: their size goes with the mean of both. */
    @Override
    public Optional<Interlace> stretched(double across, double down) {
        double by = Math.sqrt(across * down);
        return Optional.of(new Interlace(mesh, sizeMm * by, spacingMm * across, downMm * down, thicknessMm * by,
                gapMm * by, light, inks, angleDeg, flipped));
    }

    /** @return the hole of a ring, in mm */
    public double holeMm() {
        return sizeMm - 2 * thicknessMm;
    }

    @Override
    public Lattice lattice() {
        return Plan.of(this).lattice();
    }

    @Override
    public Interlace fitted(Repeat repeat) {
        Plan plan = Plan.of(this);
        long count = (long) LatticeFit.ofLeast(plan.lattice().turned(angleDeg), repeat.tile()).count()
                * plan.strands().size();
        Require.that(count <= MOST_STRANDS,
                "the tile would hold %,d lines; %,d is the most: make them larger or the cell smaller"
                        .formatted(count, MOST_STRANDS));
        return this;
    }

    @Override
    public List<Grip> grips() {
        return InterlaceGrips.of(this);
    }

    @Override
    public Drawing drawing(Repeat repeat, Phase phase, Work work) {
        return new InterlaceDrawing(this, repeat).drawing();
    }

    /** A crossing on the tile. @param x,y in mm, 0 to below the tile's size */
    public record Place(Spot spot, double x, double y) {}

    /** @return all crossings of the tile */
    public List<Place> crossings(Repeat repeat) {
        return new InterlaceDrawing(this, repeat).crossings();
    }

    /** @return whether two crossings of the same lines are so near that over turns to under in between */
    public boolean crowded(Repeat repeat) {
        return new InterlaceDrawing(this, repeat).crowded();
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        List<Finding> findings = new ArrayList<>(closing(repeat, "Lines"));
        Plan plan = Plan.of(this);
        Crossings crossings = plan.crossings();
        int count = crossings.all().size();
        findings.add(Finding.fine("Crossings", "%d in a unit, %d in the tile".formatted(count,
                count * fit(repeat).count())));
        if (!crossings.alternates()) {
            findings.add(new Finding(Finding.Severity.LOOK, "Over and under do not alternate everywhere", "", "",
                    "With these numbers a line meets itself out of turn; another number of strands or turns mends it."));
        }
        if (count > 0 && crowded(repeat)) {
            findings.add(new Finding(Finding.Severity.LOOK, "Crossings run into each other", "", "",
                    "Between two crossings lines still lie over each other; thinner lines, a smaller gap or a larger "
                            + "size part them."));
        }
        if (count == 0) {
            findings.add(new Finding(Finding.Severity.LOOK, "Nothing crosses", "0 crossings", "1 or more",
                    "Rings lie apart; a size above the spacing has them pass through each other."));
        }
        return findings;
    }
}
