package org.vatwright.core.tooth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.measure.Noise;

/** Cells about points, held against all points of the whole torus. */
class FacetsTest {

    private static final long SEED = 12;

    /** A point of the lattice, placed as {@link Facets} places it: within its square, away from its sides. */
    private static double[] point(int column, int row, double wide, double high) {
        long start = Noise.mix(SEED + 0x9E3779B97F4A7C15L * (row + 1L));
        long hash = Noise.mix(start + 0xC2B2AE3D27D4EB4FL * (column + 1L));
        return new double[]{(column + 0.18 + 0.64 * Facets.share(hash)) * wide,
                (row + 0.18 + 0.64 * Facets.share(Noise.mix(hash + 1))) * high, Noise.mix(hash + 77)};
    }

    private static double around(double distance, double side) {
        return distance - side * Math.rint(distance / side);
    }

    @ParameterizedTest
    @CsvSource({"60, 40, 8", "40, 60, 3", "30, 30, 30", "30, 20, 1.1"})
    void everyPlaceIsOfItsNearestPointOnTheTorus(double widthMm, double heightMm, double size) {
        int px = 120;
        int py = 90;
        Samples across = new Samples(px, 7, widthMm, 0.13);
        Samples down = new Samples(py, 0, heightMm, 0.71);
        int nx = across.cells(size);
        int ny = down.cells(size);
        Facets facets = new Facets(SEED, size, across, down);
        Facets.Reader reader = facets.reader();
        long[] ids = new long[facets.cells()];
        int[] cells = new int[px];
        Map<Long, Integer> met = new HashMap<>();
        // Rows in order, then some back and forth: rows that are kept are the right ones.
        for (int turn = 0; turn < py + 30; turn++) {
            int y = turn < py ? turn : turn * 37 % py;
            reader.row(y, (cell, id) -> ids[cell] = id, cells);
            for (int x = 0; x < px; x += turn < py ? 3 : 17) {
                double mmX = across.share(x) * widthMm;
                double mmY = down.share(y) * heightMm;
                double least = Double.MAX_VALUE;
                double second = Double.MAX_VALUE;
                long nearest = 0;
                for (int row = 0; row < ny; row++) {
                    for (int column = 0; column < nx; column++) {
                        double[] p = point(column, row, widthMm / nx, heightMm / ny);
                        double d = Math.hypot(around(mmX - p[0], widthMm), around(mmY - p[1], heightMm));
                        if (d < least) {
                            second = least;
                            least = d;
                            nearest = (long) p[2];
                        } else {
                            second = Math.min(second, d);
                        }
                    }
                }
                // As near as floats tell them apart.
                if (second - least > 1e-4 * size) {
                    assertThat((double) ids[cells[x]]).as("%d, %d", x, y).isEqualTo((double) nearest);
                    met.merge(ids[cells[x]], 1, Integer::sum);
                }
            }
        }
        assertThat(met.size()).as("cells met").isGreaterThan(Math.min(nx * ny, 400) * 2 / 3);
    }

    @ParameterizedTest
    @CsvSource({"20000, 0.02, 240", "100, 0.5, 200", "100, 60, 2"})
    void noMoreCellsThanCanBeToldApartAreWorkedOut(double mm, double size, int cells) {
        assertThat(new Samples(120, 0, mm, 0).cells(size)).isEqualTo(cells);
    }
}
