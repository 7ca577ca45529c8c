package org.vatwright.core.render;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.LightMix;
import org.vatwright.core.map.Resized;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
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
        design.fills().forEach(f -> means.put(f.name(), mean(f, colourway, Phase.OWN)));
        return new InkColours(design.palette(), colourway, Map.of(), means);
    }

    private static FillPaint paint(Fill fill, Cloth outer, TileGrid grid, Work work) {
        return new FillPaint(fill, outer.design().repeat().tile(), mean(fill, outer.colourway(), outer.phase()),
                level -> {
                    double finer = Math.pow(2, level);
                    double across = fill.wide() * fill.source().widthMm() / grid.mmPerPxX() * finer;
                    double down = fill.high() * fill.source().heightMm() / grid.mmPerPxY() * finer;
                    double less = Math.min(1, Math.sqrt(MOST_PX / (across * down)));
                    return tile(fill.source(), outer.colourway(), outer.phase(), whole(across * less),
                            whole(down * less), work);
                });
    }

    private static int whole(double px) {
        return (int) Math.max(1, Math.rint(px));
    }

    /** @return the tile of what fills, in whole pixels */
    public static Raster tile(Fill.Source source, Colourway outer, Phase phase, int widthPx, int heightPx,
            Work work) {
        return switch (source) {
            case Fill.OfDesign of -> KEPT.tile(new Cloth(of.design(), colourway(of, outer), phase),
                    new TileGrid(widthPx, heightPx, of.widthMm(), of.heightMm()), work);
            case Fill.OfPicture(Picture picture) -> Resized.of(picture.raster(), widthPx, heightPx, work);
        };
    }

    /** @return what a nested design wears while the outer one wears that colourway */
    public static Colourway colourway(Fill.OfDesign of, Colourway outer) {
        return of.design().palette().orFirst(of.colourway().orElse(outer.name()));
    }

    /** @return the mean colour in linear light, premultiplied ARGB */
    private static int mean(Fill fill, Colourway outer, Phase phase) {
        double ratio = fill.source().heightMm() / fill.source().widthMm();
        int high = (int) Math.max(1, Math.min(20 * MEAN_PX, Math.rint(MEAN_PX * ratio)));
        Raster small = tile(fill.source(), outer, phase, MEAN_PX, high, Work.on(1));
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
