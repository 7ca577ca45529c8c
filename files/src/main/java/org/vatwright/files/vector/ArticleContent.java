package org.vatwright.files.vector;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ArticleRenderer;
import org.vatwright.core.dress.Backing;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Ground;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.project.Embedded;
import org.vatwright.core.raster.BlendMode;
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

    /** What one piece wears, as a pattern. @param cloth in the colourway that is worn @param aside where the piece lies */
    record Worn(Lay lay, Cloth cloth, double asideX, double asideY) {

        /** @return from the design's mm to the article's: counter-clockwise as seen, y down */
        AffineTransform place() {
            AffineTransform place = AffineTransform.getTranslateInstance(asideX, asideY);
            place.concatenate(lay.place());
            return place;
        }
    }

    /** What one piece wears, as pixels of all the article. @param laid how it is laid on */
    record Pixels(Raster raster, Lay laid) {}

    /** @return the pieces that are seen, lowest first */
    List<Piece> pieces() {
        return cut.pieces().stream().filter(p -> !p.hidden()).toList();
    }

    /** @return the picture that belongs to the article */
    Optional<Raster> picture() {
        return cut.backing().filter(Backing::kept).map(b -> b.picture().raster());
    }

    /** @return what a piece wears as a pattern; none on a bare one, when its design is gone, or when it can be pixels only */
    Optional<Worn> worn(Piece piece) {
        return reason(piece).isPresent()
                ? Optional.empty()
                : cut.lay(piece).flatMap(lay -> designs.apply(lay.design())
                        .map(design -> new Worn(lay, new Cloth(design, worn(design, lay.colourway()), phase),
                                piece.asideX(), piece.asideY())));
    }

    private Colourway worn(Design design, String own) {
        return colourway.flatMap(design.palette()::find).orElseGet(() -> design.palette().orFirst(own));
    }

    /** @return why what a piece wears cannot be a pattern */
    private Optional<String> reason(Piece piece) {
        Dressing dressing = cut.dressing(piece);
        if (!dressing.seen()) {
            return Optional.empty();
        }
        if (dressing.drape().filter(d -> !d.atRest()).isPresent()) {
            return Optional.of("its cloth is draped");
        }
        if (!dressing.prints().isEmpty()) {
            return Optional.of("figures are laid on it once");
        }
        if (dressing.light() > 0) {
            return Optional.of("the light of the picture falls on it");
        }
        if (dressing.lay().flatMap(Lay::fade).isPresent()) {
            return Optional.of("its cloth fades out");
        }
        return dressing.lay().flatMap(l -> designs.apply(l.design())).flatMap(design -> design.usedFills().stream()
                .filter(Fill::overPiece).findFirst()
                .map(f -> "the gradient %s runs across the piece".formatted(f.name())));
    }

    /** @return the article with nothing but that piece as it is dressed, at its place, where it can be pixels only */
    Optional<Pixels> pixels(Piece piece) {
        return reason(piece).map(why -> {
            Dressing dressing = cut.dressing(piece);
            // How a cloth is laid on is told in the file's own terms; under figures it is drawn.
            boolean plain = dressing.lay().isPresent() && dressing.prints().isEmpty();
            Article alone = !plain
                    ? cut.article()
                    : cut.article().withEachLay(l -> l.equals(dressing.lay().get())
                            ? l.with().opacity(1).mode(BlendMode.NORMAL).build()
                            : l);
            if (alone instanceof Article.Flat f) {
                alone = f.with().backing(f.backing().map(b -> new Backing(b.picture(), false, 1))).build();
            }
            Piece bare = piece.with().stroke(Optional.empty()).fill(Optional.empty()).build();
            Raster raster = new ArticleRenderer(designs, TileSource.PAINTED, colourway, phase).render(
                    cut.with().article(alone).pieces(List.of(bare)).lines(List.of()).captions(List.of()).build(),
                    density,
                    work);
            return new Pixels(raster, plain ? dressing.lay().get() : new Lay(piece.id(), "plain"));
        });
    }

    /** @return why all of it can be one picture only */
    private Optional<String> wholeReason() {
        Whole whole = cut.article().dressings().whole();
        List<String> why = new ArrayList<>();
        if (!whole.effects().isEmpty() || pieces().stream().anyMatch(p -> !cut.dressing(p).effects().isEmpty())) {
            why.add("effects");
        }
        if (!whole.trims().isEmpty()) {
            why.add("trims");
        }
        if (!whole.shades().isEmpty()) {
            why.add("shading");
        }
        if (!whole.callouts().isEmpty()) {
            why.add("callouts");
        }
        if (!whole.ground().equals(Ground.CLEAR)) {
            why.add("its ground");
        }
        return why.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", why));
    }

    /** @return all of it as it is seen, where what is done to it leaves no shapes */
    Optional<Raster> flattened() {
        return wholeReason().map(why -> new ArticleRenderer(designs, TileSource.PAINTED, colourway, phase).render(cut,
                density, work));
    }

    /** @return what of it is pixels by nature, one sentence each */
    public List<String> embedded() {
        if (wholeReason().isPresent()) {
            return List.of(
                    "all of it is embedded as pixels at %s dpi, for %s; in SVG the outlines of its pieces are kept as paths"
                            .formatted(Numbers.plain(density.dpi(), 1), wholeReason().get()));
        }
        Set<String> told = new LinkedHashSet<>();
        picture().ifPresent(p -> told.add("the picture it is drawn over is embedded as it is"));
        for (Piece piece : pieces()) {
            reason(piece).ifPresent(why -> told.add("%s is embedded as pixels at %s dpi, for %s".formatted(
                    piece.name(), Numbers.plain(density.dpi(), 1), why)));
            if (!cut.dressing(piece).stitches().isEmpty()) {
                told.add("threads are lines over their shadows, without roundness and twist");
            }
            worn(piece).ifPresent(w -> told.addAll(Embedded.of(w.cloth().design(), tileDensity(w))));
        }
        return new ArrayList<>(told);
    }

    /** @return the density at which a pixel of the cloth's tile is as large as one of the article */
    Density tileDensity(Worn worn) {
        return new Density(Math.max(1, Math.min(20_000, density.dpi() * worn.lay().scale())));
    }
}
