package org.vatwright.core.pattern;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntFunction;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Bilinear;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * A design or a picture ready to be seen: its tile as a picture, and how it lies. Safe to use from several threads.
 */
public final class TileFill implements FillPaint {

    private static final int MOST_LEVEL = 5;

    /** Its tile at one size of pixels. @param opaque whether every pixel is */
    private record Seen(Raster tile, boolean opaque) {}

    private final Fill fill;
    private final Tile outer;
    private final IntFunction<Raster> paint;
    private final Map<Integer, Seen> levels = new ConcurrentHashMap<>();
    private final int mean;

    /**
     * @param outer the tile it lies on
     * @param mean its mean colour, premultiplied ARGB
     * @param paint paints its tile; at level 0 a pixel of it is as large as one of the outer tile, at each next one half
     */
    public TileFill(Fill fill, Tile outer, int mean, IntFunction<Raster> paint) {
        this.fill = fill;
        this.outer = outer;
        this.paint = paint;
        this.mean = mean;
    }

    @Override
    public int mean() {
        return mean;
    }

    @Override
    public Fill fill() {
        return fill;
    }

    /** @return from the outer tile in mm to its own tile, in tiles: drawn at the nearest that closes */
    public static AffineTransform through(Fill fill, Tile outer) {
        Lattice drawn = LatticeFit.of(fill.lattice(), outer).drawn();
        AffineTransform place = new AffineTransform(drawn.ax(), drawn.ay(), drawn.bx(), drawn.by(), fill.startX(),
                fill.startY());
        return inverse(place);
    }

    /**
     * @param frame from the mark's own mm, its middle at 0, 0, to the outer tile
     * @return from the outer tile in mm to its own tile, in tiles
     */
    public static AffineTransform anew(Fill fill, AffineTransform frame) {
        AffineTransform place = fill.follows()
                ? new AffineTransform(frame)
                : AffineTransform.getTranslateInstance(frame.getTranslateX(), frame.getTranslateY());
        place.translate(fill.startX(), fill.startY());
        // Counter-clockwise as seen, y down.
        place.rotate(-Math.toRadians(fill.turnDeg()));
        place.scale(fill.wide() * fill.source().widthMm(), fill.high() * fill.source().heightMm());
        place.translate(-0.5, -0.5);
        return inverse(place);
    }

    /** @return how it lies in a mark: anew where it starts anew and the mark has a frame, else through */
    public static AffineTransform placeIn(Fill fill, VectorMark mark, Tile outer) {
        return fill.anew() && mark.frame().isPresent() ? anew(fill, mark.frame().get()) : through(fill, outer);
    }

    @Override
    public Seeing through(TileGrid grid) {
        return placed(through(fill, outer), grid);
    }

    @Override
    public Seeing in(VectorMark mark, TileGrid grid) {
        return placed(placeIn(fill, mark, outer), grid);
    }

    private static AffineTransform inverse(AffineTransform place) {
        try {
            return place.createInverse();
        } catch (NoninvertibleTransformException e) {
            throw new Refusal("a fill cannot be scaled to nothing", e);
        }
    }

    /** @param toTiles how it lies @return the picture whose pixels come nearest to those of the outer tile */
    private Seen at(AffineTransform toTiles) {
        double own = Math.sqrt(Math.abs(toTiles.getDeterminant()) * fill.wide() * fill.source().widthMm() * fill.high()
                * fill.source().heightMm());
        // How many times as large as at level 0 it is seen.
        int level = (int) Math.rint(Math.log(1 / own) / Math.log(2));
        return levels.computeIfAbsent(Math.max(-MOST_LEVEL, Math.min(MOST_LEVEL, level)), l -> {
            Raster tile = paint.apply(l);
            return new Seen(tile, Packed.opaque(tile.argb()));
        });
    }

    /** @return ready to be read pixel by pixel. @param toTiles how it lies @param grid of the outer tile */
    private Placed placed(AffineTransform toTiles, TileGrid grid) {
        return new Placed(at(toTiles), Gradient.byPixel(toTiles, grid));
    }

    /** @param map from pixels to its tiles */
    private record Placed(Seen seen, double[] map) implements Seeing {

        @Override
        public int argb(int x, int y) {
            return Bilinear.argb(seen.tile, map[0] * x + map[2] * y + map[4], map[1] * x + map[3] * y + map[5]);
        }

        @Override
        public boolean opaque() {
            return seen.opaque;
        }
    }
}
