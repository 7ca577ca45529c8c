package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.studio.Studio;

/** The angle of a woven cloth on the cell, and how many threads the tile holds each way and why. */
final class ClothGrain extends Chapter.Of<SettFabric> {

    private final FabricTurn turn;
    private final PeriodLines period;

    ClothGrain(Studio studio) {
        super(studio, SettFabric.class);
        turn = new FabricTurn(studio, degrees -> edit("turn cloth to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                c -> (SettFabric) c.closed(degrees, c.fabric().endsPerCm(), c.fabric().picksPerCm())));
        period = new PeriodLines(studio);
        hold(turn, period);
    }

    @Override
    void show(Design design, Colourway colourway, SettFabric cloth) {
        turn.show(design, cloth);
        period.show(cloth.fabric());
    }
}
