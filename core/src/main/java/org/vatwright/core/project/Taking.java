package org.vatwright.core.project;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ArticleRenderer;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.family.cover.PictureCover;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.TakenFrom;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;

/** Pictures taken of what a project holds: of a layer, an area, an article. */
public final class Taking {

    private static final int STRIP = 64;

    private Taking() {}

    /**
     * @return the picture as it is now
     * @throws Refusal when what it is taken from is no longer there, or it would have too many pixels
     */
    public static Picture picture(Project project, TakenFrom from, Typeface.Case faces, TileSource tiles, Work work) {
        Density density = from.density();
        long pixels = (long) density.wholePx(from.area().widthMm()) * density.wholePx(from.area().heightMm());
        Require.that(pixels <= Picture.MOST_PX,
                "the area would have %,d pixels; %,d are the most: take less of it, or at a lower density".formatted(
                        pixels, Picture.MOST_PX));
        return new Picture(switch (from) {
            case TakenFrom.OfDesign of -> cloth(project, of, tiles, work);
            case TakenFrom.OfArticle of -> article(project, of, faces, tiles, work);
        }, density.dpi());
    }

    private static Raster cloth(Project project, TakenFrom.OfDesign of, TileSource tiles, Work work) {
        Design design = project.design(of.design())
                .orElseThrow(() -> new Refusal("the design it was taken from is no longer there"));
        if (of.layer() > 0) {
            Layer layer = design.layer(of.layer())
                    .orElseThrow(() -> new Refusal("the layer it was taken from is no longer there"));
            design = design.alone(design.layers().indexOf(layer));
        }
        TakenFrom.Area area = of.area();
        FieldSpec spec = new FieldSpec(area.widthMm(), area.heightMm(), of.density(), 1, 0, -area.x(), -area.y());
        return FieldRenderer.render(new Cloth(design, design.palette().orFirst(of.colourway())), spec, tiles, work);
    }

    private static Raster article(Project project, TakenFrom.OfArticle of, Typeface.Case faces, TileSource tiles,
            Work work) {
        Article article = project.article(of.article())
                .orElseThrow(() -> new Refusal("the article it was taken from is no longer there"));
        Density density = of.density();
        RowSource rows = new ArticleRenderer(project::design, tiles, Optional.empty()).rows(Cut.of(article, faces),
                density, work);
        TakenFrom.Area area = of.area();
        int left = (int) Math.round(density.px(area.x()));
        int top = (int) Math.round(density.px(area.y()));
        Raster taken = new Raster(density.wholePx(area.widthMm()), density.wholePx(area.heightMm()));
        int[] strip = new int[STRIP * rows.width()];
        for (int from = 0; from < Math.min(rows.height(), top + taken.height()); from += STRIP) {
            int to = Math.min(rows.height(), from + STRIP);
            rows.rows(strip, from, to, work);
            for (int y = Math.max(from, top); y < Math.min(to, top + taken.height()); y++) {
                int first = Math.max(0, left);
                int count = Math.min(rows.width(), left + taken.width()) - first;
                if (count > 0) {
                    System.arraycopy(strip, (y - from) * rows.width() + first, taken.argb(),
                            (y - top) * taken.width() + first - left, count);
                }
            }
        }
        return taken;
    }

    /** @return with the picture on a layer of its own, and where it was taken from */
    public static Design into(Design design, String name, Picture picture, TakenFrom from) {
        Design with = PictureCover.into(design, name, picture);
        String fill = with.fills().getLast().name();
        return with.editFill(fill, f -> f.withPicture(p -> p.withFrom(Optional.of(from))));
    }

    /** @return a design of the picture alone. @param whole whether it closes by itself */
    public static Design fresh(String name, Picture picture, TakenFrom from, boolean whole) {
        Palette palette = new Palette(List.of("Ground"), List.of(new Colourway("First colours",
                List.of(new Rgb(255, 255, 255)))));
        Design empty = new Design(name, new Repeat(picture.widthMm(), picture.heightMm(), Arrangement.STRAIGHT),
                Ink.slot("Ground"), List.of(), palette, Guides.NONE);
        Design with = into(empty, name, picture, from);
        Fill fill = with.fills().getLast();
        return whole
                ? with.editFill(fill.name(), f -> f.withPicture(p -> p.withMaking(Optional.empty())))
                        .withRepeat(new Repeat(picture.widthMm(), picture.heightMm(), Arrangement.STRAIGHT))
                : with;
    }

    /** @return whether an area of a design's cloth is a tile of it, which closes as it is */
    public static boolean closes(Project project, TakenFrom from) {
        return from instanceof TakenFrom.OfDesign of && project.design(of.design()).map(d -> d.repeat().tile())
                .filter(t -> near(t, of.area())).isPresent();
    }

    private static boolean near(Tile tile, TakenFrom.Area area) {
        return Math.abs(tile.widthMm() - area.widthMm()) < 1e-6 && Math.abs(tile.heightMm() - area.heightMm()) < 1e-6;
    }
}
