package org.vatwright.core.family.stripe;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;

/**
 * Bands side by side over the whole tile. At angle 0 they stand upright, along the warp, and follow each other from
 * left to right; a positive angle turns them counter-clockwise as seen.
 * <p>
 * The angle and the widths are what was asked for; they are drawn as the nearest {@link Waves} that close on the tile,
 * so that stripes are seamless whatever is typed. {@link StripeClosing} says what it costs to have them exact.
 *
 * @param angleDeg above -180 to 180
 * @param seed of irregular edges
 */
@RecordBuilder
public record Stripes(BandRun run, BandMeasure measure, double angleDeg,
        long seed) implements StripesBuilder.With, Structure {

    public static final String FAMILY = "stripes";

    public Stripes {
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

    /** @return width of one period as asked for, in mm */
    public double periodMm() {
        return run.length() * measure.mm();
    }

    @Override
    public List<Ink> inks() {
        return run.bands().stream().map(b -> b.ink()).toList();
    }

    @Override
    public Stripes withInks(UnaryOperator<Ink> change) {
        return withRun(
                new BandRun(run.bands().stream().map(b -> b.withInk(change.apply(b.ink()))).toList(), run.pivot()));
    }

    public Stripes withAngle(double degrees) {
        return with().angleDeg(degrees).build();
    }

    /** @return the bands that many times as wide; thread counts stay whole, the threads get finer or coarser */
    public Stripes scaled(double factor) {
        return measure instanceof BandMeasure.Threads(double perCm)
                ? withMeasure(new BandMeasure.Threads(perCm / factor))
                : withRun(run.scaled(factor));
    }

    @Override
    public Stripes resized(double by) {
        return scaled(by);
    }

    @Override
    public List<Closing> closings(Repeat repeat) {
        return StripeClosing.of(this, repeat);
    }

    @Override
    public Stripes fitted(Repeat repeat) {
        return this;
    }

    @Override
    public Painter painter(PaintRequest asked) {
        return StripePainter.of(this, Waves.of(this, asked.repeat().tile()), asked.grid(), asked.inks());
    }

    @Override
    public boolean drawn() {
        return true;
    }

    @Override
    public Optional<List<VectorMark>> outlines(Repeat repeat, Phase phase, Work work) {
        return Optional.of(StripeOutlines.of(this, repeat.tile()));
    }

    /** The waves it is drawn with, first stretched with the cell, then turned. */
    @Override
    public Optional<Structure> turned(Repeat repeat, TurnedLattice.Closing by) {
        Waves waves = Waves.of(this, repeat.tile());
        double across = waves.across() / waves.tileWidthMm() / by.stretchX();
        double down = waves.down() / waves.tileHeightMm() / by.stretchY();
        return Optional.of(withAngle(Math.toDegrees(Math.atan2(down, across)) + by.angleDeg())
                .scaled(1 / Math.hypot(across, down) / periodMm()));
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        Waves waves = Waves.of(this, repeat.tile());
        if (waves.exact(this)) {
            return List.of(Finding.fine("Stripe closes", waves.words()));
        }
        double wider = 100 * (waves.bandScale(this) - 1);
        return List.of(Finding.nearly("Stripe closes",
                "%s\u00b0 with bands %s %% %s".formatted(Numbers.plain(waves.angleDeg(), 2),
                        Numbers.plain(Math.abs(wider), 2), wider > 0 ? "wider" : "narrower"),
                "%s\u00b0".formatted(Numbers.plain(angleDeg, 2))));
    }
}
