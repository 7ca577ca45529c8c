package org.vatwright.desktop.building;

import java.util.List;
import java.util.stream.IntStream;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.stripe.Waves;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.control.GrainDial;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Stripes as numbers: bands, measure, pivot, angle, and the ways to close. */
final class StripesForm implements StructureForm {

    private static final double MARK_WITHIN = 0.03;

    private final Studio studio;
    private final VBox node = new VBox(8);
    private final BandList bands;
    private final BandEdgeRows edges;
    private final Segments<Boolean> pivot;
    private final Segments<String> measure;
    private final NumberRow perCm;
    private final GrainDial dial;
    private final NumberRow angle;
    private final Label drawn = Ui.prose("", "quiet");
    private final Offers offers;

    StripesForm(Studio studio) {
        this.studio = studio;
        offers = new Offers(studio, "offer-");
        RunEditor runs = RunEditor.stripes(studio);
        bands = new BandList(studio, runs, "");
        edges = new BandEdgeRows(studio, runs);
        pivot = new Segments<>(List.of(false, true), p -> p ? "There and back" : "Repeating",
                p -> edit(p ? "pivot the bands" : "repeat the bands", s -> s.withRun(s.run().withPivot(p))));
        pivot.button(true).setId("run-pivot");
        measure = new Segments<>(List.of("mm", "threads"), m -> m, this::measureIn);
        measure.button("threads").setId("measure-threads");
        perCm = NumberRow.number(studio, "Threads", "threads per cm", "per cm", 2, 1,
                n -> edit("threads per cm", s -> s.withMeasure(new BandMeasure.Threads(n))));
        dial = new GrainDial(studio, "stripe angle", degrees -> edit("turn stripe", s -> s.withAngle(degrees)));
        angle = NumberRow.number(studio, "", "angle of the stripe", "\u00b0", 3, 1,
                degrees -> edit("turn stripe to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                        s -> s.withAngle(degrees)));
        VBox turned = Ui.column(4, Ui.label("Angle", "card-title"), angle, drawn);
        node.getChildren().addAll(bands, edges, Ui.labelled("Run", pivot), Ui.labelled("Counted in", measure), perCm,
                Ui.row(dial, turned), offers);
    }

    private void edit(String name, java.util.function.UnaryOperator<Stripes> change) {
        studio.editStructure(name, Stripes.class, change);
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
    public Node node() {
        return node;
    }

    @Override
    public void show(Design design, Colourway colourway, Structure structure) {
        Stripes stripes = (Stripes) structure;
        bands.show(design, colourway);
        edges.show();
        pivot.show(stripes.run().pivot());
        measure.show(stripes.measure().unit());
        Ui.show(perCm, stripes.measure() instanceof BandMeasure.Threads);
        if (stripes.measure() instanceof BandMeasure.Threads(double n)) {
            perCm.show(n);
        }
        angle.show(stripes.angleDeg());
        dial.show(stripes.angleDeg(), closingAngles(stripes, design.repeat().tile()));
        drawn(design, stripes);
    }

    private void drawn(Design design, Stripes stripes) {
        Waves waves = Waves.of(stripes, design.repeat().tile());
        boolean exact = waves.exact(stripes);
        drawn.setText(exact
                ? "Closes: %d across, %d down the tile".formatted(Math.abs(waves.across()), Math.abs(waves.down()))
                : "Does not close; drawn at %s\u00b0, bands at %s %%".formatted(Numbers.plain(waves.angleDeg(), 2),
                        Numbers.plain(100 * waves.bandScale(stripes), 1)));
        drawn.getStyleClass().removeAll("fine", "look");
        drawn.getStyleClass().add(exact ? "fine" : "look");
        offers.show(stripes.closings(design.repeat()).stream().map(c -> c.on(studio.selection().layer())).toList());
    }

    /** @return the angles from -90 to 90 at which bands of nearly this width close */
    private static List<Double> closingAngles(Stripes stripes, Tile tile) {
        int mostI = (int) Math.min(40, tile.widthMm() / stripes.periodMm() * 1.1 + 1);
        int mostJ = (int) Math.min(40, tile.heightMm() / stripes.periodMm() * 1.1 + 1);
        return IntStream.rangeClosed(0, mostI).boxed()
                .flatMap(i -> IntStream.rangeClosed(-mostJ, mostJ).filter(j -> i != 0 || j > 0)
                        .mapToObj(j -> new Waves(i, j, tile.widthMm(), tile.heightMm())))
                .filter(w -> Math.abs(w.bandScale(stripes) - 1) < MARK_WITHIN).map(Waves::angleDeg).toList();
    }
}
