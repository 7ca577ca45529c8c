package org.vatwright.core.effect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.raster.Work;

/** Columns that are blurred side by side, held against each column blurred by itself as a line. */
class DownSumsTest {

    private static final int QUARTER = 16;
    private static final long LOW = 0xFFFF_FFFFL;

    private static long[][] chance(int h, int m) {
        Random chance = new Random(5);
        long[][] plane = new long[h][m];
        for (long[] row : plane) {
            for (int x = 0; x < m; x++) {
                row[x] = chance.nextLong();
            }
        }
        return plane;
    }

    /** @return of each place its four numbers as shares of all */
    private static double[][] fallen(long[][] plane, Spread.Sums sums, int threads) {
        int h = plane.length;
        int m = plane[0].length;
        double[][] fallen = new double[h][4 * m];
        AtomicInteger taken = new AtomicInteger();
        double full = sums.packed().full(FourLines.MOST);
        Falling.run(m, h, sums, Work.on(threads), () -> new Falling.Ends<DownSums.Pairs>() {
            @Override
            public void rows(int from, int count, Falling.Taker to) {
                for (int k = 0; k < count; k++) {
                    to.take(k, plane[from + k]);
                }
            }

            @Override
            public void take(int y, int from, int n, DownSums.Pairs row) {
                taken.addAndGet(n);
                for (int i = 0; i < n; i++) {
                    fallen[y][4 * (from + i)] = (row.other()[i] & LOW) / full;
                    fallen[y][4 * (from + i) + 1] = (row.one()[i] & LOW) / full;
                    fallen[y][4 * (from + i) + 2] = (row.other()[i] >>> 32) / full;
                    fallen[y][4 * (from + i) + 3] = (row.one()[i] >>> 32) / full;
                }
            }
        });
        assertThat(taken).as("each place once").hasValue(h * m);
        return fallen;
    }

    @ParameterizedTest
    @CsvSource({"1.5, 40, 5, 1", "3, 40, 300, 1", "7.3, 61, 520, 3", "11.9, 200, 257, 2", "12, 200, 33, 4",
            "20, 90, 256, 2", "30, 40, 9, 2", "130, 400, 12, 3"})
    void eachColumnIsWhatItIsAsALine(double spread, int h, int m, int threads) {
        long[][] plane = chance(h, m);
        double[][] fallen = fallen(plane, (Spread.Sums) Spread.of(h, spread), threads);
        FourLines lines = new FourLines(h, spread);
        for (int x = 0; x < 4 * m; x++) {
            for (int y = 0; y < h; y++) {
                lines.one()[lines.in() + y] = plane[y][x / 4] >>> x % 4 * QUARTER & FourLines.MOST;
            }
            lines.blur();
            for (int y = 0; y < h; y++) {
                double wanted = lines.one()[y] / (double) lines.full(FourLines.MOST);
                assertThat(fallen[y][x]).as("%d, %d", x, y).isEqualTo(wanted, within(5e-5));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"3, 40, 300, 2", "20, 90, 257, 3"})
    void rowsFurtherDownGiveTheVerySameFurtherDown(double spread, int h, int m, int threads) {
        long[][] plane = chance(h, m);
        long[][] lower = new long[h][];
        for (int y = 0; y < h; y++) {
            lower[(y + 17) % h] = plane[y];
        }
        Spread.Sums sums = (Spread.Sums) Spread.of(h, spread);
        double[][] first = fallen(plane, sums, threads);
        double[][] second = fallen(lower, sums, 1);
        for (int y = 0; y < h; y++) {
            assertThat(second[(y + 17) % h]).isEqualTo(first[y]);
        }
    }

    @Test
    void whoIsHeldUpLeavesItsRowsToTheOther() {
        int h = 400;
        Spread.Sums sums = (Spread.Sums) Spread.of(h, 3);
        CountDownLatch most = new CountDownLatch(300);
        AtomicReference<Falling.Ends<DownSums.Pairs>> heldUp = new AtomicReference<>();
        AtomicBoolean waited = new AtomicBoolean();
        Falling.run(1, h, sums, Work.on(2), () -> new Falling.Ends<DownSums.Pairs>() {
            @Override
            public void rows(int from, int count, Falling.Taker to) {}

            @Override
            public void take(int y, int from, int n, DownSums.Pairs row) {
                if (heldUp.compareAndSet(null, this)) {
                    waited.set(until(most));
                } else if (heldUp.get() != this) {
                    most.countDown();
                }
            }
        });
        assertThat(waited).as("three of four rows were taken meanwhile").isTrue();
    }

    private static boolean until(CountDownLatch done) {
        try {
            return done.await(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
