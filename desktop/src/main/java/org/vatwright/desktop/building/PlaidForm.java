package org.vatwright.desktop.building;

import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** A plaid: its setts as text and as bands, how it is woven, how many threads a cm, whether it closes. */
final class PlaidForm implements StructureForm {

    private final Studio studio;
    private final VBox node = new VBox(8);
    private final SettRows setts;
    private final LookRows look;
    private final WeavePicker weave;
    private final NumberRow ends;
    private final NumberRow picks;
    private final PeriodLines period;
    private final FabricTurn turn;

    PlaidForm(Studio studio) {
        this.studio = studio;
        setts = new SettRows(studio);
        look = new LookRows(studio, true);
        weave = WeavePicker.ofWeaves(studio, "weave", w -> cloth("weave " + w.name(), c -> c.withWeave(w)));
        ends = NumberRow.number(studio, "Ends", "ends per cm", "per cm", 2, 1,
                n -> cloth("%s ends a cm".formatted(Numbers.plain(n)), c -> c.withCounts(n, c.picksPerCm())));
        picks = NumberRow.number(studio, "Picks", "picks per cm", "per cm", 2, 1,
                n -> cloth("%s picks a cm".formatted(Numbers.plain(n)), c -> c.withCounts(c.endsPerCm(), n)));
        period = new PeriodLines(studio);
        turn = new FabricTurn(studio,
                degrees -> studio.editStructure("turn plaid to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                        Plaid.class,
                        p -> p.withAngle(degrees)));
        node.getChildren().addAll(setts, look, weave, ends, picks, period, turn);
    }

    private void cloth(String name, UnaryOperator<Fabric> change) {
        studio.editStructure(name, Plaid.class, p -> p.withFabric(change.apply(p.fabric())));
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void show(Design design, Colourway colourway, Structure structure) {
        Plaid plaid = (Plaid) structure;
        Fabric cloth = plaid.fabric();
        setts.show(design, colourway, plaid);
        look.show(cloth);
        Ui.show(weave, cloth.woven());
        weave.show(cloth.weave().name());
        ends.show(cloth.endsPerCm());
        picks.show(cloth.picksPerCm());
        period.show(cloth);
        turn.show(design, plaid);
    }
}
