package org.vatwright.core.dress;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Density;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Kept;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.Stitching.Stitch;

/**
 * Keeps the pieces drawn last, so that of an article only what changes is drawn anew while a hand is on it. All that is kept is a
 * pure function of what it is kept by. Safe to use from several threads.
 */
public final class Wardrobe {

    /** A larger piece is drawn anew, row by row. */
    private static final double MOST_OF_ALL = 0.2;

    /**
     * What a dressed piece depends on.
     *
     * @param looks of all designs that it wears
     * @param picture all of the article
     * @param run what gradients over several pieces cross, in pixels
     */
    record Key(Outline outline, double asideX, double asideY, Dressing worn, List<Object> looks, Density density,
            double tolerancePx, Frame picture, Optional<Rectangle2D> run) {}

    /** One cloth or figure, before the light of a picture falls on it. */
    record Laid(Raster cloth, double opacity, BlendMode mode, double light) {}

    /** @param laid the lowest first, each as large as the mask */
    record Drawn(ShapeMask mask, List<Laid> laid) {}

    private record Sewn(Outline outline, Stitching how) {}

    private record Line(Outline outline, Pen pen, Density density, Frame picture) {}

    private record Finished(Key cloth, Piece piece, Dressing worn, List<ShadeStroke> shades, double shading) {}

    private record Hung(Picture picture, int width, int height) {}

    private final Kept<Key, Drawn> pieces;
    private final Kept<Line, ShapeMask> lines;
    private final Kept<Sewn, List<Stitch>> stitches;
    private final Kept<Finished, Step.Made> finished;
    private final Kept<Hung, PictureLight> lights;
    private final double mostPx;

    /** @param px of all kept pieces together */
    public Wardrobe(long px) {
        pieces = new Kept<>(px, d -> (long) (d.laid().size() + 1) * d.mask().width() * d.mask().height());
        lines = new Kept<>(px, m -> m.cover().length);
        stitches = new Kept<>(px, s -> 8L * s.size());
        finished = new Kept<>(px, m -> 2L * m.coat().width() * m.coat().height());
        lights = new Kept<>(px, l -> (long) l.picture().width() * l.picture().height());
        mostPx = px * MOST_OF_ALL;
    }

    boolean takes(Rectangle2D box, int cloths) {
        return box.getWidth() * box.getHeight() * cloths <= mostPx;
    }

    Drawn piece(Key key, Work work, Supplier<Drawn> make) {
        return pieces.get(key, work, make);
    }

    /** @return what effects have made of a piece. @param shades on it */
    Step.Made finished(Key cloth, Piece piece, Dressing worn, List<ShadeStroke> shades, double shading, Work work,
            Supplier<Step.Made> make) {
        return finished.get(new Finished(cloth, piece, worn, shades, shading), work, make);
    }

    ShapeMask line(Outline outline, Pen pen, Density density, Frame picture, Work work, Supplier<ShapeMask> make) {
        return lines.get(new Line(outline, pen, density, picture), work, make);
    }

    List<Stitch> stitches(Outline outline, Stitching how, Work work, Supplier<List<Stitch>> make) {
        return stitches.get(new Sewn(outline, how), work, make);
    }

    /** @return the light of a picture in that many pixels; while a hand moves what hangs in it, it stays the same */
    PictureLight light(Picture picture, int width, int height, Work work, Supplier<PictureLight> make) {
        return lights.get(new Hung(picture, width, height), work, make);
    }

    /** @return the piece as it is made ready, drawn */
    static Drawn drawn(List<Worn> all, ShapeMask mask, Work work) {
        List<Laid> laid = new ArrayList<>();
        if (mask.width() > 0) {
            for (Worn worn : all) {
                Raster cloth = new Raster(mask.width(), mask.height());
                worn.draw(cloth, mask.x(), mask.y(), work);
                laid.add(new Laid(cloth, worn.opacity(), worn.mode(), worn.light()));
            }
        }
        return new Drawn(mask, laid);
    }
}
