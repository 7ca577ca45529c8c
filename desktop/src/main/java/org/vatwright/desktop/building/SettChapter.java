package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.ChosenPart;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;

/** The threads of a cloth: its setts as text and as bands, whether the weft has its own. */
final class SettChapter extends Chapter.Of<SettFabric> {

    private final SettEntry warpText;
    private final SettEntry weftText;
    private final Label legend = Ui.prose("", "quiet");
    private final Segments<Boolean> ownWeft;
    private final Segments<Boolean> side;
    private final BandList warpBands;
    private final BandList weftBands;
    private final Segments<Boolean> pivot;
    private final NumberRow total;

    SettChapter(Studio studio) {
        super(studio, SettFabric.class);
        legend.setId("sett-letters");
        warpText = new SettEntry(studio, true);
        weftText = new SettEntry(studio, false);
        ownWeft = new Segments<>(List.of(false, true), own -> own ? "Its own" : "As the warp", this::ownWeft);
        ownWeft.button(true).setId("weft-own");
        ownWeft.button(false).setId("weft-same");
        side = new Segments<>(List.of(true, false), w -> w ? "Warp" : "Weft",
                w -> studio.select(s -> s.withPart(w ? new ChosenPart.Own(0) : new ChosenPart.OfWeft(0))));
        side.button(false).setId("bands-weft");
        warpBands = new BandList(studio, RunEditor.cloth(studio, true), "");
        weftBands = new BandList(studio, RunEditor.cloth(studio, false), "weft ");
        pivot = new Segments<>(List.of(false, true), p -> p ? "There and back" : "Repeating",
                p -> runs().edit(p ? "pivot the sett" : "repeat the sett", r -> r.withPivot(p)));
        pivot.button(true).setId("sett-pivot");
        pivot.button(false).setId("sett-repeat");
        total = NumberRow.number(studio, "In all", "threads of the sett", "threads", 0, 4,
                n -> runs().edit("sett of %s threads".formatted(Numbers.plain(n)),
                        r -> r.toThreads((int) Math.max(1, Math.min(Fabric.MOST_THREADS, Math.rint(n))))));
        hold(Ui.labelled("Weft", ownWeft), side, warpText, weftText, legend, warpBands, weftBands,
                Ui.labelled("Run", pivot), total);
    }

    private RunEditor runs() {
        return RunEditor.cloth(studio, !onWeft());
    }

    private boolean onWeft() {
        return studio.selection().part() instanceof ChosenPart.OfWeft && studio.structure(SettFabric.class)
                .map(p -> p.fabric().ownWeft().isPresent()).orElse(false);
    }

    private void ownWeft(boolean own) {
        UnaryOperator<Fabric> change = c -> c.withOwnWeft(own ? Optional.of(c.weft()) : Optional.empty());
        studio.editStructure(own ? "weft of its own" : "weft as the warp", SettFabric.class,
                c -> c.withFabric(change.apply(c.fabric())));
        studio.select(s -> s.withPart(own ? new ChosenPart.OfWeft(0) : ChosenPart.NONE));
    }

    @Override
    void show(Design design, Colourway colourway, SettFabric structure) {
        Fabric cloth = structure.fabric();
        boolean own = cloth.ownWeft().isPresent();
        boolean weft = onWeft();
        warpText.show(structure);
        weftText.show(structure);
        legend.setText(String.join(", ", structure.letters().entrySet().stream()
                .filter(e -> cloth.inks().contains(e.getValue())).map(e -> e.getKey() + " " + e.getValue().words())
                .toList()));
        Ui.show(warpText, !weft);
        Ui.show(weftText, weft);
        ownWeft.show(own);
        Ui.show(side, own);
        side.show(!weft);
        Ui.show(warpBands, !weft);
        Ui.show(weftBands, weft);
        (weft ? weftBands : warpBands).show(design, colourway);
        pivot.show((weft ? cloth.weft() : cloth.warp()).pivot());
        total.show((weft ? cloth.weft() : cloth.warp()).length());
    }

    @Override
    List<Runnable> furnishing(Design design, Colourway colourway, Layer layer) {
        List<Runnable> steps = new ArrayList<>(super.furnishing(design, colourway, layer));
        int bands = ((SettFabric) layer.structure()).fabric().warp().bands().size();
        IntStream.rangeClosed(1, bands).forEach(n -> steps.add(() -> warpBands.ready(n)));
        return steps;
    }

    @Override
    void complete() {
        warpBands.complete();
        weftBands.complete();
    }
}
