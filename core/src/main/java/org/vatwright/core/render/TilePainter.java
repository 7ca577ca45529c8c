package org.vatwright.core.render;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.BiFunction;

import org.vatwright.core.coat.Coat;
import org.vatwright.core.coat.Stack;
import org.vatwright.core.pattern.ByPixel;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/** Lays the coats of a cloth over its ground, whatever rows are asked for. Safe to use from several threads. */
final class TilePainter implements Painter {

    private final int width;
    private final Painter ground;
    private final Stack coats;

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
        Stack stack = Stack.of(cloth.design().layers(), first, asked, coat);
        Optional<Coat> bottom = stack.bottom();
        ground = bottom.isPresent()
                ? bottom.get()
                : laid.<Painter>map(r -> new Coat.Painted(r))
                        .orElseGet(() -> ground(inks, cloth.design().ground(), grid));
        coats = bottom.isPresent() ? stack.withoutBottom() : stack;
    }

    private static Painter ground(InkColours inks, Ink ink, TileGrid grid) {
        return inks.fill(ink).map(f -> f.through(grid))
                .<Painter>map(seen -> new ByPixel(grid.widthPx(), seen.opaque(), seen::argb))
                .orElseGet(() -> new PlainGround(inks.argb(ink), grid.widthPx()));
    }

    /** Whatever is laid over an opaque ground leaves it opaque. */
    @Override
    public boolean opaque() {
        return ground.opaque();
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        ground.paint(out, at, from, to);
        coats.over(out, at, from, to);
    }

    @Override
    public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
        if (right - left == width) {
            paint(out, at, from, to);
            return;
        }
        ground.paint(out, at, from, to, width, left, right);
        coats.over(out, at, from, to, left, right);
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
}
