package org.vatwright.desktop.build;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.loom.Cloth;
import org.vatwright.core.loom.Look;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.plaid.Plaid;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Selection;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** A plaid: its setts as text and as bands, how it is woven, how many threads a cm, whether it closes. */
final class PlaidForm implements StructureForm {

    private final Studio studio;
    private final VBox node = new VBox(8);
    private final SettEntry warpText;
    private final SettEntry weftText;
    private final Label legend = Ui.prose("", "quiet");
    private final Segments<Boolean> ownWeft;
    private final Segments<Boolean> side;
    private final BandList warpBands;
    private final BandList weftBands;
    private final Segments<Boolean> pivot;
    private final NumberRow total;
    private final Segments<Boolean> woven;
    private final NumberRow share;
    private final WeavePicker weave;
    private final NumberRow ends;
    private final NumberRow picks;
    private final PeriodLines period;
    private final ClothTurn turn;

    PlaidForm(Studio studio) {
        this.studio = studio;
        legend.setId("sett-letters");
        warpText = new SettEntry(studio, true);
        weftText = new SettEntry(studio, false);
        ownWeft = new Segments<>(List.of(false, true), own -> own ? "Its own" : "As the warp", this::ownWeft);
        ownWeft.button(true).setId("weft-own");
        ownWeft.button(false).setId("weft-same");
        side = new Segments<>(List.of(true, false), w -> w ? "Warp" : "Weft",
                w -> studio.select(s -> s.withPart(w ? 0 : Selection.WEFT)));
        side.button(false).setId("bands-weft");
        warpBands = new BandList(studio, RunEditor.plaid(studio, true), "");
        weftBands = new BandList(studio, RunEditor.plaid(studio, false), "weft ");
        pivot = new Segments<>(List.of(false, true), p -> p ? "There and back" : "Repeating",
                p -> runs().edit(p ? "pivot the sett" : "repeat the sett", r -> r.withPivot(p)));
        pivot.button(true).setId("sett-pivot");
        pivot.button(false).setId("sett-repeat");
        total = NumberRow.number(studio, "In all", "threads of the sett", "threads", 0, 4,
                n -> runs().edit("sett of %s threads".formatted(Numbers.plain(n)),
                        r -> r.toThreads((int) Math.max(1, Math.min(Cloth.MOST_THREADS, Math.rint(n))))));
        woven = new Segments<>(List.of(true, false), w -> w ? "Woven" : "Blended",
                w -> cloth(w ? "weave the plaid" : "blend the plaid", c -> c.withLook(w ? Look.WOVEN : Look.HALF)));
        woven.button(false).setId("look-blended");
        woven.button(true).setId("look-woven");
        share = NumberRow.number(studio, "Warp share", "share of the warp", "%", 1, 5,
                n -> cloth("warp %s %%".formatted(Numbers.plain(n)), c -> c.withLook(new Look.Blended(n / 100))));
        weave = new WeavePicker(studio, "weave", w -> cloth("weave " + w.name(), c -> c.withWeave(w)));
        ends = NumberRow.number(studio, "Ends", "ends per cm", "per cm", 2, 1,
                n -> cloth("%s ends a cm".formatted(Numbers.plain(n)), c -> c.withCounts(n, c.picksPerCm())));
        picks = NumberRow.number(studio, "Picks", "picks per cm", "per cm", 2, 1,
                n -> cloth("%s picks a cm".formatted(Numbers.plain(n)), c -> c.withCounts(c.endsPerCm(), n)));
        period = new PeriodLines(studio);
        turn = new ClothTurn(studio,
                degrees -> studio.editStructure("turn plaid to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                        Plaid.class,
                        p -> p.withAngle(degrees)));
        node.getChildren().addAll(Ui.label("Sett", "card-title"), warpText, legend, Ui.labelled("Weft", ownWeft),
                weftText,
                side,
                warpBands, weftBands, Ui.labelled("Run", pivot), total, Ui.labelled("Look", woven), share, weave, ends,
                picks, period, turn);
    }

    private void cloth(String name, UnaryOperator<Cloth> change) {
        studio.editStructure(name, Plaid.class, p -> p.withCloth(change.apply(p.cloth())));
    }

    private RunEditor runs() {
        return RunEditor.plaid(studio, !onWeft());
    }

    private boolean onWeft() {
        return studio.selection().part() >= Selection.WEFT
                && RunEditor.structure(studio, Plaid.class).map(p -> p.cloth().ownWeft().isPresent()).orElse(false);
    }

    private void ownWeft(boolean own) {
        cloth(own ? "weft of its own" : "weft as the warp",
                c -> c.withOwnWeft(own ? Optional.of(c.weft()) : Optional.empty()));
        studio.select(s -> s.withPart(own ? Selection.WEFT : -1));
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void show(Design design, Colourway colourway, Structure structure) {
        Plaid plaid = (Plaid) structure;
        Cloth cloth = plaid.cloth();
        boolean own = cloth.ownWeft().isPresent();
        boolean weft = onWeft();
        warpText.show(plaid);
        weftText.show(plaid);
        legend.setText(String.join(", ", plaid.letters().entrySet().stream()
                .filter(e -> cloth.inks().contains(e.getValue())).map(e -> e.getKey() + " " + e.getValue().words())
                .toList()));
        Ui.show(weftText, own);
        ownWeft.show(own);
        Ui.show(side, own);
        side.show(!weft);
        Ui.show(warpBands, !weft);
        Ui.show(weftBands, weft);
        warpBands.show(design, colourway);
        weftBands.show(design, colourway);
        pivot.show((weft ? cloth.weft() : cloth.warp()).pivot());
        total.show((weft ? cloth.weft() : cloth.warp()).length());
        woven.show(cloth.woven());
        Ui.show(share, !cloth.woven());
        if (cloth.look() instanceof Look.Blended(double warpShare)) {
            share.show(100 * warpShare);
        }
        Ui.show(weave, cloth.woven());
        weave.show(cloth.weave());
        ends.show(cloth.endsPerCm());
        picks.show(cloth.picksPerCm());
        period.show(cloth);
        turn.show(design, plaid);
    }
}
