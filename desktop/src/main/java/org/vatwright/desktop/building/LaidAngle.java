package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Studio;

/** The angle of blocks or lines on the cell. */
class LaidAngle extends Chapter.Of<LaidStructure> {

    private final LaidTurn turn;

    /** @param what is turned, as in "angle of the blocks" */
    LaidAngle(Studio studio, String what) {
        super(studio, LaidStructure.class);
        turn = new LaidTurn(studio, what);
        hold(turn);
    }

    @Override
    void show(Design design, Colourway colourway, LaidStructure laid) {
        turn.show(design, laid);
    }
}
