package org.vatwright.core.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.family.check.Checks;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.tooth.ToothKind;

/** The one list of the families of structures. A new family is a package, a line here, a form and a codec. */
public final class Catalogue {

    /**
     * @param id as in {@link Structure#family()}
     * @param title as shown
     * @param type its record
     * @param fresh a good-looking start on that design, in the inks given, of which there is at least one
     * @param begin how a layer of it begins, where that is not with such a start
     */
    public record Family(String id, String title, Class<? extends Structure> type,
            BiFunction<Design, List<Ink>, Structure> fresh, BiFunction<Design, List<Ink>, Structure> begin) {

        Family(String id, String title, Class<? extends Structure> type,
                BiFunction<Design, List<Ink>, Structure> fresh) {
            this(id, title, type, fresh, fresh);
        }
    }

    public static final List<Family> FAMILIES = List.of(
            new Family(Stripes.FAMILY, "Stripes", Stripes.class, Catalogue::stripes),
            new Family(Checks.FAMILY, "Check", Checks.class, Catalogue::check),
            new Family(Plaid.FAMILY, "Plaid", Plaid.class, Catalogue::plaid),
            new Family(Weaving.FAMILY, "Weave", Weaving.class, Catalogue::weave),
            new Family(Dots.FAMILY, "Dots", Dots.class, Catalogue::dots),
            new Family(Blocks.FAMILY, "Blocks", Blocks.class, LaidStarts::blocks),
            new Family(Zigzag.FAMILY, "Zigzag", Zigzag.class, LaidStarts::zigzag),
            new Family(Interlace.FAMILY, "Interlace", Interlace.class, LaidStarts::interlace),
            new Family(FlowLines.FAMILY, "Flow lines", FlowLines.class, LaidStarts::flow),
            new Family(Motifs.FAMILY, "Motifs", Motifs.class, Catalogue::motifs),
            new Family(Tooth.FAMILY, "Tooth", Tooth.class, Catalogue::tooth),
            // Who paints begins with nothing.
            new Family(Brushwork.FAMILY, "Brushwork", Brushwork.class, BrushStart::strokes,
                    (design, inks) -> Brushwork.empty()),
            new Family(Cover.FAMILY, "Cover", Cover.class, (design, inks) -> new Cover(inks.getFirst())));

    private Catalogue() {}

    public static String title(Structure structure) {
        return structure instanceof Together
                ? "Together"
                : FAMILIES.stream().filter(f -> f.type().isInstance(structure)).findFirst().orElseThrow().title();
    }

    /** Broad and narrow in turn, four periods across the tile; over other layers every second band is clear. */
    private static Structure stripes(Design design, List<Ink> inks) {
        double unit = Math.rint(design.repeat().tile().widthMm() / 4 / 8 * 1e6) / 1e6;
        Ink other = !design.layers().isEmpty() ? Ink.CLEAR : inks.size() > 1 ? inks.get(1) : Ink.CLEAR;
        Band broad = new Band(inks.getFirst(), Math.max(Band.LEAST, 3 * unit));
        Band narrow = new Band(inks.getFirst(), Math.max(Band.LEAST, unit));
        Band gap = new Band(other, Math.max(Band.LEAST, 2 * unit));
        return new Stripes(new BandRun(List.of(broad, gap, narrow, gap), false), new BandMeasure.Millimetres(), 0, 1);
    }

    /** A gingham in the design's first inks. */
    private static Structure check(Design design, List<Ink> inks) {
        return Checks.fresh(Checks.Kind.GINGHAM, List.of(inks.getFirst(), inks.get(1 % inks.size())));
    }

    /** A broad ground, a broad band and two fine lines, pivoting, over a 2/2 twill. */
    private static Structure plaid(Design design, List<Ink> inks) {
        Ink ground = inks.getFirst();
        Ink band = inks.get(1 % inks.size());
        Ink line = inks.get(2 % inks.size());
        BandRun run = new BandRun(List.of(new Band(line, 4), new Band(ground, 24), new Band(band, 24),
                new Band(ground, 6), new Band(line, 2), new Band(ground, 16)), true);
        return new Plaid(new Fabric(run, Optional.empty(), Weave.twill(List.of(2, 2), false), Look.WOVEN, 20, 20));
    }

    /** A 2/2 twill with the look of cotton, warp and weft in two inks. */
    private static Structure weave(Design design, List<Ink> inks) {
        BandRun warp = new BandRun(List.of(new Band(inks.getFirst(), 4)), false);
        BandRun weft = new BandRun(List.of(new Band(inks.get(1 % inks.size()), 4)), false);
        NamedWeave twill = NamedWeave.parse("twill 2/2");
        return new Weaving(twill.name(), twill.draft(), new Fabric(warp, Optional.of(weft), Weave.plain(),
                new Look.Yarns(YarnLook.named("cotton")), 10, 10));
    }

    /** A leaf in rows of four by four, every second one mirrored. */
    private static Structure motifs(Design design, List<Ink> inks) {
        double side = Math.min(design.repeat().widthMm(), design.repeat().heightMm()) / 4;
        Part leaf = new Part(new Form.Leaf(Math.max(0.1, side * 0.3), Math.max(0.2, side * 0.7)), inks.getFirst())
                .withTurn(-35);
        return new Motifs(List.of(new Motif(1, "Leaf", List.of(leaf))), List.of(),
                new Placing.Rows(4, 4, Arrangement.STRAIGHT, 0, true), WallpaperGroup.P1);
    }

    /** Felt in one ink, a thirtieth of the cell. */
    private static Structure tooth(Design design, List<Ink> inks) {
        double side = Math.min(design.repeat().widthMm(), design.repeat().heightMm());
        return Tooth.fresh(ToothKind.FELT, Math.max(0.5, Math.min(8, Math.rint(side / 30 * 10) / 10)),
                inks.subList(0, 1));
    }

    /** A half-drop of four by four, each dot two fifths of its small cell. */
    private static Structure dots(Design design, List<Ink> inks) {
        double w = design.repeat().widthMm() / 4;
        double h = design.repeat().heightMm() / 4;
        double diameter = Math.max(0.1, Math.rint(0.4 * Math.min(w, h) * 10) / 10);
        return new Dots(List.of(new Dot(w / 2, h / 2, diameter, inks.getFirst())), 4, 4, Arrangement.HALF_DROP);
    }
}
