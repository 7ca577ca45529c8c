package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Studio;

/** The group of symmetries that the cell has. */
final class SymmetryChapter extends Chapter.Of<Motifs> {

    private final GroupPicker group;

    SymmetryChapter(Studio studio) {
        super(studio, Motifs.class);
        group = new GroupPicker(studio, "each motif", (s, g) -> s instanceof Motifs m ? m.withGroup(g) : s);
        hold(group);
    }

    @Override
    void show(Design design, Colourway colourway, Motifs motifs) {
        group.show(design, motifs.group());
    }
}
