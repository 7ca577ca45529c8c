package org.vatwright.core.dress;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.View;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.ClothMap;
import org.vatwright.core.map.Reading;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.SampledCloth;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;

/**
 * A cloth or a figure on a piece, ready to be drawn.
 *
 * @param map from the article's pixels to the tile
 * @param gradients across the piece
 * @param light how much of the light of the article's picture falls on it, 0 to 1
 * @param fade how it ends before its piece does
 */
record Worn(SampledCloth cloth, ClothMap map, Reading how, double opacity, BlendMode mode,
        List<PieceGradient> gradients, double light, Optional<Faded> fade) {

    /** A fade in pixels. @param asideX,asideY how far the piece lies aside */
    private record Faded(Fade fade, double asideX, double asideY, double pxPerMm) {}

    /** Cloth that a drape enlarges is painted so much denser at most. */
    private static final double MOST_DENSER = 4;
    private static final double STEP = 0.25;

    /**
     * What it takes to make cloths ready.
     *
     * @param mostPx of a tile that is painted whole
     * @param tolerancePx how far off draped cloth may be
     */
    record Making(ArticleRenderer how, Cut cut, Density density, long mostPx, double tolerancePx, Work work) {

        Colourway worn(Design design, String own) {
            return how.colourway().flatMap(design.palette()::find).orElseGet(() -> design.palette().orFirst(own));
        }
    }

    /** @return all that a piece wears, the lowest first. @param dressing what it wears @param shape its outline, in pixels */
    static List<Worn> of(Piece piece, Dressing dressing, Shape shape, Making making) {
        List<Worn> all = new ArrayList<>();
        dressing.lay().flatMap(lay -> making.how.designs().apply(lay.design())
                .map(design -> cloth(piece, dressing, lay, design, shape, making))).ifPresent(all::add);
        for (Print print : dressing.prints()) {
            making.how.designs().apply(print.design()).map(design -> figure(piece, dressing, print, design, shape,
                    making)).ifPresent(all::add);
        }
        return all;
    }

    /** @return all that the pictures of {@link #of} depend on */
    static Wardrobe.Key key(Piece piece, Shape shape, Making making, Frame picture) {
        Dressing dressing = making.cut.dressing(piece);
        List<Object> looks = new ArrayList<>();
        dressing.lay().ifPresent(lay -> looks.add(look(making, lay.design(), lay.colourway(), d -> d)));
        dressing.prints().forEach(p -> looks.add(look(making, p.design(), p.colourway(), p::alone)));
        return new Wardrobe.Key(piece.outline(), piece.asideX(), piece.asideY(),
                dressing.with().stitches(List.of()).effects(List.of()).build(), looks, making.density,
                making.tolerancePx, picture,
                dressing.lay().filter(Lay::together).map(lay -> run(making, lay, shape)));
    }

    private static Object look(Making making, Id id, String own, UnaryOperator<Design> part) {
        return making.how.designs().apply(id).map(part)
                .<Object>map(d -> new Cloth(d, making.worn(d, own), making.how.phase()).look()).orElse("gone");
    }

    private static Worn cloth(Piece piece, Dressing dressing, Lay lay, Design design, Shape shape, Making making) {
        Colourway worn = making.worn(design, lay.colourway());
        FieldSpec spec = lay.spec(making.density);
        Affine flat = lay.toTile(making.density, design.repeat().tile());
        Optional<Drape> drape = dressing.drape().filter(d -> !d.atRest());
        ClothMap map = map(drape, flat, piece, shape, making);
        Density dense = denser(spec.tileDensity(), map, design.repeat().tile(), shape);
        Function<Design, SampledCloth> cloths = d -> {
            Cloth cloth = new Cloth(d, worn, making.how.phase());
            return drape.isPresent()
                    ? SampledCloth.bent(cloth, dense, making.how.tiles(), making.work)
                    : SampledCloth.of(cloth, FieldRenderer.tileGrid(d, spec), making.how.tiles(), making.mostPx,
                            making.work);
        };
        Design begun = PieceGradient.begun(design);
        return new Worn(cloths.apply(begun), map, Reading.shaded(dressing.shade()), lay.opacity(), lay.mode(),
                PieceGradient.all(design, begun, run(making, lay, shape), cloths), dressing.light(),
                lay.fade().map(f -> new Faded(f, Math.rint(making.density.px(piece.asideX())),
                        Math.rint(making.density.px(piece.asideY())), making.density.px(1))));
    }

    private static Worn figure(Piece piece, Dressing dressing, Print print, Design of, Shape shape, Making making) {
        Design design = print.alone(of);
        Repeat cell = design.repeat();
        Lay lay = print.lay(cell);
        Affine flat = lay.toTile(making.density, cell.tile());
        ClothMap map = map(dressing.drape().filter(d -> !d.atRest()), flat, piece, shape, making);
        Density dense = denser(lay.spec(making.density).tileDensity(), map, cell.tile(), shape);
        Reading how = new Reading(dressing.shade(), cell.widthMm() / cell.tile().widthMm(),
                cell.heightMm() / cell.tile().heightMm());
        return new Worn(SampledCloth.bent(new Cloth(design, making.worn(design, print.colourway()), making.how.phase()),
                dense, making.how.tiles(), making.work), map, how, print.opacity(), BlendMode.NORMAL, List.of(),
                dressing.light(), Optional.empty());
    }

    /** The cloth goes with a piece that lies aside. */
    private static ClothMap map(Optional<Drape> drape, Affine flat, Piece piece, Shape shape, Making making) {
        int x = (int) Math.rint(making.density.px(piece.asideX()));
        int y = (int) Math.rint(making.density.px(piece.asideY()));
        Rectangle2D seen = shape.getBounds2D();
        seen.setRect(seen.getX() - x, seen.getY() - y, seen.getWidth(), seen.getHeight());
        ClothMap map = drape.<ClothMap>map(d -> d.map(new View(making.density.px(1), flat, seen, making.tolerancePx)))
                .orElse(flat);
        return map.from(-x, -y);
    }

    /** @return the density of a tile of which no pixel is seen much larger than one, in steps, so that tiles are kept */
    private static Density denser(Density flat, ClothMap map, Tile tile, Shape shape) {
        if (!(map instanceof org.vatwright.core.map.FourCorners)) {
            return flat;
        }
        Rectangle2D box = shape.getBounds2D();
        double least = 1;
        double[] a = new double[2];
        double[] b = new double[2];
        double[] c = new double[2];
        for (int k = 0; k < 25; k++) {
            double x = box.getX() + k % 5 / 4.0 * box.getWidth();
            double y = box.getY() + k / 5 / 4.0 * box.getHeight();
            map.at(x, y, a);
            map.at(x + 1, y, b);
            map.at(x, y + 1, c);
            double area = Math.abs((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]))
                    * flat.px(tile.widthMm()) * flat.px(tile.heightMm());
            if (area > 0) {
                least = Math.min(least, Math.sqrt(area));
            }
        }
        double times = Math.min(MOST_DENSER, Math.ceil((1 / least - 0.1) / STEP) * STEP);
        return new Density(Math.min(20_000, flat.dpi() * Math.max(1, times)));
    }

    /** @return what a gradient across the piece crosses, in pixels */
    private static Rectangle2D run(Making making, Lay lay, Shape shape) {
        Cut cut = making.cut;
        AffineTransform toPx = AffineTransform.getScaleInstance(making.density.px(1), making.density.px(1));
        return !lay.together()
                ? shape.getBounds2D()
                : cut.pieces().stream()
                        .filter(p -> cut.lay(p).flatMap(l -> l.of(lay.design())).filter(Lay::together).isPresent())
                        .map(p -> p.seen().path(toPx).getBounds2D()).reduce(Rectangle2D::createUnion)
                        .orElseThrow();
    }

    /** Draws it over all of the picture. @param left,top of the picture in the article, in pixels */
    void draw(Raster out, int left, int top, Work work) {
        ClothMap there = map.from(left, top);
        PieceGradient.Reader reader = (c, to, w) -> {
            if (c instanceof SampledCloth.Whole whole) {
                whole.sample(there, how, to, w);
            } else {
                c.sample((Affine) there, to, w);
            }
        };
        reader.read(cloth, out, work);
        if (!gradients.isEmpty()) {
            PieceGradient.lay(gradients, reader, out, left, top, work);
        }
        fade.ifPresent(f -> f.fade.on(out, left, top, f.asideX, f.asideY, f.pxPerMm));
    }
}
