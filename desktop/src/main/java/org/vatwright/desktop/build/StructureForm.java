package org.vatwright.desktop.build;

import java.util.Map;
import java.util.function.Function;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.block.Blocks;
import org.vatwright.core.pattern.check.Checks;
import org.vatwright.core.pattern.flow.FlowLines;
import org.vatwright.core.pattern.interlace.Interlace;
import org.vatwright.core.pattern.motif.Dots;
import org.vatwright.core.pattern.motif.Motifs;
import org.vatwright.core.pattern.plaid.Plaid;
import org.vatwright.core.pattern.stripe.Stripes;
import org.vatwright.core.pattern.weave.Weaving;
import org.vatwright.core.pattern.zigzag.Zigzag;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;

/** The form of one family of structures in the open layer's card. */
interface StructureForm {

    /** One form a family. */
    Map<String, Function<Studio, StructureForm>> ALL = Map.of(Stripes.FAMILY, StripesForm::new, Checks.FAMILY,
            ChecksForm::new, Plaid.FAMILY, PlaidForm::new, Weaving.FAMILY, WeaveForm::new, Dots.FAMILY, DotsForm::new,
            Blocks.FAMILY, BlocksForm::new, Zigzag.FAMILY, ZigzagForm::new, Interlace.FAMILY, InterlaceForm::new,
            FlowLines.FAMILY, FlowForm::new, Motifs.FAMILY, MotifsForm::new);

    Node node();

    void show(Design design, Colourway colourway, Structure structure);
}
