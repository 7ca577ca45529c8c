package org.vatwright.core.yarn;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicReferenceArray;

import org.vatwright.core.colour.LightMix;

/**
 * The columns that see ends of one colour only. Where the row sees picks of one colour too, a pixel is a mixture of the
 * two by one share, so it is one sum and one look-up instead of a sum and a look-up for each channel. In most cloths
 * these are nearly all pixels; the few columns between two bands are left to the sum over colours.
 */
final class PlainBands {

    /** Fine enough that a step in the darkest light stays below one level of 255. */
    static final int STEPS = 4095;
    /** Tables for more pairs of colours than this would take longer to fill than they save. */
    private static final int MOST_PAIRS = 100;
    /** Added to a share, leaves its whole part in the lowest bits of the float: 2^23. */
    private static final float SHIFT = 0x1p23f;
    private static final int NONE = -1;

    /** Columns {@code from} to below {@code to} that see ends of the colour with this number. */
    private record Run(int from, int to, int colour) {}

    private final List<Run> runs = new ArrayList<>();
    private final int[] others;
    private final int[] warpColours;
    private final int[] weftColours;
    private final AtomicReferenceArray<int[]> tables;

    /** @param columns for each column the number of the warp's only colour there, or {@link #NONE} */
    private PlainBands(int[] columns, int[] warpColours, int[] weftColours) {
        this.warpColours = warpColours;
        this.weftColours = weftColours;
        tables = new AtomicReferenceArray<>(warpColours.length * weftColours.length);
        int[] left = new int[columns.length];
        int count = 0;
        for (int x = 0; x < columns.length;) {
            int from = x;
            while (x < columns.length && columns[x] == columns[from]) {
                x++;
            }
            if (columns[from] != NONE) {
                runs.add(new Run(from, x, columns[from]));
            } else {
                for (int other = from; other < x; other++) {
                    left[count++] = other;
                }
            }
        }
        others = Arrays.copyOf(left, count);
    }

    /**
     * @param columns for each column the colour of all the ends it sees, or 0 where they differ
     * @return null when too little of the cloth is plain, or when colours are clear or too many
     */
    static PlainBands of(Threads threads, int[] columns) {
        int[] warp = Arrays.stream(threads.warp).distinct().toArray();
        int[] weft = Arrays.stream(threads.weft).distinct().toArray();
        long plain = Arrays.stream(columns).filter(c -> c != 0).count();
        if (!threads.opaque() || warp.length * weft.length > MOST_PAIRS || plain * 2 < columns.length) {
            return null;
        }
        return new PlainBands(Arrays.stream(columns).map(c -> number(warp, c)).toArray(), warp, weft);
    }

    private static int number(int[] colours, int argb) {
        for (int i = 0; i < colours.length; i++) {
            if (colours[i] == argb) {
                return i;
            }
        }
        return NONE;
    }

    /** Made when first asked for; two threads may both make one, which are equal. */
    private int[] table(int warp, int weft) {
        int at = warp * weftColours.length + weft;
        int[] table = tables.get(at);
        if (table == null) {
            table = new int[STEPS + 1];
            for (int i = 0; i <= STEPS; i++) {
                table[i] = LightMix.mix(weftColours[weft], warpColours[warp], (float) i / STEPS);
            }
            tables.set(at, table);
        }
        return table;
    }

    /** @return columns that see ends of several colours */
    int[] others() {
        return others;
    }

    /**
     * @param shares of the warp in each column, 0 to {@link #STEPS}
     * @param argb the only weft colour the row sees
     */
    void row(float[] shares, int argb, int[] out, int row) {
        int weft = number(weftColours, argb);
        for (Run run : runs) {
            if (warpColours[run.colour()] == argb) {
                Arrays.fill(out, row + run.from(), row + run.to(), argb);
                continue;
            }
            int[] table = table(run.colour(), weft);
            for (int x = run.from(); x < run.to(); x++) {
                out[row + x] = table[Float.floatToRawIntBits(shares[x] + SHIFT) & STEPS];
            }
        }
    }
}
