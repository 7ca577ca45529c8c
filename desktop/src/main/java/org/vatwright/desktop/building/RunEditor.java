package org.vatwright.desktop.building;

import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.studio.Selection;
import org.vatwright.desktop.studio.Studio;

/** A run of bands of the chosen layer: a stripe's, a plaid's warp or its weft. What lists and rules work on. */
interface RunEditor {

    /** @return the run, while the chosen layer has one */
    Optional<BandRun> run();

    void edit(String name, UnaryOperator<BandRun> change);

    /** @return "mm" or "threads" */
    String unit();

    /** @return the number of the first band among the parts that can be selected */
    default int firstPart() {
        return 0;
    }

    /** @return 1 where threads are counted, 0 where any width will do */
    default double step() {
        return unit().equals("threads") ? 1 : 0;
    }

    /** @return the chosen band, or -1 */
    default int chosen(Studio studio) {
        int part = studio.selection().part() - firstPart();
        return run().map(r -> part >= 0 && part < r.bands().size() ? part : -1).orElse(-1);
    }

    static RunEditor stripes(Studio studio) {
        return new RunEditor() {
            @Override
            public Optional<BandRun> run() {
                return structure(studio, Stripes.class).map(Stripes::run);
            }

            @Override
            public void edit(String name, UnaryOperator<BandRun> change) {
                studio.editStructure(name, Stripes.class, s -> s.withRun(change.apply(s.run())));
            }

            @Override
            public String unit() {
                return structure(studio, Stripes.class).map(s -> s.measure() instanceof BandMeasure.Threads)
                        .orElse(false) ? "threads" : "mm";
            }
        };
    }

    static RunEditor cloth(Studio studio, boolean warp) {
        return new RunEditor() {
            @Override
            public Optional<BandRun> run() {
                return structure(studio, SettFabric.class).map(p -> warp ? p.fabric().warp() : p.fabric().weft());
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
            public int firstPart() {
                boolean own = structure(studio, SettFabric.class).map(p -> p.fabric().ownWeft().isPresent())
                        .orElse(false);
                return warp || !own ? 0 : Selection.WEFT;
            }
        };
    }

    static <S extends Structure> Optional<S> structure(Studio studio, Class<S> type) {
        return studio.layer().map(Layer::structure).filter(type::isInstance).map(type::cast);
    }
}
