package org.vatwright.desktop.building;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.band.Edge;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;

/** How the edges of the chosen band look: feathered, irregular. */
final class StripeEdges extends Chapter.Of<Stripes> {

    private interface EdgeChange {
        Edge with(Edge edge, double mm);
    }

    private final RunEditor runs;
    private final NumberRow feather;
    private final NumberRow wobble;
    private final NumberRow wobbleLength;
    private final Label band = Ui.label("", "card-title");

    StripeEdges(Studio studio) {
        super(studio, Stripes.class);
        runs = RunEditor.stripes(studio);
        feather = row("Feather", "feather of the edges", (e, mm) -> new Edge(mm, e.wobbleMm(), e.wobbleLengthMm()));
        wobble = row("Irregular", "irregular edge", (e, mm) -> new Edge(e.featherMm(), mm, e.wobbleLengthMm()));
        wobbleLength = row("every", "length of a stray",
                (e, mm) -> new Edge(e.featherMm(), e.wobbleMm(), mm));
        hold(band, feather, Ui.pair(wobble, wobbleLength),
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

    @Override
    void show(Design design, Colourway colourway, Stripes stripes) {
        int chosen = Math.max(0, runs.chosen(studio));
        Edge edge = stripes.run().bands().get(chosen).edge();
        band.setText("Band %d, %s".formatted(chosen + 1, stripes.run().bands().get(chosen).ink().words()));
        feather.show(edge.featherMm());
        wobble.show(edge.wobbleMm());
        wobbleLength.show(edge.wobbleLengthMm());
    }
}
