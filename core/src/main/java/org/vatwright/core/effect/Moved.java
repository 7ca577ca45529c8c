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
                // Where the row begins anew, the pixel before it is its last.
                int at = y * w;
                mix(coat.argb(), low + first, high + first, first == 0 ? w - 1 : -1, 1, out, at, fx, fy);
                mix(coat.argb(), low + first + 1, high + first + 1, -1, w - first - 1, out, at + 1, fx, fy);
                if (first > 0) {
                    mix(coat.argb(), low, high, w - 1, 1, out, at + w - first, fx, fy);
                    mix(coat.argb(), low + 1, high + 1, -1, first - 1, out, at + w - first + 1, fx, fy);
                }
            }
        });
        return out;
    }

    /** @param low,high where both rows begin @param far from a pixel to the one before it */
    private static void mix(int[] argb, int low, int high, int far, int n, float[] out, int at, float fx, float fy) {
        for (int i = 0; i < n; i++) {
            float below = (argb[low + i] >>> 24) * (1 - fx) + (argb[low + far + i] >>> 24) * fx;
            float above = (argb[high + i] >>> 24) * (1 - fx) + (argb[high + far + i] >>> 24) * fx;
            out[at + i] = (below * (1 - fy) + above * fy) / 255;
        }
    }
}
