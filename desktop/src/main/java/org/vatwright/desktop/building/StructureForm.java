package org.vatwright.desktop.building;

import java.util.Map;
import java.util.function.Function;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.check.Checks;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;

/** The form of one family of structures in the open layer's card. */
interface StructureForm {

    /** One form a family. */
    Map<String, Function<Studio, StructureForm>> ALL = Map.ofEntries(Map.entry(Stripes.FAMILY, StripesForm::new),
            Map.entry(Checks.FAMILY, ChecksForm::new),
            Map.entry(Plaid.FAMILY, PlaidForm::new),
            Map.entry(Weaving.FAMILY, WeaveForm::new),
            Map.entry(Dots.FAMILY, DotsForm::new),
            Map.entry(Blocks.FAMILY, BlocksForm::new),
            Map.entry(Zigzag.FAMILY, ZigzagForm::new),
            Map.entry(Interlace.FAMILY, InterlaceForm::new),
            Map.entry(FlowLines.FAMILY, FlowForm::new),
            Map.entry(Motifs.FAMILY, MotifsForm::new));

    Node node();

    void show(Design design, Colourway colourway, Structure structure);
}
