package org.vatwright.files.vector;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.render.FillTiles;
import org.vatwright.core.repeat.Tile;

/**
 * What there is to write of one design, the outer one or one that serves as an ink, whatever the kind of file.
 *
 * @param bleed how far it reaches over its right and lower edge, in mm
 * @param tone by which all of it is lightened or darkened
 */
record TileContent(Design design, Colourway colourway, InkColours inks, double bleed, double tone) {

    static TileContent of(Design design, Colourway colourway) {
        return new TileContent(design, colourway, FillTiles.plain(design, colourway), 0, 0);
    }

    /** @return that of a design that serves as an ink of this one */
    TileContent within(Fill.OfDesign fill, double itsTone) {
        Colourway worn = FillTiles.colourway(fill, colourway);
        return new TileContent(fill.design(), worn, FillTiles.plain(fill.design(), worn), FillPlace.bleed(fill),
                itsTone);
    }

    Tile tile() {
        return design.repeat().tile();
    }

    double widthMm() {
        return tile().widthMm() + bleed;
    }

    double heightMm() {
        return tile().heightMm() + bleed;
    }

    /** @return the ground as a mark; none when it is clear */
    Optional<VectorMark> ground() {
        return design.ground() instanceof Ink.Clear
                ? Optional.empty()
                : Optional.of(new VectorMark(new Rectangle2D.Double(0, 0, widthMm(), heightMm()), design.ground()));
    }

    List<Layer> layers() {
        return design.layers().stream().filter(Layer::visible).toList();
    }

    List<VectorMark> marks(Layer layer) {
        return FillPlace.withBleed(layer.structure().outlines(design.repeat()), tile(), bleed);
    }

    List<MarkCoats.Coat> coats(VectorMark mark) {
        return MarkCoats.of(mark, design, inks).coats().stream()
                .map(c -> new MarkCoats.Coat(c.fill(), c.tone() + tone, toned(c.rgb()), c.opacity())).toList();
    }

    Rgb toned(Rgb rgb) {
        return MarkCoats.toned(rgb, tone);
    }
}
