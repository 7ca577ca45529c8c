package org.vatwright.files.vector;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.GradientFill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FillTiles;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * What there is to write of one cloth, the outer one or one that serves as an ink, whatever the kind of file.
 *
 * @param bleed how far it reaches over its right and lower edge, in mm
 * @param tone by which all of it is lightened or darkened
 * @param density at which what is no shape is embedded
 */
record TileContent(Cloth cloth, InkColours inks, double bleed, double tone, Density density, Work work) {

    /** Steps of tone from an ink to white. */
    private static final double TONES = 1024;

    static TileContent of(Cloth cloth, Density density, Work work) {
        return new TileContent(cloth, FillTiles.plain(cloth.design(), cloth.colourway()), 0, 0, density, work);
    }

    /** @return that of a design that serves as an ink of this one */
    TileContent within(Fill.OfDesign fill, double itsTone) {
        Cloth inner = worn(fill);
        return new TileContent(inner, FillTiles.plain(inner.design(), inner.colourway()), FillPlace.bleed(fill),
                itsTone, density, work);
    }

    private Cloth worn(Fill.OfDesign fill) {
        return new Cloth(fill.design(), FillTiles.colourway(fill, cloth.colourway()), cloth.phase());
    }

    /**
     * What is nested many times over is in the file once: designs of which each is filled by two others have as many ways
     * down as two to the power of their depth.
     *
     * @param block so many tiles a side
     */
    FillCopy copyOf(Fill fill, int block, double itsTone) {
        return fill.source() instanceof Fill.OfDesign inner
                ? new FillCopy(worn(inner).look(), "", block, itsTone, density)
                : new FillCopy(cloth.look(), fill.name(), block, itsTone, density);
    }

    Design design() {
        return cloth.design();
    }

    Tile tile() {
        return design().repeat().tile();
    }

    double widthMm() {
        return tile().widthMm() + bleed;
    }

    double heightMm() {
        return tile().heightMm() + bleed;
    }

    /** @return the ground as a mark; none when it is clear */
    Optional<VectorMark> ground() {
        return design().ground() instanceof Ink.Clear || flattened() >= 0
                ? Optional.empty()
                : Optional.of(shaped(
                        new VectorMark(new Rectangle2D.Double(0, 0, widthMm(), heightMm()), design().ground())));
    }

    /**
     * @return number of the highest layer whose blend files of shapes do not know, or that lies on a ground they do not know;
     *         -1 when there is none
     */
    private int flattened() {
        for (int i = design().layers().size() - 1; i >= 0; i--) {
            Layer layer = design().layers().get(i);
            if (layer.visible() && (!layer.mode().recommended() || layer.addsLight())) {
                return i;
            }
        }
        boolean ground = design().ground() instanceof Ink.Filled(String name) && design().fill(name)
                .flatMap(Fill::gradient).filter(g -> !g.shaped(false)).isPresent();
        return ground && !design().layers().isEmpty() ? 0 : -1;
    }

    /** What cannot be blended in the file is one picture with all below it, laid normally. */
    List<Layer> layers() {
        int flat = flattened();
        List<Layer> all = new ArrayList<>();
        for (int i = Math.max(0, flat); i < design().layers().size(); i++) {
            Layer layer = design().layers().get(i);
            if (i == flat) {
                all.add(layer.withOpacity(1).withMode(BlendMode.NORMAL).withMask(Optional.empty())
                        .withFade(Optional.empty()));
            } else if (layer.visible()) {
                all.add(layer);
            }
        }
        return all;
    }

    private boolean flat(Layer layer) {
        int flat = flattened();
        return flat >= 0 && design().layers().get(flat).id() == layer.id();
    }

    /** @return the marks of a layer as shapes; empty when it has to be embedded as pixels */
    Optional<List<VectorMark>> marks(Layer layer) {
        return flat(layer) || design().shapeless(layer).isPresent()
                ? Optional.empty()
                : layer.structure().outlines(design().repeat(), cloth.phase(), work)
                        .map(all -> {
                            VectorMark.checkPoints(all.stream().mapToDouble(m -> VectorMark.points(m.shape())).sum());
                            return FillPlace.withBleed(all.stream().map(this::shaped).toList(), tile(), bleed);
                        });
    }

    /** @return with a gradient of its own instead of an ink that is one */
    private VectorMark shaped(VectorMark mark) {
        return mark.from() instanceof Ink.Filled(String name)
                ? design().fill(name).filter(f -> f.gradient().isPresent())
                        .flatMap(f -> GradientFill.asShape(mark, f, tile())).orElse(mark)
                : mark;
    }

    /** @return the layer's coat as it shows, by itself */
    Raster pixels(Layer layer) {
        Raster coat = flat(layer)
                ? TileRenderer.render(new Cloth(design().withLayers(design().layers().subList(0, flattened() + 1)),
                        cloth.colourway(), cloth.phase()), TileGrid.at(tile(), density), work)
                : TileRenderer.coat(cloth, layer, TileGrid.at(tile(), density), work);
        return tone == 0
                ? coat
                : new Raster(coat.width(), coat.height(),
                        Arrays.stream(coat.argb()).map(argb -> InkColours.toned(argb, tone)).toArray());
    }

    /** @return where the pixels of a tile lie: once, and again where it reaches over its edges */
    List<Point2D> copies() {
        double w = tile().widthMm();
        double h = tile().heightMm();
        return bleed == 0
                ? List.of(new Point2D.Double())
                : List.of(new Point2D.Double(), new Point2D.Double(w, 0), new Point2D.Double(0, h),
                        new Point2D.Double(w, h));
    }

    List<MarkCoats.Coat> coats(VectorMark mark) {
        return MarkCoats.of(mark, design(), inks).coats().stream()
                .map(c -> new MarkCoats.Coat(c.fill(), step(c.tone() + tone), toned(c.rgb()), c.opacity()))
                .toList();
    }

    /** In steps finer than is seen, and not beyond black and white: tones that add up on many ways down are a few. */
    private static double step(double tone) {
        return Math.clamp(Math.rint(tone * TONES), -TONES, TONES) / TONES;
    }

    Rgb toned(Rgb rgb) {
        return MarkCoats.toned(rgb, tone);
    }
}
