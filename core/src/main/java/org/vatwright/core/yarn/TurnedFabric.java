package org.vatwright.core.yarn;

import org.vatwright.core.colour.LightMix;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * A cloth at an angle: one upright period painted at twice the density, sampled on the torus through the turn, four
 * samples a pixel. The turn is by whole periods, so the tile closes.
 */
final class TurnedFabric implements Painter {

    private static final int FINER = 2;
    private static final int STRIP_ROWS = 64;
    private static final long MOST_PX = 60_000_000;

    private final TorusSampler period;
    private final FabricFit fit;
    private final TileGrid grid;
    private final boolean opaque;

    /** @param work under which the upright period is painted */
    TurnedFabric(Threads threads, FabricFit fit, TileGrid grid, Work work) {
        this.fit = fit;
        this.grid = grid;
        opaque = threads.opaque() && (threads.yarn == null || threads.yarn.covers());
        double acrossPx = 1
                / Math.hypot((double) fit.endsAcross() / grid.widthPx(), (double) fit.endsDown() / grid.heightPx());
        double downPx = 1
                / Math.hypot((double) fit.picksAcross() / grid.widthPx(), (double) fit.picksDown() / grid.heightPx());
        double finer = Math.min(FINER, Math.sqrt(MOST_PX / (acrossPx * downPx)));
        int w = (int) Math.max(1, Math.rint(acrossPx * finer));
        int h = (int) Math.max(1, Math.rint(downPx * finer));
        ThreadSpan across = new ThreadSpan(w, threads.warp.length, 1);
        ThreadSpan down = new ThreadSpan(h, threads.weft.length, 1);
        double pxPerThread = Math.min(across.pxPerThread(), down.pxPerThread()) / finer;
        Raster upright = new Raster(w, h);
        Painter painter = FabricPainter.upright(threads, across, down, pxPerThread >= ThreadSpan.CRISP_PX);
        Rows.each(h, STRIP_ROWS, work.telling(share -> {}),
                (from, to) -> painter.paint(upright.argb(), from * w, from, to));
        period = new TorusSampler(upright);
    }

    @Override
    public boolean opaque() {
        return opaque;
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        int w = grid.widthPx();
        Raster fine = new Raster(FINER * w, FINER * (to - from));
        double stepX = 1.0 / (FINER * w);
        double stepY = 1.0 / (FINER * (double) grid.heightPx());
        double top = (double) from / grid.heightPx();
        period.sample(new Affine(fit.endsDown() * top, fit.endsAcross() * stepX, fit.endsDown() * stepY,
                fit.picksDown() * top, fit.picksAcross() * stepX, fit.picksDown() * stepY), fine, Work.on(1));
        for (int y = 0; y < to - from; y++) {
            for (int x = 0; x < w; x++) {
                int p = 2 * y * fine.width() + 2 * x;
                out[at + y * w + x] = mean(fine.argb(), p, p + fine.width());
            }
        }
    }

    private static int mean(int[] argb, int p, int q) {
        int a = argb[p];
        int b = argb[p + 1];
        int c = argb[q];
        int d = argb[q + 1];
        if (a == b && a == c && a == d) {
            return a;
        }
        return LightMix.mix(LightMix.mix(a, b, 0.5f), LightMix.mix(c, d, 0.5f), 0.5f);
    }
}
