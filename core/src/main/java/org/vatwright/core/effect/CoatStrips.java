package org.vatwright.core.effect;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * A coat blurred in strips from top to bottom, each so narrow that its running sums lie in a processor's own memory. A row of a strip is
 * blurred along, with what lies beside it, as it comes in; so nothing of the whole coat is kept between the two directions.
 */
final class CoatStrips {

    /** Pixels across; what lies beside a strip is blurred once for each of its neighbours as well. */
    private static final int STRIP = 450;
    private static final int LEAST_REACHES = 4;
    private static final int ROWS_AT_ONCE = 64;

    private final Raster coat;
    private final Raster out;
    private final Spread along;
    private final int over;
    private final Spread.Sums down;

    /**
     * @param along how a whole row is blurred @param over {@link FourLines#over} of it
     * @param down {@link Spread.Sums#packed packed}
     */
    CoatStrips(Raster coat, Raster out, Spread along, int over, Spread.Sums down) {
        this.coat = coat;
        this.out = out;
        this.along = along;
        this.over = over;
        this.down = down;
    }

    void run(Work work) {
        int w = coat.width();
        int h = coat.height();
        // A mean is one of the whole row.
        int widest = along instanceof Spread.Level ? w : Math.max(STRIP, LEAST_REACHES * along.reach());
        int strips = Math.ceilDiv(w, widest);
        int wide = Math.ceilDiv(w, strips);
        // Each part takes rows beyond its ends; many small ones would do little else.
        int parts = Math.max(1, Math.min(Math.ceilDiv(work.threads(), strips), h / Math.max(1, 2 * down.reach())));
        int high = Math.ceilDiv(h, parts);
        Rows.each(strips * parts, 1, work, (from, to) -> {
            for (int k = from; k < to; k++) {
                int left = k % strips * wide;
                int top = k / strips * high;
                if (left < w && top < h) {
                    strip(left, Math.min(wide, w - left), top, Math.min(h, top + high), work);
                }
            }
        });
    }

    private void strip(int left, int n, int top, int bottom, Work work) {
        int w = coat.width();
        int reach = down.reach();
        FourLines lines = FourLines.part(n, along);
        DownSums sums = new DownSums(down, n);
        DownSums.Pairs blurred = new DownSums.Pairs(n);
        LitPixels lit = new LitPixels(down.full(along.full(FourLines.MOST) >>> over), n);
        int[] row = new int[lines.filled()];
        for (int y = top - reach; y < bottom + reach; y++) {
            if (y % ROWS_AT_ONCE == 0) {
                work.goOn();
            }
            take(Math.floorMod(y, coat.height()) * w, left - along.reach(), row);
            SoftCoat.read(row, 0, lines);
            lines.blur();
            SoftCoat.pack(lines, over, sums.next(), 0, n);
            if (sums.take(blurred)) {
                System.arraycopy(lit.of(blurred.one(), blurred.other(), n), 0, out.argb(), (y - reach) * w + left, n);
            }
        }
    }

    /** A part of a row of the torus, also beyond both its ends. */
    private void take(int line, int left, int[] row) {
        int w = coat.width();
        for (int i = 0; i < row.length;) {
            int x = Math.floorMod(left + i, w);
            int count = Math.min(w - x, row.length - i);
            System.arraycopy(coat.argb(), line + x, row, i, count);
            i += count;
        }
    }
}
