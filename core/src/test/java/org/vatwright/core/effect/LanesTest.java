package org.vatwright.core.effect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.raster.Work;

/** Three numbers side by side in a long, blurred at once: held against running sums of each in doubles. */
class LanesTest {

    private static Spread.Sums sums(double spread) {
        return (Spread.Sums) Spread.of(4000, spread);
    }

    private static Lanes lanes(double spread) {
        return Lanes.of(sums(spread)).orElseThrow();
    }

    /** @return three lines of numbers up to the most that a lane takes, in stretches of some length and with single peaks */
    private static int[][] chance(int n, long seed) {
        Random chance = new Random(seed);
        int[][] lines = new int[3][n];
        for (int[] line : lines) {
            for (int i = 0; i < n; i++) {
                line[i] = i > 0 && chance.nextInt(20) > 0
                        ? line[i - 1]
                        : chance.nextInt(3) * Lanes.MOST / 2;
            }
        }
        return lines;
    }

    private static double[] meant(int[] line, Spread.Sums sums) {
        double[] now = new double[line.length];
        for (int i = 0; i < line.length; i++) {
            now[i] = line[i] / (double) Lanes.MOST;
        }
        int[] widths = {sums.first().span() + 1, sums.second().span() + 1, sums.third().span() + 1};
        int off = 0;
        for (int width : widths) {
            double[] next = new double[now.length];
            for (int i = 0; i < now.length; i++) {
                for (int k = 0; k < width; k++) {
                    next[i] += now[(i + k) % now.length] / width;
                }
            }
            now = next;
            off += width - 1;
        }
        // Each sum began at its first place; the middle of all three is half of what they look at further on.
        double[] centred = new double[now.length];
        for (int i = 0; i < now.length; i++) {
            centred[(i + off / 2) % now.length] = now[i];
        }
        return centred;
    }

    private static int lane(long places, int lane) {
        return (int) (places >>> (2 - lane) * Lanes.LANE_BITS) & Lanes.LANE;
    }

    private static long[] alongBlurred(int[][] lines, Lanes lanes) {
        int n = lines[0].length;
        LaneLine line = new LaneLine(n, lanes);
        // A second line after another one: nothing of the first may stay.
        for (int go = 0; go < 2; go++) {
            for (int i = 0; i < n; i++) {
                line.places()[line.in() + i] = Lanes.of(lines[0][i] * go, lines[1][i] * go, lines[2][i] * go);
            }
            line.blur();
        }
        return line.places();
    }

    @ParameterizedTest
    @CsvSource({"12, 150", "12.1, 97", "17.3, 400", "20, 130", "30, 201", "31, 100"})
    void threeLinesAreBlurredAtOnceAsEachByItself(double spread, int n) {
        int[][] lines = chance(n, 7);
        long[] blurred = alongBlurred(lines, lanes(spread));
        double full = lanes(spread).full(Lanes.MOST);
        for (int lane = 0; lane < 3; lane++) {
            double[] meant = meant(lines[lane], sums(spread));
            for (int i = 0; i < n; i++) {
                assertThat(lane(blurred[i], lane) / full).as("lane %d, place %d", lane, i).isEqualTo(meant[i],
                        within(8e-5));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"12.1, 120, 5, 1", "20, 240, 256, 2", "30, 400, 520, 3", "20, 7, 257, 2"})
    void columnsFallToWhatTheyAreAsLines(double spread, int h, int m, int threads) {
        Lanes lanes = lanes(spread);
        int[][][] columns = new int[m][][];
        long[][] plane = new long[h][m];
        for (int x = 0; x < m; x++) {
            columns[x] = chance(h, x);
            for (int y = 0; y < h; y++) {
                plane[y][x] = Lanes.of(columns[x][0][y], columns[x][1][y], columns[x][2][y]);
            }
        }
        long[][] fallen = new long[h][m];
        Falling.run(m, h, LaneColumns.by(lanes), Work.on(threads), () -> new Falling.Ends<>() {
            @Override
            public void rows(int from, int count, Falling.Taker to) {
                for (int k = 0; k < count; k++) {
                    to.take(k, plane[from + k]);
                }
            }

            @Override
            public void take(int y, int from, int n, long[] row) {
                System.arraycopy(row, 0, fallen[y], from, n);
            }
        });
        for (int x = 0; x < m; x++) {
            long[] wanted = alongBlurred(columns[x], lanes);
            for (int y = 0; y < h; y++) {
                assertThat(fallen[y][x]).as("%d, %d", x, y).isEqualTo(wanted[y]);
            }
        }
    }

    /** A lane that ran over would change the one above it. */
    @ParameterizedTest
    @ValueSource(doubles = {12, 14, 16, 20, 24, 29, 31})
    void aLineThatIsFullEverywhereFillsNoOtherLane(double spread) {
        Lanes lanes = lanes(spread);
        int[][] lines = new int[3][90];
        java.util.Arrays.fill(lines[1], Lanes.MOST);
        for (long places : java.util.Arrays.copyOf(alongBlurred(lines, lanes), 90)) {
            assertThat(places).isEqualTo(Lanes.of(0, lanes.full(Lanes.MOST), 0));
        }
        assertThat(lanes.full(Lanes.MOST)).as("and keeps its steps").isBetween(Lanes.MOST / 2, Lanes.MOST);
    }

    @Test
    void sumsThatTakeAShareOrDoNotFitAreNotTaken() {
        assertThat(Lanes.of(Spread.of(4000, 7.3))).as("a share of the places at its ends").isEmpty();
        assertThat(Lanes.of(Spread.of(4000, 40))).as("wider than a lane").isEmpty();
        assertThat(Lanes.of(Spread.of(4000, 1))).as("weights").isEmpty();
        assertThat(Lanes.of(Spread.of(10, 40))).as("level").isEmpty();
    }
}
