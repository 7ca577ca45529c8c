package org.vatwright.files.vector;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ArticleRenderer;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.project.Embedded;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileSource;

/**
 * What there is to write of a dressed article, whatever the kind of file: each piece with the cloth that runs through it,
 * outlines and lines over it.
 *
 * @param colourway worn by every lay whose design has it, when present
 * @param density at which what is no shape is embedded
 */
public record ArticleContent(Cut cut, Function<Id, Optional<Design>> designs, Optional<String> colourway, Phase phase,
        Density density, Work work) {

    /**
     * What one piece wears.
     *
     * @param cloth in the colourway that is worn
     * @param pixels why it cannot be a pattern; then it is embedded as a picture
     */
    record Worn(Lay lay, Cloth cloth, Optional<String> pixels) {

        /** @return from the design's mm to the article's: counter-clockwise as seen, y down */
        AffineTransform place() {
            return lay.place();
        }
    }

    /** @return what a piece wears; none on a bare one, or when its design is gone */
    Optional<Worn> worn(Piece piece) {
        return cut.lay(piece).flatMap(lay -> designs.apply(lay.design()).map(design -> new Worn(lay,
                new Cloth(design, colourway.flatMap(design.palette()::find)
                        .orElseGet(() -> design.palette().orFirst(lay.colourway())), phase),
                design.usedFills().stream().filter(Fill::overPiece).findFirst()
                        .map(f -> "the gradient %s runs across the piece".formatted(f.name())))));
    }

    /** @return the article with nothing but that piece as it is dressed, at its place; its lay is laid plainly */
    Raster pixels(Piece piece, Worn worn) {
        Piece bare = piece.with().stroke(Optional.empty()).build();
        Article alone = cut.article().withEachLay(l -> l.equals(worn.lay()) ? l.with().opacity(1).build() : l);
        return new ArticleRenderer(designs, TileSource.PAINTED, colourway, phase)
                .render(new Cut(alone, cut.widthMm(), cut.heightMm(), List.of(bare), List.of()), density, work);
    }

    /** @return what of it is pixels by nature, one sentence each */
    public List<String> embedded() {
        Set<String> told = new LinkedHashSet<>();
        for (Piece piece : cut.pieces()) {
            worn(piece).ifPresent(w -> {
                w.pixels().ifPresent(why -> told.add("%s is embedded as pixels at %s dpi, for %s".formatted(
                        piece.name(), Numbers.plain(density.dpi(), 1), why)));
                if (w.pixels().isEmpty()) {
                    told.addAll(Embedded.of(w.cloth().design(), tileDensity(w)));
                }
            });
        }
        return new ArrayList<>(told);
    }

    /** @return the density at which a pixel of the cloth's tile is as large as one of the article */
    Density tileDensity(Worn worn) {
        return new Density(Math.max(1, Math.min(20_000, density.dpi() * worn.lay().scale())));
    }
}
