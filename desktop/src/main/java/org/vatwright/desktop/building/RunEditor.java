package org.vatwright.desktop.building;

import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.studio.ChosenPart;
import org.vatwright.desktop.studio.Studio;

/** A run of bands of the chosen layer: a stripe's, a plaid's warp or its weft. What lists and rules work on. */
interface RunEditor {

    /** @return the run, while the chosen layer has one */
    Optional<BandRun> run();

    void edit(String name, UnaryOperator<BandRun> change);

    /** @return "mm" or "threads" */
    String unit();

    /** @return a band of this run as what can be chosen */
    default ChosenPart part(int band) {
        return new ChosenPart.Own(band);
    }

    /** @return 1 where threads are counted, 0 where any width will do */
    default double step() {
        return unit().equals("threads") ? 1 : 0;
    }

    /** @return the chosen band, or -1 */
    default int chosen(Studio studio) {
        int bands = run().map(r -> r.bands().size()).orElse(0);
        return IntStream.range(0, bands).filter(b -> part(b).equals(studio.selection().part())).findFirst().orElse(-1);
    }

    static RunEditor stripes(Studio studio) {
        return new RunEditor() {
            @Override
            public Optional<BandRun> run() {
                return studio.structure(Stripes.class).map(Stripes::run);
            }

            @Override
            public void edit(String name, UnaryOperator<BandRun> change) {
                studio.editStructure(name, Stripes.class, s -> s.withRun(change.apply(s.run())));
            }

            @Override
            public String unit() {
                return studio.structure(Stripes.class).map(s -> s.measure() instanceof BandMeasure.Threads)
                        .orElse(false) ? "threads" : "mm";
            }
        };
    }

    static RunEditor cloth(Studio studio, boolean warp) {
        return new RunEditor() {
            @Override
            public Optional<BandRun> run() {
                return studio.structure(SettFabric.class).map(p -> warp ? p.fabric().warp() : p.fabric().weft());
            }

            @Override
            public void edit(String name, UnaryOperator<BandRun> change) {
                studio.editStructure(name, SettFabric.class, p -> p.withFabric(p.fabric().withRun(warp,
                        change.apply(warp ? p.fabric().warp() : p.fabric().weft()))));
            }

            @Override
            public String unit() {
                return "threads";
            }

            @Override
            public ChosenPart part(int band) {
                boolean own = studio.structure(SettFabric.class).map(p -> p.fabric().ownWeft().isPresent())
                        .orElse(false);
                return warp || !own ? new ChosenPart.Own(band) : new ChosenPart.OfWeft(band);
            }
        };
    }
}
