package org.vatwright.core.catalogue;

import java.util.List;
import java.util.function.BiFunction;

import org.vatwright.core.loom.Band;
import org.vatwright.core.loom.BandMeasure;
import org.vatwright.core.loom.BandRun;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.motif.Dot;
import org.vatwright.core.pattern.motif.Dots;
import org.vatwright.core.pattern.stripe.Stripes;
import org.vatwright.core.repeat.Arrangement;

/** The one list of the families of structures. A new family is a package, a line here, a form and a codec. */
public final class Catalogue {

    /**
     * @param id as in {@link Structure#family()}
     * @param title as shown
     * @param type its record
     * @param fresh a good-looking start on that design, in the inks given, of which there is at least one
     */
    public record Family(String id, String title, Class<? extends Structure> type,
            BiFunction<Design, List<Ink>, Structure> fresh) {}

    public static final List<Family> FAMILIES = List.of(
            new Family(Stripes.FAMILY, "Stripes", Stripes.class, Catalogue::stripes),
            new Family(Dots.FAMILY, "Dots", Dots.class, Catalogue::dots));

    private Catalogue() {}

    public static String title(Structure structure) {
        return FAMILIES.stream().filter(f -> f.type().isInstance(structure)).findFirst().orElseThrow().title();
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

    /** A half-drop of four by four, each dot two fifths of its small cell. */
    private static Structure dots(Design design, List<Ink> inks) {
        double w = design.repeat().widthMm() / 4;
        double h = design.repeat().heightMm() / 4;
        double diameter = Math.max(0.1, Math.rint(0.4 * Math.min(w, h) * 10) / 10);
        return new Dots(List.of(new Dot(w / 2, h / 2, diameter, inks.getFirst())), 4, 4, Arrangement.HALF_DROP);
    }
}
