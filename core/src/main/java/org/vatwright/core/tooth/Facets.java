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
    /** How far each place lies from the left side of its square, mm. */
    private final float[] off;

    Facets(long seed, double sizeMm, Samples across, Samples down) {
        this.seed = seed;
        this.across = across;
        this.down = down;
        nx = across.cells(sizeMm);
        ny = down.cells(sizeMm);
        wide = across.mm() / nx;
        high = down.mm() / ny;
        ends = new int[across.count()];
        off = new float[across.count()];
        for (int i = 0; i < ends.length; i++) {
            double u = across.share(i) * nx;
            ends[i] = Math.min(nx - 1, (int) u);
            off[i] = (float) ((u - ends[i]) * wide);
        }
    }

    Reader reader() {
        return new Reader();
    }

    /** Reads rows; one a thread, for it keeps the points of the three rows of squares about the last place. */
    final class Reader {
        private final float[][] pointX = new float[3][nx + 2];
        private final float[][] pointY = new float[3][nx + 2];
        private final long[][] ids = new long[3][nx + 2];
        private int at = -1;

        /** @param out of each place the number of its cell: random, and the same wherever the cell is met */
        void row(int y, long[] out) {
            double v = down.share(y) * ny;
            int row = Math.min(ny - 1, (int) v);
            if (row != at) {
                for (int k = 0; k < 3; k++) {
                    gather(Math.floorMod(row + k - 1, ny), k - 1, pointX[k], pointY[k], ids[k]);
                }
                at = row;
            }
            float inside = (float) ((v - row) * high);
            float step = (float) wide;
            for (int x = 0; x < out.length; x++) {
                int column = ends[x];
                float u = off[x];
                float least = Float.MAX_VALUE;
                long nearest = 0;
                for (int k = 0; k < 3; k++) {
                    float[] px = pointX[k];
                    float[] py = pointY[k];
                    for (int c = 0; c < 3; c++) {
                        float dx = u - px[column + c] - (c - 1) * step;
                        float dy = inside - py[column + c];
                        float d = dx * dx + dy * dy;
                        if (d < least) {
                            least = d;
                            nearest = ids[k][column + c];
                        }
                    }
                }
                out[x] = nearest;
            }
        }

        /** The points of a row of squares, with the first and the last once more at the other end. */
        private void gather(int row, int below, float[] px, float[] py, long[] id) {
            long start = Noise.mix(seed + 0x9E3779B97F4A7C15L * (row + 1L));
            for (int c = 0; c < nx + 2; c++) {
                long hash = Noise.mix(start + 0xC2B2AE3D27D4EB4FL * (Math.floorMod(c - 1, nx) + 1L));
                id[c] = Noise.mix(hash + 77);
                px[c] = (float) ((MARGIN + (1 - 2 * MARGIN) * share(hash)) * wide);
                py[c] = (float) ((below + MARGIN + (1 - 2 * MARGIN) * share(Noise.mix(hash + 1))) * high);
            }
        }
    }

    /** @return 0 to below 1 from a random number */
    static double share(long random) {
        return (random >>> 11) * 0x1p-53;
    }
}
