package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import java.util.function.UnaryOperator;

/** How the threads of a cloth lie and look: the weave of a plaid, the counts, flat or as yarn. */
final class ClothChapter extends Chapter.Of<SettFabric> {

    private final boolean plaid;
    private final LookRows look;
    private final WeavePicker weave;
    private final NumberRow ends;
    private final NumberRow picks;

    /** @param plaid whether its weave is chosen here and its threads may be blended */
    ClothChapter(Studio studio, boolean plaid) {
        super(studio, SettFabric.class);
        this.plaid = plaid;
        look = new LookRows(studio, plaid);
        weave = WeavePicker.ofWeaves(studio, "weave", w -> cloth("weave " + w.name(), c -> c.withWeave(w)));
        ends = NumberRow.number(studio, "Ends", "ends per cm", "per cm", 2, 1,
                n -> cloth("%s ends a cm".formatted(Numbers.plain(n)), c -> c.withCounts(n, c.picksPerCm())));
        picks = NumberRow.number(studio, "Picks", "picks per cm", "per cm", 2, 1,
                n -> cloth("%s picks a cm".formatted(Numbers.plain(n)), c -> c.withCounts(c.endsPerCm(), n)));
        if (plaid) {
            hold(weave);
        }
        hold(Ui.pair(ends, picks), look);
    }

    private void cloth(String name, UnaryOperator<Fabric> change) {
        edit(name, c -> c.withFabric(change.apply(c.fabric())));
    }

    @Override
    void show(Design design, Colourway colourway, SettFabric structure) {
        Fabric cloth = structure.fabric();
        look.show(cloth);
        if (plaid) {
            Ui.show(weave, cloth.woven());
            weave.show(cloth.weave().name());
        }
        ends.show(cloth.endsPerCm());
        picks.show(cloth.picksPerCm());
    }
}
