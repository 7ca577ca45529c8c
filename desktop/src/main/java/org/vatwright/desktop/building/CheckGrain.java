package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.check.Checks;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Studio;

/** The angle of a check on the cell. */
final class CheckGrain extends Chapter.Of<Checks> {

    private final FabricTurn turn;

    CheckGrain(Studio studio) {
        super(studio, Checks.class);
        turn = new FabricTurn(studio, degrees -> edit("turn check to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                c -> c.withAngle(degrees)));
        hold(turn);
    }

    @Override
    void show(Design design, Colourway colourway, Checks checks) {
        turn.show(design, checks);
    }
}
