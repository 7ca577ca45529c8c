package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Studio;

/** How blocks differ from each other, all together and one by one. */
final class BlockVariety extends Chapter.Of<Blocks> {

    private final BlockVarietyRows variety;
    private final BlockTouchRows touch;

    BlockVariety(Studio studio) {
        super(studio, Blocks.class);
        variety = new BlockVarietyRows(studio);
        touch = new BlockTouchRows(studio);
        hold(variety, touch);
    }

    @Override
    void show(Design design, Colourway colourway, Blocks blocks) {
        variety.show(design, blocks);
        touch.show(design, colourway, blocks);
    }
}
