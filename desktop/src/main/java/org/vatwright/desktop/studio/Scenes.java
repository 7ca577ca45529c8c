package org.vatwright.desktop.studio;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ArticleRenderer;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.dress.Wardrobe;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldMemory;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileCache;
import org.vatwright.core.render.TileSource;

/** What the window draws, as subjects for {@link LiveCloth}. */
public final class Scenes {

    private static final long MOST_KEPT_PX = 24_000_000;
    /** Of all windows: what it keeps does not depend on the project. */
    private static final Wardrobe WARDROBE = new Wardrobe(TileCache.room(MOST_KEPT_PX, 24));

    private Scenes() {}

    /**
     * A stretch of the design.
     *
     * @param left,top the place of the design at the upper left corner, in mm
     * @param widthPx,heightPx of the picture
     * @param pxPerMm of the picture
     */
    public record Field(Design design, Colourway colourway, double left, double top, int widthPx, int heightPx,
            double pxPerMm) {

        public LiveCloth.Subject subject(TileSource tiles) {
            return (fineness, work) -> draw(tiles, fineness, work);
        }

        /** @param memory of what was looked at there before */
        public LiveCloth.Subject subject(TileSource tiles, FieldMemory memory) {
            return (fineness, work) -> fineness == 1
                    ? FieldRenderer.render(new Cloth(design, colourway), spec(fineness), tiles, memory, work)
                    : draw(tiles, fineness, work);
        }

        private Raster draw(TileSource tiles, double fineness, Work work) {
            return FieldRenderer.render(new Cloth(design, colourway), spec(fineness), tiles, work);
        }

        private FieldSpec spec(double fineness) {
            return new FieldSpec(widthPx / pxPerMm, heightPx / pxPerMm, density(pxPerMm * fineness), 1, 0, -left, -top);
        }
    }

    /**
     * A stretch of a design that is made only when it is drawn: a new one looks at all its places and inks, and there are many small
     * pictures.
     *
     * @param of all that the design is made of
     */
    public record Made(List<Object> of, Colourway colourway, int widthPx, int heightPx, double pxPerMm, double left,
            double top) {

        public LiveCloth.Subject subject(TileSource tiles, Supplier<Design> design) {
            return (fineness, work) -> new Field(design.get(), colourway, left, top, widthPx, heightPx, pxPerMm)
                    .draw(tiles, fineness, work);
        }
    }

    private static Density density(double pxPerMm) {
        return new Density(Math.max(0.5, Math.min(20_000, pxPerMm * Unit.MM_PER_INCH)));
    }

    /** An article as it is dressed. @param colourway worn by all lays whose design has it, when present */
    public record Dressed(Project project, Cut cut, Optional<String> colourway, double pxPerMm) {

        public LiveCloth.Subject subject(TileSource tiles) {
            return (fineness, work) -> new ArticleRenderer(project::design, tiles, colourway).keeping(WARDROBE).render(
                    cut,
                    density(pxPerMm * fineness), fineness < 1 ? Drape.FIRST_PX : Drape.TRUE_PX, work);
        }
    }

    /**
     * The article wearing that design: as it is dressed where a piece wears it, else all of it in the design. What is
     * worn is worked out when it is drawn, for it takes a while and there are many small pictures.
     */
    public record Wearing(Project project, Article article, Design design, Colourway colourway, Typeface.Case faces,
            double pxPerMm) {

        public LiveCloth.Subject subject(TileSource tiles) {
            return (fineness, work) -> new Dressed(project, Cut.of(worn(), faces), Optional.empty(), pxPerMm)
                    .subject(tiles).draw(fineness, work);
        }

        private Article worn() {
            boolean[] worn = {false};
            article.withEachLay(lay -> {
                worn[0] |= lay.design().equals(design.id());
                return lay;
            });
            if (worn[0]) {
                return article.withEachLay(lay -> lay.design().equals(design.id())
                        ? lay.withDesign(design.id(), colourway.name())
                        : lay);
            }
            Article shown = article;
            List<Id> all = Cut.of(article, faces).ids();
            for (Id piece : all) {
                shown = shown.withLay(piece, all, Optional.of(new Lay(design.id(), colourway.name())));
            }
            return shown;
        }
    }

    /** @return how many px a mm has so that all of it fits, with a margin around */
    public static double fit(double widthMm, double heightMm, double widthPx, double heightPx, double marginPx) {
        return Math.max(0.02, Math.min((widthPx - 2 * marginPx) / widthMm, (heightPx - 2 * marginPx) / heightMm));
    }
}
