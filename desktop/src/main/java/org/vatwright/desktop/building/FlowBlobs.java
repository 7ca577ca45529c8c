package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Studio;

/** What lies between the lines. */
final class FlowBlobs extends Chapter.Of<FlowLines> {

    private final FlowBlobRows blobs;

    FlowBlobs(Studio studio) {
        super(studio, FlowLines.class);
        blobs = new FlowBlobRows(studio);
        hold(blobs);
    }

    @Override
    void show(Design design, Colourway colourway, FlowLines f) {
        blobs.show(f, design, colourway);
    }
}
