package org.vatwright.core.effect;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Noise;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.TileGrid;

/**
 * Marks broken up: rows, or blocks, of them lie a little beside where they belong.
 *
 * @param heightMm of a row, 0.1 to 1000; as many as come out even go around the tile
 * @param widthMm of a block; 0 for rows across the whole tile
 * @param shiftMm the farthest that one is moved, 0 to 1000; 0 changes nothing
 * @param seed another one moves them otherwise
 * @param x,y where rows and blocks begin, mm
 */
@RecordBuilder
public record BreakUp(double heightMm, double widthMm, double shiftMm, long seed, double x,
        double y) implements Effect, BreakUpBuilder.With {

    public static final String KIND = "break-up";

    public BreakUp {
        Require.within("height of a broken row", heightMm, 0.1, 1000, "mm");
        Require.within("width of a broken block", widthMm, 0, 1000, "mm");
        Require.within("shift of a break-up", shiftMm, 0, 1000, "mm");
    }

    public static BreakUp fresh() {
        return new BreakUp(4, 0, 3, 1, 0, 0);
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public int order() {
        return EffectOrder.BREAK_UP.ordinal();
    }

    @Override
    public double reachMm() {
        return Math.abs(shiftMm);
    }

    @Override
    public Raster on(Raster coat, PaintRequest asked) {
        if (shiftMm == 0) {
            return coat;
        }
        TileGrid grid = asked.grid();
        int w = coat.width();
        int h = coat.height();
        int rows = count(grid.heightMm(), heightMm);
        int columns = widthMm == 0 ? 1 : count(grid.widthMm(), widthMm);
        int startX = (int) Math.floorMod(Math.round(x / grid.mmPerPxX()), (long) w);
        int startY = (int) Math.floorMod(Math.round(y / grid.mmPerPxY()), (long) h);
        Raster out = new Raster(w, h);
        for (int py = 0; py < h; py++) {
            int row = (int) ((long) Math.floorMod(py - startY, h) * rows / h);
            for (int px = 0; px < w; px++) {
                int column = (int) ((long) Math.floorMod(px - startX, w) * columns / w);
                long hash = Noise.mix(seed + 0x9E3779B97F4A7C15L * (row * 65_537L + column + 1));
                int dx = shift(hash, grid.mmPerPxX());
                // Whole rows only slide; blocks jump every way.
                int dy = columns == 1 ? 0 : shift(Noise.mix(hash + 1), grid.mmPerPxY());
                out.argb()[py * w + px] = coat.at(Math.floorMod(px - dx, w), Math.floorMod(py - dy, h));
            }
        }
        return out;
    }

    private static int count(double mm, double each) {
        return (int) Math.max(1, Math.min(60_000, Math.rint(mm / each)));
    }

    private int shift(long hash, double mmPerPx) {
        double share = (hash >>> 11) * 0x1p-52 - 1;
        return (int) Math.rint(share * shiftMm / mmPerPx);
    }

    @Override
    public BreakUp resized(double by) {
        return new BreakUp(Math.max(0.1, Math.min(1000, heightMm * by)), Math.min(1000, widthMm * by),
                Math.min(1000, shiftMm * by), seed, x * by, y * by);
    }
}
