package org.vatwright.desktop.building;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.band.Edge;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** How the edges of the chosen band look: feathered, irregular. */
final class BandEdgeRows extends VBox {

    private interface EdgeChange {
        Edge with(Edge edge, double mm);
    }

    private final Studio studio;
    private final RunEditor runs;
    private final NumberRow feather;
    private final NumberRow wobble;
    private final NumberRow wobbleLength;

    BandEdgeRows(Studio studio, RunEditor runs) {
        super(4);
        this.studio = studio;
        this.runs = runs;
        feather = row("Feather", "feather of the edges", (e, mm) -> new Edge(mm, e.wobbleMm(), e.wobbleLengthMm()));
        wobble = row("Irregular", "irregular edge", (e, mm) -> new Edge(e.featherMm(), mm, e.wobbleLengthMm()));
        wobbleLength = row("Stray length", "length of a stray",
                (e, mm) -> new Edge(e.featherMm(), e.wobbleMm(), mm));
        getChildren().addAll(feather, wobble, wobbleLength,
                Ui.row(Ui.link("these edges on all bands", this::onAll), Ui.spring(), Ui.link("cut anew",
                        () -> studio.editStructure("cut edges anew", Stripes.class, s -> s.withSeed(s.seed() + 1)))));
    }

    private NumberRow row(String word, String what, EdgeChange change) {
        return NumberRow.length(studio, word, what, mm -> {
            int at = Math.max(0, runs.chosen(studio));
            runs.edit(what, r -> {
                Band band = r.bands().get(at);
                return r.with(at, band.withEdge(change.with(band.edge(), mm)));
            });
        });
    }

    private void onAll() {
        int at = Math.max(0, runs.chosen(studio));
        runs.edit("edges on all bands", r -> {
            Edge edge = r.bands().get(at).edge();
            return new BandRun(r.bands().stream().map(b -> b.withEdge(edge)).toList(), r.pivot());
        });
    }

    void show() {
        int chosen = runs.chosen(studio);
        Ui.show(this, chosen >= 0);
        if (chosen >= 0) {
            Edge edge = runs.run().orElseThrow().bands().get(chosen).edge();
            feather.show(edge.featherMm());
            wobble.show(edge.wobbleMm());
            wobbleLength.show(edge.wobbleLengthMm());
        }
    }
}
