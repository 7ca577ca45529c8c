package org.vatwright.core.pattern.motif;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/**
 * Paints dots by their true coverage: each pixel row is cut in {@value #LINES} lines, on each the stretch inside the
 * circle is exact, so the share of a pixel is right to a few thousandths at any size.
 */
final class DotPainter implements Painter {

    private static final int LINES = 16;

    /** Middle and half axes in pixels; a dot is an ellipse where whole pixels stretch the tile. */
    private record Disc(double x, double y, double rx, double ry, int argb) {}

    private final List<Disc> discs = new ArrayList<>();
    private final TileGrid grid;

    private DotPainter(TileGrid grid) {
        this.grid = grid;
    }

    static Painter of(Dots dots, Repeat repeat, TileGrid grid, InkColours inks) {
        DotPainter painter = new DotPainter(grid);
        for (Dot dot : dots.dots()) {
            if (!(dot.ink() instanceof Ink.Clear)) {
                for (Dots.Spot spot : dots.spots(dot, repeat)) {
                    painter.discs.add(new Disc(spot.x() / grid.mmPerPxX(), spot.y() / grid.mmPerPxY(),
                            dot.diameterMm() / 2 / grid.mmPerPxX(), dot.diameterMm() / 2 / grid.mmPerPxY(),
                            inks.argb(dot.ink())));
                }
            }
        }
        return painter;
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        int w = grid.widthPx();
        int h = grid.heightPx();
        Arrays.fill(out, at, at + (to - from) * w, 0);
        float[] cover = new float[w];
        for (Disc disc : discs) {
            int top = (int) Math.floor(disc.y - disc.ry);
            int bottom = (int) Math.ceil(disc.y + disc.ry);
            // Every row of the strip that the disc reaches, on whichever turn around the torus.
            for (int turn = Math.floorDiv(top - to, h); turn <= Math.floorDiv(bottom - from, h) + 1; turn++) {
                int first = Math.max(from, top - turn * h);
                int last = Math.min(to, bottom - turn * h);
                for (int y = first; y < last; y++) {
                    row(disc, y + turn * h, out, at + (y - from) * w, cover);
                }
            }
        }
    }

    private void row(Disc disc, int y, int[] strip, int at, float[] cover) {
        int w = cover.length;
        double left = disc.x - disc.rx;
        double right = disc.x + disc.rx;
        boolean wraps = right - left >= w;
        int first = (int) Math.floor(left);
        int last = (int) Math.floor(right);
        if (wraps) {
            Arrays.fill(cover, 0);
        } else {
            for (int x = first; x <= last; x++) {
                cover[Math.floorMod(x, w)] = 0;
            }
        }
        for (int line = 0; line < LINES; line++) {
            double dy = (y + (line + 0.5) / LINES - disc.y) / disc.ry;
            if (Math.abs(dy) < 1) {
                double half = disc.rx * Math.sqrt(1 - dy * dy);
                span(cover, disc.x - half, disc.x + half);
            }
        }
        int count = wraps ? w : last - first + 1;
        for (int i = 0; i < count; i++) {
            int x = wraps ? i : Math.floorMod(first + i, w);
            int share = Math.min(256, Math.round(cover[x] * (256f / LINES)));
            if (share > 0) {
                strip[at + x] = Compositor.normal(strip[at + x], disc.argb, share);
            }
        }
    }

    private static void span(float[] cover, double from, double to) {
        int w = cover.length;
        int first = (int) Math.floor(from);
        int last = (int) Math.floor(to);
        if (first == last) {
            cover[Math.floorMod(first, w)] += (float) (to - from);
            return;
        }
        cover[Math.floorMod(first, w)] += (float) (first + 1 - from);
        cover[Math.floorMod(last, w)] += (float) (to - last);
        for (int x = first + 1; x < last; x++) {
            cover[Math.floorMod(x, w)] += 1;
        }
    }
}
