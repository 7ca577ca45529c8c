package org.vatwright.core.family.motif;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Require;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.picture.InkMap;
import org.vatwright.core.picture.Tracing;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.shape.Outline;

/** A picture of a few inks as a motif of shapes, which stay sharp at every size. */
public final class TracedPicture {

    /** Finer than that outlines follow the grain of the picture and not its forms. */
    public static final int MOST_PX = 1400;
    private static final double SPECK_PX = 6;

    private TracedPicture() {}

    /**
     * @param fill shown in a few inks
     * @param smaller makes a picture smaller, to that many pixels at its longer side
     * @return the motif, as large as the fill lies, its middle at 0, 0
     */
    public static Motif of(Fill fill, BiFunction<Raster, Integer, Raster> smaller, Work work) {
        Fill.OfPicture of = fill.picture().orElseThrow();
        Require.that(!of.reduced().isEmpty(),
                "a picture in all its colours has no outlines; show it in a few inks first");
        Raster tile = smaller.apply(of.made(work), MOST_PX);
        List<Rgb> found = of.reduced().stream().map(Fill.Reduced::found).toList();
        int[] shown = order(of);
        int[] worn = new int[found.size()];
        List<Ink> inks = new ArrayList<>();
        of.reduced().stream().map(Fill.Reduced::ink).distinct().forEach(inks::add);
        for (int i = 0; i < worn.length; i++) {
            worn[i] = 0xFF000000 | shown[i];
        }
        int[] labels = Tracing.labels(InkMap.shown(tile, found, worn).argb());
        List<Path2D> outlines = Tracing.of(labels, tile.width(), inks.size(), SPECK_PX, work);
        AffineTransform toMm = AffineTransform.getScaleInstance(of.widthMm() * fill.wide() / tile.width(),
                of.heightMm() * fill.high() / tile.height());
        toMm.translate(-tile.width() / 2.0, -tile.height() / 2.0);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < inks.size(); i++) {
            if (outlines.get(i).getCurrentPoint() != null && !(inks.get(i) instanceof Ink.Clear)) {
                Outline outline = Outline.of(outlines.get(i), toMm);
                parts.add(new Part(inks.get(i).words(), new Form.Free(outline), 0, 0, 0, 1, 1, inks.get(i),
                        Optional.empty(), 1, Optional.empty()));
            }
        }
        Require.that(!parts.isEmpty(), "there is nothing in the picture that could be outlined");
        return new Motif(1, fill.name(), parts);
    }

    /** @return by what was found the number of the ink it is shown in: two that are shown in one have one number */
    private static int[] order(Fill.OfPicture of) {
        List<Ink> inks = of.reduced().stream().map(Fill.Reduced::ink).distinct().toList();
        return of.reduced().stream().mapToInt(r -> inks.indexOf(r.ink())).toArray();
    }
}
