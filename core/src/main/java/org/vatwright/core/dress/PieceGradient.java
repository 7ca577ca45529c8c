package org.vatwright.core.dress;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.SampledCloth;

/**
 * A gradient across the piece. What the marks of a tile wear then differs from repeat to repeat; so the whole cloth is ready
 * once in each ink of the gradient, and a place of the piece takes the mixture of the two it lies between. That is exact
 * wherever colours are mixed as numbers, which is everywhere but in pixels that several marks share; there it keeps within
 * what the two ends allow.
 *
 * @param stops its places and, at each, the design with that ink instead of the gradient
 * @param run what it crosses, in pixels of the article
 */
record PieceGradient(Fill.OfGradient gradient, List<Stop> stops, Rectangle2D run) {

    private static final int STRIP_ROWS = 32;

    record Stop(double place, SampledCloth cloth) {}

    /** Reads a cloth as the piece lies on it. */
    @FunctionalInterface
    interface Reader {
        void read(SampledCloth cloth, Raster out, Work work);
    }

    /** @return with every gradient across the piece at its first ink */
    static Design begun(Design design) {
        Design begun = design;
        for (Fill fill : over(design)) {
            begun = held(begun, fill, fill.gradient().orElseThrow().stops().getFirst());
        }
        return begun;
    }

    private static List<Fill> over(Design design) {
        return design.usedFills().stream().filter(Fill::overPiece).toList();
    }

    private static Design held(Design design, Fill fill, Gradient.Stop at) {
        Gradient.Stop from = new Gradient.Stop(0, at.ink(), at.opacity());
        Gradient.Stop to = new Gradient.Stop(1, at.ink(), at.opacity());
        return design.editFill(fill.name(), f -> f.withGradient(g -> g.withStops(List.of(from, to))));
    }

    /** @param begun the design with all of them at their first inks */
    static List<PieceGradient> all(Design design, Design begun, Rectangle2D run,
            Function<Design, SampledCloth> cloths) {
        List<PieceGradient> all = new ArrayList<>();
        for (Fill fill : over(design)) {
            Fill.OfGradient gradient = fill.gradient().orElseThrow();
            List<Stop> stops = gradient.stops().stream()
                    .map(s -> new Stop(s.place(), cloths.apply(held(begun, fill, s)))).toList();
            all.add(new PieceGradient(gradient, stops, run));
        }
        return all;
    }

    /**
     * @param cloth with all gradients at their first inks; takes what they make of it
     * @param left,top of it in the article, in pixels
     */
    static void lay(List<PieceGradient> all, Reader map, Raster cloth, int left, int top, Work work) {
        int[] first = all.size() == 1 ? cloth.argb() : cloth.argb().clone();
        for (PieceGradient one : all) {
            List<Raster> seen = new ArrayList<>();
            for (Stop stop : one.stops) {
                Raster at = new Raster(cloth.width(), cloth.height());
                map.read(stop.cloth, at, work);
                seen.add(at);
            }
            Rows.each(cloth.height(), STRIP_ROWS, work, (from, to) -> {
                for (int y = from; y < to; y++) {
                    for (int x = 0; x < cloth.width(); x++) {
                        one.lay(seen, first, cloth, x, y, left, top);
                    }
                }
            });
        }
    }

    private void lay(List<Raster> seen, int[] first, Raster cloth, int x, int y, int left, int top) {
        int i = y * cloth.width() + x;
        double t = place((left + x + 0.5 - run.getX()) / run.getWidth(),
                (top + y + 0.5 - run.getY()) / run.getHeight());
        int next = 0;
        while (next < stops.size() && stops.get(next).place <= t) {
            next++;
        }
        int before = Math.max(0, next - 1);
        int after = Math.min(stops.size() - 1, next);
        double span = stops.get(after).place - stops.get(before).place;
        double share = span <= 0 ? 0 : (t - stops.get(before).place) / span;
        int a = seen.get(before).argb()[i];
        int b = seen.get(after).argb()[i];
        int out = 0;
        for (int shift = 0; shift < 32; shift += 8) {
            double low = a >>> shift & 255;
            double value = low + Math.max(0, Math.min(1, share)) * ((b >>> shift & 255) - low)
                    - (first[i] >>> shift & 255) + (cloth.argb()[i] >>> shift & 255);
            out |= (int) Math.max(0, Math.min(255, Math.round(value))) << shift;
        }
        cloth.argb()[i] = out;
    }

    /** On a piece nothing repeats: the course is held at both ends, and there and back is its half. */
    private double place(double u, double v) {
        double t = Math.max(0, Math.min(1, gradient.course().in(run.getWidth(), run.getHeight(), u, v)));
        return gradient.course().back() ? 1 - Math.abs(1 - 2 * t) : t;
    }
}
