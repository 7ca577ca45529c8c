package org.vatwright.core.render;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/** Lays the coats of a cloth over its ground, whatever rows are asked for. Safe to use from several threads. */
final class TilePainter implements Painter {

    /**
     * A coat and how it is laid.
     *
     * @param seen whether it is laid at all; one that is not may still be what another one shows in
     * @param confined whether it shows only in the marks of the one before
     */
    private record Laid(Coat coat, Layer layer, boolean seen, boolean confined) {

        boolean covers() {
            return seen && !confined && coat.opaque() && layer.opacity() == 1 && layer.mode() == BlendMode.NORMAL;
        }
    }

    private final int width;
    private final Painter ground;
    private final List<Laid> coats = new ArrayList<>();
    private final boolean confining;

    /** @param coat makes or finds the coat of a layer, under the work */
    TilePainter(Cloth cloth, TileGrid grid, Work work, BiFunction<Layer, PaintRequest, Coat> coat) {
        this(cloth, grid, work, coat, 0, Optional.empty());
    }

    /**
     * @param first number of the lowest layer that is to be laid, which is not confined to the one below
     * @param laid the ground with all layers below the first on it, if it is there already
     */
    TilePainter(Cloth cloth, TileGrid grid, Work work, BiFunction<Layer, PaintRequest, Coat> coat, int first,
            Optional<Raster> laid) {
        width = grid.widthPx();
        InkColours inks = FillTiles.inks(cloth, grid, work);
        PaintRequest asked = new PaintRequest(cloth.design().repeat(), grid, inks, cloth.phase(), work);
        List<Layer> layers = cloth.design().layers();
        boolean[] needed = needed(layers);
        for (int i = first; i < layers.size(); i++) {
            if (needed[i]) {
                work.goOn();
                Layer layer = layers.get(i);
                coats.add(new Laid(coat.apply(layer, asked), layer, seen(layer), confined(layers, i)));
            }
        }
        confining = coats.stream().anyMatch(Laid::confined);
        Painter bare = laid.<Painter>map(r -> new Coat.Painted(r))
                .orElseGet(() -> ground(inks, cloth.design().ground(), grid));
        ground = !confining && !coats.isEmpty() && coats.getFirst().covers() ? coats.removeFirst().coat : bare;
    }

    private static Painter ground(InkColours inks, Ink ink, TileGrid grid) {
        return inks.fill(ink).<Painter>map(f -> new FilledGround(f.through(grid), grid.widthPx()))
                .orElseGet(() -> new PlainGround(inks.argb(ink), grid.widthPx()));
    }

    private static boolean seen(Layer layer) {
        return layer.visible() && layer.opacity() > 0;
    }

    /** @return whether a layer shows only in the marks of the one below */
    static boolean confined(List<Layer> layers, int at) {
        return at > 0 && layers.get(at).shows() instanceof Shows.InMarksBelow;
    }

    /** @return by layer whether it is seen, or gives its marks to one that is */
    static boolean[] needed(List<Layer> layers) {
        boolean[] needed = new boolean[layers.size()];
        for (int i = layers.size() - 1; i >= 0; i--) {
            needed[i] = seen(layers.get(i))
                    || i + 1 < layers.size() && needed[i + 1] && confined(layers, i + 1);
        }
        return needed;
    }

    /** Whatever is laid over an opaque ground leaves it opaque. */
    @Override
    public boolean opaque() {
        return ground.opaque();
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        ground.paint(out, at, from, to);
        int[] over = new int[coats.isEmpty() ? 0 : (to - from) * width];
        int[] below = confining ? new int[over.length] : over;
        for (Laid laid : coats) {
            if (!confining) {
                laid.coat.lay(out, at, from, to, laid.layer.opacity(), laid.layer.mode(), over);
                continue;
            }
            laid.coat.paint(over, 0, from, to);
            lay(laid, out, at, over, below);
            int[] kept = below;
            below = over;
            over = kept;
        }
    }

    @Override
    public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
        if (right - left == width) {
            paint(out, at, from, to);
            return;
        }
        ground.paint(out, at, from, to, width, left, right);
        int[] over = new int[coats.isEmpty() ? 0 : (to - from) * (right - left)];
        int[] below = confining ? new int[over.length] : over;
        for (Laid laid : coats) {
            laid.coat.paint(over, 0, from, to, width, left, right);
            lay(laid, out, at, over, below);
            int[] kept = below;
            below = over;
            over = kept;
        }
    }

    private static void lay(Laid laid, int[] out, int at, int[] over, int[] below) {
        if (laid.confined) {
            Compositor.keep(over, 0, below);
        }
        if (laid.seen) {
            Compositor.lay(out, at, over, 0, over.length, laid.layer.opacity(), laid.layer.mode());
        }
    }

    /** One colour. */
    private record PlainGround(int argb, int width) implements Painter {

        @Override
        public boolean opaque() {
            return argb >>> 24 == 255;
        }

        @Override
        public void paint(int[] out, int at, int from, int to) {
            paint(out, at, from, to, width, 0, width);
        }

        @Override
        public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
            Arrays.fill(out, at, at + (to - from) * (right - left), argb);
        }
    }

    /** The whole tile as one mark. */
    private record FilledGround(FillPaint.Seeing fill, int width) implements Painter {

        @Override
        public boolean opaque() {
            return fill.opaque();
        }

        @Override
        public void paint(int[] out, int at, int from, int to) {
            paint(out, at, from, to, width, 0, width);
        }

        @Override
        public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
            int i = at;
            for (int y = from; y < to; y++) {
                for (int x = left; x < right; x++) {
                    out[i++] = fill.argb(x, y);
                }
            }
        }
    }
}
