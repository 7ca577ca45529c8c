package org.vatwright.core.render;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.coat.Coat;
import org.vatwright.core.coat.Stack;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * Keeps the tiles used last, and the coats they were laid from, so that a change to one of many layers paints one. Both are
 * pure functions of what they are kept by, so they never get stale. What would not fit among the kept coats is painted
 * straight into its tile. Safe to use from several threads.
 */
public final class TileCache implements TileSource {

    /** Coats of one tile may take this share of the room for coats. */
    private static final double MOST_OF_COATS = 0.5;

    private record Key(ClothLook look, TileGrid grid) {}

    private final Kept<Key, Raster> tiles;
    private final Kept<Key, Coat.Painted> coats;
    private final long coatPx;

    /**
     * @param tilePx of all kept tiles together
     * @param coatPx of all kept coats together; 0 keeps none
     */
    public TileCache(long tilePx, long coatPx) {
        tiles = new Kept<>(tilePx, TileCache::size);
        coats = new Kept<>(coatPx, c -> size(c.raster()));
        this.coatPx = coatPx;
    }

    /**
     * @param most pixels to keep where there is memory in plenty
     * @param part one part in how many of the program's memory they may take at most
     * @return how many pixels may be kept: what is only kept must never crowd out what is being made
     */
    public static long room(long most, int part) {
        return Math.min(most, Runtime.getRuntime().maxMemory() / part / Integer.BYTES);
    }

    @Override
    public Raster tile(Cloth cloth, TileGrid grid, Work work) {
        return tiles.get(new Key(ClothLook.of(cloth), grid), work, () -> painted(cloth, grid, work));
    }

    private Raster painted(Cloth cloth, TileGrid grid, Work work) {
        if (!worthKeeping(cloth, grid)) {
            return TileRenderer.render(cloth, grid, work);
        }
        Work quiet = work.telling(share -> {});
        int first = firstChanged(cloth, grid);
        Optional<Raster> below = first == 0
                ? Optional.empty()
                : Optional.of(tile(new Cloth(cloth.design().withLayers(cloth.design().layers().subList(0, first)),
                        cloth.colourway(), cloth.phase()), grid, quiet));
        return TileRenderer.painted(new TilePainter(cloth, grid, quiet, (layer, asked) -> coat(cloth, layer, asked),
                first, below), grid, work);
    }

    /**
     * While one layer is worked on, what lies below stays: it is kept laid together, as the tile that it would be.
     *
     * @return number of the lowest layer whose coat is not kept, or of one to which it or a higher one is confined; 0 when there is none, or
     *         when fewer than two are laid below
     */
    private int firstChanged(Cloth cloth, TileGrid grid) {
        List<Layer> layers = cloth.design().layers();
        boolean[] needed = Stack.needed(layers);
        int below = 0;
        for (int i = 0; i < layers.size(); i++) {
            if (needed[i] && !coats.has(new Key(ClothLook.ofCoat(cloth, layers.get(i)), grid))) {
                int first = lowest(layers, i);
                return below < 2 ? 0 : first;
            }
            below += needed[i] ? 1 : 0;
        }
        return 0;
    }

    /** @return the number of the lowest layer to whose marks one from there on is confined; that one itself when none is */
    private static int lowest(List<Layer> layers, int from) {
        int lowest = from;
        for (int i = layers.size() - 1; i >= lowest; i--) {
            int to = Shows.confinedTo(layers, i);
            if (to >= 0 && to < lowest) {
                lowest = to;
                i = layers.size();
            }
        }
        return lowest;
    }

    /** A single coat without effects is as soon painted anew. */
    private boolean worthKeeping(Cloth cloth, TileGrid grid) {
        List<Layer> layers = cloth.design().layers();
        boolean[] needed = Stack.needed(layers);
        int count = 0;
        boolean effects = false;
        for (int i = 0; i < needed.length; i++) {
            count += needed[i] ? 1 : 0;
            effects |= needed[i] && !layers.get(i).effects().isEmpty();
        }
        return (count > 1 || effects)
                && (double) count * grid.widthPx() * grid.heightPx() <= MOST_OF_COATS * coatPx;
    }

    private Coat coat(Cloth cloth, Layer layer, PaintRequest asked) {
        return Coat.of(coats.get(new Key(ClothLook.ofCoat(cloth, layer), asked.grid()), asked.work(),
                () -> Coat.of(layer, asked).painted(asked.grid(), asked.work())));
    }

    private static long size(Raster raster) {
        return (long) raster.width() * raster.height();
    }
}
