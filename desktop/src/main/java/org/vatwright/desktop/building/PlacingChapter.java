package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;

import javafx.scene.control.Button;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** Where motifs stand: in rows, on rings, along a line, scattered, one by one. */
final class PlacingChapter extends Chapter.Of<Motifs> {

    private final InstanceRows instance;
    private final PlacingRows placing;

    PlacingChapter(Studio studio) {
        super(studio, Motifs.class);
        placing = new PlacingRows(studio);
        instance = new InstanceRows(studio);
        Button one = Ui.link("set one by hand", this::setOne);
        one.setId("set-one");
        Button all = Ui.link("set all by hand", this::setAll);
        all.setId("set-all");
        hold(placing, Ui.row(one, all), instance);
    }

    private void setOne() {
        studio.design().ifPresent(d -> {
            int id = studio.motifHand().in(studio.structure(Motifs.class).orElseThrow()).id();
            int[] at = {0};
            edit("set a motif", m -> {
                List<Instance> more = new ArrayList<>(m.byHand());
                at[0] = more.size();
                // In a group the middle of the cell is a centre of turns, where all images would lie over each other.
                boolean alone = m.group() == WallpaperGroup.P1;
                more.add(new Instance(id, d.repeat().widthMm() * (alone ? 0.5 : 0.3),
                        d.repeat().heightMm() * (alone ? 0.5 : 0.18)));
                return m.withByHand(more);
            });
            studio.select(s -> s.withOwn(at[0]));
        });
    }

    private void setAll() {
        studio.design().ifPresent(d -> edit("set all by hand", m -> m.setByHand(d.repeat())));
    }

    @Override
    void show(Design design, Colourway colourway, Motifs motifs) {
        instance.show(design, colourway, motifs);
        placing.show(design, colourway, motifs);
    }
}
