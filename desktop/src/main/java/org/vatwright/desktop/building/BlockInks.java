package org.vatwright.desktop.building;

import javafx.scene.layout.VBox;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** The inks of blocks, of the joints between them and of the lines that cross them. */
final class BlockInks extends Chapter.Of<Blocks> {

    private final InkChip joint;
    private final NumberRow line;
    private final InkChip lineInk;
    private final VBox lines;
    private final BlockInkRows inks;

    BlockInks(Studio studio) {
        super(studio, Blocks.class);
        joint = new InkChip("joint ink", ink -> edit("joint " + ink.words(), b -> b.withJoint(ink)));
        line = NumberRow.length(studio, "Crossing", "crossing lines",
                mm -> edit("crossing lines", b -> b.withLine(new Blocks.Line(visible(b), mm))));
        lineInk = new InkChip("crossing line ink",
                ink -> edit("line " + ink.words(), b -> b.withLine(new Blocks.Line(ink, b.line().widthMm()))));
        lines = Ui.column(4, line, Ui.labelled("", lineInk));
        inks = new BlockInkRows(studio);
        hold(Ui.labelled("Joint", joint), lines, inks);
    }

    /** A line just asked for gets an ink that can be seen. */
    private static Ink visible(Blocks b) {
        return b.line().ink() instanceof Ink.Clear ? b.joint() : b.line().ink();
    }

    @Override
    void show(Design design, Colourway colourway, Blocks blocks) {
        joint.show(blocks.joint(), design, colourway);
        Ui.show(lines, blocks.bond() instanceof Bond.Argyle);
        line.show(blocks.line().widthMm());
        lineInk.show(blocks.line().ink(), design, colourway);
        inks.show(blocks.inking(), design, colourway);
    }
}
