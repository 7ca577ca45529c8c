package org.vatwright.core.render;

import java.util.Arrays;
import java.util.BitSet;

import org.vatwright.core.map.Affine;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * A stretch as it was the last time it was looked at. Where the hand changes little of the tile only the rows that show it are
 * sampled anew; all of it is the same to the bit as if it were. Safe to use from several threads.
 */
public final class FieldMemory {

    /** Where more of the tile differs all is sampled anew. */
    private static final double MOST_SHARE = 0.4;

    private Raster tile;
    private Affine map;
    private Raster seen;

    /** @return the stretch, which nobody may change */
    synchronized Raster sampled(Raster now, Affine to, int width, int height, Work work) {
        Raster before = tile;
        Raster out = new Raster(width, height);
        // A map that is turned crosses all rows.
        boolean alike = before != null && to.equals(map) && to.vx() == 0 && before.width() == now.width()
                && before.height() == now.height() && seen.width() == width && seen.height() == height;
        BitSet differ = alike ? differing(before, now) : null;
        if (alike && differ.cardinality() < MOST_SHARE * now.height()) {
            System.arraycopy(seen.argb(), 0, out.argb(), 0, out.argb().length);
            rows(now, to, out, differ, work);
        } else {
            new TorusSampler(now).sample(to, out, work);
        }
        tile = now;
        map = to;
        seen = out;
        return out;
    }

    private static BitSet differing(Raster before, Raster now) {
        BitSet rows = new BitSet(now.height());
        int w = now.width();
        for (int y = 0; y < now.height(); y++) {
            rows.set(y, !Arrays.equals(before.argb(), y * w, (y + 1) * w, now.argb(), y * w, (y + 1) * w));
        }
        return rows;
    }

    /** @param differ rows of the tile */
    private static void rows(Raster tile, Affine map, Raster out, BitSet differ, Work work) {
        TorusSampler sampler = new TorusSampler(tile);
        double[] uv = new double[2];
        int from = -1;
        for (int y = 0; y <= out.height(); y++) {
            boolean anew = false;
            if (y < out.height()) {
                map.at(0.5, y + 0.5, uv);
                int row = (int) Math.floor(uv[1] * tile.height() - 0.5);
                // Read from that row and the next; one more each way for what is rounded.
                for (int r = row - 1; r <= row + 2; r++) {
                    anew |= differ.get(Math.floorMod(r, tile.height()));
                }
            }
            if (anew && from < 0) {
                from = y;
            } else if (!anew && from >= 0) {
                work.goOn();
                sampler.rows(map, out, from, y);
                from = -1;
            }
        }
    }
}
