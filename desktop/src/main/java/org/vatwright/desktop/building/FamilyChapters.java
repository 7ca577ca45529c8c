package org.vatwright.desktop.building;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;

import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.family.check.Checks;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.desktop.studio.Studio;

/** Which chapters a layer of each family has, in the order of the work. All end with the surface. */
final class FamilyChapters {

    /**
     * @param make its content, when it is first opened
     * @param ofClosing whether it tells by itself how the layer closes, or changes nothing about that
     */
    record Entry(String id, String title, Function<Studio, Chapter> make, boolean ofClosing) {

        Entry(String id, String title, Function<Studio, Chapter> make) {
            this(id, title, make, false);
        }
    }

    static final String CUT_OUT = "cut-out";
    // What layers of several families have is one and the same chapter.
    private static final Entry SETT = new Entry("sett", "Sett", SettChapter::new, true);
    private static final Entry GRAIN = new Entry("grain", "Grain", ClothGrain::new, true);
    private static final Entry SURFACE = new Entry("surface", "Surface", SurfaceChapter::new, true);

    private static final Map<String, List<Entry>> ALL = Map.ofEntries(
            family(Stripes.FAMILY, new Entry("bands", "Bands", StripeBands::new),
                    new Entry("edges", "Edges", StripeEdges::new), new Entry("angle", "Angle", StripeAngle::new, true)),
            family(Checks.FAMILY, new Entry("check", "Check", CheckChapter::new),
                    new Entry("grain", "Grain", CheckGrain::new, true)),
            family(Plaid.FAMILY, SETT,
                    new Entry("cloth", "Cloth", s -> new ClothChapter(s, true)),
                    GRAIN),
            family(Weaving.FAMILY, new Entry("weave", "Weave", WeaveChapter::new),
                    new Entry("draft", "Draft", DraftChapter::new), SETT,
                    new Entry("cloth", "Cloth", s -> new ClothChapter(s, false)),
                    GRAIN),
            family(Dots.FAMILY, new Entry("dots", "Dots", DotsChapter::new),
                    new Entry("rows", "Rows", DotRows::new)),
            family(Blocks.FAMILY, new Entry("bond", "Bond", BondChapter::new),
                    new Entry("inks", "Inks", BlockInks::new), new Entry("variety", "Variety", BlockVariety::new),
                    new Entry("angle", "Angle", s -> new LaidAngle(s, "blocks"), true)),
            family(Zigzag.FAMILY, new Entry("lines", "Lines", ZigzagLines::new),
                    new Entry("run", "Run", ZigzagRun::new),
                    new Entry("angle", "Angle", ZigzagAngle::new, true)),
            family(Interlace.FAMILY, new Entry("mesh", "Mesh", MeshChapter::new),
                    new Entry("crossings", "Crossings", CrossingsChapter::new),
                    new Entry("angle", "Angle", s -> new LaidAngle(s, "lines"), true)),
            family(FlowLines.FAMILY, new Entry("run", "Run", FlowRun::new, true),
                    new Entry("line", "Line", FlowLine::new),
                    new Entry("beads", "Beads", FlowBeads::new), new Entry("blobs", "Blobs", FlowBlobs::new),
                    new Entry("motion", "Motion", FlowMotion::new)),
            family(Motifs.FAMILY, new Entry("figure", "Figure", FigureChapter::new),
                    new Entry("shape", "Shape", ShapeChapter::new),
                    new Entry("placing", "Placing", PlacingChapter::new),
                    new Entry("symmetry", "Symmetry", SymmetryChapter::new)),
            family(Tooth.FAMILY, new Entry("tooth", "Tooth", ToothChapter::new),
                    new Entry("inks", "Inks", ToothInks::new)),
            family(Brushwork.FAMILY, new Entry("brush", "Brush", BrushChapter::new),
                    new Entry("mirrors", "Mirrors", MirrorsChapter::new),
                    new Entry("strokes", "Strokes", StrokesChapter::new)),
            family(Cover.FAMILY, new Entry("cover", "Cover", CoverChapter::new),
                    new Entry(CUT_OUT, "Cut-out", CutOutChapter::new),
                    new Entry("inks", "Inks", CoverInks::new)),
            family(Together.FAMILY, new Entry("layers", "Layers", TogetherChapter::new)));

    private FamilyChapters() {}

    private static Map.Entry<String, List<Entry>> family(String family, Entry... chapters) {
        return Map.entry(family, Stream.concat(Stream.of(chapters), Stream.of(SURFACE)).toList());
    }

    static List<Entry> of(String family) {
        return ALL.get(family);
    }
}
