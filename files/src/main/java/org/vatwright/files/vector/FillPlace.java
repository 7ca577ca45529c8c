package org.vatwright.files.vector;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.TileFill;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.FillTiles;
import org.vatwright.core.repeat.Tile;

/**
 * Where a fill lies in a mark of a drawing: copies of its tile side by side, clipped by the mark. Other renderers leave
 * hairlines where tiles of a pattern meet; so each copy reaches a little under the next one.
 *
 * @param block so many tiles a side make one copy, so that there are not too many
 * @param copies from the copy's own mm to those of the outer tile, in the order they are laid
 */
record FillPlace(int block, List<AffineTransform> copies) {

    private static final int MOST_COPIES = 300;
    /** How far a copy reaches under the next one, as a share of its shorter side. */
    private static final double BLEED = 0.01;

    static FillPlace of(Fill fill, VectorMark mark, Tile outer) {
        AffineTransform toTiles = TileFill.placeIn(fill, mark, outer);
        Shape there = toTiles.createTransformedShape(mark.shape());
        Rectangle2D box = there.getBounds2D();
        double count = (box.getWidth() + 1) * (box.getHeight() + 1);
        int block = (int) Math.max(1, Math.ceil(Math.sqrt(count / MOST_COPIES)));
        AffineTransform back = inverse(toTiles);
        List<AffineTransform> copies = new ArrayList<>();
        for (int row = floor(box.getMinY(), block); row * block < box.getMaxY(); row++) {
            for (int column = floor(box.getMinX(), block); column * block < box.getMaxX(); column++) {
                AffineTransform copy = new AffineTransform(back);
                copy.translate(column * block, row * block);
                copy.scale(1 / fill.source().widthMm(), 1 / fill.source().heightMm());
                copies.add(copy);
            }
        }
        return new FillPlace(block, copies);
    }

    private static int floor(double place, int block) {
        return (int) Math.floor(place / block);
    }

    private static AffineTransform inverse(AffineTransform of) {
        try {
            return of.createInverse();
        } catch (NoninvertibleTransformException e) {
            throw new Refusal("a fill cannot be scaled to nothing", e);
        }
    }

    /** @return in mm of the fill */
    static double bleed(Fill.Source source) {
        return BLEED * Math.min(source.widthMm(), source.heightMm());
    }

    /** @return the marks of a tile, also those that begin within the bleed of its left and upper edge after the other one */
    static List<VectorMark> withBleed(List<VectorMark> marks, Tile tile, double bleed) {
        if (bleed == 0) {
            return marks;
        }
        List<VectorMark> all = new ArrayList<>();
        for (VectorMark mark : marks) {
            all.add(mark);
            Rectangle2D box = mark.shape().getBounds2D();
            // One that crosses an edge stands at the other side already.
            boolean left = box.getMinX() >= 0 && box.getMinX() < bleed;
            boolean top = box.getMinY() >= 0 && box.getMinY() < bleed;
            if (left) {
                all.add(mark.moved(AffineTransform.getTranslateInstance(tile.widthMm(), 0)));
            }
            if (top) {
                all.add(mark.moved(AffineTransform.getTranslateInstance(0, tile.heightMm())));
            }
            if (left && top) {
                all.add(mark.moved(AffineTransform.getTranslateInstance(tile.widthMm(), tile.heightMm())));
            }
        }
        return all;
    }

    /** @return its pixels, no more of them than the density asks for at the size it has in the design */
    static Raster pixels(Fill fill, Fill.OfPicture picture, InkColours inks, double tone, Density density) {
        int across = (int) Math.max(1, Math.min(picture.widthPx(),
                Math.rint(density.px(fill.wide() * picture.widthMm()))));
        int down = (int) Math.max(1, Math.min(picture.heightPx(),
                Math.rint(density.px(fill.high() * picture.heightMm()))));
        Raster own = FillTiles.tile(picture, inks, Phase.OWN, across, down, Work.plain());
        return tone == 0
                ? own
                : new Raster(own.width(), own.height(), Arrays.stream(own.argb()).parallel()
                        .map(argb -> InkColours.toned(argb, tone)).toArray());
    }
}
