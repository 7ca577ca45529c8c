package org.vatwright.core.effect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.raster.Work;

/** Columns that are blurred side by side, held against each column blurred by itself as a line. */
class DownSumsTest {

    @ParameterizedTest
    @CsvSource({"1.5, 40, 5, 1", "3, 40, 300, 1", "7.3, 61, 520, 3", "11.9, 200, 257, 2", "12, 200, 33, 4",
            "20, 90, 256, 2", "30, 40, 9, 2", "130, 400, 12, 3"})
    void eachColumnIsWhatItIsAsALine(double spread, int h, int m, int threads) {
        Random chance = new Random(5);
        long[][] plane = new long[h][m];
        for (long[] row : plane) {
            for (int x = 0; x < m; x++) {
                row[x] = (long) chance.nextInt(FourLines.MOST + 1) << 32 | chance.nextInt(FourLines.MOST + 1);
            }
        }
        long[][] fallen = new long[h][m];
        AtomicInteger taken = new AtomicInteger();
        Falling.run(m, h, (Spread.Sums) Spread.of(h, spread), Work.on(threads), () -> (from, count, to) -> {
            for (int k = 0; k < count; k++) {
                System.arraycopy(plane[from + k], 0, to[k], 0, m);
            }
        }, (y, from, n, row) -> {
            taken.addAndGet(n);
            System.arraycopy(row, 0, fallen[y], from, n);
        });
        assertThat(taken).as("each place once").hasValue(h * m);
        FourLines lines = new FourLines(h, spread);
        for (int x = 0; x < m; x++) {
            for (int y = 0; y < h; y++) {
                lines.one()[lines.in() + y] = plane[y][x];
            }
            lines.blur();
            for (int y = 0; y < h; y++) {
                assertThat(fallen[y][x]).as("%d, %d", x, y).isEqualTo(lines.one()[y]);
            }
        }
    }
}
