package org.vatwright.core.tooth;

import org.vatwright.core.measure.Noise;

/**
 * Cells about scattered points, one in each square of a lattice on the torus (Worley 1996). Points keep so far from the sides
 * of their square that the nearest one is always in the nine squares about a place.
 */
final class Facets {

    private static final double MARGIN = 0.18;

    private final long seed;
    private final Samples across;
    private final Samples down;
    private final int nx;
    private final int ny;
    private final double wide;
    private final double high;
    private final int[] ends;

    Facets(long seed, double sizeMm, Samples across, Samples down) {
        this.seed = seed;
        this.across = across;
        this.down = down;
        nx = across.cells(sizeMm);
        ny = down.cells(sizeMm);
        wide = across.mm() / nx;
        high = down.mm() / ny;
        ends = new int[across.count()];
        for (int i = 0; i < ends.length; i++) {
            ends[i] = Math.min(nx - 1, (int) (across.share(i) * nx));
        }
    }

    Reader reader() {
        return new Reader();
    }

    /** Reads rows; one a thread. */
    final class Reader {
        private final double[] px = new double[9];
        private final double[] py = new double[9];
        private final long[] id = new long[9];

        /** @param out of each place the number of its cell: random, and the same wherever the cell is met */
        void row(int y, long[] out) {
            double v = down.share(y);
            int row = Math.min(ny - 1, (int) (v * ny));
            double at = (v * ny - row) * high;
            int gathered = -1;
            for (int x = 0; x < out.length; x++) {
                int column = ends[x];
                if (column != gathered) {
                    gather(column, row);
                    gathered = column;
                }
                double u = (across.share(x) * nx - column) * wide;
                int nearest = 0;
                double least = Double.MAX_VALUE;
                for (int k = 0; k < 9; k++) {
                    double dx = u - px[k];
                    double dy = at - py[k];
                    double d = dx * dx + dy * dy;
                    if (d < least) {
                        least = d;
                        nearest = k;
                    }
                }
                out[x] = id[nearest];
            }
        }

        private void gather(int column, int row) {
            for (int k = 0; k < 9; k++) {
                int dx = k % 3 - 1;
                int dy = k / 3 - 1;
                long hash = Noise.mix(Noise.mix(seed + 0x9E3779B97F4A7C15L * (Math.floorMod(row + dy, ny) + 1L))
                        + 0xC2B2AE3D27D4EB4FL * (Math.floorMod(column + dx, nx) + 1L));
                id[k] = Noise.mix(hash + 77);
                px[k] = (dx + MARGIN + (1 - 2 * MARGIN) * share(hash)) * wide;
                py[k] = (dy + MARGIN + (1 - 2 * MARGIN) * share(Noise.mix(hash + 1))) * high;
            }
        }
    }

    /** @return 0 to below 1 from a random number */
    static double share(long random) {
        return (random >>> 11) * 0x1p-53;
    }
}
