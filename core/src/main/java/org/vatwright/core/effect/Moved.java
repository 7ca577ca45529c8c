package org.vatwright.core.effect;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** The coverage of a coat moved on the torus, by parts of a pixel too. */
final class Moved {

    private static final int STRIP_ROWS = 32;

    private Moved() {}

    /** @param dx,dy how far to the right and down, in pixels */
    static float[] alpha(Raster coat, double dx, double dy, Work work) {
        int w = coat.width();
        int h = coat.height();
        int left = (int) Math.floor(dx);
        int top = (int) Math.floor(dy);
        float fx = (float) (dx - left);
        float fy = (float) (dy - top);
        float[] out = new float[w * h];
        int first = Math.floorMod(-left, w);
        Rows.each(h, STRIP_ROWS, work, (from, to) -> {
            for (int y = from; y < to; y++) {
                int low = Math.floorMod(y - top, h) * w;
                int high = Math.floorMod(y - top - 1, h) * w;
                int near = first;
                for (int x = 0; x < w; x++) {
                    int far = near == 0 ? w - 1 : near - 1;
                    out[y * w + x] = (mix(coat.argb(), low, near, far, fx) * (1 - fy)
                            + mix(coat.argb(), high, near, far, fx) * fy) / 255;
                    near = near == w - 1 ? 0 : near + 1;
                }
            }
        });
        return out;
    }

    private static float mix(int[] argb, int row, int near, int far, float share) {
        return (argb[row + near] >>> 24) * (1 - share) + (argb[row + far] >>> 24) * share;
    }
}
