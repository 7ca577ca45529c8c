package org.vatwright.core.map;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Lays a tile endlessly into a picture: one sampling of the torus, bilinear between pixel centres, so there are no
 * edges to show. Where the map moves by whole pixels only, the tile's pixels are copied as they are.
 * <p>
 * Coordinates are texels with 32 binary places; each run of {@value #BLOCK} pixels starts anew from doubles, so that no
 * error adds up (below one level in 255). Work goes in square blocks, so that the part of
 * the tile in use stays in the cache.
 */
public final class TorusSampler {

    private static final int BLOCK = 64;
    private static final double ONE = 0x1p32;
    /** Up to this size a tile is kept with its channels spread, which takes twice the room and a fifth less time. */
    private static final int MOST_SPREAD = 1 << 24;
    /** A map this near to whole pixels is a copy: a hundredth of a level at the largest contrast. */
    private static final double WHOLE = 2e-5;

    private final Raster tile;
    private int[] padded;
    private long[] spread;
    private LevelSampler levels;

    /** Prepares a tile that is sampled several times; the tile is not copied until a sampling needs it. */
    public TorusSampler(Raster tile) {
        this.tile = tile;
    }

    public static void sample(Raster tile, ClothMap map, Raster out, Work work) {
        new TorusSampler(tile).sample(map, out, work);
    }

    /**
     * Safe to call from several threads at once, each with a picture of its own.
     * <p>
     * Affine maps are read from the tile as it is, which is to be as dense as what is seen; of all others each place is read
     * from the level of the tile that is as dense as the picture is there.
     */
    public void sample(ClothMap map, Raster out, Work work) {
        sample(map, Reading.PLAIN, out, work);
    }

    public void sample(ClothMap map, Reading how, Raster out, Work work) {
        if (map instanceof Affine affine && !how.once()) {
            affine(affine, out, work);
        } else {
            levels(work).sample(map, how, out, work);
        }
    }

    private synchronized LevelSampler levels(Work work) {
        if (levels == null) {
            levels = new LevelSampler(new Levels(tile).all(work));
        }
        return levels;
    }

    private void affine(Affine map, Raster out, Work work) {
        if (isCopy(tile, map, out)) {
            copy(tile, map, out, work);
            return;
        }
        prepare();
        Rows.each(out.height(), BLOCK, work, (from, to) -> {
            for (int x = 0; x < out.width(); x += BLOCK) {
                int end = Math.min(out.width(), x + BLOCK);
                for (int y = from; y < to; y++) {
                    run(padded, spread, tile.width(), tile.height(), map, out, x, end, y);
                }
            }
        });
    }

    /**
     * Rows of a picture alone, each to the bit as {@link #sample} makes it of the whole.
     *
     * @param from,to rows of {@code out}, {@code to} excluded
     */
    public void rows(Affine map, Raster out, int from, int to) {
        if (isCopy(tile, map, out)) {
            copy(tile, map, out, from, to);
            return;
        }
        // To spread it would take longer than a few rows.
        int[] all = padded();
        for (int y = from; y < to; y++) {
            for (int x = 0; x < out.width(); x += BLOCK) {
                run(all, spread, tile.width(), tile.height(), map, out, x, Math.min(out.width(), x + BLOCK), y);
            }
        }
    }

    private synchronized int[] padded() {
        if (padded == null) {
            padded = pad(tile);
        }
        return padded;
    }

    private synchronized void prepare() {
        if (spread == null && padded().length <= MOST_SPREAD) {
            spread = spread(padded);
        }
    }

    /** Whole pixels from the first to the last: neither size nor angle differs, and the start is whole. */
    private static boolean isCopy(Raster tile, Affine map, Raster out) {
        double w = tile.width();
        double h = tile.height();
        double drift = Math.max(out.width() * Math.abs(map.ux() * w - 1), out.height() * Math.abs(map.vy() * h - 1))
                + out.height() * Math.abs(map.uy() * w) + out.width() * Math.abs(map.vx() * h);
        return drift < WHOLE && Math.abs(map.u0() * w - Math.rint(map.u0() * w)) < WHOLE
                && Math.abs(map.v0() * h - Math.rint(map.v0() * h)) < WHOLE;
    }

    private static void copy(Raster tile, Affine map, Raster out, Work work) {
        Rows.each(out.height(), BLOCK, work, (from, to) -> copy(tile, map, out, from, to));
    }

    private static void copy(Raster tile, Affine map, Raster out, int from, int to) {
        int w = tile.width();
        int h = tile.height();
        int startX = Math.floorMod((long) Math.rint(map.u0() * w), w);
        int startY = Math.floorMod((long) Math.rint(map.v0() * h), h);
        int[] source = tile.argb();
        int[] target = out.argb();
        for (int y = from; y < to; y++) {
            int row = (startY + y) % h * w;
            int at = startX;
            for (int x = 0; x < out.width();) {
                int run = Math.min(w - at, out.width() - x);
                System.arraycopy(source, row + at, target, y * out.width() + x, run);
                x += run;
                at = 0;
            }
        }
    }

    /** One wrapped column and row more, so that the kernel never asks where an edge is. */
    private static int[] pad(Raster tile) {
        int w = tile.width();
        int h = tile.height();
        int[] padded = new int[(w + 1) * (h + 1)];
        for (int y = 0; y <= h; y++) {
            int row = (y == h ? 0 : y) * w;
            System.arraycopy(tile.argb(), row, padded, y * (w + 1), w);
            padded[y * (w + 1) + w] = tile.argb()[row];
        }
        return padded;
    }

    /**
     * One run of pixels; a tile too large to be kept spread ({@code spread} is null) is spread as it is read.
     * Steps are brought into 0 to below one tile, so that going over the edge is one comparison in each direction.
     */
    private static void run(int[] padded, long[] spread, int w, int h, Affine map, Raster out, int from, int to,
            int y) {
        long wide = (long) w << 32;
        long high = (long) h << 32;
        long px = texels(map.u(from, y) - 0.5 / w, w);
        long py = texels(map.v(from, y) - 0.5 / h, h);
        long stepX = texels(map.ux(), w);
        long stepY = texels(map.vx(), h);
        int stride = w + 1;
        int[] target = out.argb();
        int at = y * out.width() + from;
        int end = at + to - from;
        while (at < end) {
            int p = (int) (py >>> 32) * stride + (int) (px >>> 32);
            int fx = (int) px >>> 24;
            int fy = (int) py >>> 24;
            target[at++] = spread != null
                    ? Packed.mix(spread[p], spread[p + 1], spread[p + stride], spread[p + stride + 1], fx, fy)
                    : Packed.mix(Packed.spread(padded[p]), Packed.spread(padded[p + 1]),
                            Packed.spread(padded[p + stride]),
                            Packed.spread(padded[p + stride + 1]), fx, fy);
            px += stepX;
            px -= px >= wide ? wide : 0;
            py += stepY;
            py -= py >= high ? high : 0;
        }
    }

    private static long[] spread(int[] padded) {
        long[] spread = new long[padded.length];
        for (int i = 0; i < padded.length; i++) {
            spread[i] = Packed.spread(padded[i]);
        }
        return spread;
    }

    /** @return texels times 2^32, 0 to below {@code size} */
    private static long texels(double turns, int size) {
        long texels = (long) ((turns - Math.floor(turns)) * size * ONE);
        return texels >= (long) size << 32 ? 0 : texels;
    }
}
