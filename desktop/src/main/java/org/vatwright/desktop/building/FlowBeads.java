package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Studio;

/** What is strung on the line: rows of beads and dashes. */
final class FlowBeads extends Chapter.Of<FlowLines> {

    private final FlowBeadRows beads;

    FlowBeads(Studio studio) {
        super(studio, FlowLines.class);
        beads = new FlowBeadRows(studio);
        hold(beads);
    }

    @Override
    void show(Design design, Colourway colourway, FlowLines f) {
        beads.show(f, design, colourway);
    }
}
