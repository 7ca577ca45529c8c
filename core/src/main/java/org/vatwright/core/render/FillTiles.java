package org.vatwright.core.render;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.LightMix;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.GradientFill;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.TileFill;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/** The fills of a design as pictures, at the density of its tile. What is nested is painted the same way, at any depth. */
public final class FillTiles {

    private static final long KEPT_PX = TileCache.room(32_000_000, 24);
    private static final long MOST_PX = 64_000_000;
    private static final int MEAN_PX = 24;
    /** A tile is a pure function of what it is made from, so all that paint may share them. */
    private static final TileCache KEPT = new TileCache(KEPT_PX, 0);

    private FillTiles() {}

    /** @return the colours of a design's inks, its fills with them */
    public static InkColours inks(Cloth cloth, TileGrid grid, Work work) {
        return inks(cloth, cloth.design().usedFills(), grid, work);
    }

    /** @return the colours of a design's inks, those fills with them */
    public static InkColours inks(Cloth cloth, Collection<Fill> used, TileGrid grid, Work work) {
        Design design = cloth.design();
        Colourway colourway = cloth.colourway();
        if (used.isEmpty()) {
            return new InkColours(design.palette(), colourway);
        }
        Map<String, FillPaint> fills = new HashMap<>();
        for (Fill fill : used) {
            fills.put(fill.name(), paint(fill, cloth, grid, work));
        }
        return new InkColours(design.palette(), colourway, fills, Map.of());
    }

    /** @return the colours of a design's inks, each fill as its mean */
    public static InkColours plain(Design design, Colourway colourway) {
        Map<String, Integer> means = new HashMap<>();
        InkColours own = new InkColours(design.palette(), colourway);
        design.fills().forEach(f -> means.put(f.name(), f.gradient().isPresent()
                ? new GradientFill(f, design.repeat().tile(), own).mean()
                : mean(f, own, Phase.OWN)));
        return new InkColours(design.palette(), colourway, Map.of(), means);
    }

    private static FillPaint paint(Fill fill, Cloth outer, TileGrid grid, Work work) {
        if (fill.gradient().isPresent()) {
            return new GradientFill(fill, outer.design().repeat().tile(),
                    new InkColours(outer.design().palette(), outer.colourway()));
        }
        InkColours own = new InkColours(outer.design().palette(), outer.colourway());
        return new TileFill(fill, outer.design().repeat().tile(), mean(fill, own, outer.phase()),
                level -> {
                    double finer = Math.pow(2, level);
                    double across = fill.wide() * fill.source().widthMm() / grid.mmPerPxX() * finer;
                    double down = fill.high() * fill.source().heightMm() / grid.mmPerPxY() * finer;
                    double less = Math.min(1, Math.sqrt(MOST_PX / (across * down)));
                    return tile(fill.source(), own, outer.phase(), whole(across * less), whole(down * less), work);
                });
    }

    private static int whole(double px) {
        return (int) Math.max(1, Math.rint(px));
    }

    /** @return a small picture of a fill as an ink of a design. @param palette,outer of that design */
    public static Raster chip(Fill fill, Palette palette, Colourway outer, int widthPx, int heightPx) {
        if (fill.gradient().isEmpty()) {
            return small(fill.source(), new InkColours(palette, outer), Phase.OWN, widthPx, heightPx);
        }
        Fill inMark = fill.withGradient(g -> g.withAcross(Fill.Across.MARK));
        TileGrid grid = new TileGrid(widthPx, heightPx, fill.source().widthMm(), fill.source().heightMm());
        Tile whole = new Repeat(grid.widthMm(), grid.heightMm(), Arrangement.STRAIGHT).tile();
        VectorMark mark = new VectorMark(new Rectangle2D.Double(0, 0, grid.widthMm(), grid.heightMm()), fill.ink())
                .withFrame(new AffineTransform());
        FillPaint.Seeing seen = new GradientFill(inMark, whole, new InkColours(palette, outer)).in(mark, grid);
        Raster chip = new Raster(widthPx, heightPx);
        for (int i = 0; i < chip.argb().length; i++) {
            chip.argb()[i] = seen.argb(i % widthPx, i / widthPx);
        }
        return chip;
    }

    /**
     * @param inks of the design that it is an ink of
     * @return the tile of what fills, in whole pixels
     * @throws IllegalArgumentException of a gradient, which has none of its own
     */
    public static Raster tile(Fill.Source source, InkColours inks, Phase phase, int widthPx, int heightPx, Work work) {
        return switch (source) {
            case Fill.OfDesign of -> KEPT.tile(new Cloth(of.design(), colourway(of, inks.colourway()), phase),
                    new TileGrid(widthPx, heightPx, of.widthMm(), of.heightMm()), work);
            case Fill.OfPicture of -> MadePictures.tile(of, inks, widthPx, heightPx, work);
            case Fill.OfGradient _ -> throw new IllegalArgumentException("a gradient has no tile");
        };
    }

    private static Raster small(Fill.Source source, InkColours inks, Phase phase, int widthPx, int heightPx) {
        return source instanceof Fill.OfPicture of
                ? MadePictures.small(of, inks, widthPx, heightPx)
                : tile(source, inks, phase, widthPx, heightPx, Work.on(1));
    }

    /** @return what a nested design wears while the outer one wears that colourway */
    public static Colourway colourway(Fill.OfDesign of, Colourway outer) {
        return of.design().palette().orFirst(of.colourway().orElse(outer.name()));
    }

    /** @return the mean colour in linear light, premultiplied ARGB */
    private static int mean(Fill fill, InkColours inks, Phase phase) {
        double ratio = fill.source().heightMm() / fill.source().widthMm();
        int high = (int) Math.max(1, Math.min(20 * MEAN_PX, Math.rint(MEAN_PX * ratio)));
        Raster small = small(fill.source(), inks, phase, MEAN_PX, high);
        float[] sum = new float[4];
        for (int argb : small.argb()) {
            float[] one = LightMix.linear(argb);
            for (int k = 0; k < 4; k++) {
                sum[k] += one[k] / small.argb().length;
            }
        }
        return LightMix.encode(sum);
    }
}
