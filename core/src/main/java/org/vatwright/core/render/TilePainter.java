package org.vatwright.core.render;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;
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
            return seen && !confined && coat.covers() && layer.opacity() == 1 && layer.mode() == BlendMode.NORMAL;
        }
    }

    private final int width;
    private final int ground;
    private final Optional<FillPaint.Placed> filled;
    private final List<Laid> coats = new ArrayList<>();
    private final boolean covered;

    /** @param coat makes or finds the coat of a layer, under the work */
    TilePainter(Cloth cloth, TileGrid grid, Work work, BiFunction<Layer, PaintRequest, Coat> coat) {
        width = grid.widthPx();
        InkColours inks = FillTiles.inks(cloth, grid, work);
        PaintRequest asked = new PaintRequest(cloth.design().repeat(), grid, inks, cloth.phase(), work);
        ground = inks.argb(cloth.design().ground());
        filled = inks.fill(cloth.design().ground()).map(f -> f.placed(f.through(), grid));
        List<Layer> layers = cloth.design().layers();
        boolean[] needed = needed(layers);
        for (int i = 0; i < layers.size(); i++) {
            if (needed[i]) {
                work.goOn();
                Layer layer = layers.get(i);
                coats.add(new Laid(coat.apply(layer, asked), layer, seen(layer), confined(layers, i)));
            }
        }
        covered = !coats.isEmpty() && coats.getFirst().covers();
    }

    private static boolean seen(Layer layer) {
        return layer.visible() && layer.opacity() > 0;
    }

    private static boolean confined(List<Layer> layers, int at) {
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
        return covered || filled.map(f -> f.seen().opaque()).orElse(ground >>> 24 == 255);
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        paint(out, at, from, to, width, 0, width);
    }

    @Override
    public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
        int count = (to - from) * (right - left);
        if (covered) {
            paint(coats.getFirst().coat, out, at, from, to, left, right);
        } else if (filled.isPresent()) {
            ground(filled.get(), out, at, from, to, left, right);
        } else {
            Arrays.fill(out, at, at + count, ground);
        }
        int first = covered ? 1 : 0;
        if (coats.size() == first) {
            return;
        }
        int[] over = new int[count];
        int[] below = coats.stream().anyMatch(Laid::confined) ? new int[count] : over;
        if (covered) {
            System.arraycopy(out, at, below, 0, count);
        }
        for (Laid laid : coats.subList(first, coats.size())) {
            paint(laid.coat, over, 0, from, to, left, right);
            if (laid.confined) {
                Compositor.keep(over, 0, below);
            }
            if (laid.seen) {
                Compositor.lay(out, at, over, count, laid.layer.opacity(), laid.layer.mode());
            }
            int[] kept = below;
            below = over;
            over = kept;
        }
    }

    private void paint(Coat coat, int[] out, int at, int from, int to, int left, int right) {
        if (right - left == width) {
            coat.paint(out, at, from, to);
        } else {
            coat.paint(out, at, from, to, left, right);
        }
    }

    /** The whole tile as one mark. */
    private static void ground(FillPaint.Placed fill, int[] out, int at, int from, int to, int left, int right) {
        int i = at;
        for (int y = from; y < to; y++) {
            for (int x = left; x < right; x++) {
                out[i++] = fill.argb(x, y);
            }
        }
    }
}
