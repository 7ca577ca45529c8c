package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** The bands of stripes: their inks and widths, how they run and in what they are counted. */
final class StripeBands extends Chapter.Of<Stripes> {

    private final BandList bands;
    private final Segments<Boolean> pivot;
    private final Segments<String> measure;
    private final NumberRow perCm;

    StripeBands(Studio studio) {
        super(studio, Stripes.class);
        bands = new BandList(studio, RunEditor.stripes(studio), "");
        pivot = new Segments<>(List.of(false, true), p -> p ? "There and back" : "Repeating",
                p -> edit(p ? "pivot the bands" : "repeat the bands", s -> s.withRun(s.run().withPivot(p))));
        pivot.button(true).setId("run-pivot");
        measure = new Segments<>(List.of("mm", "threads"), m -> m, this::measureIn);
        measure.button("threads").setId("measure-threads");
        perCm = NumberRow.number(studio, "Threads", "threads per cm", "per cm", 2, 1,
                n -> edit("threads per cm", s -> s.withMeasure(new BandMeasure.Threads(n))));
        hold(bands, Ui.labelled("Run", pivot), Ui.labelled("Counted in", measure), perCm);
    }

    /** The cloth stays as wide as it was; what cannot be whole threads becomes the nearest. */
    private void measureIn(String unit) {
        edit("count bands in " + unit, s -> {
            if (s.measure().unit().equals(unit)) {
                return s;
            }
            if (unit.equals("mm")) {
                return s.withRun(s.run().scaled(s.measure().mm())).withMeasure(new BandMeasure.Millimetres());
            }
            BandMeasure threads = new BandMeasure.Threads(10);
            List<Band> whole = s.run().bands().stream()
                    .map(b -> b.withWidth(Math.max(1, Math.rint(b.width() / threads.mm())))).toList();
            return s.withRun(new BandRun(whole, s.run().pivot())).withMeasure(threads);
        });
    }

    @Override
    void show(Design design, Colourway colourway, Stripes stripes) {
        bands.show(design, colourway);
        pivot.show(stripes.run().pivot());
        measure.show(stripes.measure().unit());
        Ui.show(perCm, stripes.measure() instanceof BandMeasure.Threads);
        if (stripes.measure() instanceof BandMeasure.Threads(double n)) {
            perCm.show(n);
        }
    }

    @Override
    void complete() {
        bands.complete();
    }
}
