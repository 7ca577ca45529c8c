package org.vatwright.core.loom;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * Warp and weft bands, counted in threads, and the weave that joins them.
 *
 * @param warp from left to right
 * @param ownWeft from the top down; empty when the weft is the same as the warp
 * @param endsPerCm,picksPerCm threads in a centimetre, so that the true size follows; 0.1 to 1000
 */
@RecordBuilder
public record Fabric(BandRun warp, Optional<BandRun> ownWeft, Weave weave, Look look, double endsPerCm,
        double picksPerCm) implements FabricBuilder.With {

    public static final int MOST_THREADS = 20_000;

    public Fabric {
        checkThreads("warp", warp);
        ownWeft.ifPresent(w -> checkThreads("weft", w));
        Require.within("ends per cm", endsPerCm, 0.1, 1000, "");
        Require.within("picks per cm", picksPerCm, 0.1, 1000, "");
    }

    private static void checkThreads(String what, BandRun run) {
        for (Band band : run.bands()) {
            Require.that(band.width() == Math.rint(band.width()) && band.width() >= 1,
                    "a band of %s threads in the %s must be whole threads, 1 or more".formatted(band.width(), what));
        }
        Require.within("threads of the " + what, (int) run.length(), 1, MOST_THREADS);
    }

    public BandRun weft() {
        return ownWeft.orElse(warp);
    }

    /** @return with that run in the warp or, where the weft is its own, in the weft */
    public Fabric withRun(boolean inWarp, BandRun run) {
        return inWarp || ownWeft.isEmpty() ? withWarp(run) : withOwnWeft(Optional.of(run));
    }

    public Fabric withCounts(double ends, double picks) {
        return with().endsPerCm(ends).picksPerCm(picks).build();
    }

    /** @return every ink of warp and weft, in their order */
    public List<Ink> inks() {
        List<Ink> inks = new ArrayList<>(warp.bands().stream().map(Band::ink).toList());
        ownWeft.ifPresent(w -> w.bands().forEach(b -> inks.add(b.ink())));
        return inks;
    }

    public Fabric withInks(UnaryOperator<Ink> change) {
        return new Fabric(inked(warp, change), ownWeft.map(w -> inked(w, change)), weave, look, endsPerCm, picksPerCm);
    }

    private static BandRun inked(BandRun run, UnaryOperator<Ink> change) {
        return new BandRun(run.bands().stream().map(b -> b.withInk(change.apply(b.ink()))).toList(), run.pivot());
    }

    public boolean woven() {
        return !(look instanceof Look.Blended);
    }

    /** @return ends after which warp and weave begin anew together */
    public int endsInPeriod() {
        return FabricPeriod.of(this, true).threads();
    }

    /** @return picks after which weft and weave begin anew together */
    public int picksInPeriod() {
        return FabricPeriod.of(this, false).threads();
    }

    public double periodWidthMm() {
        return endsInPeriod() * 10 / endsPerCm;
    }

    public double periodHeightMm() {
        return picksInPeriod() * 10 / picksPerCm;
    }

    /** @return the ink of each thread of one period of the run */
    public static List<Ink> threads(BandRun run) {
        List<Ink> threads = new ArrayList<>();
        for (int band : run.period()) {
            for (int n = 0; n < run.bands().get(band).width(); n++) {
                threads.add(run.bands().get(band).ink());
            }
        }
        return threads;
    }
}
